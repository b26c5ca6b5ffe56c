import { demoBench } from '@/demo/demo-bench';
import { LEAST_PIECES } from '@/core/pace/learn-pace';
import { NEW_MONEY } from '@/records/outlay';
import { paceOf } from '@/model/pace/pace-of';
import { viewOf } from '../../../tests/support/view-of';
import { moneyText, sliceOf } from '@/model/cost/cost-slices';
import { costOf, piecesThrough, routeNode, unpricedOf } from '@/model/cost/cost-facts';
import { seasonLosses } from '@/model/cost/losses';
import { offerLines } from '@/model/cost/offer';
import { stagePays } from '@/model/cost/outlays';
import { costablePieces } from '@/model/cost/pieces';

const NOW = Date.UTC(2026, 10, 23, 12);
const demo = demoBench(NOW);
const view = viewOf(demo);
const pieces = costablePieces(view, 'g');
const pieceOf = (name: string) => pieces.find((each) => each.name === name)!;

describe('costablePieces', () => {
  it('are baits, rigs and skirts once each, and every head there is', () => {
    const families = new Set(demo.builds.map(({ family }) => family)).size;
    expect(pieces.filter(({ group }) => group === 'Baits')).toHaveLength(families);
    expect(new Set(pieces.map(({ id }) => id)).size).toBe(pieces.length);
    expect(pieces.some(({ group }) => group === 'Heads')).toBe(true);
  });
});

describe('costOf', () => {
  it('is, for a bare head for love, its metal and hook at what they came in at', () => {
    const bench = { ...demo.bench[0]!, money: { ...NEW_MONEY, ratePerHour: 0, pricePerKWh: 0 } };
    const plain = viewOf({ ...demo, bench: [bench], outlays: [] });
    const head = {
      style: 'round',
      nominalG: 10,
      hookBinId: 'hook-2-0',
      metalBinId: 'lot-14',
      coatId: null,
      skirtId: null,
    };
    const cost = costOf({ kind: 'head', head }, 5, plain);
    const hook = plain.hooks.get('hook-2-0')!;
    const receipt = (binId: string) =>
      demo.entries.find((entry) => entry.binId === binId && entry.kind === 'received')!.unitCost!;
    const metalG = (10 - hook.massG) / (1 - 0.02);
    expect(cost.each).toBeCloseTo(metalG * receipt('lot-14') + receipt('hook-2-0'), 9);
    expect(cost).toMatchObject({ labour: 0, tooling: 0, energy: 0, isGuess: false });
  });

  it('costs a bait its head, its skirt and its parts, each stage with its own hands', () => {
    const cost = costOf(pieceOf('Quay tandem').piece, 20, view);
    const stages = [cost.stage, ...cost.parts.map(({ stage }) => stage)].filter(Boolean);
    expect(stages).toContain('build');
    expect(stages).toContain('skirt');
    expect(cost.each).toBeGreaterThan(cost.materials);
    const slice = sliceOf(cost, view, '€');
    const total = slice.slices.reduce((so, { each }) => so + each, 0);
    expect(total).toBeCloseTo(cost.each, 9);
  });

  it('reckons hands and failures of a bait by its own log, and of one without as its station says', () => {
    const [tandem, other] = ['Quay tandem', 'Dawn buzzer'].map((name) => pieceOf(name).piece);
    if (tandem?.kind !== 'build' || other?.kind !== 'build') throw new Error('both are builds');
    const [like] = demo.buildings;
    const logged = (buildId: string, passed: number, failed: number, seconds: number) => ({
      ...like!,
      id: `${buildId}-run`,
      buildId,
      passed,
      seconds,
      failed: failed === 0 ? [] : [{ reason: 'does not run true', count: failed }],
    });
    const known = viewOf({
      ...demo,
      outlays: [],
      buildings: [logged(tandem.build.id, 20, 5, 6000), logged(other.build.id, LEAST_PIECES - 1, 0, 480)],
    });
    const rate = known.bench.money.ratePerHour / 60;
    const { family, kind } = other.build;
    const usual = paceOf({ stage: 'build', family, kind }, known);
    expect(usual.isOwn).toBe(false);
    // 100 minutes for 20 good ones, the five that failed among them; the other made too few to say, and so did its kind.
    expect(costOf(tandem, 20, known).own.labour).toBeCloseTo(5 * rate, 9);
    expect(costOf(other, 20, known).own.labour).toBeCloseTo((usual.secondsEach / 60) * rate, 9);
    // Of twenty-five begun one in five fails: a quarter more parts than go into the good ones.
    const bead = (cost: ReturnType<typeof costOf>) => cost.parts.filter(({ item }) => item !== null)[0]!;
    const kept = viewOf({ ...demo, outlays: [], buildings: [logged(tandem.build.id, 20, 0, 6000)] });
    expect(bead(costOf(tandem, 20, known)).qty).toBeCloseTo(1.25 * bead(costOf(tandem, 20, kept)).qty, 9);
  });

  it('names what nobody priced', () => {
    const bare = viewOf({
      ...demo,
      packs: [],
      entries: demo.entries.map((entry) => ({ ...entry, unitCost: null })),
      bins: demo.bins.map((bin) => (bin.kind === 'hook' ? { ...bin, name: `${bin.name}!` } : bin)),
    });
    const head = costablePieces(bare, 'g').find(({ group }) => group === 'Heads')!;
    expect(unpricedOf(head.piece, bare).some(({ name }) => name.endsWith('!'))).toBe(true);
    expect(costOf(head.piece, 1, bare).isGuess).toBe(true);
    expect(unpricedOf(pieceOf('Quay tandem').piece, view)).toEqual([]);
  });
});

