export { CostStation } from './CostStation';
