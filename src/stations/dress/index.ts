export { DressStation } from './DressStation';
