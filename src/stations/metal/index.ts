export { MetalStation } from './MetalStation';
