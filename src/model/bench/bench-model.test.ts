import { demoBench } from '@/demo/demo-bench';
import type { BenchReading } from '@/records/bench-reading';
import { viewOf } from '../../../tests/support/view-of';
import { benchModel, deriveView } from './bench-model';

/** A view holds all that was read. */
const reading: BenchReading = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));

describe('benchModel', () => {
  it('says the same as if it were asked for the first time, whatever it was asked before', () => {
    const model = benchModel();
    const [bin] = reading.bins;
    const readings: BenchReading[] = [
      reading,
      { ...reading, tickets: reading.tickets.slice(1) },
      { ...reading, levels: new Map() },
      { ...reading, bins: reading.bins.filter((each) => each !== bin) },
      { ...reading, ticketEntries: [], runs: [] },
      { ...reading, builds: [], skirts: [], rigs: [], coats: [] },
      { ...reading, molds: [] },
      reading,
    ];
    for (const each of readings) expect(model(each)).toEqual(deriveView(each));
  });

  it('leaves what hangs on nothing new the very same', () => {
    const model = benchModel();
    const before = model(reading);
    const counted = model({ ...reading, levels: new Map([...reading.levels, ['hook-2-0', 1]]) });
    for (const slice of ['binById', 'metals', 'hooks', 'wants', 'toCoat', 'toTie', 'made', 'pot'] as const) {
      expect(counted[slice]).toBe(before[slice]);
    }
    const rested = model({ ...reading, clocks: [], waterNotes: [] });
    expect(rested.promised).toBe(before.promised);
    expect(rested.promises).toBe(before.promises);
  });
});
