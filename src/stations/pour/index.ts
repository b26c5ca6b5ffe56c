export { PourStation as Station } from './PourStation';
