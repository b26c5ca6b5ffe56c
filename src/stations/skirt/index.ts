export { SkirtStation } from './SkirtStation';
