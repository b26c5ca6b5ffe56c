import { readTicketDraft } from '@/records/drafts';
import { demoBench } from '@/demo/demo-bench';
import { planPours } from '@/core/pours/plan-pours';
import { cavityRows, hookFor } from '@/model/molds/cavity-facts';
import { guessVolume } from '@/model/molds/guess-volume';
import { blankMold, findMoldProblems, readHookSizes, toMold } from './molds/mold-draft';
import { composeRun } from '@/model/schedule/compose-run';
import { stretches } from '@/model/schedule/run-lengths';
import { viewOf } from '../../tests/support/view-of';
import { freeOf } from '@/model/stock/free-of';
import { promiseOf } from '@/model/bills/cast-promises';
import { wantsOf } from '@/model/tickets/wants-of';
import { stopsOf } from '@/app-shell/stops';
import { STATIONS } from '@/app/stations';
import { sessionOf, takesOf } from '@/model/tickets/session-takes';
import { headText, massText, minutesText, offText, verdictText } from '@/text/words';
import { dueOn } from '@/model/tickets/due-on';
import { inShelfOrder, shelfBin, shelfGroups } from '@/model/stock/shelf-rows';
import {
  completeLines,
  draftOf,
  findProblems,
  newDraft,
  newLine,
  sortHooks,
} from '@/model/tickets/ticket-draft';

const NOW = Date.UTC(2026, 10, 23, 12);
const demo = demoBench(NOW);

const view = viewOf(demo);
const zander = demo.tickets.find((ticket) => ticket.title === 'Zander league')!;
const lot = view.metals.find((metal) => metal.id === 'lot-14')!;

describe('deriveView', () => {
  it('wants what open tickets have not cast', () => {
    const half = view.wants.filter((want) => want.ticketId === 'ticket-14');
    expect(half.map((want) => want.left)).toEqual([20, 10]);
    expect(view.wants.some((want) => want.ticketId === 'ticket-13')).toBe(false);
    expect(view.wants.some((want) => want.ticketId === 'ticket-15')).toBe(false);
  });

  it('promises hooks to open tickets and cast heads to open orders', () => {
    // 20 bullets, 60 rounds, 30 footballs and 24 darts of the open tickets are on 2/0
    expect(view.promised.get('hook-2-0')).toBe(20 + 60 + 30 + 24);
    expect(view.promised.get('head-egg-20-bare-lot-9')).toBe(24);
    expect(view.promised.get('head-bullet-10-hook-2-0-lot-14')).toBeUndefined();
    expect(freeOf(view, 'hook-2-0')).toBe(210 - 134);
    expect(freeOf(view, 'hook-3-0')).toBe(0);
  });

  it('takes the share of misfills from the runs', () => {
    const good = demo.runs.reduce((total, run) => total + run.booking!.good, 0);
    const bad = demo.runs.reduce((total, run) => total + run.booking!.misfilled, 0);
    expect(view.isScrapMeasured).toBe(true);
    expect(view.pot.scrapShare).toBeCloseTo(bad / (good + bad), 12);
    const young = viewOf({ ...demo, runs: [] });
    expect(young.isScrapMeasured).toBe(false);
    expect(young.pot.scrapShare).toBe(0.05);
  });
});

describe('takesOf', () => {
  it('counts as free what is promised to these lines themselves', async () => {
    const wants = wantsOf(zander, view.made);
    const session = sessionOf(view, wants, lot);
    const planned = await planPours(session.demand, session.molds);
    if (!planned.ok) throw new Error(planned.problem.code);
    const takes = takesOf(view, session, planned.value, lot, promiseOf(view, wants))!;
    expect([...takes.budget.hooks.keys()].sort()).toEqual(['hook-2-0', 'hook-3-0']);
    // Of 19 hooks 3/0 ten are promised to the bullets; these lines' own 24 do not stand in their way.
    expect(takes.short).toMatchObject([{ item: 'hook-3-0', free: 9 }]);

    const run = composeRun(session, planned.value, view.moldById, {
      metalBinId: lot.id,
      chargedG: 1400,
      drossShare: 0.02,
    });
    expect(run.blocks.map((block) => block.moldId)).toEqual(['block-f']);
    expect(run.wants.map((want) => want.count)).toEqual([60, 18]);
    expect(run.cells.every((cell) => cell.moldId === 'block-f')).toBe(true);

    const rows = cavityRows(view.moldById.get('block-f')!, lot, view.hooks, session, planned.value);
    expect(rows.reduce((total, row) => total + row.asked, 0)).toBe(78);
    expect(rows.every((row) => row.cast !== null && row.fits)).toBe(true);
  });
});

