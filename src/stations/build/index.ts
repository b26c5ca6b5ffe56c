export { BuildStation as Station } from './BuildStation';
