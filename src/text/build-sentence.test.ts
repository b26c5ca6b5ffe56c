import type { Finding } from '@/core/builds/judge-build';
import { benchSentence } from './bench-sentence';
import { findingSentence, patternSentence } from './build-sentence';
import { sentence } from './sentence';
import { IN_BASE_UNITS } from './writer';
import { METRIC } from './written-in';

type Said = Finding extends infer Each ? (Each extends Finding ? Omit<Each, 'weight' | 'at'> : never) : never;

const say = (finding: Said) => findingSentence({ weight: 'stop', at: ['a'], ...finding } as Finding, METRIC);

describe('findingSentence', () => {
  it.each<[Said, string]>([
    [{ code: 'missing', what: 'wire' }, 'It has no wire yet. Take one from the shelf.'],
    [
      { code: 'too-long', overMm: 4, armMm: 60, stackMm: 48 },
      'The stack is 48 mm and the arm 60 mm with its loop: too long by 4 mm. Take beads off, or a longer arm.',
    ],
    [
      { code: 'no-play', freeMm: 1.5, leastMm: 3 },
      'Only 1.5 mm stay free; 3 mm let it turn. Take a bead off.',
    ],
    [
      { code: 'strike', name: 'Drop blade', next: 'Leaf blade', overlapMm: 6 },
      'Drop blade reaches 6 mm past the hanger of Leaf blade: they strike. Put 6 mm of beads or a spacer between, or take a shorter blade.',
    ],
    [
      { code: 'apart', name: 'One', next: 'Other' },
      'One does not reach Other: they will not strike each other. Bring them nearer if they are to.',
    ],
    [
      { code: 'hits-body', name: 'Round blade', widthMm: 30, gapMm: 14 },
      'Round blade is 30 mm wide and swings 15 mm out; the body is 14 mm off. Take a narrower blade, or a longer or wider arm.',
    ],
    [
      { code: 'sweeps-body', name: 'Round blade', intoMm: 3 },
      'Round blade strikes the body as it turns, by about 3 mm: where it hangs, the arm is too near. Hang it farther out, take a shorter blade, or a wider or longer arm.',
    ],
    [
      { code: 'loop-small', name: 'Ball swivel', ringMm: 1.9, loopMm: 3 },
      'The loop is 3 mm inside and Ball swivel needs 3.8 mm to turn in it. Bend a larger loop, or take a finer swivel.',
    ],
    [
      { code: 'hole-small', name: 'Bead', holeMm: 0.9, wireMm: 1 },
      'Bead has a hole of 0.9 mm; the wire is 1 mm. Take one with a wider hole, or thinner wire.',
    ],
    [{ code: 'bare-clevis', name: 'Clevis' }, 'Clevis carries no blade. Hang one on it, or take it off.'],
    [{ code: 'blades-few', count: 0, limit: 1 }, 'It has no blade; it needs 1.'],
    [{ code: 'blades-few', count: 1, limit: 2 }, 'It has 1 blade; it needs 2.'],
    [{ code: 'blades-many', count: 7, limit: 6 }, 'It has 7 blades; 6 are the most.'],
    [
      { code: 'not-on-arm', name: 'Rivet', kind: 'Spinnerbait' },
      'Rivet does not go on the arm of a spinnerbait. Take it off.',
    ],
    [
      { code: 'wrong-wire', name: 'Buzz wire', kind: 'Spinnerbait' },
      'Buzz wire is not bent for a spinnerbait. Choose another wire.',
    ],
    [
      { code: 'gape-fouls', name: 'Worm', gapeMm: 14, bodyMm: 13 },
      'Worm is 13 mm thick and the gape 14 mm: of the size between, it can foul the point. A thinner body or a wider gape clears it.',
    ],
    [
      { code: 'hook-lost', name: 'Worm', gapeMm: 9, bodyMm: 13 },
      'Worm is 13 mm thick and fills the gape of 9 mm: the hook is lost in it. Take a thinner body or a wider gape.',
    ],
    [
      { code: 'not-measured', name: 'Blade', what: 'width' },
      'Nobody measured Blade yet: its width is wanted. Measure it under Parts.',
    ],
  ])('%j', (finding, words) => {
    expect(say(finding)).toBe(words);
  });
});

describe('patternSentence', () => {
  it('names the hole by its number and says what to keep', () => {
    expect(patternSentence({ code: 'outside', hole: 0 }, METRIC)).toBe(
      'Hole 1 lies outside the blade. Measure it again from the front edge.',
    );
    expect(patternSentence({ code: 'near-edge', hole: 1, edgeMm: -0.4 }, METRIC)).toContain(
      'Hole 2 leaves 0 mm of sheet at the edge',
    );
    expect(patternSentence({ code: 'near-hole', hole: 2, other: 0, webMm: 0.5 }, METRIC)).toContain(
      'Hole 3 and hole 1 leave 0.5 mm',
    );
  });
});

describe('what the build station refuses', () => {
  it('is said in words that tell what to do', () => {
    expect(benchSentence({ code: 'bench.card-run-on', of: 'baits' }, IN_BASE_UNITS)).toContain(
      'End that run',
    );
    expect(benchSentence({ code: 'bench.card-run-ended', of: 'baits', no: 4 }, IN_BASE_UNITS)).toContain(
      'Building run 4 has ended',
    );
    expect(benchSentence({ code: 'bench.more-back-than-taken', taken: 6, back: 7 }, IN_BASE_UNITS)).toContain(
      'only 6 were taken',
    );
    expect(
      sentence({ code: 'mix.same-recipe-twice', facts: { id: 'a' }, path: [] }, IN_BASE_UNITS),
    ).toContain("called 'a'");
    expect(sentence({ code: 'blade.none', facts: {}, path: [] }, IN_BASE_UNITS)).toContain('Hang one');
  });
});
