import { did } from '../did';
import { chargeProblem, judgeCharge } from '@/core/metals/judge-charge';
import { meltLots } from '@/core/metals/melt-lots';
import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import { NEW_BENCH } from '@/records/bench';
import type { MetalBin } from '@/records/bin';
import type { Melt } from '@/records/melt';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import { attempt, granted, refuse, write } from '../write';
import { recalibrate } from './recalibrate';

export interface NewMelt {
  /** What the ingots are called. */
  readonly name: string;
  readonly place: string;
  readonly picks: Melt['picks'];
  /** Share of the charge skimmed off. */
  readonly drossShare: number;
}

/** What is known of the lots, and what is melted together. */
export function metalRepository(store: Store) {
  const { db } = store;
  return {
    melts: (): Promise<Melt[]> => db.melts.orderBy('no').toArray(),
    /** Sets down what a lot is. Cavities that were weighed in it are found anew. */
    identify: (lot: MetalBin): Promise<void> =>
      write(store, did('lot.identified', { name: lot.name }), async (tx) => {
        await tx.put('bins', lot);
        const weighed = await db.weighings.where('metalBinId').equals(lot.id).toArray();
        const cavities = new Map(weighed.map((each) => [each.cavityId, each]));
        for (const each of cavities.values()) await recalibrate(db, tx, each);
      }),
    /** Melts lots together into ingots of a new lot. Refuses what would spoil, overfill or overdraw. */
    melt: ({ name, place, picks, drossShare }: NewMelt): Promise<BenchOutcome<string>> =>
      attempt(store, did('lot.melted', { name }), async (tx) => {
        const known: { bin: MetalBin; g: number; onHand: number }[] = [];
        // One after the other: a transaction does not wait for promises made side by side.
        for (const { binId, g } of picks) {
          const bin = await db.bins.get(binId);
          const entries = await db.entries.where('binId').equals(binId).toArray();
          if (bin?.kind !== 'metal') return refuse<string>({ code: 'bench.gone', what: 'lot' });
          known.push({ bin, g, onHand: sum(entries.map(({ qty }) => qty)) });
        }
        if (known.length === 0) return refuse<string>({ code: 'bench.gone', what: 'lot' });
        const short = known.find(({ g, onHand }) => g > onHand * (1 + 1e-9));
        if (short) {
          const { bin, g, onHand } = short;
          return refuse<string>({ code: 'bench.too-little', bin: bin.name, onHand, asked: g, unit: 'g' });
        }
        const { pot } = (await db.bench.get('bench')) ?? NEW_BENCH;
        const charged = known.map(({ bin, g }) => ({ name: bin.name, composition: bin.composition, g }));
        const [stop] = judgeCharge(charged, pot.capacityG);
        if (stop) return refuse<string>(chargeProblem(stop));
        const chargedG = sum(picks.map(({ g }) => g));
        const drossG = chargedG * drossShare;
        const melted = meltLots(known.map(({ bin, g }) => ({ ...bin, g })));
        const isGuess = known.some(({ bin }) => bin.densityBasis === 'guess');
        const last = await db.melts.orderBy('no').last();
        const [id, intoBinId] = [store.newId(), store.newId()];
        await tx.put('bins', {
          id: intoBinId,
          kind: 'metal',
          unit: 'g',
          name,
          place,
          lowAt: null,
          retired: false,
          ...PLAIN_BIN,
          note: `Melted of ${known.map(({ bin }) => bin.name).join(' and ')}.`,
          composition: melted.composition ? { ...melted.composition } : null,
          compositionBasis: known.every(({ bin }) => bin.compositionBasis === 'known') ? 'known' : 'guess',
          densityGcm3: melted.densityGcm3,
          densityBasis: isGuess ? 'guess' : 'reference',
          shrinkLinear: melted.shrinkLinear,
          shrinkBasis: isGuess ? 'guess' : 'reference',
          costPerKg: melted.costPerKg,
        });
        for (const { binId, g } of picks) {
          await tx.enter({ binId, kind: 'taken', qty: -g, note: `melted into ${name}` });
        }
        const madeG = chargedG - drossG;
        await tx.enter({ binId: intoBinId, kind: 'made', qty: madeG, note: 'ingots' });
        const no = (last?.no ?? 0) + 1;
        await tx.put('melts', { id, no, at: tx.at, name, picks, drossG, madeG, intoBinId });
        return granted(intoBinId);
      }),
  };
}
