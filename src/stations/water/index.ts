export { WaterStation } from './WaterStation';
