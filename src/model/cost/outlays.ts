import { breakEven } from '@/core/cost/break-even';
import { STAGES, type Stage } from '@/records/outlay';
import type { BenchView } from '../bench/bench-view';
import { STAGE_WORDS } from './cost-slices';
import { costOf, piecesThrough } from './cost-facts';
import type { CostablePiece } from './pieces';

/** What a stage's outlay has to earn, and how far it is. */
export interface StagePay {
  readonly stage: Stage;
  readonly name: string;
  readonly laidOut: number;
  readonly through: number;
  /** What making one costs there without the outlay, and buying one; null where nobody noted a price. */
  readonly makeEach: number | null;
  readonly buyEach: number | null;
  /** From so many pieces on it has paid; null where it never does, or nobody knows. */
  readonly pieces: number | null;
  readonly never: boolean;
}

const SOLD_AS: Readonly<Partial<Record<Stage, CostablePiece['buyKey']['kind']>>> = {
  pour: 'head',
  skirt: 'skirt',
  build: 'build',
  rig: 'rig',
};

const RUN_OF = 20;

/** Stage by stage: outlay, pieces so far, and from how many on making is no dearer than buying in. */
export function stagePays(pieces: readonly CostablePiece[], view: BenchView): StagePay[] {
  return STAGES.map((stage): StagePay => {
    const laidOut = view.outlays
      .filter(({ serves, retired }) => !retired && serves.includes(stage))
      .reduce((so, { cost, serves }) => so + cost / serves.length, 0);
    const pairs = pieces.flatMap(({ piece, buyKey }) => {
      if (buyKey.kind !== SOLD_AS[stage]) return [];
      const sold = view.buyIns.find(({ kind, key }) => kind === buyKey.kind && key === buyKey.key);
      if (!sold) return [];
      const cost = costOf(piece, RUN_OF, view);
      return [{ make: cost.each - cost.tooling, buy: sold.each + sold.postage / RUN_OF }];
    });
    const mean = (of: 'make' | 'buy') =>
      pairs.length === 0 ? null : pairs.reduce((so, pair) => so + pair[of], 0) / pairs.length;
    const [makeEach, buyEach] = [mean('make'), mean('buy')];
    const outcome = makeEach === null || buyEach === null ? null : breakEven(laidOut, makeEach, buyEach);
    return {
      stage,
      name: STAGE_WORDS[stage],
      laidOut,
      makeEach,
      buyEach,
      through: piecesThrough(stage, view),
      pieces: outcome?.ok ? outcome.value : null,
      never: outcome !== null && !outcome.ok,
    };
  }).filter(({ laidOut, through }) => laidOut > 0 || through > 0);
}
