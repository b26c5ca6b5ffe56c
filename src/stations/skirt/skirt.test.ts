import { demoBench } from '@/demo/demo-bench';
import { jigOf } from '@/station-kit/looks/jig-look';
import type { PartBin } from '@/records/bin';
import type { Skirt } from '@/records/skirt';
import { readSkirtFile } from '@/records/skirt-file';
import { tabPieces } from '@/core/skirts/tab-pieces';
import { viewOf } from '../../../tests/support/view-of';
import { layersOf, skirtMassOf, takeOf } from '@/model/skirts/skirt-facts';
import { piecesText, tabsText } from '@/text/skirt-words';
import { searchBoard, versionsOf, waterSays } from '@/model/skirts/board';
import { composeCard } from '@/station-kit/print/skirt-card-of';
import {
  draftOf,
  findProblems,
  newSkirt,
  recipeOf,
  withHold,
  withLayers,
  withMaterial,
  withShort,
} from '@/model/skirts/skirt-draft';
import { newLine, NO_ORDER, orderProblem, ticketOf } from '@/model/tickets/order';
import { planRun, putBackOf, substitutesFor, takenOf, tieable, withSwaps } from '@/model/skirts/run-plan';
import { binFor, exportSkirt, importedRecipe, planImport } from '@/model/skirts/skirt-exchange';
import { stepsOf } from '@/model/skirts/tying-card';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { readSkirtDraft } from '@/records/drafts';

const contents = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(contents);
const perch = view.skirtById.get('skirt-reed-perch-3')!;
const hair = view.skirtById.get('skirt-winter-hair-1')!;
const shelf = (binId: string) => view.binById.get(binId)!;

describe('the board', () => {
  it('shows the newest version of each recipe, and all of them by family', () => {
    const board = newestByFamily(view.skirts);
    expect(board.map(({ name }) => name)).toEqual(board.map(({ name }) => name).sort());
    expect(board.find(({ name }) => name === 'Reed perch')!.version).toBe(3);
    expect(versionsOf('reed-perch', view.skirts).map(({ version }) => version)).toEqual([3, 2, 1]);
    expect(newestByFamily(view.skirts.map((skirt) => ({ ...skirt, retired: true })))).toEqual([]);
  });

  it('finds by name, prey and material, and by a color near one of the layers', () => {
    const names = (search: string, hex: string | null = null) =>
      searchBoard(newestByFamily(view.skirts), search, hex, view).map(({ name }) => name);
    expect(names('shrimp')).toEqual(['Ember shrimp']);
    expect(names('tab pale')).toEqual(['Ember shrimp', 'Reed perch', 'Pale roach'].sort());
    expect(names('', '#8f7fa8')[0]).toBe('Night eel');
    expect(names('', '#00ff00')).toEqual([]);
  });

  it('adds up what the water said', () => {
    expect(waterSays(new Set(['skirt-reed-perch-3']), view)).toMatchObject({ hours: 5.5, fish: 8, lost: 2 });
    expect(waterSays(new Set(['skirt-ember-shrimp-1']), view)).toBeNull();
  });
});

