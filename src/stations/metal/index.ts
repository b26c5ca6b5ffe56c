export { MetalStation as Station } from './MetalStation';
