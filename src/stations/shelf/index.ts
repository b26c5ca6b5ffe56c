export { ShelfStation } from './ShelfStation';