describe('what a run takes', () => {
  it('pulls tabs whole and cut, collars and guards, and says what will be left', () => {
    const plan = planRun(perch, 10, view, perch.collar.binId, ['part-weed-guards-1']);
    const take = (binId: string) => plan.takes.find((each) => each.binId === binId)!;
    expect(take('tab-reed-green')).toMatchObject({ each: 1, qty: 10, short: 0, left: [] });
    expect(take('tab-silt-brown').qty).toBe(5);
    expect(take('tab-ember-fleck').qty).toBe(2.5);
    expect(take('part-collars-4')).toMatchObject({ qty: 10, material: null });
    expect(take('part-weed-guards-1').qty).toBe(10);
    expect(plan.canBegin).toBe(true);
    const taken = takenOf(plan);
    const weigh = (pieces: readonly { share: number; count: number }[]) =>
      pieces.reduce((so, { share, count }) => so + share * count, 0);
    for (const { binId, pieces } of taken.filter((each) => each.pieces.length > 0)) {
      expect(weigh(pieces) - weigh(take(binId).left)).toBeCloseTo(take(binId).qty, 9);
    }
  });

  it('puts back what is over, and all of it where none was tied', () => {
    const plan = planRun(perch, 3, view);
    const tying = {
      ...view.tyings[0]!,
      skirtId: perch.id,
      count: 3,
      taken: takenOf(plan),
      swaps: [],
      putBack: [],
    };
    expect(putBackOf(tying, perch, 0, view)).toEqual(tying.taken);
    const back = putBackOf(tying, perch, 3, view);
    expect(back.find(({ binId }) => binId === perch.collar.binId)).toBeUndefined();
    const one = putBackOf(tying, perch, 1, view);
    expect(one.find(({ binId }) => binId === perch.collar.binId)).toMatchObject({ qty: 2, pieces: [] });
    const reed = one.find(({ binId }) => binId === 'tab-reed-green')!;
    expect(reed.pieces.reduce((so, { share, count }) => so + share * count, 0)).toBe(2);
  });

  it('names what is short and the nearest that is there, by color and form', () => {
    const short = planRun(perch, 200, view);
    expect(short.canBegin).toBe(false);
    const brown = short.takes.find(({ binId }) => binId === 'tab-silt-brown')!;
    expect(brown.short).toBeGreaterThan(0);
    const few = planRun(perch, 4, view).takes.find(({ binId }) => binId === 'tab-pale-belly')!;
    const offered = substitutesFor(few, view);
    expect(offered[0]!.deltaE).toBeLessThanOrEqual(offered[1]!.deltaE);
    expect(offered.every(({ material }) => material.form === 'tab' && material.id !== 'tab-pale-belly')).toBe(
      true,
    );
    const swapped = withSwaps(perch, [{ layerId: perch.layers[2]!.id, binId: 'tab-straw' }]);
    expect(swapped.layers.map(({ binId }) => binId)[2]).toBe('tab-straw');
    expect(withSwaps(perch, [])).toBe(perch);
  });

  it('weighs hair by its bundle, and counts what the shelf gives', () => {
    const [top] = hair.layers;
    const material = shelf('hair-straw');
    if (material.kind !== 'strand') throw new Error('hair is a strand');
    const strands = 0.75 * (2.6 / 0.12) ** 2;
    const grams = strands * Math.PI * (0.012 / 2) ** 2 * 5.5 * 1.3;
    expect(takeOf(top!, material)).toBeCloseTo(grams, 2);
    const { count, limiting } = tieable(hair, view);
    expect(limiting).toHaveLength(1);
    expect(count).toBeGreaterThan(5);
    expect(tieable({ ...hair, layers: [] }, view)).toMatchObject({ count: 0, limiting: [] });
    expect(skirtMassOf(perch, view)).toBeCloseTo(2.25 * 0.62, 9);
    expect(skirtMassOf(hair, view)!).toBeGreaterThan(0.3);
  });
});

