export { PourStation } from './PourStation';
