import { stepsOf } from '@/model/baits/bait-steps';
import { stepsOfRig } from '@/model/rigs/rig-facts';
import { demoBench } from '@/demo/demo-bench';
import { offerLines } from '@/model/cost/offer';
import { cutsOf, rigOf } from '@/model/bills/rig-uses';
import { eveningOf } from '@/model/coats/evening';
import { rigShelf } from '@/model/rigs/rig-facts';
import { NOTHING_LEFT } from '@/model/schedule/replan-run';
import { sessionOf, type Takes } from '@/model/tickets/session-takes';
import { waitingOf } from '@/station-kit/coats/waiting';
import { temperatureText } from '@/text/words';
import { INCHES, METRIC, type ScreenUnits } from '@/text/written-in';
import { figuresOf } from '../../../tests/support/foreign-units';
import { viewOf } from '../../../tests/support/view-of';
import { withoutUnits } from '../../../tests/support/without-units';
import { composeTemplate } from './blade-template';
import { composeCoatSheet } from './coat-sheet';
import { composeSheet } from './pour-sheet';
import { drawerLabels } from './print-drawer';
import { labelsOf } from './print-labels';
import { kitLabels, walletLabels } from './print-wallet';
import { gradedWeights } from '@/core/rigs/graded-weights';
import { beadGauge, bendPattern, drillPattern, markBoard } from './rig-boards';
import { composeCard } from './skirt-card-of';

const NOW = Date.UTC(2026, 10, 23, 12);
const bench = withoutUnits(demoBench(NOW));

/** Everything that goes on paper, by what it is. */
function paperIn(units: ScreenUnits): Record<string, unknown> {
  const view = viewOf(bench, units.mass);
  // On a card a name runs on into words: `leaf blade 46 in the loop` is no length.
  const bins = bench.bins.map((bin) => ({ ...bin, name: bin.name.replaceAll(/\d[\d./]*/g, '') }));
  const unnumbered = viewOf({ ...bench, bins }, units.mass);
  const { mass, length, temperature } = units;
  const metal = view.metals.find(({ id }) => id === 'lot-19')!;
  const session = sessionOf(view, view.wants, metal);
  const evening = {
    legs: [{ kind: 'melt', startS: 0, endS: 60, moldId: null, pours: 0 } as never],
    firstGoodS: 90,
    totalS: 900,
    spreadS: null,
    refills: 1,
  };
  const takes = { budget: { chargeG: 1234, potFills: 2 } } as Takes;
  const plan = { ...NOTHING_LEFT, runs: view.molds.map(({ id }) => ({ moldId: id, pours: 2, fills: [] })) };
  const waiting = waitingOf(view.toCoat, view, (celsius) => temperatureText(celsius, temperature));
  const racks = view.racks.filter(({ state }) => state === 'hanging');
  const sheet = { ...units, coatWay: 'flame-dip' } as const;
  const build = view.builds[0]!;
  const rig = view.rigs.find(({ kind }) => kind === 'cable-set')!;
  const run = { no: 1, passed: 14, startedAt: NOW, endedAt: NOW };
  const graded = gradedWeights([12, 20, 30], { shotG: 0.4, shotMm: 4, sealMm: 8, besideG: 0.3 });
  return {
    'the job sheet': composeSheet({ metal, session, plan, takes, evening, pull: [] }, view, sheet),
    'the coat sheet': composeCoatSheet(racks, waiting, eveningOf(racks, 'flame-dip', 18, view), view, sheet),
    'the hole template': composeTemplate(
      'Shaker',
      { name: 'Plate', form: 'plate' },
      { lengthMm: 32, widthMm: 22, holes: [{ is: 'line', alongMm: 4, asideMm: 1, diameterMm: 2 }] } as never,
      length,
    ),
    'the mark board': markBoard('Set', rigOf(rig, view), cutsOf(rig, view), length),
    'the gauge': beadGauge('Cord', graded, 8, units),
    'the drill pattern': drillPattern(
      'Plate',
      { form: 'oblong', longMm: 30, wideMm: 18, holes: 2, holeMm: 3, massG: 30, metal } as never,
      length,
    ),
    'the bend pattern': rigShelf(view)
      .filter(({ gauge }) => gauge.as === 'frame')
      .map((frame) => bendPattern(frame)),
    'bag labels': labelsOf(build, run, view, mass, NOW),
    'wallet labels': view.rigs.map((each) => walletLabels(each, run, view, units.strength)),
    'kit labels': view.kits.map((kit) => kitLabels(kit, view)),
    'drawer labels': drawerLabels(view.bins, 'Tin 1', units),
    'skirt cards': view.skirts.map((skirt) => composeCard(skirt, view, length)),
    'bait cards': view.builds.map((each) => stepsOf(each, unnumbered)),
    'rig cards': view.rigs.map((each) => stepsOfRig(each, unnumbered, length)),
    'the offer': view.tickets.map((ticket) => offerLines(ticket, null, 1, view, 1.3, mass)),
  };
}

/** The words on it: what is drawn has no words. */
function wordsOf(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, each]) =>
    key === 'paths' || key === 'code' ? [] : wordsOf(each),
  );
}

describe.each([
  ['ounces, inches and F', INCHES, figuresOf.metric, /\d (in|oz|lb|°F)/],
  ['grams, millimeters and C', METRIC, figuresOf.inches, /\d (mm|g|kg|°C)/],
] as const)('paper in %s', (_, units, foreign, own) => {
  const paper = paperIn(units);

  it.each(Object.keys(paper))('%s has no unit of the other system', (what) => {
    expect(wordsOf(paper[what]).filter((words) => foreign.test(words))).toEqual([]);
  });

  it('has figures in its own', () => {
    expect(
      Object.keys(paper).filter((what) => wordsOf(paper[what]).some((words) => own.test(words))).length,
    ).toBeGreaterThan(6);
  });
});
