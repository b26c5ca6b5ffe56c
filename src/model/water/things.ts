import type { WaterNote } from '@/records/water-note';
import { fishedName, fishedPiece } from './fished';
import type { MassUnit } from '@/core/units/write-mass';
import { headText } from '@/text/words';
import type { BenchView } from '../bench/bench-view';

export type Fished = NonNullable<WaterNote['of']>;

/** Something that can be tied on. */
export interface FishableThing {
  readonly id: string;
  readonly name: string;
  readonly group: 'Baits' | 'Heads' | 'Rigs' | 'Skirts';
  readonly of: Fished;
  /** What it weighs ready to fish, as far as anybody knows, g. */
  readonly weightG: number | null;
}

/** As a choice is written in a list. */
export const keyOf = ({ kind, id }: Fished): string => `${kind}:${id}`;

/** What a bag's code stands for; null where it is none of ours or the thing is gone. */
export function readCode(code: string, view: BenchView): Fished | null {
  const match = /^ruvek:(build|rig|skirt|head)\/(.+)$/.exec(code.trim());
  if (!match) return null;
  const of = { kind: match[1] as Fished['kind'], id: match[2] ?? '' };
  return fishedPiece(of, view) ? of : null;
}

const newestFirst = (a: { version: number }, b: { version: number }) => b.version - a.version;

/** Everything that may hang on the line: what was fished last stands first in its group. */
export function fishableThings(view: BenchView, mass: MassUnit): FishableThing[] {
  const lastFished = new Map<string, number>();
  for (const { of, at } of view.waterNotes) if (of) lastFished.set(keyOf(of), at);
  const builds = [...view.builds]
    .sort(newestFirst)
    .map((build): FishableThing => ({
      id: build.id,
      group: 'Baits',
      of: { kind: 'build', id: build.id },
      name: `${build.name} ${build.version}`,
      weightG: build.head?.nominalG ?? null,
    }));
  const rigs = [...view.rigs]
    .sort(newestFirst)
    .map((rig): FishableThing => ({
      id: rig.id,
      group: 'Rigs',
      of: { kind: 'rig', id: rig.id },
      name: `${rig.name} ${rig.version}`,
      weightG: null,
    }));
  const skirts = [...view.skirts]
    .sort(newestFirst)
    .map((skirt): FishableThing => ({
      id: skirt.id,
      group: 'Skirts',
      of: { kind: 'skirt', id: skirt.id },
      name: `${skirt.name} ${skirt.version}`,
      weightG: null,
    }));
  const heads = view.bins.flatMap((bin): FishableThing[] => {
    if (bin.kind !== 'head') return [];
    const coat = bin.coatId === null ? '' : `, ${view.coatById.get(bin.coatId)?.name ?? ''}`;
    return [
      {
        id: bin.id,
        group: 'Heads',
        of: { kind: 'head', id: bin.id },
        weightG: bin.nominalG,
        name: `${headText(bin, view.binById, mass)}${coat}`,
      },
    ];
  });
  const last = (thing: FishableThing) => lastFished.get(keyOf(thing.of)) ?? 0;
  return [...builds, ...heads, ...rigs, ...skirts].sort((a, b) => last(b) - last(a));
}

/** The color that a thing shows: its head's coat, else its skirt; null where it has none. */
export function colorOf(of: Fished, view: BenchView): string | null {
  const piece = fishedPiece(of, view);
  if (!piece) return null;
  if (piece.kind === 'skirt') return piece.skirt.name;
  if (piece.kind === 'rig') return null;
  const [coatId, skirtId] =
    piece.kind === 'head'
      ? [piece.head.coatId, piece.head.skirtId]
      : [piece.build.head?.coatId ?? null, piece.build.skirtId];
  const skirt = skirtId === null ? undefined : view.skirtById.get(skirtId);
  const coat = coatId === null ? undefined : view.coatById.get(coatId);
  return skirt?.name ?? coat?.name ?? 'bare';
}

/** The maker's own names of places, the latest first. */
export function placesOf({ waterNotes }: Pick<BenchView, 'waterNotes'>): string[] {
  return [...new Set([...waterNotes].reverse().map(({ place }) => place))].filter(Boolean);
}

/** What it was like at a place the last time; null where nobody was there. */
export function lastAt(place: string, { waterNotes }: Pick<BenchView, 'waterNotes'>): WaterNote | null {
  return [...waterNotes].reverse().find((note) => note.place === place) ?? null;
}

export { fishedName };
