import type { ShelfGroup } from '@/model/stock/shelf-rows';
import { row } from '@/ui/layout/layout';
import styles from './shelf.module.css';

/** Where a group of the wall stands on the page. */
export const groupId = (name: string) => `bins ${name}`;

/** The groups of the wall by name: a press goes there. */
export function GroupIndex({ groups }: { readonly groups: readonly ShelfGroup[] }) {
  if (groups.length < 2) return null;
  return (
    <nav aria-label="Groups of bins" className={row(6, styles.index)}>
      {groups.map(({ name, bins }) => (
        <button
          key={name}
          type="button"
          onClick={() => document.getElementById(groupId(name))?.scrollIntoView({ block: 'start' })}
        >
          {name} <small>{bins.length}</small>
        </button>
      ))}
    </nav>
  );
}
