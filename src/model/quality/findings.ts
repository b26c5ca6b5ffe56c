import { cavityModulus } from '@/core/cavities/cavity-modulus';
import { guidePot, type PotGuide } from '@/core/metals/guide-pot';
import { FIRST_POURS, NO_CLUES, type Clues } from '@/core/quality/causes/clues';
import type { Finding } from '@/core/quality/causes/learn-causes';
import type { CountedCasting } from '@/core/quality/count-flaws';
import { FLAW_KINDS, type FlawKind } from '@/core/quality/flaws';
import type { Bin } from '@/records/bin';
import type { Flaw } from '@/records/flaw';
import type { Mold } from '@/records/mold';
import type { Pour, Run } from '@/records/run';
import { nearestMetal } from '@/reference/nearest-metal';

/** What flaws are counted and learned from. */
export interface FlawFacts {
  readonly runs: readonly Run[];
  readonly pours: readonly Pour[];
  readonly flaws: readonly Flaw[];
  readonly moldById: ReadonlyMap<string, Mold>;
  readonly binById: ReadonlyMap<string, Bin>;
}

const isFlawKind = (kind: string): kind is FlawKind => (FLAW_KINDS as readonly string[]).includes(kind);

/** Every casting of booked runs, and what was found wrong later, ready to be counted. Warm-up pours are left out. */
export function countedCastings({ runs, pours, flaws }: FlawFacts): CountedCasting[] {
  const booked = new Set(runs.filter(({ state }) => state === 'booked').map(({ id }) => id));
  const nos = pourNumbers(pours);
  const cast = pours
    .filter(({ runId, isWarmUp }) => booked.has(runId) && !isWarmUp)
    .flatMap(({ id, moldId, potC, castings }) =>
      castings.map(({ cavity, good, flaw }): CountedCasting => {
        const pourNo = nos.get(id) ?? null;
        return { count: 1, flaw, isGood: good, moldId, cavity, potC, pourNo, isFoundLater: false };
      }),
    );
  const later = flaws.flatMap(({ kind, count, moldId, cavity }): CountedCasting[] =>
    isFlawKind(kind)
      ? [{ count, flaw: kind, isGood: false, moldId, cavity, potC: null, pourNo: null, isFoundLater: true }]
      : [],
  );
  return [...cast, ...later];
}

/** What was wrong with castings of the past, with what their records say of it, to learn causes from. */
export function findingsOf(facts: FlawFacts): Finding[] {
  const runById = new Map(facts.runs.map((run) => [run.id, run]));
  const nos = pourNumbers(facts.pours);
  const spreads = spreadsOf(facts.pours);
  const atPour = facts.pours
    .filter(({ isWarmUp }) => !isWarmUp)
    .flatMap(({ id, runId, moldId, potC, castings }) =>
      castings.flatMap(({ flaw, cavity }): Finding[] => {
        if (flaw === null) return [];
        const guide = guideOf(runById.get(runId), moldId, cavity, facts);
        const clues: Clues = {
          pot: potC === null || guide === null ? null : potZone(potC, guide),
          pour: (nos.get(id) ?? Infinity) <= FIRST_POURS ? 'first' : 'later',
          spread: spreads.get(`${runId} ${moldId} ${flaw}`) ?? null,
          pattern: null,
        };
        return [{ symptom: flaw, clues, count: 1, cause: null }];
      }),
    );
  const later = facts.flaws.map(({ kind, count, cause }): Finding => ({
    symptom: kind,
    clues: NO_CLUES,
    count,
    cause,
  }));
  return [...atPour, ...later];
}

/** Which zone of its guide a pot stood in. */
function potZone(potC: number, { coldUnderC, hotOverC }: PotGuide): NonNullable<Clues['pot']> {
  return potC < coldUnderC ? 'cold' : potC > hotOverC ? 'hot' : 'right';
}

/** Where the pot should stand for a cavity of a run; null where its metal or shape is not known. */
function guideOf(
  run: Pick<Run, 'metalBinId'> | undefined,
  moldId: string | null,
  cavity: number | null,
  { moldById, binById }: Pick<FlawFacts, 'moldById' | 'binById'>,
): PotGuide | null {
  const bin = run ? binById.get(run.metalBinId) : undefined;
  const metal = bin?.kind === 'metal' ? nearestMetal(bin.composition) : null;
  const shape = moldId === null || cavity === null ? undefined : moldById.get(moldId)?.cavities[cavity];
  const modulusMm = shape ? cavityModulus(shape) : null;
  return metal && modulusMm !== null ? guidePot(metal.potC.value, metal.liquidusC.value, modulusMm) : null;
}

/** The how-manieth pour of its block each pour was, warm-ups and all. */
function pourNumbers(pours: readonly Pour[]): Map<string, number> {
  const counts = new Map<string, number>();
  const nos = new Map<string, number>();
  for (const { id, runId, moldId } of [...pours].sort((a, b) => a.no - b.no)) {
    const no = (counts.get(`${runId} ${moldId}`) ?? 0) + 1;
    counts.set(`${runId} ${moldId}`, no);
    nos.set(id, no);
  }
  return nos;
}

/** Whether one cavity of a block alone showed a flaw in a run; not said where one cavity alone was poured. */
function spreadsOf(pours: readonly Pour[]): Map<string, 'one' | 'many'> {
  const poured = new Map<string, Set<number>>();
  const flawed = new Map<string, Set<number>>();
  const add = (to: Map<string, Set<number>>, key: string, cavity: number) =>
    to.set(key, (to.get(key) ?? new Set()).add(cavity));
  for (const { runId, moldId, castings } of pours) {
    for (const { cavity, flaw } of castings) {
      add(poured, `${runId} ${moldId}`, cavity);
      if (flaw) add(flawed, `${runId} ${moldId} ${flaw}`, cavity);
    }
  }
  return new Map(
    [...flawed].flatMap(([key, cavities]) => {
      const [runId, moldId] = key.split(' ');
      const all = poured.get(`${runId} ${moldId}`)?.size ?? 0;
      return all > 1 ? [[key, cavities.size > 1 ? 'many' : 'one'] as const] : [];
    }),
  );
}
