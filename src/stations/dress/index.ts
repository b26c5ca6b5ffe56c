export { DressStation as Station } from './DressStation';
