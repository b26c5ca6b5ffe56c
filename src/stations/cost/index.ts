export { CostStation as Station } from './CostStation';