describe('routes, outlays, offers and losses', () => {
  it('know what of a bait can be bought in', () => {
    const { piece } = pieceOf('Canal swimmer');
    const node = routeNode(costOf(piece, 20, view), piece, view);
    expect(node.buy?.each).toBe(6.9);
    const ids = (each: typeof node): string[] => [each.id, ...each.under.flatMap(ids)];
    expect(ids(node).some((id) => id.startsWith('skirt:'))).toBe(true);
    expect(ids(node)).toContain('cast');
  });

  it('say when the outlay of a stage has paid', () => {
    const pays = stagePays(pieces, view);
    const pour = pays.find(({ stage }) => stage === 'pour')!;
    expect(pour.laidOut).toBe(395);
    expect(pour.through).toBe(piecesThrough('pour', view));
    expect(pour.pieces).toBe(Math.ceil(395 / (pour.buyEach! - pour.makeEach!) - 1e-9));
    expect(pays.find(({ stage }) => stage === 'coat')).toMatchObject({ pieces: null, never: false });
    const dear = viewOf({
      ...demo,
      buyIns: demo.buyIns.map((each) => ({ ...each, each: 0.01, postage: 0 })),
    });
    expect(stagePays(pieces, dear).find(({ stage }) => stage === 'pour')).toMatchObject({ never: true });
  });

  it('price an order to the full cent above cost and margin', () => {
    const ticket = demo.tickets.find(({ state }) => state === 'open')!;
    const lines = offerLines({ ...ticket, wares: [] }, null, 1, view, 1.5, 'g');
    expect(lines).toHaveLength(ticket.lines.length);
    for (const { cost, each } of lines) {
      expect(each).toBeGreaterThanOrEqual(cost * 1.5 - 1e-9);
      expect(each - cost * 1.5).toBeLessThan(0.01);
      expect(Math.round(each * 100)).toBeCloseTo(each * 100, 6);
    }
    const bait = demo.builds[0]!;
    const ware = { id: 'w', kind: 'build' as const, family: bait.family, count: 3, dueOn: null };
    expect(offerLines({ ...ticket, lines: [], wares: [ware] }, null, 1, view, 1, 'g')).toMatchObject([
      { name: bait.name, count: 3 },
    ]);
    expect(offerLines(null, null, 1, view, 1, 'g')).toEqual([]);
  });

  it('reckon what the season took, the dearest first', () => {
    const losses = seasonLosses(view, 0);
    const lost = demo.waterNotes.reduce((so, note) => so + note.lost, 0);
    expect(losses.reduce((so, line) => so + line.lost, 0)).toBe(lost);
    const costs = losses.map((line) => line.lost * line.each);
    expect(costs).toEqual([...costs].sort((a, b) => b - a));
    expect(seasonLosses(view, NOW)).toEqual([]);
  });

  it('write small money to the tenth of a cent', () => {
    expect(['€ 0.00', '€ 0.064', '€ 3.31']).toEqual([0, 0.0641, 3.314].map((value) => moneyText(value, '€')));
  });
});