describe('the line', () => {
  it('says what waits at each stop', () => {
    const stops = stopsOf(STATIONS, view, 'g', NOW);
    expect(stops.map(({ name }) => name)).toEqual([
      'Ticket',
      'Metal',
      'Molds',
      'Pour',
      'Dress',
      'Coat',
      'Skirt',
      'Build',
      'Rig',
      'Shelf',
      'Cost',
      'Water',
    ]);
    expect(stops[0]!.waits).toBe('7 open');
    expect(stops[3]).toMatchObject({ waits: '418 to pour', tone: 'act' });
    expect(stops[5]).toMatchObject({ waits: '66 to coat', tone: 'calm' });
    expect(stops[6]).toMatchObject({ waits: '6 to tie', tone: 'calm' });
    expect(stops[7]).toMatchObject({ waits: '10 builds', tone: 'calm' });
    const curing = { ...demo.racks[0]!, state: 'curing' as const };
    expect(stopsOf(STATIONS, viewOf({ ...demo, racks: [curing] }), 'g', NOW)[5]).toMatchObject({
      waits: 'rack in the oven',
      tone: 'act',
    });
    expect(stopsOf(STATIONS, viewOf({ ...demo, tickets: [] }), 'g', NOW)[3]).toMatchObject({
      waits: '0 to pour',
      tone: 'calm',
    });
  });
});

describe('words', () => {
  it('say masses, offs, times and heads as makers do', () => {
    expect(massText(1460, 'g')).toBe('1.46 kg');
    expect(massText(10.631, 'oz-fraction')).toBe('3/8 oz');
    expect(offText(-0.048, '10 g')).toBe('4.8 % under 10 g');
    expect(offText(0.12, '10 g')).toBe('12 % over 10 g');
    expect(offText(0.001, '10 g')).toBe('on 10 g');
    expect([20, 3120, 4800].map(minutesText)).toEqual(['1 min', '52 min', '1 h 20 min']);
    expect(headText(zander.lines[0]!, view.binById, 'g')).toBe('Round 10 g, 2/0');
    expect(headText({ style: 'egg', nominalG: 20, hookBinId: null }, view.binById, 'g')).toBe('Egg 20 g');
    expect(dueOn(zander)).toBe('2026-11-28');
    expect(verdictText({ fits: false, why: 'hook', hookSizes: ['2/0'], lies: null }, '10 g', 'g')).toBe(
      'takes hooks 2/0',
    );
    expect(verdictText({ fits: false, why: 'weight', finishedG: 9, offShare: -0.1 }, '10 g', 'g')).toBe(
      'gives 9.00 g, 10 % under 10 g',
    );
  });
});

describe('a ticket draft', () => {
  const draft = newDraft('one', view.metals);

  it('lists what is missing, and what is complete', () => {
    const problems = findProblems({ ...draft, buyer: ' ' });
    expect(problems.title).toContain('name');
    expect(problems.buyer).toContain('Who ordered it');
    expect(Object.keys(problems.lines.get('one')!).sort()).toEqual(['count', 'hookBinId', 'nominalG']);
    expect(problems.count).toBe(5);
    expect(completeLines(draft)).toEqual([]);
    const sinker = { ...draft.lines[0]!, style: 'egg', nominalG: 20, count: 5 };
    expect(completeLines({ ...draft, lines: [sinker] })).toHaveLength(1);
  });

  it('begins a line like the one before', () => {
    const before = {
      ...draft.lines[0]!,
      style: 'dart',
      hookBinId: 'hook-1-0',
      dueOn: '2026-12-01',
      count: 9,
    };
    expect(newLine('two', before, view.metals)).toMatchObject({
      style: 'dart',
      hookBinId: 'hook-1-0',
      dueOn: '2026-12-01',
      count: null,
    });
  });

  it('is known again after a reload, and nothing else is', () => {
    const draft = draftOf(zander);
    expect(readTicketDraft(JSON.parse(JSON.stringify(draft)))).toEqual(draft);
    const fresh = newDraft('l', view.metals);
    expect(readTicketDraft(JSON.parse(JSON.stringify(fresh)))).toEqual(fresh);
    for (const other of [null, 5, {}, { title: 'x' }, { ...draft, lines: [{}] }, { ...draft, strange: 1 }])
      expect(readTicketDraft(other)).toBeNull();
  });

  it('offers hooks smallest first', () => {
    const sizes = sortHooks(view.hooks.values()).map((hook) => hook.size);
    expect(sizes.slice(0, 3)).toEqual(['#8', '#6', '#4']);
    expect(sizes.at(-1)).toBe('6/0');
  });
});

