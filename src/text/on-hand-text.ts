import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';

/** How much of a lot lies there; of what nobody counted or weighed yet, that. */
export function onHandText(
  { id }: { readonly id: string },
  levels: ReadonlyMap<string, number>,
  mass: MassUnit,
): string {
  const onHandG = levels.get(id);
  return onHandG === undefined ? 'not weighed yet' : massText(onHandG, mass);
}

/** How much of all lots lies there, as far as it was weighed: `2 lots, none weighed yet`. */
export function allOnHandText(
  lots: readonly { readonly id: string }[],
  levels: ReadonlyMap<string, number>,
  mass: MassUnit,
): string {
  const known = lots.flatMap(({ id }) => levels.get(id) ?? []);
  if (known.length === 0) return lots.length === 0 ? 'nothing' : 'to be weighed';
  return massText(
    known.reduce((total, each) => total + each, 0),
    mass,
  );
}
