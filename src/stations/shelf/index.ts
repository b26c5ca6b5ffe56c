export { ShelfStation as Station } from './ShelfStation';