describe('a mold draft', () => {
  it('becomes a mold once nothing is wrong', () => {
    const blank = blankMold();
    expect(toMold(blank)).toBeNull();
    expect(findMoldProblems(blank).name).toContain('Block N');
    const cavity = {
      ...blank.cavities[0]!,
      nominalG: 10,
      volumeCm3: guessVolume({ nominalG: 10 }),
      hookSizes: ['2/0'],
    };
    expect(toMold({ ...blank, name: ' Block Z ', cavities: [cavity] })).toMatchObject({ name: 'Block Z' });
    const odd = { ...cavity, hookSizes: ['large'] };
    expect(findMoldProblems({ ...blank, cavities: [odd] }).cavities[0]!.hookSizes).toContain("'large'");
    expect(toMold({ ...blank, name: 'Z', cavities: [odd] })).toBeNull();
  });

  it('reads hook sizes one way and keeps what is none to be mended', () => {
    expect(readHookSizes(['6', '#6', ' 3/0', 'big', ''])).toEqual(['#6', '3/0', 'big']);
  });

  it('guesses a volume at which the mark holds in soft lead', () => {
    expect(guessVolume({ nominalG: 10 }) * 11.34 * (1 - 0.0089) ** 3).toBeCloseTo(10, 9);
  });

  it('finds a hook of the shelf that a cavity takes', () => {
    const cavity = demo.molds[0]!.cavities[0]!;
    expect(hookFor(cavity, view.hooks)?.size).toBe('#8');
    expect(hookFor({ ...cavity, hookSizes: ['20/0'] }, view.hooks)).toBeNull();
  });
});

describe('stretches', () => {
  it('gathers like pours', () => {
    expect(stretches([[0, 1], [0, 1], [0], [0]])).toEqual([
      { from: 1, to: 2, cavities: [0, 1] },
      { from: 3, to: 4, cavities: [0] },
    ]);
    expect(stretches([])).toEqual([]);
  });
});

describe('shelfGroups', () => {
  const rows = inShelfOrder(view.bins).map((bin) => shelfBin(view, bin));

  it('finds by every word, in names, places and sorts', () => {
    const found = shelfGroups(rows, '2/0 long', 'all').flatMap((group) =>
      group.bins.map((row) => row.bin.id),
    );
    expect(found).toEqual(['hook-2-0-long']);
    expect(shelfGroups(rows, 'powder cupboard', 'powder').map((group) => group.name)).toEqual(['Powders']);
    expect(shelfGroups(rows, 'skirt drawer', 'strand').map((group) => group.name)).toEqual([
      'Skirt material',
    ]);
    expect(shelfGroups(rows, 'nothing like it', 'all')).toEqual([]);
  });

  it('puts metal first by number, then hooks by size', () => {
    const [metal, hooks] = shelfGroups(rows, '', 'all');
    expect(metal!.bins.map((row) => row.bin.id).slice(0, 2)).toEqual(['lot-9', 'lot-12']);
    expect(hooks!.bins[0]!.bin.id).toBe('hook-n8');
  });

  it('shows as low what is low or short, and no more', () => {
    const low = shelfGroups(rows, '', 'low').flatMap((group) => group.bins);
    expect(low.length).toBeGreaterThan(3);
    expect(low.every((row) => row.isLow || row.isShort)).toBe(true);
    expect(low.some((row) => row.bin.id === 'hook-3-0' && row.isShort)).toBe(true);
  });
});
