import { nearestColors } from '@/core/coats/color/nearest-colors';
import { hasWords } from '@/core/numeric/has-words';
import { catchRate, type CatchRate } from '@/core/water/catch-rate';
import type { Skirt } from '@/records/skirt';
import { materialOf } from './skirt-facts';
import type { BenchFacts } from '../bench/bench-facts';

/** Every version of a recipe, newest first. */
export function versionsOf(family: string, skirts: readonly Skirt[]): Skirt[] {
  return skirts.filter((skirt) => skirt.family === family).sort((a, b) => b.version - a.version);
}

/** Colors nearer than this are what was looked for (CIEDE2000). */
const LIKE = 15;

/** Recipes that a search leaves: every word in name, prey, note or materials; near a color where one is given. */
export function searchBoard(
  skirts: readonly Skirt[],
  search: string,
  hex: string | null,
  view: Pick<BenchFacts, 'binById'>,
): Skirt[] {
  const found = skirts.filter((skirt) => {
    const materials = skirt.layers.map((layer) => materialOf(layer, view)?.name ?? '');
    return hasWords([skirt.name, skirt.prey, skirt.note, ...materials].join(' '), search);
  });
  if (hex === null) return found;
  return found
    .flatMap((skirt) => {
      const colors = skirt.layers.flatMap((layer) => {
        const material = materialOf(layer, view);
        return material ? [{ id: layer.id, hex: material.hex }] : [];
      });
      const [nearest] = nearestColors(hex, colors, 1);
      return nearest && nearest.deltaE <= LIKE ? [{ skirt, off: nearest.deltaE }] : [];
    })
    .sort((a, b) => a.off - b.off)
    .map(({ skirt }) => skirt);
}

export interface WaterSays {
  readonly hours: number;
  readonly fish: number;
  readonly lost: number;
  /** Simply divided; null where no hours were noted. */
  readonly counted: number | null;
  /** The careful figure: few hours draw it toward what is usual. */
  readonly rate: CatchRate;
}

/** Notes from the water of some versions, put together; null where nobody fished them. */
export function waterSays(
  skirtIds: ReadonlySet<string>,
  { waterNotes }: Pick<BenchFacts, 'waterNotes'>,
): WaterSays | null {
  const mine = waterNotes.filter(({ of }) => of !== null && skirtIds.has(of.id));
  if (mine.length === 0) return null;
  const total = (of: 'hours' | 'fish' | 'lost') => mine.reduce((so, note) => so + note[of], 0);
  const [hours, fish, lost] = [total('hours'), total('fish'), total('lost')];
  return { hours, fish, lost, counted: hours > 0 ? fish / hours : null, rate: catchRate(fish, hours) };
}
