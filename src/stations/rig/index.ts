export { RigStation as Station } from './RigStation';
