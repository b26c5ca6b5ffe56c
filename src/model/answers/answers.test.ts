import { roundMass } from '@/core/units/round-figure';
import { INCHES, METRIC } from '@/text/written-in';
import { QUICK_ANSWERS } from '.';
import { usualAsked, type Asked } from './quick-answer';
import { figuresOf } from '../../../tests/support/foreign-units';

const find = (id: string) => QUICK_ANSWERS.find((each) => each.id === id)!;
const usually = (id: string): Asked => usualAsked(find(id).fields);

/** All that is answered, with some of it asked otherwise. */
function said(id: string, otherwise: Asked = {}): string {
  const answer = find(id).answer({ ...usually(id), ...otherwise }, METRIC);
  return answer.isKnown ? [answer.says, ...answer.more].join(' | ') : `unknown: ${answer.why}`;
}

describe('quick answers', () => {
  it.each(QUICK_ANSWERS.map(({ id }) => [id]))('%s is answered as it opens, in either units', (id) => {
    const { answer, fields } = find(id);
    const metric = answer(usually(id), METRIC);
    expect(metric.isKnown).toBe(true);
    expect(JSON.stringify(metric)).not.toMatch(figuresOf.inches);
    const round = usualAsked(fields, ({ is, usual }) =>
      is === 'mass' ? roundMass(usual, INCHES.mass) : usual,
    );
    const inches = answer(round, INCHES);
    expect(inches.isKnown).toBe(true);
    expect(JSON.stringify(inches)).not.toMatch(figuresOf.metric);
  });

  it('pours a cavity in another metal by the two densities and shrinks', () => {
    // Soft lead 11.34 (1 - 0.0089)^3 = 11.04 g/cm3; tin 7.3 g/cm3, which shrinks less.
    expect(said('other-metal', { g: 11.04, to: 'tin' })).toMatch(
      /^7\.\d+ g \| 3\d % lighter than in soft lead/,
    );
    expect(said('other-metal', { g: 10, from: 'tin', to: 'tin' })).toMatch(/^10\.0 g/);
  });

  it('drills as deep as a hole so deep weighs', () => {
    const deep = Number(/^[\d.]+/.exec(said('drill-depth', { g: 30, bit: 20 }))![0]);
    const weighs = Number(/^[\d.]+/.exec(said('drilled-weight', { bit: 20, deep }))![0]);
    // Depths are shown to a tenth of a millimeter.
    expect(Math.abs(weighs / 30 - 1)).toBeLessThan(0.02);
  });

  it('never lets a cure melt a head', () => {
    expect(said('heat-and-cure', { cureC: 177, metal: 'bismuth-tin' })).toContain('Never cure it so');
    expect(said('heat-and-cure', { cureC: 120, metal: 'bismuth-tin' })).toContain('Too near');
    expect(said('heat-and-cure', { cureC: 177 })).toContain('Soft lead bears a cure at 177 °C');
    expect(said('heat-and-cure', { fuseC: 220, source: 'oven' })).toMatch(/^unknown: At 200 °C/);
  });

  it('says that nobody knows rather than guess', () => {
    expect(said('crimp-for', { cable: 4.5 })).toMatch(/^unknown: No table reaches/);
    expect(said('bead-weight', { across: 3, hole: 3 })).toMatch(/^unknown: The hole is as wide/);
    expect(said('payback', { make: 2, buy: 2 })).toMatch(/^unknown: Never/);
  });

  it('counts beads to the nearest, and pays back from the first piece that is cheaper', () => {
    // Lead balls of 6 mm without a hole weigh 11.2 x 0.1131 = 1.267 g: 16 of them come to 20.27 g.
    expect(said('bead-weight', { g: 20, across: 6, hole: 0 })).toMatch(/^16 beads \| They come to 20\.3 g/);
    expect(said('payback', { outlay: 80, make: 0.5, buy: 1.5 })).toMatch(/^80 pieces/);
    expect(said('hook-set', { lure: 200 })).toMatch(/^80/);
    expect(said('skirt-fullness', { tabs: 2, strands: 22 })).toMatch(/^44 strands \| Usual for two tabs/);
  });

  it('says at how many turns a disc flashes, and what a float carries', () => {
    // Twelve castings of 1.13 cm2 at 90 mm over a pool of 25 mm: 94 kPa at 450 turns, 13.1 kg.
    expect(said('disc-holds')).toMatch(/^It holds: the metal parts it with 13\.1 kg/);
    expect(said('disc-holds', { clamp: 5000 })).toMatch(/^It flashes: .* Spin it at 270 turns at most/);
    expect(said('disc-holds', { reach: 20 })).toMatch(/^unknown: The cavities lie inside the pool/);
    expect(said('shot-under')).toMatch(/^\d\.\d+ g of lead shot/);
    expect(said('shot-under', { hangs: 40 })).toMatch(/^None: it carries too much already/);
    expect(said('shot-under', { g: 60 })).toMatch(/^unknown: It has no lift left/);
  });

  it('sinks the heavier sooner', () => {
    const seconds = (g: number) => Number(/^[\d.]+/.exec(said('sink-time', { g }))![0]);
    expect(seconds(40)).toBeLessThan(seconds(10));
  });

  it('brings what was asked along to its tool', () => {
    expect(find('drill-depth').opens.href(usually('drill-depth'))).toBe('/molds?view=design&grams=30');
    expect(find('hook-set').opens.href(usually('hook-set'))).toBe('/rig?part=rig&new=cable-set&lureMm=180');
  });
});
