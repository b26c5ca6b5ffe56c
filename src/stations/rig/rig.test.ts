import { METRIC } from '@/text/written-in';
import { demoBench } from '@/demo/demo-bench';
import { planCuts } from '@/core/rigs/cuts/plan-cuts';
import { findRigKind, RIG_KINDS } from '@/core/rigs/kinds';
import type { RigRecord } from '@/records/rig';
import { viewOf } from '../../../tests/support/view-of';
import {
  laidAnew,
  movedItem,
  newRig,
  rigDraftOf,
  rigOfDraft,
  withAdded,
  withItem,
  withoutItem,
  withPart,
  type RigDraft,
} from '@/model/rigs/rig-draft';
import { lengthsOf, newestRigs, riggable, rigShelf, stepsOfRig } from '@/model/rigs/rig-facts';
import { kitLabels, walletLabels } from '@/station-kit/print/print-wallet';
import { cutLengths, cutOrder, cutQuestions, rigKit } from '@/model/rigs/run-plan';
import { gradedWeights } from '@/core/rigs/graded-weights';
import { beadGauge, bendPattern, drillPattern, markBoard } from '@/station-kit/print/rig-boards';
import { cutsOf, rigPieces, rigOf } from '@/model/bills/rig-uses';
import { paceOf } from '@/model/pace/pace-of';
import type { RigKindId } from '@/core/rigs/kinds';
import { readRigDraft } from '@/records/drafts';

const contents = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(contents);
const find = (name: string): RigRecord => view.rigs.find((rig) => rig.name === name)!;
const pike = find('Pike set, 180 shad');
const draft = (): RigDraft => rigDraftOf(pike);
const named = (name: string) => rigShelf(view).find((piece) => piece.name === name)!;

describe('a rig on the bench', () => {
  it('is told from what else was kept on the screen', () => {
    expect(readRigDraft(draft())).toEqual(draft());
    for (const other of [null, 7, {}, { items: [] }]) expect(readRigDraft(other)).toBeNull();
  });

  it.each(RIG_KINDS.map(({ id }) => id))('%s begins from the shelf and is written as it lies', (kind) => {
    const begun = newRig(kind, view, METRIC);
    expect(rigOfDraft({ ...begun, name: ' A ' })).toMatchObject({ name: 'A', kind, family: null });
    expect(rigOf(begun, view).items).toHaveLength(begun.items.length);
    expect(stepsOfRig(begun, view).length).toBeGreaterThan(1);
  });

  it('is laid out anew with the parts it has, and keeps what was added where it stood', () => {
    const bead = named('Bead, brass 4 mm');
    const front = draft().items.find(({ place }) => place === 'front')!;
    const added = withAdded(draft(), bead, front, false, 'extra');
    const longer = laidAnew(added, { wants: { lureMm: 240 } }, view);
    expect(longer.items.find(({ id }) => id === 'between')?.lengthMm).toBe(96);
    const ids = longer.items.map(({ id }) => id);
    expect(ids.indexOf('extra')).toBe(ids.indexOf('front') + 1);
    expect(longer.items.find(({ place }) => place === 'front')?.binId).toBe(front.binId);
    expect(
      laidAnew(draft(), { picks: { rear: 'none' } }, view).items.some(({ place }) => place === 'rear'),
    ).toBe(false);
  });

  it('takes another part wherever it fills the place', () => {
    const crimp = draft().items.find(({ place }) => place === 'crimp')!;
    const other = withPart(draft(), crimp, named('Crimp 1.4 mm').binId);
    expect(other.items.filter(({ binId }) => binId === named('Crimp 1.4 mm').binId)).toHaveLength(4);
  });

  it('is changed, moved, branched and taken apart item by item', () => {
    expect(withItem(draft(), 'lead', { lengthMm: 75 }).items.find(({ id }) => id === 'lead')?.lengthMm).toBe(
      75,
    );
    const ids = draft().items.map(({ id }) => id);
    const moved = movedItem(draft(), ids[1]!, -1).items.map(({ id }) => id);
    expect(moved.slice(0, 2)).toEqual([ids[1], ids[0]]);
    expect(movedItem(draft(), ids[0]!, -1).items.map(({ id }) => id)).toEqual(ids);
    expect(movedItem(draft(), 'nowhere', 1)).toEqual(draft());
    const top = draft().items[0]!;
    const branched = withAdded(draft(), named('Leader 0.40 mm'), top, true, 'drop');
    expect(branched.items.at(-1)).toMatchObject({
      id: 'drop',
      on: top.id,
      lengthMm: 200,
      ends: ['knot', 'knot'],
    });
    expect(withoutItem(branched, top.id).items.some(({ id }) => id === 'drop' || id === top.id)).toBe(false);
    expect(withAdded(draft(), named('Shrink tube 3.2 mm'), null, false, 't').items.at(-1)?.lengthMm).toBe(15);
  });

  it('knows the newest version of each family', () => {
    const second = { ...pike, id: 'second', version: 2 };
    const newest = newestRigs([...view.rigs, second]);
    expect(newest.filter(({ family }) => family === pike.family)).toEqual([second]);
    expect(newestRigs([{ ...pike, retired: true }])).toEqual([]);
  });
});

