export { CoatStation as Station } from './CoatStation';
