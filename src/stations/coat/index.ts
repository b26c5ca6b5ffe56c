export { CoatStation } from './CoatStation';