describe('a recipe being made', () => {
  const draft = draftOf(perch);

  it('begins from the shelf, and is known again after a reload', () => {
    const fresh = newSkirt(view, 'l1')!;
    expect(fresh.layers).toHaveLength(1);
    expect(readSkirtDraft(JSON.parse(JSON.stringify(fresh)))).toEqual(fresh);
    expect(readSkirtDraft({ name: 'x', layers: [{}] })).toBeNull();
    expect(newSkirt({ bins: [] }, 'l1')).toBeNull();
  });

  it('says what keeps it from being kept, and what to mind', () => {
    expect(findProblems(draft, view, 'mm')).toEqual({ layers: null, cautions: [] });
    expect(findProblems({ ...draft, layers: [] }, view, 'mm').layers).toMatch(/needs a layer/);
    const long = { ...draft, layers: [{ ...draft.layers[0]!, lengthMm: 120 }] };
    expect(findProblems(long, view, 'mm').cautions[0]).toMatch(/give 87 mm at most/);
    const wrong = { ...draft, layers: [{ ...draft.layers[0]!, binId: 'hair-white' }] };
    expect(findProblems(wrong, view, 'mm').cautions.join(' ')).toMatch(/not how hair usually is held/);
  });

  it('keeps an amount that suits, takes the usual one where it does not; cuts short and long again', () => {
    const [layer] = draft.layers;
    const [tab, other, white] = ['tab-reed-green', 'tab-straw', 'hair-white'].map(shelf);
    if (tab?.kind !== 'strand' || other?.kind !== 'strand' || white?.kind !== 'strand')
      throw new Error('strands');
    expect(withMaterial(layer!, tab, other).amount).toEqual(layer!.amount);
    expect(withMaterial(layer!, tab, white).amount).toEqual({ by: 'bundle', diameterMm: 2.5 });
    const short = withShort(layer!, true, 62);
    expect(short).toMatchObject({ isShort: true, lengthMm: 12 });
    expect(withShort(short, false, 62)).toMatchObject({ isShort: false, lengthMm: 62 });
  });

  it('holds a new recipe as its material usually is, and leaves one that is kept as it was', () => {
    const white = shelf('hair-white');
    if (white?.kind !== 'strand') throw new Error('hair');
    const layers = [
      { ...draft.layers[0]!, binId: white.id, amount: { by: 'bundle', diameterMm: 2 } as const },
    ];
    const fresh = { ...draft, from: null, hold: 'collar-tool' as const };
    expect(withLayers(fresh, layers, view).hold).toBe('thread-hitches');
    expect(withLayers({ ...fresh, from: 1 }, layers, view).hold).toBe('collar-tool');
    expect(withLayers(fresh, fresh.layers, view).hold).toBe('collar-tool');
  });

  it('takes what its inner tails are cut from, draws them, and says where each is set', () => {
    const tails = [90, 270].map((angleDeg) => ({ angleDeg, massG: 0.5, binId: 'tab-reed-green', legs: 10 }));
    const tailed: Skirt = {
      ...perch,
      hold: 'cut-sheet',
      wrap: { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.1, bandMm: 12, saddleMm: 8 },
      tails,
    };
    const green = (skirt: Skirt) =>
      planRun(skirt, 4, view).takes.find(({ binId }) => binId === 'tab-reed-green')!;
    const perTab = 20;
    expect(green(tailed).each - green(perch).each).toBeCloseTo(20 / perTab, 9);
    expect(jigOf(tailed, view)!.layers).toHaveLength(perch.layers.length + 2);
    const steps = stepsOf(tailed, view, 'in');
    expect(steps.find(({ id }) => id === 'tails')!.how).toMatch(
      /10 legs of .* at 90°, 10 legs of .* at 270°/,
    );
    expect(steps.find(({ id }) => id === 'legs')!.how).toMatch(
      /a band of 15\/32 in and a saddle of 5\/16 in behind it/,
    );
    // Those of which nobody said what they are cut from are of nothing that is counted.
    const plain = { ...tailed, tails: tails.map(({ angleDeg, massG }) => ({ angleDeg, massG })) };
    expect(green(plain).each).toBe(green(perch).each);
  });

  it('takes the thread that it is wound with by its length, and none where a collar holds it', () => {
    const wound: Skirt = { ...perch, hold: 'thread-hitches', thread: { binId: 'floss', cutMm: 600 } };
    const floss = {
      ...view.bins.find(({ kind }) => kind === 'part')!,
      id: 'floss',
      name: 'Floss',
      unit: 'mm',
    };
    const shelf = {
      ...view,
      bins: [...view.bins, floss as PartBin],
      binById: new Map(view.binById).set('floss', floss as PartBin),
      levels: new Map(view.levels).set('floss', 5000),
    };
    const take = (count: number) => planRun(wound, count, shelf).takes.find(({ binId }) => binId === 'floss');
    expect(take(8)).toMatchObject({ each: 600, qty: 4800, short: 0 });
    expect(take(9)).toMatchObject({ qty: 5400, short: 400 });
    expect(planRun(wound, 9, shelf).canBegin).toBe(false);
    expect(
      planRun({ ...wound, hold: 'collar-tool' }, 9, shelf).takes.map(({ binId }) => binId),
    ).not.toContain('floss');
    // A draft, a recipe and a file keep it.
    expect(recipeOf(draftOf(wound)).thread).toEqual(wound.thread);
    const reading = readSkirtFile(exportSkirt(wound, shelf));
    if (!reading.ok) throw new Error(reading.problem.code);
    const back = importedRecipe(
      planImport(reading.file, shelf),
      wound.layers.map(({ binId }) => binId),
      shelf,
      () => 'x',
    );
    expect(back.thread).toEqual(wound.thread);
  });

  it('takes a hold’s usual counts, and a wrap for a sheet alone', () => {
    const sheet = withHold(draft, 'cut-sheet', view);
    expect(sheet.wrap).not.toBeNull();
    const thread = withHold(sheet, 'thread-hitches', view);
    expect(thread.wrap).toBeNull();
    expect(thread.counts).toEqual({ 'base-wraps': 8, 'spread-wraps': 1, 'tight-wraps': 10, hitches: 2 });
  });
});

