export { SkirtStation as Station } from './SkirtStation';
