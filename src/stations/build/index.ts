export { BuildStation } from './BuildStation';