describe('what a run takes', () => {
  it('counts parts, weighs hair, and cuts lengths', () => {
    const pieces = rigPieces(pike, view);
    expect(pieces.find(({ item }) => item === named('Crimp 1.2 mm').binId)?.qty).toBe(4);
    expect(pieces.some(({ item }) => item === named('Cable 18 kg').binId)).toBe(false);
    const hair = rigPieces(find('Perch tuft'), view).find(
      ({ item }) => view.binById.get(item)?.kind === 'strand',
    );
    expect(hair!.qty).toBeGreaterThan(0.5);
    expect(cutsOf(pike, view).map(({ cutMm }) => cutMm)).toContain(112);
    expect(rigKit(pike, 20, view).find(({ name }) => name === 'Crimp 1.2 mm')?.needed).toBe(80);
  });

  it('is cut from the rolls that waste least, roll by roll, offcuts kept where they are long enough', async () => {
    const questions = cutQuestions(pike, 20, view);
    const cable = questions.find(({ binId }) => binId === named('Cable 18 kg').binId)!;
    expect(cable.pieces).toEqual([
      { id: '112', lengthMm: 112, count: 20 },
      { id: '100', lengthMm: 100, count: 20 },
    ]);
    expect(cable.stock.map(({ lengthMm }) => lengthMm)).toEqual(
      lengthsOf(cable.binId, view).map(({ mm }) => mm),
    );
    const planned = await planCuts(cable.stock, cable.pieces, 0);
    if (!planned.ok) throw new Error(planned.problem.code);
    const cut = cutLengths(cable, planned.value, 'Cable', 120);
    expect(cutOrder(cut)).toHaveLength(40);
    for (const { fromMm, cuts, leftMm, isKept } of cut) {
      const used = cuts.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
      expect(leftMm).toBeCloseTo(fromMm - used, 9);
      expect(isKept).toBe(leftMm >= 120);
    }
    expect(cutLengths(cable, planned.value, 'Cable', 1e6).every(({ isKept }) => !isKept)).toBe(true);
    const order = cutOrder(cut);
    expect(order[0]).toMatchObject({ roll: 0, nth: 0, of: cutOrder([cut[0]!]).length });
  });

  it('says how many the shelf gives and what runs out', () => {
    const { count, limiting } = riggable(pike, view);
    expect(count).toBeGreaterThan(0);
    expect(limiting.length).toBeGreaterThan(0);
    expect(riggable({ ...pike, items: [] }, view)).toMatchObject({ count: 0, limiting: [] });
  });

  it('knows its pace from the maker’s own runs', () => {
    const pace = (family: string, kind: RigKindId) => paceOf({ stage: 'rig', family, kind }, view);
    expect(pace(pike.family, pike.kind)).toEqual({ secondsEach: 310, isOwn: true });
    expect(pace('new', 'cable-set').isOwn).toBe(true);
    expect(pace('new', 'feeder')).toEqual({ secondsEach: 420, isOwn: false });
  });
});