describe('a recipe as a file', () => {
  it('comes in exactly on the bench it left, and on one that has nothing of it', () => {
    for (const skirt of view.skirts) {
      const text = exportSkirt(skirt, view);
      const reading = readSkirtFile(text);
      if (!reading.ok) throw new Error('it reads');
      const incoming = planImport(reading.file, view);
      expect(incoming.unknown).toEqual([]);
      expect(incoming.bins.every((bin) => bin !== null)).toBe(true);
      const recipe = importedRecipe(
        incoming,
        incoming.bins.map((bin) => bin!.id),
        view,
        () => 'new',
      );
      const again = { ...skirt, ...recipe, family: skirt.family };
      expect(exportSkirt(again, view)).toBe(text);
    }
  });

  it('names what a bench lacks, and puts its materials down empty', () => {
    const reading = readSkirtFile(exportSkirt(perch, view));
    if (!reading.ok) throw new Error('it reads');
    const bare = viewOf({
      ...contents,
      bins: contents.bins.filter(({ kind }) => kind === 'metal'),
      coats: [],
    });
    const incoming = planImport(reading.file, bare);
    expect(incoming.bins).toEqual([null, null, null, null]);
    expect([...incoming.unknown].sort()).toEqual(
      ['Collar, ember fleck', 'Guard, reed green', 'Jig hook 3/0', 'Reed shiner'].sort(),
    );
    expect(binFor(reading.file.materials[3]!)).toMatchObject({
      kind: 'strand',
      name: 'Tab, ember fleck',
      unit: 'pieces',
      massG: null,
      flakes: [{ hex: '#f2c27a', sizeMm: 0.4 }],
    });
  });
});

describe('the card', () => {
  it('has the recipe’s own layers in its steps and on paper', () => {
    const steps = stepsOf(perch, view, 'mm');
    expect(steps.map(({ title }) => title)).toContain('Fold in ¼ tab of ember fleck, all round');
    expect(steps.some(({ title }) => title === 'Pull them through to a third')).toBe(true);
    const card = composeCard(perch, view, 'mm');
    expect(card.title).toBe('Reed perch 3');
    expect(card.layers[3]).toBe(
      'Tab, ember fleck: ¼ tab, all round, 12 mm from the collar, cut short, tied forward, folded back',
    );
    expect(card.drawings.map(({ caption }) => caption)).toEqual(['At rest', 'On a stop']);
    expect(card.drawings[1]!.shapes.length).toBeGreaterThan(20);
    expect(card.drawings[0]!.shares).toMatch(/reed green \d+ %/);
    expect(composeCard(perch, view, 'in').layers[3]).toContain('15/32 in from the collar');
  });
});

describe('an order', () => {
  it('is like the piece before it, asks for what is missing, and becomes a ticket', () => {
    const first = newLine(view, 'a', undefined);
    const second = { ...newLine(view, 'b', first), coatId: 'coat-straw' };
    expect(second).toMatchObject({ id: 'b', skirtId: first.skirtId, count: 1 });
    const order = { ...NO_ORDER, buyer: ' Kiosk ', dueOn: '2026-12-01', lines: [first, second] };
    expect(orderProblem(NO_ORDER)).toBe('Who orders it?');
    expect(orderProblem({ ...order, lines: [] })).toMatch(/needs a piece/);
    expect(orderProblem({ ...order, lines: [{ ...first, hookBinId: null }] })).toMatch(/Piece 1 has no hook/);
    expect(orderProblem(order)).toBeNull();
    expect(ticketOf(order)).toMatchObject({ title: 'Order, Kiosk', buyer: 'Kiosk' });
    expect(ticketOf(order).lines.map(({ dueOn, coatId }) => [dueOn, coatId])).toEqual([
      ['2026-12-01', first.coatId],
      ['2026-12-01', 'coat-straw'],
    ]);
    // Where no metal lies here the heads are bought, with their hooks in them.
    const bought = newLine(viewOf({ ...contents, bins: [] }), 'a', undefined);
    expect(bought.metalBinId).toBeNull();
    expect(orderProblem({ ...order, lines: [{ ...bought, hookBinId: null }] })).toBeNull();
  });
});

describe('words and pieces', () => {
  it('says tabs as makers do', () => {
    expect([0.25, 0.5, 1, 2.25, 1.35].map(tabsText)).toEqual(['¼', '½', '1', '2 ¼', '1.35']);
    const pieces = tabPieces([
      { qty: 9, pieceShare: null },
      { qty: 0.5, pieceShare: 0.5 },
      { qty: 0.5, pieceShare: 0.25 },
    ]);
    expect(piecesText(pieces)).toBe('9 whole, a half, 2 quarters');
    expect(piecesText([])).toBe('none');
    expect(piecesText([{ share: 0.35, count: 1 }])).toBe('1 of 0.35 tab');
  });

  it('leaves out layers whose material is gone', () => {
    const gone = { ...perch, layers: [{ ...perch.layers[0]!, binId: 'nowhere' }, perch.layers[1]!] };
    expect(layersOf(gone, view)).toHaveLength(1);
    expect(skirtMassOf(gone, view)).toBeNull();
  });
});
