export { WaterStation as Station } from './WaterStation';