describe('what the maker knows', () => {
  const learned = (end: 'knot' | 'crimp-loop', binId: string | null, mm: number) => ({
    id: `${end}-${binId}`,
    end,
    binId,
    mm,
    cutMm: 200,
    madeMm: 100,
    at: 1,
  });
  const cable = named('Cable 18 kg').binId;

  it('goes before what is usual: of this line first, then of every line', () => {
    const usual = cutsOf(pike, { ...view, allowances: [] })[0]!.cutMm;
    const any = cutsOf(pike, { ...view, allowances: [learned('crimp-loop', null, 30)] })[0]!.cutMm;
    const own = cutsOf(pike, {
      ...view,
      allowances: [learned('crimp-loop', null, 30), learned('crimp-loop', cable, 40)],
    })[0]!.cutMm;
    expect([usual, any, own]).toEqual([100, 120, 140]);
    const other = cutsOf(pike, { ...view, allowances: [learned('knot', cable, 99)] })[0]!.cutMm;
    expect(other).toBe(usual);
  });

  it('chooses by what was tried, for new rigs and for those laid out anew', () => {
    const matches = [{ ...contents.matches[0]!, id: 'm', from: 0.47, to: 0.56, takes: 1.4 }];
    const tried = { ...view, matches };
    const crimpOf = (rig: RigDraft) => rig.items.find(({ place }) => place === 'crimp')?.binId;
    expect(crimpOf(newRig('cable-set', view, METRIC))).toBe(named('Crimp 1.2 mm').binId);
    expect(crimpOf(newRig('cable-set', tried, METRIC))).toBe(named('Crimp 1.4 mm').binId);
    // A rig that has its crimp keeps it: the page says that it is the wrong one now.
    expect(crimpOf(laidAnew(draft(), { wants: { lureMm: 200 } }, tried))).toBe(named('Crimp 1.2 mm').binId);
  });

  it('takes rolls by their length, whatever was told apart', () => {
    const loose = { ...view, lengthEntries: [], levels: new Map([[cable, 3000]]) };
    expect(lengthsOf(cable, loose)).toEqual([{ id: null, mm: 3000, isOffcut: false }]);
    const [question] = cutQuestions(pike, 2, loose);
    expect(question!.stock).toEqual([{ id: 'loose', lengthMm: 3000, count: 1 }]);
    const plan = {
      used: [],
      wasteMm: 0,
      optimal: true,
      patterns: [{ stockId: 'loose', times: 1, cuts: [{ id: '100', count: 2 }] }],
    };
    expect(cutLengths(question!, plan, 'Cable', 50)).toMatchObject([
      { lengthId: null, fromMm: 3000, leftMm: 2800, isKept: true },
    ]);
  });
});

describe('templates', () => {
  it('mark where eyes lie and what is cut', () => {
    const board = markBoard('Pike', rigOf(pike, view), cutsOf(pike, view), 'mm');
    const [lies, cut] = board.strips;
    const eyes = lies!.marks.filter(({ isLong }) => isLong).map(({ atMm }) => atMm);
    expect(eyes[1]! - eyes[0]!).toBeCloseTo(72, 3);
    expect(cut!.marks.map(({ atMm }) => atMm)).toEqual([0, 15, 23, 100, 112]);
    expect(cut!.lengthMm).toBe(112);
    const bare = findRigKind('hook-change').lay({ wants: {}, picks: {}, chosen: {}, matches: [] });
    expect(
      markBoard('Bare', { kind: 'hook-change', wants: {}, picks: {}, items: bare }, [], 'mm').strips,
    ).toHaveLength(1);
  });

  it('gauge every weight, drill every rivet, bend every wire', () => {
    const gauge = beadGauge(
      'Cord',
      gradedWeights([20, 30], { shotG: 1.26, shotMm: 6, sealMm: 8, besideG: 0 }),
      8,
      METRIC,
    );
    expect(gauge.strips.map(({ lengthMm }) => lengthMm)).toEqual([112, 160]);
    const metal = { densityGcm3: 11, shrinkLinear: 0 };
    const drill = drillPattern(
      'Cap',
      { form: 'oblong', longMm: 40, wideMm: 20, holes: 2, holeMm: 3, massG: 30, metal },
      'mm',
    );
    expect(drill.strips[0]!.marks.map(({ atMm }) => atMm)).toEqual([10, 30]);
    const bend = bendPattern(named('Spinner frame long 1.0 mm'));
    expect(bend.strips[0]!.marks.map(({ atMm }) => atMm)).toEqual([0, 38, 110]);
  });
});

describe('labels', () => {
  it('say what is in a wallet, and what of a kit is whose', () => {
    const [run] = view.riggings;
    const labels = walletLabels(pike, { ...run!, passed: 14 }, view);
    expect(labels.length).toBeGreaterThan(1);
    expect(labels[0]).toMatchObject({ title: 'Pike set, 180 shad 1', code: `ruvek:rig/${pike.id}` });
    expect(labels[0]!.lines[0]).toContain('hold 14 kg');
    expect(kitLabels(view.kits[0]!, view)).toHaveLength(view.kits[0]!.lines.length);
  });
});
