import { baitPartOf, measuredParts, type BaitPart } from '@/model/baits/measured-parts';
import { placeParts } from '@/core/builds/place-parts';
import { judgeBuild } from '@/core/builds/judge-build';
import { BAIT_KINDS } from '@/core/builds/kinds';
import { stingerReach } from '@/core/builds/stinger-lengths';
import type { HeadBin, HookBin, PartBin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import { boxOf } from '@/ui/bait-drawing/box-of';
import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { asStep } from '@/model/baits/as-step';
import { composeTemplate } from '@/station-kit/print/blade-template';
import { cutTo, moveOn, putOn, slotted, swapAt, takeOff, wearing } from '@/model/baits/put-on';
import { buildOfDraft, draftOf, newBuild, withKind, type BuildDraft } from '@/model/baits/build-draft';
import { dropIndex } from '@/core/builds/drop-index';
import {
  buildableOf,
  buildOf,
  costOf,
  finishedOf,
  headsFor,
  runOf,
  weightLines,
} from '@/model/baits/bait-facts';
import { stepsOf } from '@/model/baits/bait-steps';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { countsOf, mixQuestion, PACKET, scarceItems, withPacket } from '@/model/baits/mix';
import {
  additivesOf,
  amountOf,
  cupColor,
  mixCm3,
  mixesOf,
  newPlastic,
  plasticDraftOf,
  plasticProblems,
  SPOONS,
  withTwoColors,
} from '@/model/plastics/plastic-draft';
import { buildCode, labelsOf } from '@/station-kit/print/print-labels';
import { plainBack } from '@/station-kit/card-runs/card-run-kind';
import { slug } from '@/text/slug';
import { kitOf, usualHead } from '@/model/baits/run-plan';
import { hasWiredHead, usesOf } from '@/model/bills/build-uses';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { paceOf } from '@/model/pace/pace-of';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { readBuildDraft } from '@/records/drafts';

const NOW = Date.UTC(2026, 10, 23, 12);
const view = viewOf(demoBench(NOW));
const build = (name: string): BuildRecord => {
  const found = view.builds.find((each) => each.name === name);
  if (!found) throw new Error(`no ${name}`);
  return found;
};
const part = (name: string): BaitPart => {
  const found = measuredParts(view).find((bin) => bin.name === name);
  if (!found) throw new Error(`no ${name}`);
  return found;
};
const put = (draft: BuildDraft, name: string, index = 99): BuildDraft => {
  const placed = putOn(draft, part(name), index, `new-${name}-${draft.arm.length}`, view);
  if (!placed.ok) throw new Error(placed.why);
  return placed.draft;
};
const why = (draft: BuildDraft, name: string) => {
  const placed = putOn(draft, part(name), 0, 'x', view);
  return placed.ok ? null : placed.why;
};

describe('a bait on the bench', () => {
  it.each(BAIT_KINDS.map(({ id, arm }) => [id, arm] as const))(
    '%s begins on a wire bent for it',
    (kind, arm) => {
      const draft = newBuild(kind, view);
      const frame = draft.frameBinId === null ? null : view.binById.get(draft.frameBinId);
      expect(frame?.kind === 'part' ? frame.gauge?.bend : null).toBe(arm?.shape ?? null);
      expect(judgeBuild(buildOf(draft, view)).findings.map(({ code }) => code)).not.toContain('wrong-wire');
    },
  );

  it('takes parts where they go: threaded, hung, in the loop, in a slot', () => {
    let draft = newBuild('spinnerbait', view);
    expect(why(draft, 'Leaf blade, nickel 46 mm')).toContain(
      'put a clevis on the arm, or a swivel in the loop, first',
    );
    draft = put(draft, 'Clevis, folded small');
    draft = put(draft, 'Drop blade, copper 22 mm');
    expect(draft.arm[0]).toMatchObject({ binId: 'part-clevises-1', bladeBinId: 'part-drop-blades-1' });
    expect(why(draft, 'Leaf blade, nickel 46 mm')).toContain('first');
    draft = put(put(draft, 'Ball swivel #3'), 'Leaf blade, nickel 46 mm');
    expect(draft.end).toEqual({ binId: 'part-swivels-7', bladeBinId: 'part-leaf-blades-4' });
    draft = put(draft, 'Bead, brass 4 mm', 0);
    expect(draft.arm.map(({ binId }) => binId)).toEqual(['part-beads-3', 'part-clevises-1']);
    draft = put(draft, 'Keeper disc, rubber');
    expect(draft.slots).toEqual([{ slot: 'keeper', binId: 'part-keeper-disc' }]);
    expect(why(draft, 'Rattle, glass 4 mm')).toBe('A spinnerbait has no place for Rattle, glass 4 mm.');
    expect(why(draft, 'Winged blade, plain 32 mm')).toContain('has no place');
  });

  it('is dipped last of all, in its color, and is seen so from that step on', () => {
    const grub = draftOf(build('Winter stinger'));
    const dip = { says: 'chartreuse dye', hex: '#c6d63a' };
    const dipped = { ...build('Winter stinger'), dip };
    const steps = stepsOf(dipped, view);
    expect(steps.at(-1)).toMatchObject({
      id: 'dip',
      title: 'Dip the tail in chartreuse dye',
      dries: { what: 'chartreuse dye' },
    });
    expect(stepsOf(grub, view).some(({ id }) => id === 'dip')).toBe(false);
    const order = steps.map(({ id }) => id);
    expect(lookOfBuild(asStep(dipped, 'glue', order), view).dipHex).toBeNull();
    expect(lookOfBuild(asStep(dipped, 'dip', order), view).dipHex).toBe(dip.hex);
    // It goes through a draft and a reload as it is.
    const draft = { ...grub, dip };
    expect(buildOfDraft(draft).dip).toEqual(dip);
    expect(readBuildDraft(JSON.parse(JSON.stringify(draft)))?.dip).toEqual(dip);
    expect(buildOfDraft(grub)).not.toHaveProperty('dip');
  });

  it('opens on the color of the heads that lie there, and bare where bare ones do', () => {
    const { head } = newBuild('dressed-jig', { bins: view.bins, molds: [], levels: new Map() });
    expect(head?.coatId).toBeNull();
    const alike = view.bins.filter((bin) => bin.kind === 'head' && bin.style === head!.style);
    const [bin] = alike.filter((each) => each.kind === 'head' && each.nominalG === head!.nominalG);
    const painted = { ...(bin as HeadBin), coatId: 'coat-straw' };
    const bare = { ...painted, id: 'bare', coatId: null };
    const open = (bins: readonly HeadBin[], levels: readonly [string, number][]) =>
      newBuild('dressed-jig', { bins, molds: [], levels: new Map(levels) }).head?.coatId;
    expect(open([painted], [[painted.id, 6]])).toBe('coat-straw');
    const both: [string, number][] = [
      [painted.id, 6],
      ['bare', 1],
    ];
    expect(open([painted, bare], both)).toBeNull();
    expect(open([painted, bare], both.slice(0, 1))).toBe('coat-straw');
  });

  it('takes hooks from the rack as parts, and of braid what is cut', () => {
    const hook = [...view.hooks.values()][0]!;
    const held = { ...part('Keeper disc, rubber'), id: 'braid', name: 'Braid 50 lb', unit: 'mm' as const };
    const gauge = { ...held.gauge!, as: 'line' as const, line: 'cord' as const, sizes: { wireMm: 0.36 } };
    const braid = { ...held, gauge } as BaitPart;
    const shelved = { ...view, binById: new Map(view.binById).set('braid', braid as PartBin) };
    const bare = newBuild('stinger-grub', view);
    const hooked = putOn(bare, baitPartOf(hook as HookBin)!, 0, 'x', shelved);
    expect(hooked).toMatchObject({ ok: true, at: 'stinger' });
    const corded = putOn(hooked.ok ? hooked.draft : bare, braid, 0, 'y', shelved);
    if (!corded.ok) throw new Error(corded.why);
    expect(usesOf(corded.draft)).toEqual([
      { item: hook.id, qty: 1 },
      { item: 'braid', qty: 130 },
    ]);
    const cut = cutTo(corded.draft, 'cord', 100);
    expect(usesOf(cut)).toContainEqual({ item: 'braid', qty: 100 });
    // What the snell and the loop take is gone from what hangs.
    const cord = buildOf(cut, shelved).slots.find(({ slot }) => slot === 'cord')!;
    expect(cord.part.gauge.sizes.lengthMm).toBe(stingerReach(100));
    expect(stepsOf(cut, shelved, 'in')[0]!.title).toBe('Cut 3 15/16 in of braid 50 lb');
    // Another part in its place is taken whole again.
    expect(usesOf(swapAt(cut, 'cord', part('Keeper disc, rubber')))).toContainEqual({
      item: part('Keeper disc, rubber').id,
      qty: 1,
    });
  });

  it('wears a skirt bought in its band instead of one tied here, and the other way round', () => {
    const gauge = { ...part('Keeper disc, rubber').gauge!, as: 'skirt', sizes: { lengthMm: 64, fibers: 40 } };
    const ready = { ...part('Keeper disc, rubber'), id: 'ready', name: 'Ready skirt', gauge } as BaitPart;
    const shelved = { ...view, binById: new Map(view.binById).set('ready', ready as PartBin) };
    const tied = draftOf(build('Quay tandem'));
    const placed = putOn(tied, ready, 0, 'x', shelved);
    expect(placed).toMatchObject({ ok: true, at: 'skirt', draft: { skirtId: null } });
    const banded = slotted(tied, 'skirt', ready);
    expect(usesOf(banded)).toContainEqual({ item: 'ready', qty: 1 });
    expect(stepsOf(banded, shelved).map(({ title }) => title)).toContain('Pull ready skirt over the collar');
    expect(lookOfBuild(banded, shelved).jig!.layers).toMatchObject([{ strands: 40, lengthMm: 64 }]);
    expect(weightLines(banded, shelved).find(({ name }) => name === 'Ready skirt')?.is).toBe('soft');
    const order = stepsOf(banded, shelved).map(({ id }) => id);
    const step = (id: string) => asStep({ ...build('Quay tandem'), ...banded } as BuildRecord, id, order);
    expect(step('loop').slots.map(({ slot }) => slot)).not.toContain('skirt');
    expect(step('trailer-hook').slots.map(({ slot }) => slot)).toContain('skirt');
    const again = wearing(banded, tied.skirtId);
    expect([again.skirtId, again.slots.some(({ slot }) => slot === 'skirt')]).toEqual([tied.skirtId, false]);
    expect(takeOff(banded, 'skirt')).toMatchObject({ skirtId: null, slots: tied.slots });
    expect(slotted(banded, 'skirt', null).slots).toEqual(tied.slots);
  });

  it('takes them off again, the blade before what carries it, and moves them along', () => {
    let draft = put(
      put(put(newBuild('spinnerbait', view), 'Clevis, folded small'), 'Drop blade, copper 22 mm'),
      'Bead, brass 4 mm',
    );
    const [clevis, bead] = draft.arm.map(({ id }) => id);
    expect(moveOn(draft, bead!, -1).arm.map(({ id }) => id)).toEqual([bead, clevis]);
    expect(moveOn(draft, bead!, 1)).toBe(draft);
    draft = takeOff(draft, clevis!);
    expect(draft.arm[0]!.bladeBinId).toBeNull();
    expect(takeOff(draft, clevis!).arm).toHaveLength(1);
    const hung = put(put(takeOff(draft, clevis!), 'Ball swivel #3'), 'Leaf blade, nickel 46 mm');
    expect(takeOff(hung, 'end').end).toEqual({ binId: 'part-swivels-7', bladeBinId: null });
    expect(takeOff(takeOff(hung, 'end'), 'end').end).toEqual({ binId: null, bladeBinId: null });
  });

  it('swaps a blade for a blade, a bead for a bead, and a wire with its own arm', () => {
    const draft = draftOf(build('Quay tandem'));
    const at = draft.arm[0]!.id;
    expect(swapAt(draft, at, part('Drop blade, copper 27 mm')).arm[0]).toMatchObject({
      binId: 'part-clevises-1',
      bladeBinId: 'part-drop-blades-2',
    });
    expect(swapAt(draft, at, part('Clevis, folded large')).arm[0]).toMatchObject({
      binId: 'part-clevises-3',
      bladeBinId: 'part-drop-blades-1',
    });
    expect(swapAt(draft, 'end', part('Ball swivel #2')).end.binId).toBe('part-swivels-8');
    expect(swapAt({ ...draft, armMm: 50 }, 'frame', part('Head on wire, 10 g, long arm'))).toMatchObject({
      armMm: null,
    });
    expect(swapAt(draft, 'keeper', part('Bead, brass 4 mm')).slots).toContainEqual({
      slot: 'keeper',
      binId: 'part-beads-3',
    });
  });

  it('keeps what has a place when its kind changes, and reads what a screen kept', () => {
    const draft = draftOf(build('Quay tandem'));
    const buzz = withKind(draft, 'buzzbait', view);
    expect(buzz).toMatchObject({ kind: 'buzzbait', name: 'Quay tandem', arm: [], skirtId: draft.skirtId });
    expect(buzz.slots.map(({ slot }) => slot).sort()).toEqual(['keeper', 'trailer-hook']);
    expect(withKind(draft, 'stinger-grub', view).skirtId).toBeNull();
    expect(readBuildDraft(JSON.parse(JSON.stringify(draft)))).toEqual(draft);
    for (const other of [null, { name: 'x' }, { ...draft, arm: 3 }]) expect(readBuildDraft(other)).toBeNull();
    expect(buildOfDraft({ ...draft, name: '  Quay  ' })).not.toHaveProperty('from');
    expect(buildOfDraft({ ...draft, name: '  Quay  ' }).name).toBe('Quay');
  });

  it('knows between which parts something is dropped', () => {
    const laid = placeParts(buildOf(build('Quay tandem'), view));
    const on = (mm: number) =>
      dropIndex(laid, laid.arm!.from.x + laid.arm!.along.x * mm, laid.arm!.from.y + laid.arm!.along.y * mm);
    expect([on(0), on(laid.parts[1]!.fromMm), on(200)]).toEqual([0, 1, 5]);
    expect(dropIndex({ arm: null, parts: [] }, 3, 3)).toBe(0);
  });
});

describe('the made-up baits', () => {
  it.each(view.builds.map((each) => [each.name, each] as const))(
    '%s fits, is weighed, and its drawing holds',
    (_, each) => {
      const { findings } = judgeBuild(buildOf(each, view));
      expect(findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
      const { finishedG, unweighed } = finishedOf(weightLines(each, view));
      expect(unweighed).toEqual([]);
      expect(finishedG).toBeGreaterThan(5);
      const [, , width, height] = boxOf(lookOfBuild(each, view), 'pulled');
      expect(width).toBeGreaterThan(40);
      expect(height).toBeGreaterThan(10);
      expect(boxOf(lookOfBuild(each, view), 'hanging').every(Number.isFinite)).toBe(true);
      expect(stepsOf(each, view).length).toBeGreaterThan(1);
    },
  );

  it('weigh what their wire with its head weighs, and every part beside', () => {
    const lines = weightLines(build('Quay tandem'), view);
    const frame = part('Head on wire, 14 g, long arm');
    expect(lines[0]).toMatchObject({ name: 'Head, marked', massG: 14 });
    expect(lines[1]!.massG).toBeCloseTo(frame.massG! - 14, 9);
    expect(lines.find(({ name }) => name === 'Bead, brass 3.2 mm')).toMatchObject({ count: 3 });
    const all = lines.reduce((so, { massG, count }) => so + (massG ?? 0) * count, 0);
    expect(finishedOf(lines, 20, 0.05)).toMatchObject({ finishedG: expect.closeTo(all, 9), within: false });
    expect(finishedOf([]).finishedG).toBe(0);
  });

  it('run as they were seen where somebody looked, else as is guessed', () => {
    const seen = runOf(build('Quay tandem'), view)!;
    expect([seen.isSeen, seen.slowestMs]).toEqual([true, expect.closeTo(0.9, 9)]);
    const guessed = runOf({ ...build('Quay tandem'), seenMs: null }, view)!;
    expect(guessed.isSeen).toBe(false);
    expect(runOf(build('Slip crawler'), view)).toBeNull();
  });

  it('cost what is priced, and name what is not', () => {
    const { each, unpriced } = costOf(build('Quay tandem'), view);
    expect(each).toBeGreaterThan(0.95);
    expect(unpriced).toEqual(['Skirt, Pale roach 1']);
  });
});

describe('the kit', () => {
  const tandem = build('Quay tandem');

  it('is all a bait takes, so many times, by where it lies', () => {
    expect(usesOf(tandem)).toContainEqual({ item: 'part-beads-2', qty: 3 });
    const kit = kitOf(tandem, 4, null, view);
    expect(kit).toMatchObject({ canBegin: true, wantsHead: false });
    expect(kit.lines.find(({ binId }) => binId === 'part-beads-2')).toMatchObject({ needed: 12 });
    expect(kit.lines.map(({ place }) => place)).toEqual(
      kit.lines.map(({ place }) => place).sort((a, b) => a.localeCompare(b, 'en', { numeric: true })),
    );
    expect(kitOf(tandem, 400, null, view).canBegin).toBe(false);
  });

  it('wants a head where the wire brings none, and no skirt where the head wears it', () => {
    const crawler = build('Weir shaker');
    expect([hasWiredHead(tandem, view), hasWiredHead(crawler, view)]).toEqual([true, false]);
    expect(kitOf(crawler, 1, null, view)).toMatchObject({ wantsHead: true, canBegin: false });
    const head = usualHead(crawler, 2, view);
    expect(headsFor(crawler, view).map(({ id }) => id)).toContain(head);
    expect(kitOf(crawler, 1, head, view).lines.map(({ binId }) => binId)).toContain(head);
    const dressed = { ...view.binById.get(head!)!, id: 'dressed', skirtId: crawler.skirtId };
    const worn = {
      ...view,
      binById: new Map([...view.binById, ['dressed', dressed as never]]),
      levels: new Map([...view.levels, ['dressed', 3]]),
    };
    expect(kitOf(crawler, 1, 'dressed', worn).lines.map(({ binId }) => binId)).not.toContain(
      `loose-${crawler.skirtId}`,
    );
  });

  it('takes used parts where new ones run out', () => {
    const blade = view.binById.get('part-leaf-blades-4') as PartBin;
    const used: PartBin = {
      ...blade,
      id: 'used-part-leaf-blades-4',
      name: `${blade.name}, used`,
      condition: 'used',
    };
    const salvage = {
      ...view,
      binById: new Map([...view.binById, [used.id, used]]),
      levels: new Map([...view.levels, [blade.id, 2], [used.id, 5]]),
    };
    const lines = kitOf(tandem, 4, null, salvage).lines.filter(({ name }) => name.startsWith(blade.name));
    expect(lines.map(({ binId, needed }) => [binId, needed])).toEqual([
      [blade.id, 2],
      [used.id, 2],
    ]);
  });

  it('goes back for what was not built', () => {
    const taken = [
      { binId: 'a', qty: 6 },
      { binId: 'b', qty: 18 },
    ];
    expect(plainBack({ taken, count: 6 }, 6)).toEqual([]);
    expect(plainBack({ taken, count: 6 }, 4)).toEqual([
      { binId: 'a', qty: 2 },
      { binId: 'b', qty: 6 },
    ]);
  });

  it('takes as long as the maker’s own runs took, else as is usual', () => {
    const pace = (family: string, kind: BaitKindId) => paceOf({ stage: 'build', family, kind }, view);
    expect(pace(tandem.family, tandem.kind)).toEqual({ secondsEach: 262, isOwn: true });
    expect(pace('new', 'spinnerbait')).toMatchObject({ secondsEach: 238, isOwn: true });
    expect(pace('new', 'in-line')).toEqual({ secondsEach: 150, isOwn: false });
  });

  it('says how many the shelf gives and what runs out', () => {
    expect(buildableOf(tandem, view)).toMatchObject({ count: 5, limiting: ['Skirt, Pale roach 1'] });
    expect(buildableOf(build('Slip crawler'), view)).toMatchObject({ count: 0, limiting: ['the head'] });
  });
});

describe('a step of the card', () => {
  const tandem = build('Quay tandem');
  const order = stepsOf(tandem, view).map(({ id }) => id);
  const at = (step: string | null) => asStep(tandem, step, order);

  it('shows what is on by then, and all of it at the end', () => {
    expect(at('thread-2').arm).toHaveLength(2);
    expect(at('thread-2')).toMatchObject({ skirtId: null, end: { binId: null } });
    expect(at('loop')).toMatchObject({ end: { binId: null } });
    expect(at('end')).toMatchObject({ skirtId: null, end: tandem.end });
    expect(at('skirt')).toMatchObject({ skirtId: tandem.skirtId });
    expect(at('trailer-hook').slots.map(({ slot }) => slot)).toEqual(['trailer-hook']);
    expect(at('keeper').slots).toHaveLength(2);
    expect(at(null)).toBe(tandem);
  });
});

describe('the shelf shared out', () => {
  it('asks with a way for each head, and all ways of a bait share what is wanted of it', () => {
    const shaker = build('Weir shaker');
    const heads = headsFor(shaker, view);
    const question = mixQuestion([shaker], { [shaker.id]: 3 }, false, view);
    expect(question.recipes).toHaveLength(heads.length);
    expect(question.recipes.every(({ uses }) => uses.some(({ item }) => item === `want ${shaker.id}`))).toBe(
      true,
    );
    expect(question.shelf).toContainEqual({ item: `want ${shaker.id}`, onHand: 3, reserved: 0 });
  });

  it('adds used parts, not worn ones, where they are to count', () => {
    const tandem = build('Quay tandem');
    const blade = view.binById.get('part-leaf-blades-4') as PartBin;
    const bins = [
      ...view.bins,
      { ...blade, id: `used-${blade.id}`, condition: 'used' as const },
      { ...blade, id: `worn-${blade.id}`, condition: 'worn' as const },
    ];
    const salvage = {
      ...view,
      bins,
      levels: new Map([...view.levels, [`used-${blade.id}`, 4], [`worn-${blade.id}`, 9]]),
    };
    const of = (withSalvage: boolean) =>
      mixQuestion([tandem], {}, withSalvage, salvage).shelf.find(({ item }) => item === blade.id)!.onHand;
    expect(of(true) - of(false)).toBe(4);
  });

  it('counts ways together, and knows which packet could open something up', () => {
    expect(
      countsOf([
        { id: 'a b 0', count: 2 },
        { id: 'a b 1', count: 3 },
      ]),
    ).toEqual(new Map([['a b', 5]]));
    const question = {
      recipes: [
        {
          id: 'x 0',
          uses: [
            { item: 'blade', qty: 1 },
            { item: 'bead', qty: 3 },
            { item: 'want x', qty: 1 },
          ],
          value: 1,
        },
      ],
      shelf: [
        { item: 'blade', onHand: 2, reserved: 0 },
        { item: 'bead', onHand: 30, reserved: 0 },
        { item: 'want x', onHand: 2, reserved: 0 },
      ],
    };
    expect(scarceItems(question, new Map([['x 0', 2]]))).toEqual(['blade']);
    expect(withPacket(question, 'blade').shelf[0]!.onHand).toBe(2 + PACKET);
    expect(withPacket(question, 'new').shelf).toContainEqual({ item: 'new', onHand: PACKET, reserved: 0 });
  });
});

describe('a color of plastic', () => {
  const weir = plasticDraftOf(view.plastics.find(({ name }) => name === 'Weir green')!);

  it('counts what was stirred in, without the drop that was one too many', () => {
    expect(additivesOf(weir.colors[0]!, 'mm')).toEqual([
      { name: 'Leaf green', amount: 8, unit: 'drops' },
      { name: 'Brown', amount: 2, unit: 'drops' },
      { name: 'Black flake, 0.4 mm', amount: 0.5, unit: 'spoons' },
      { name: 'Copper flake, 1 mm', amount: 0.25, unit: 'spoons' },
    ]);
    expect(cupColor(weir.colors[0]!, true).hex).not.toBe(cupColor(weir.colors[0]!, false).hex);
  });

  it('scales both sides of a laminate to what the baits take together', () => {
    const roach = view.plastics.find(({ name }) => name.startsWith('Roach'))!;
    const shots = [{ name: 'g', pieceCm3: 4, count: 12, cavities: 4, runnerCm3: 2 }];
    const [back, belly] = mixesOf(roach, shots, 0.1, 'mm');
    expect(back!.plasticCm3 + belly!.plasticCm3).toBeCloseTo((48 + 6) / 0.9, 9);
    expect(back!.additives[0]!.amount).toBeCloseTo((3 * back!.plasticCm3) / 60, 9);
  });

  it('takes two cups for one mix, as much as the one that is used up first allows', () => {
    const [side] = weir.colors;
    const cups = (...given: readonly (readonly [baseCm3: number, splitShare: number])[]) =>
      mixCm3({ colors: given.map(([baseCm3, splitShare]) => ({ ...side!, baseCm3, splitShare })) });
    expect(cups([120, 1])).toBe(120);
    expect(cups([60, 0.5], [60, 0.5])).toBe(120);
    expect(cups([60, 0.4], [60, 0.6])).toBe(100);
  });

  it('is stirred in by drops, and flake by the spoons that there are', () => {
    expect([amountOf(1, 'drops'), amountOf(2.5, 'drops')]).toEqual(['1 drop', '2.5 drops']);
    expect([amountOf(1 / 32, SPOONS), amountOf(0.27, SPOONS)]).toEqual(['1/32 tsp', '9/32 tsp']);
  });

  it('becomes two colors and one again, and says what keeps it from being kept', () => {
    const two = withTwoColors(weir, true);
    expect(two.colors.map(({ splitShare }) => splitShare)).toEqual([0.5, 0.5]);
    expect(plasticProblems(two, view.plastics).colors).toContain('Stir something in');
    expect(withTwoColors(two, false).colors).toEqual(weir.colors);
    expect(plasticProblems(newPlastic(), view.plastics)).toEqual({
      name: expect.stringContaining('Give'),
      colors: expect.stringContaining('Stir'),
    });
    expect(plasticProblems({ ...newPlastic(), name: 'Weir green' }, view.plastics).name).toContain(
      'There is a color Weir green already',
    );
    expect(plasticProblems(weir, view.plastics)).toEqual({ name: null, colors: null });
  });
});

describe('paper', () => {
  it('labels each bag with how many, what they weigh and what they must not touch', () => {
    const crawler = build('Slip crawler');
    const labels = labelsOf(crawler, { passed: 8, no: 3 }, view, 'g', NOW);
    expect(labels.map(({ lines }) => lines[0])).toEqual([
      expect.stringMatching(/^6 pieces, [\d.]+ g each$/),
      expect.stringMatching(/^2 pieces/),
    ]);
    expect(labels[1]!.lines[1]).toBe('Run 3, bag 2 of 2');
    expect(labels[0]).toMatchObject({
      title: versionText(crawler),
      code: buildCode(crawler),
      caution: expect.stringContaining('keep from stretchy'),
    });
    expect(labelsOf(build('Ebb spinner'), { passed: 1, no: 1 }, view, 'g', NOW)[0]!.caution).toBe('');
  });

  it('lays the holes out with marks a blade’s length apart', () => {
    const plate = composeTemplate(
      'Weir shaker',
      { name: 'Plate', form: 'plate' },
      build('Weir shaker').pattern!,
      'mm',
    );
    expect(plate.views[0]!.paths).toContain('M31.2 -13L31.2 13');
    expect(plate.facts[1]).toEqual(['Hole 2, for the line', '4 mm from the edge, drill 2.4 mm']);
    expect(slug('Weir shaker, 2nd')).toBe('weir-shaker-2nd');
    expect(slug('  ')).toBe('sheet');
  });
});

describe('the board', () => {
  it('shows the newest version of each, and none that was put away', () => {
    const [first] = view.builds;
    const second: BuildRecord = { ...first!, id: 'second', version: 2 };
    expect(newestByFamily([first!, second]).map(({ id }) => id)).toEqual(['second']);
    expect(newestByFamily([{ ...first!, retired: true }])).toEqual([]);
  });
});
