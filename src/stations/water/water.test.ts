import { castWeights } from '@/model/molds/cast-weights';
import { METRIC } from '@/text/written-in';
import { demoBench } from '@/demo/demo-bench';
import { PLAIN_NOTE, type WaterNote } from '@/records/water-note';
import { viewOf } from '../../../tests/support/view-of';
import { catchBy, lossBy, nextSets } from '@/model/water/answers';
import { newNote, noteProblem, readLengths } from './draft-note';
import { FIRST_QUESTION, weightFor } from '@/model/water/hold';
import { replacements, replacementTicket } from '@/model/water/replace';
import { colorOf, fishableThings, lastAt, readCode } from '@/model/water/things';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);
const build = demo.builds.find(({ name }) => name === 'Quay tandem')!;

let names = 0;
const note = (change: Partial<WaterNote>): WaterNote => ({
  ...PLAIN_NOTE,
  id: `n${(names += 1)}`,
  at: names,
  place: 'Weir',
  ...change,
});
const withNotes = (...waterNotes: WaterNote[]) => viewOf({ ...demo, waterNotes });

describe('what can be fished', () => {
  it('is found by the code of its bag, and by nothing else', () => {
    expect(readCode(`ruvek:build/${build.id}`, view)).toEqual({ kind: 'build', id: build.id });
    expect(readCode('ruvek:build/gone', view)).toBeNull();
    expect(readCode('https://example.test', view)).toBeNull();
  });

  it('stands first where it was fished last, and knows its color', () => {
    const head = demo.bins.find((bin) => bin.kind === 'head' && bin.coatId !== null)!;
    const fished = withNotes(note({ of: { kind: 'head', id: head.id } }));
    expect(fishableThings(fished, 'g')[0]!.id).toBe(head.id);
    expect(colorOf({ kind: 'head', id: head.id }, view)).toBe(
      demo.coats.find(({ id }) => head.kind === 'head' && id === head.coatId)!.name,
    );
    expect(colorOf({ kind: 'build', id: build.id }, view)).toBe(
      demo.skirts.find(({ id }) => id === build.skirtId)!.name,
    );
    expect(colorOf({ kind: 'build', id: 'gone' }, view)).toBeNull();
  });
});

describe('a note being written', () => {
  it('begins where the last one left off', () => {
    const last = note({
      of: { kind: 'build', id: build.id },
      weightG: 20,
      depthM: 3,
      bottom: 'rock',
      hours: 4,
    });
    const draft = newNote(withNotes(last));
    expect(draft).toMatchObject({
      place: 'Weir',
      depthM: 3,
      bottom: 'rock',
      weightG: 20,
      hours: null,
      fish: 0,
    });
    expect(newNote({ waterNotes: [] })).toMatchObject({ place: '', of: null });
    expect(lastAt('Nowhere', view)).toBeNull();
  });

  it('says what is wrong with it', () => {
    const draft = { ...PLAIN_NOTE, hours: 1 };
    expect(noteProblem(draft)).toBeNull();
    expect(noteProblem({ ...draft, hours: null })).toContain('How long');
    expect(noteProblem({ ...draft, lost: 1, lostTo: [{ how: 'snag', count: 2 }] })).toContain('2 are said');
    expect(noteProblem({ ...draft, fish: 1, fishMm: [300, 400] })).toContain('2 fish were measured');
  });

  it('reads lengths as people write them', () => {
    expect(readLengths('42, 38 cm, 510 mm', 'mm')).toEqual([420, 380, 510]);
    expect(readLengths('20 in', 'mm')![0]).toBeCloseTo(508, 6);
    expect(readLengths('', 'mm')).toEqual([]);
    expect(readLengths('long', 'mm')).toBeNull();
    expect(readLengths('42, long', 'mm')).toBeNull();
    expect(readLengths('42 38 51', 'mm')).toEqual([420, 380, 510]);
    expect(readLengths('15, 17', 'in')!.map(Math.round)).toEqual([381, 432]);
    expect(readLengths('17 1/2, 1 ft 3 in', 'in')!.map(Math.round)).toEqual([445, 381]);
  });
});

