export { MoldsStation as Station } from './MoldsStation';
