export { RigStation } from './RigStation';