describe('what the notes say', () => {
  it('counts fish by thing and losses by bottom, and calls none better while bands overlap', () => {
    const of = { kind: 'build' as const, id: build.id };
    const few = withNotes(
      note({ of, hours: 4, fish: 3, lost: 1, bottom: 'rock' }),
      note({ of: null, hours: 5, fish: 1, bottom: 'mud' }),
    );
    expect(catchBy('thing', null, few, METRIC).groups).toMatchObject([
      { under: 'Quay tandem 1', count: 3, hours: 4 },
    ]);
    expect(lossBy('bottom', null, few, METRIC).groups.map(({ under, count }) => [under, count])).toEqual([
      ['rock', 1],
      ['mud', 0],
    ]);
    expect(catchBy('thing', 'Elsewhere', few, METRIC).groups).toEqual([]);
    const clear = withNotes(
      note({ weightG: 10, hours: 20, fish: 60 }),
      note({ weightG: 30, hours: 20, fish: 2 }),
    );
    expect(catchBy('weight', null, clear, METRIC).winner).toBe('8 to 12 g');
    const warm = withNotes(note({ waterC: 13.5, hours: 1 }), note({ clarity: 'muddy', hours: 1 }));
    expect(catchBy('temperature', null, warm, METRIC).groups[0]!.under).toBe('12 to 16 °C');
    expect(catchBy('clarity', null, warm, METRIC).groups[0]!.under).toBe('muddy');
    const inches = { mass: 'oz-fraction', temperature: 'F' } as const;
    expect(catchBy('weight', null, clear, inches).winner).toBe('1/4 to 3/8 oz');
    expect(catchBy('temperature', null, warm, inches).groups[0]!.under).toBe('55 to 60 °F');
  });

  it('makes the next graded set of how weights felt', () => {
    const [set] = nextSets(
      withNotes(note({ weightG: 10, feel: 'too-light' }), note({ weightG: 14, feel: 'right' })),
    );
    expect(set).toMatchObject({ place: 'Weir', light: 1, right: 1, heavy: 0 });
    // In marks of the blocks, each with what it gives in the usual metal.
    const marks = set!.weights.map(({ nominalG }) => nominalG);
    expect(marks).toContain(14);
    for (const { nominalG, finishedG } of set!.weights) {
      expect(finishedG / nominalG).toBeGreaterThan(0.8);
      expect(finishedG / nominalG).toBeLessThan(1.2);
    }
  });

  it('sets the reckoned weight right by what felt right there', () => {
    const alone = weightFor(FIRST_QUESTION, 'Weir', withNotes());
    expect(alone).toMatchObject({ factor: 1, notes: 0 });
    const { depthM, castM, currentMs, lineMm, bottom } = FIRST_QUESTION;
    const heavy = Array.from({ length: 20 }, () =>
      note({ depthM, castM, currentMs, lineMm, bottom, weightG: alone.massG * 2, feel: 'right' }),
    );
    const learned = weightFor(FIRST_QUESTION, 'Weir', withNotes(...heavy));
    expect(learned.factor).toBeGreaterThan(1.3);
    expect(learned.massG).toBeCloseTo(alone.massG * learned.factor, 9);
    if (learned.cast) expect(learned.cast.finishedG).toBeGreaterThanOrEqual(learned.massG);
  });

  it('offers of the molds what weighs enough in the metal in hand, not what is marked so', () => {
    const lead = { id: 'lead', densityGcm3: 11.34, shrinkLinear: 0.0089 };
    const pewter = { id: 'pewter', densityGcm3: 7.28, shrinkLinear: 0.0048 };
    const question = { ...FIRST_QUESTION, currentMs: 0.15 };
    const needed = weightFor(question, null, withNotes(), lead);
    const [inLead, inPewter] = [lead, pewter].map((metal) => castWeights(metal, withNotes()));
    for (const [metal, casts] of [
      [lead, inLead!],
      [pewter, inPewter!],
    ] as const) {
      const { cast } = weightFor(question, null, withNotes(), metal);
      expect(cast).toEqual(casts.find(({ finishedG }) => finishedG >= needed.massG));
      // The next lighter is not enough, whatever its mark says.
      const lighter = casts.filter(({ finishedG }) => finishedG < (cast?.finishedG ?? 0));
      expect(lighter.every(({ finishedG }) => finishedG < needed.massG)).toBe(true);
    }
    // A cavity marked 10 g gives about two thirds of it in pewter.
    const ofTen = (casts: typeof inLead) => casts!.find(({ nominalG }) => nominalG === 10)!.finishedG;
    expect(ofTen(inPewter) / ofTen(inLead)).toBeLessThan(0.75);
  });
});

describe('replacing what was lost', () => {
  it('writes heads as lines, baits and loose skirts as wares', () => {
    const head = demo.bins.find((bin) => bin.kind === 'head')!;
    const skirt = demo.skirts[0]!;
    const lost = withNotes(
      note({ of: { kind: 'build', id: build.id }, hours: 2, lost: 3 }),
      note({ of: { kind: 'head', id: head.id }, hours: 2, lost: 2 }),
      note({ of: { kind: 'skirt', id: skirt.id }, hours: 2, lost: 1 }),
      note({ of: { kind: 'build', id: 'gone' }, hours: 2, lost: 4 }),
    );
    const found = replacements(lost, 0);
    expect(found.map(({ lost: many }) => many)).toEqual([3, 2, 1]);
    const ticket = replacementTicket(found, lost, () => 'id')!;
    expect(ticket.wares).toMatchObject([
      { kind: 'build', family: build.family, count: 3 },
      { kind: 'skirt', family: skirt.family, count: 1 },
    ]);
    // Lost skirts alone are a ticket too.
    const skirtsOnly = replacementTicket(found.slice(2), lost, () => 'id')!;
    expect([skirtsOnly.lines, skirtsOnly.wares]).toMatchObject([[], [{ kind: 'skirt', count: 1 }]]);
    expect(ticket.lines).toMatchObject([{ count: 2, nominalG: head.kind === 'head' ? head.nominalG : 0 }]);
    expect(replacementTicket([], lost, () => 'id')).toBeNull();
    expect(replacements(lost, 1e15)).toEqual([]);
  });
});
