import { findKind } from '.';
import { judgeBuild } from '../judge-build';
import type { BaitFacts, BaitKindId } from './definition';
import { strapReach } from './strap-jig';

const BARE: BaitFacts = {
  arm: [],
  end: null,
  slots: {},
  cuts: {},
  skirt: null,
  head: 'Head',
  isShortened: false,
  plate: { isFlat: true, drilled: 0 },
};
const card = (kind: BaitKindId, facts: Partial<BaitFacts>) =>
  findKind(kind)
    .steps({ ...BARE, ...facts })
    .map(({ title }) => title);

describe('the card of a dressed jig', () => {
  it('puts two rattles on their collar, one alone under the skirt’s, and none where there is none', () => {
    const pair = { rattle: 'glass rattle', 'rattle-two': 'glass rattle', 'rattle-collar': 'rattle collar' };
    expect(card('dressed-jig', { slots: pair })).toEqual([
      'Push two of glass rattle into rattle collar',
      'Slip rattle collar up the shank',
    ]);
    expect(card('dressed-jig', { slots: { rattle: 'glass rattle' } })).toEqual([
      'Slip glass rattle under the collar',
    ]);
    expect(card('dressed-jig', { skirt: 'Skirt, Black 1' }).join(' ')).not.toMatch(
      /rattle|guard|trailer|stop/i,
    );
  });

  it('ends with the stop behind the trailer, where it has one', () => {
    const titles = card('dressed-jig', {
      slots: { trailer: 'claw', stop: 'worm end' },
      skirt: 'Skirt, Black 1',
    });
    expect(titles).toEqual([
      'Pull Skirt, Black 1 over the collar',
      'Thread claw straight',
      'Push worm end over the barb',
    ]);
  });

  it('is of no bait that fits before it has a skirt, tied or bought', () => {
    const bare = {
      kind: 'dressed-jig',
      frame: null,
      armMm: null,
      arm: [],
      end: { hanger: null, blade: null },
      slots: [],
      head: { massG: 10, radiusMm: 6, gapeMm: 12 },
      minFreeMm: 3,
    } as const;
    const missing = (isSkirted: boolean) =>
      judgeBuild({ ...bare, isSkirted }).findings.map(({ code, at }) => [code, ...at]);
    expect(missing(false)).toEqual([['missing', 'skirt']]);
    expect(missing(true)).toEqual([]);
  });
});

describe('the card of a strap jig', () => {
  const slots = { strap: 'strap', hook: 'hook 2/0' };

  it('draws the strap half through the eye, where it works at half its length', () => {
    expect(strapReach(60)).toBe(30);
    expect(card('strap-jig', { slots })).toEqual([
      'Draw strap half through the sinker’s eye',
      'Fix hook 2/0 to both ends',
    ]);
  });

  it('has a step for each thing that it carries, in the order in which it goes on', () => {
    const all = {
      ...slots,
      ring: 'ring #3',
      body: 'foam',
      tape: 'tape',
      rattle: 'rattle',
      feelers: 'feelers',
      claws: 'claws',
      trailer: 'grub',
    };
    expect(card('strap-jig', { slots: all, skirt: 'Skirt' })).toEqual([
      'Draw strap half through the sinker’s eye',
      'Slide foam over both halves',
      'Fix hook 2/0 to both ends',
      'Close it with ring #3',
      'Wind tape round the strap',
      'Slip rattle under the collar',
      'Pull Skirt over the collar',
      'Draw feelers through under the skirt',
      'Set claws at the front',
      'Thread grub straight',
    ]);
  });

  it('opens on a walking sinker', () => {
    expect(findKind('strap-jig').headStyle).toBe('walking');
  });
});

describe('the card of a grub head with a stinger', () => {
  const parts = { trailer: 'grub', stinger: 'fly hook', cord: 'braid' };

  it('says how much braid is cut, knots strands where there are some, and threads the grub tail down', () => {
    expect(card('stinger-grub', { slots: parts, cuts: { cord: '5 in' } })).toEqual([
      'Cut 5 in of braid',
      'Snell fly hook',
      'Thread grub straight, tail down',
      'Loop it on the main hook',
      'One drop of gel on the knot',
    ]);
    const full = { ...parts, strands: 'white strand', stop: 'stopper' };
    expect(card('stinger-grub', { slots: full, cuts: { cord: '5 in', strands: '2 in' } })).toEqual([
      'Cut 5 in of braid',
      'Snell fly hook',
      'Knot 2 in of white strand to the braid',
      'Thread grub straight, tail down',
      'Loop it on the main hook',
      'Push stopper over the point, up to it',
      'One drop of gel on the knot',
    ]);
  });
});
