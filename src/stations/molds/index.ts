export { MoldsStation } from './MoldsStation';
