import { demoBench } from '@/demo/demo-bench';
import { NEW_BENCH } from '@/records/bench';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import { INCHES, METRIC } from '@/text/written-in';
import { temperatureText } from '@/text/words';
import { pieceOf } from '../heads/head-facts';
import { metalIdOf } from '../metals/listed-metal';
import { viewOf } from '../../../tests/support/view-of';
import { solidusOf } from './coat-facts';
import { heatBench } from './heat-bench';

const empty = viewOf({ ...EMPTY_CONTENTS, bench: [NEW_BENCH] });

describe('heatBench', () => {
  it('has a typical head, jar and heat of each sort where nothing lies there, all that the sums need', () => {
    const { heads, powders, heaters, isTypical } = heatBench(empty, INCHES);
    expect(isTypical).toEqual({ heads: true, powders: true, heaters: true });
    expect(pieceOf(heads[0], empty)?.massG).toBeGreaterThan(5);
    expect(solidusOf(metalIdOf(heads[0]), empty)).toBeGreaterThan(250);
    expect(powders[0].fuseC).toBeGreaterThan(50);
    expect(heaters.map(({ kind }) => kind).sort()).toEqual(['flame', 'gun', 'oven']);
  });

  it('sets its heat as one would in the degrees of the maker', () => {
    const said = (units: typeof INCHES) =>
      Object.fromEntries(
        heatBench(empty, units).heaters.map(({ kind, sourceC }) => [
          kind,
          temperatureText(sourceC, units.temperature),
        ]),
      );
    expect(said(INCHES)).toEqual({ gun: '800 °F', flame: '1200 °F', oven: '400 °F' });
    expect(said(METRIC)).toEqual({ gun: '420 °C', flame: '650 °C', oven: '200 °C' });
  });

  it('takes what is there before anything typical', () => {
    const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
    const { heads, heaters, isTypical } = heatBench(view, METRIC);
    expect(isTypical).toEqual({ heads: false, powders: false, heaters: false });
    expect(view.binById.has(heads[0].id)).toBe(true);
    expect(heaters).toEqual(view.heaters);
  });
});
