import { PLAIN_NOTE, type WaterNote } from '@/records/water-note';
import type { DemoTools } from './tools';

interface Ground {
  readonly place: string;
  readonly depthM: number;
  readonly bottom: NonNullable<WaterNote['bottom']>;
  readonly currentMs: number;
}

const GROUNDS: readonly Ground[] = [
  { place: 'Lock wall', depthM: 3.5, bottom: 'mud', currentMs: 0.1 },
  { place: 'Weir pool', depthM: 2.5, bottom: 'gravel', currentMs: 0.45 },
  { place: 'Quay steps', depthM: 6, bottom: 'rock', currentMs: 0.3 },
  { place: 'Slip, outer end', depthM: 5, bottom: 'rock', currentMs: 0.5 },
  { place: 'Canal basin', depthM: 2.8, bottom: 'weed', currentMs: 0 },
];

interface Fished {
  readonly of: NonNullable<WaterNote['of']>;
  readonly weightG: number;
  /** Fish an hour in truth; the demo draws from it. */
  readonly perHour: number;
}

/** A season's notes: what was fished where, drawn from rates that differ a little. */
export function demoSeason(tools: DemoTools, fished: readonly Fished[]): WaterNote[] {
  const notes: WaterNote[] = [];
  for (let daysAgo = 88; daysAgo >= 2; daysAgo -= 1) {
    if (!tools.happens(0.42)) continue;
    const ground = GROUNDS[tools.whole(0, GROUNDS.length - 1)];
    const what = fished[tools.whole(0, fished.length - 1)];
    if (!ground || !what) continue;
    const hours = tools.whole(2, 9) / 2;
    const fish = drawCount(tools, hours * what.perHour);
    const isHard = ground.bottom === 'rock' || ground.bottom === 'wood';
    const lost = drawCount(tools, hours * (isHard ? 0.55 : 0.12));
    const needG = 6 + 30 * ground.currentMs;
    notes.push({
      ...PLAIN_NOTE,
      id: `season-note-${notes.length + 1}`,
      at: tools.at(-daysAgo, 18),
      of: what.of,
      weightG: what.weightG,
      ...ground,
      hours,
      fish,
      lost,
      fishMm: Array.from({ length: fish }, () => tools.whole(180, 620)),
      lostTo: lost > 0 ? [{ how: isHard ? 'snag' : 'fish', count: lost }] : [],
      castM: tools.whole(12, 30),
      lineMm: 0.16,
      waterC: Math.round((17 - (88 - daysAgo) * 0.11 + tools.between(-1, 1)) * 2) / 2,
      level: tools.happens(0.2) ? 'high' : 'normal',
      clarity: tools.happens(0.35) ? 'stained' : 'clear',
      sky: tools.happens(0.5) ? 'cloud' : tools.happens(0.3) ? 'dark' : 'sun',
      feel: what.weightG < needG * 0.8 ? 'too-light' : what.weightG > needG * 1.9 ? 'too-heavy' : 'right',
    });
  }
  return notes;
}

/** A Poisson draw by inversion; means here are small. */
function drawCount(tools: DemoTools, mean: number): number {
  let [count, left] = [0, tools.between(0, 1)];
  for (let term = Math.exp(-mean); left > term && count < 40; count += 1) {
    left -= term;
    term *= mean / (count + 1);
  }
  return count;
}
