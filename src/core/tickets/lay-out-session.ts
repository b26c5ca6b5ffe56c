import { takesHook } from './takes-hook';
import type { KeyCount, PlanMold } from '../pours/pour-plan';
import { castFromCavity } from './cast-from-cavity';
import type { CavityFacts, HeadSpec, HookFacts, LineWant, MetalFacts, MoldFacts } from './facts';
import { headKey } from './head-key';
import { judgeCavity, type CavityVerdict } from './judge-cavity';

/** What a casting of a key from one cavity takes and weighs. */
export interface SessionCell {
  readonly moldId: string;
  readonly cavity: number;
  readonly key: string;
  readonly metalG: number;
  readonly finishedG: number;
}

/** A line no cavity makes, with what came nearest. */
export interface UnmadeLine {
  readonly want: LineWant;
  readonly nearest: {
    readonly moldId: string;
    readonly cavity: number;
    readonly verdict: CavityVerdict;
  } | null;
}

/** A pour session before it is planned: what `planPours` is asked, and what its keys mean. */
export interface Session {
  readonly demand: readonly KeyCount[];
  readonly molds: readonly PlanMold[];
  readonly cells: readonly SessionCell[];
  readonly heads: readonly (HeadSpec & { readonly key: string })[];
  readonly wants: readonly { key: string; ticketId: string; lineId: string; count: number }[];
  readonly unmade: readonly UnmadeLine[];
}

/** What came near first: a cavity that is off in weight is nearer than one that takes other hooks. */
const NEARNESS = { weight: 0, hook: 1, 'no-room': 2, style: 3 } as const;

/**
 * Puts the lines to cast in one metal against every cavity of every mold: which cavity can give which line.
 * Lines of like heads share a key and are served in the order in which they are due. A cavity that fits by
 * its mark but not by its true weight is not used; such lines come back as `unmade`.
 *
 * @example layOutSession([], [mold], lead, hooks).demand // []
 */
export function layOutSession(
  wants: readonly LineWant[],
  molds: readonly MoldFacts[],
  metal: MetalFacts,
  hooks: ReadonlyMap<string, HookFacts>,
): Session {
  const due = [...wants]
    .filter((want) => want.left > 0 && want.metalBinId === metal.id)
    .sort((a, b) => (a.dueOn ?? '9999').localeCompare(b.dueOn ?? '9999'));
  const hookOf = (spec: HeadSpec) => (spec.hookBinId === null ? null : (hooks.get(spec.hookBinId) ?? null));

  const heads = new Map<string, HeadSpec & { key: string; toleranceShare: number }>();
  for (const want of due) {
    const key = headKey(want);
    const toleranceShare = Math.min(heads.get(key)?.toleranceShare ?? 1, want.toleranceShare);
    const { style, nominalG, hookBinId } = want;
    heads.set(key, { key, style, nominalG, hookBinId, toleranceShare });
  }

  const cells: SessionCell[] = [];
  const misses = new Map<string, UnmadeLine['nearest']>();
  const planMolds = molds.map((mold): PlanMold => {
    const cavities = mold.cavities.map((cavity, index) =>
      [...heads.values()].flatMap((head) => {
        const verdict = judgeCavity(cavity, head, metal, hookOf(head), head.toleranceShare);
        if (!verdict.fits) {
          misses.set(
            head.key,
            nearer(misses.get(head.key) ?? null, { moldId: mold.id, cavity: index, verdict }),
          );
          return [];
        }
        const { metalG, finishedG } = verdict;
        cells.push({ moldId: mold.id, cavity: index, key: head.key, metalG, finishedG });
        return [head.key];
      }),
    );
    const { id, secondsPerPour, setupSeconds, copies, maxPours } = mold;
    const bounds = { ...(copies > 1 ? { copies } : {}), ...(maxPours === null ? {} : { maxPours }) };
    return { id, cavities, secondsPerPour, setupSeconds, fillAll: mold.kind === 'spun', ...bounds };
  });
  const useful = planMolds
    .filter((mold) => mold.cavities.some((keys) => keys.length > 0))
    .map((mold): PlanMold => {
      const facts = molds.find(({ id }) => id === mold.id);
      if (!mold.fillAll || !facts) return mold;
      const cavities = mold.cavities.map((keys, index) => {
        const spare = keys.length === 0 && spareHead(facts.cavities[index], metal, hooks);
        if (!spare) return keys;
        const { key, style, nominalG, hookBinId, metalG, finishedG } = spare;
        heads.set(key, heads.get(key) ?? { key, style, nominalG, hookBinId, toleranceShare: 1 });
        cells.push({ moldId: mold.id, cavity: index, key, metalG, finishedG });
        return [key];
      });
      return { ...mold, cavities };
    });

  const made = new Set(cells.map((cell) => cell.key));
  const asked = due
    .filter((want) => made.has(headKey(want)))
    .map((want) => ({ key: headKey(want), ticketId: want.ticketId, lineId: want.lineId, count: want.left }));
  const counts = new Map<string, number>();
  for (const { key, count } of asked) counts.set(key, (counts.get(key) ?? 0) + count);
  return {
    demand: [...counts].map(([key, count]) => ({ key, count })),
    molds: useful,
    cells,
    heads: [...heads.values()].map(({ key, style, nominalG, hookBinId }) => ({
      key,
      style,
      nominalG,
      hookBinId,
    })),
    wants: asked,
    unmade: due
      .filter((want) => !made.has(headKey(want)))
      .map((want) => ({ want, nearest: misses.get(headKey(want)) ?? null })),
  };
}

/** What a cavity nobody asked for gives all the same in a mold that fills all: a head of its own mark. */
function spareHead(
  cavity: CavityFacts | undefined,
  metal: MetalFacts,
  hooks: ReadonlyMap<string, HookFacts>,
): (HeadSpec & { key: string; metalG: number; finishedG: number }) | null {
  if (!cavity) return null;
  const hook = [...hooks.values()].find((known) => takesHook(cavity, known)) ?? null;
  const cast = castFromCavity(cavity, metal, hook);
  if (!cast.ok) return null;
  const spec = { style: cavity.style, nominalG: cavity.nominalG, hookBinId: hook?.id ?? null };
  const { metalG, finishedG } = cast.value;
  return { ...spec, key: headKey(spec), metalG, finishedG };
}

function nearer(
  known: UnmadeLine['nearest'],
  next: NonNullable<UnmadeLine['nearest']>,
): NonNullable<UnmadeLine['nearest']> {
  if (!known) return next;
  const rank = ({ verdict }: NonNullable<UnmadeLine['nearest']>) =>
    verdict.fits
      ? -1
      : NEARNESS[verdict.why] + (verdict.why === 'weight' ? Math.min(0.9, Math.abs(verdict.offShare)) : 0);
  return rank(next) < rank(known) ? next : known;
}
