import { findStyle } from '@/core/cavities/styles';
import { hookRank } from '@/core/units/hook-rank';
import type { Cavity, Mold } from '@/records/mold';
import { guessVolume } from '@/model/molds/guess-volume';

type Open<T, Key extends keyof T> = Omit<T, Key> & { readonly [K in Key]: T[K] | null };

export type DraftCavity = Open<Cavity, 'nominalG' | 'volumeCm3'>;
export type DraftMold = Omit<
  Open<Mold, 'secondsPerPour' | 'setupSeconds' | 'spruePerPourG'>,
  'id' | 'cavities'
> & { readonly id?: string; readonly cavities: readonly DraftCavity[] };

export interface MoldProblems {
  readonly name: string | null;
  readonly secondsPerPour: string | null;
  readonly setupSeconds: string | null;
  readonly spruePerPourG: string | null;
  readonly cavities: readonly {
    nominalG: string | null;
    volumeCm3: string | null;
    hookSizes: string | null;
  }[];
}

/** A block before anything is known of it: common times, one round cavity. */
export function blankMold(): DraftMold {
  return {
    name: '',
    kind: 'bar',
    spin: null,
    place: '',
    note: '',
    secondsPerPour: 40,
    setupSeconds: 600,
    spruePerPourG: 5,
    copies: 1,
    maxPours: null,
    warmUpPours: 1,
    warmWork: null,
    cavities: [
      {
        id: '',
        style: 'round',
        nominalG: null,
        volumeCm3: null,
        volumeBasis: 'guess',
        standardErrorCm3: null,
        weighedCount: 0,
        hookSizes: [],
        hookShare: findStyle('round')?.hookShare ?? 0,
        inserts: [],
        hookNotes: {},
        outline: null,
        spot: null,
      },
    ],
  };
}

/** One more cavity like the last, under a name of its own and weighed by nobody. */
export function nextCavity({ cavities }: DraftMold): DraftCavity {
  const [blank] = blankMold().cavities;
  const last = cavities.at(-1) ?? blank;
  if (!last) throw new Error('nextCavity requires a cavity to begin from');
  return {
    ...last,
    id: '',
    spot: null,
    standardErrorCm3: null,
    weighedCount: 0,
    volumeBasis: 'guess',
    volumeCm3: last.nominalG === null ? null : guessVolume({ ...last, nominalG: last.nominalG }),
  };
}

/** Hook sizes written one way; what is none stays as it was written, to be mended. */
export function readHookSizes(sizes: readonly string[]): string[] {
  return [...new Set(sizes.map((size) => hookRank(size)?.name ?? size.trim()))].filter((size) => size !== '');
}

export function findMoldProblems(draft: DraftMold): MoldProblems {
  const over = (value: number | null, what: string) => (value !== null && value > 0 ? null : what);
  return {
    name: draft.name.trim() === '' ? 'Give the block a name, such as Block N.' : null,
    secondsPerPour: over(draft.secondsPerPour, 'How long is a pour? Such as 40 s.'),
    setupSeconds: draft.setupSeconds === null ? 'How long to set up? Such as 10 min.' : null,
    spruePerPourG:
      draft.spruePerPourG === null ? 'What does the sprue of a pour weigh? Such as 5 g or 1/4 oz.' : null,
    cavities: draft.cavities.map((cavity) => {
      const bad = cavity.hookSizes.find((size) => hookRank(size) === null);
      return {
        nominalG: over(cavity.nominalG, 'What is marked? Such as 10 g or 3/8 oz.'),
        volumeCm3: over(cavity.volumeCm3, 'Write a volume over zero, such as 0.9 ml or 1/4 tsp.'),
        hookSizes: bad === undefined ? null : `'${bad}' is no hook size. Write #6 or 3/0.`,
      };
    }),
  };
}

/** A volume that was guessed when the mark was written, with the hooks and inserts that were said since. */
function withGuess(cavity: Cavity): Cavity {
  const isGuessed = Math.abs(cavity.volumeCm3 - guessVolume({ nominalG: cavity.nominalG })) < 1e-9;
  return cavity.volumeBasis === 'guess' && isGuessed ? { ...cavity, volumeCm3: guessVolume(cavity) } : cavity;
}

/** The block as a record; null while something is wrong. */
export function toMold(draft: DraftMold): (Omit<Mold, 'id'> & { id?: string }) | null {
  const { cavities: inCavities, ...own } = findMoldProblems(draft);
  const hasProblem =
    Object.values(own).some(Boolean) || inCavities.some((each) => Object.values(each).some(Boolean));
  const { secondsPerPour, setupSeconds, spruePerPourG } = draft;
  if (hasProblem || secondsPerPour === null || setupSeconds === null || spruePerPourG === null) return null;
  const cavities = draft.cavities.flatMap((cavity) => {
    const { nominalG, volumeCm3 } = cavity;
    return nominalG === null || volumeCm3 === null
      ? []
      : [withGuess({ ...cavity, hookSizes: [...cavity.hookSizes], nominalG, volumeCm3 })];
  });
  return { ...draft, name: draft.name.trim(), secondsPerPour, setupSeconds, spruePerPourG, cavities };
}

/** What a wire in a cavity is called, and how far it lies in the metal: a frame that the head is cast on, or an eye in it. */
export const WIRES = {
  frame: { name: 'Wire frame, long', embeddedShare: 0.2 },
  eye: { name: 'Wire eye', embeddedShare: 0.6 },
} as const;

/**
 * A block as one of another kind: a wire that was put in as the kind before has it is one of this kind, so that it comes to
 * the same whichever was chosen first. What the maker named or bound to a bin stays as it is.
 *
 * @example withKind(draft, 'frame').cavities[0].inserts[0].name // 'Wire frame, long'
 */
export function withKind(draft: DraftMold, kind: Mold['kind']): Pick<DraftMold, 'kind' | 'cavities'> {
  const [from, to] = kind === 'frame' ? [WIRES.eye, WIRES.frame] : [WIRES.frame, WIRES.eye];
  const cavities = draft.cavities.map((cavity) => ({
    ...cavity,
    inserts: cavity.inserts.map((insert) =>
      insert.name === from.name && !insert.removed && insert.binId === undefined
        ? { ...insert, ...to }
        : insert,
    ),
  }));
  return { kind, cavities };
}
