import { spinForce } from '@/core/pours/spin-force';
import { floatShot } from '@/core/water/float-shot';
import { pouredMetal } from '@/reference/poured-metal';
import { pressureText } from '@/text/quantity-text';
import { massText } from '@/text/words';
import { METAL_OPTIONS } from './metal-options';
import { known, unknown, quickAnswer } from './quick-answer';

/** A casting shows less than the box round it, a share (typical of heads and sinkers). */
const SHADOW_SHARE = 0.7;
const MM2_PER_CM2 = 100;
const G_PER_KG = 1000;
/** Turns are told to so many, never up. */
const TURNS = 10;
const KPA_PER_BAR = 100;

/** Whether a spun disc is pressed hard enough together. */
export const discHolds = quickAnswer({
  id: 'disc-holds',
  asks: 'Will my spun disc flash?',
  fields: {
    metal: { label: 'Metal', is: 'choice', usual: 'soft-lead', options: METAL_OPTIONS },
    rpm: { label: 'Turns a minute', is: 'number', usual: 450, least: 50, most: 3000 },
    reach: { label: 'Cavities reach out to', is: 'length', usual: 90, least: 10, most: 400 },
    pool: { label: 'Pool in the middle, radius', is: 'length', usual: 25, least: 1, most: 200 },
    count: { label: 'Castings', is: 'number', usual: 12, least: 1, most: 200 },
    long: { label: 'Each long', is: 'length', usual: 18, least: 2, most: 200 },
    across: { label: 'and across', is: 'length', usual: 9, least: 1, most: 100 },
    clamp: { label: 'Pressed together with', is: 'mass', usual: 60_000, least: 100, most: 2_000_000 },
  },
  source:
    'A liquid turning as a body, at the outermost of every cavity: the safe side. A warped disc flashes sooner.',
  answer: (asked, { mass, length }) => {
    const projectedCm2 = (SHADOW_SHARE * asked.long * asked.across) / MM2_PER_CM2;
    const found = spinForce({
      densityGcm3: pouredMetal(asked.metal).densityGcm3,
      rpm: asked.rpm,
      poolRadiusMm: asked.pool,
      cavities: [{ radiusMm: asked.reach, projectedCm2, count: Math.round(asked.count) }],
      clampKgf: asked.clamp / G_PER_KG,
    });
    if (!found.ok) return unknown('The cavities lie inside the pool: measure to their outermost.');
    const { partingKgf, holds, cavities } = found.value;
    const parts = massText(partingKgf * G_PER_KG, mass);
    const pressure = pressureText((cavities[0]?.pressureKpa ?? 0) / KPA_PER_BAR, length);
    return known(
      holds ? `It holds: the metal parts it with ${parts}` : `It flashes: the metal parts it with ${parts}`,
      holds
        ? `At its outermost it presses with ${pressure}. Twice the turns would press four times as hard.`
        : `Spin it at ${Math.floor((asked.rpm * Math.sqrt(asked.clamp / G_PER_KG / partingKgf)) / TURNS) * TURNS} turns at most, or press harder.`,
    );
  },
  opens: { at: 'Molds', href: () => '/molds' },
});

/** A float's body is a spindle: so much of the box of its length and thickness. */
const SPINDLE = Math.PI / 6;

/** How much shot a float takes. */
export const shotUnder = quickAnswer({
  id: 'shot-under',
  asks: 'How much shot does my float take?',
  fields: {
    long: { label: 'Float body, long', is: 'length', usual: 60, least: 5, most: 400 },
    across: { label: 'across', is: 'length', usual: 12, least: 2, most: 80 },
    g: { label: 'It weighs', is: 'mass', usual: 1.2, least: 0.05, most: 200 },
    out: { label: 'Stands out, %', is: 'number', usual: 10, least: 0, most: 90 },
    hangs: { label: 'Hook and bait under it', is: 'mass', usual: 0.5, least: 0, most: 100 },
  },
  source:
    'Archimedes, on a spindle of that size; bait counts as half as heavy again as water. Try it in a glass.',
  answer: (asked, { mass }) => {
    const volumeCm3 = (SPINDLE * asked.long * asked.across ** 2) / 1000;
    const found = floatShot({
      floatVolumeCm3: volumeCm3,
      floatMassG: asked.g,
      standsOutCm3: (volumeCm3 * asked.out) / 100,
      carried: [{ massG: asked.hangs, volumeCm3: asked.hangs / 1.5 }],
    });
    if (!found.ok)
      return unknown('It has no lift left: it is too heavy for its size, or too much of it stands out.');
    const { capacityG, leftG } = found.value;
    return leftG > 0
      ? known(`${massText(leftG, mass)} of lead shot`, `With nothing under it, ${massText(capacityG, mass)}.`)
      : known(
          'None: it carries too much already',
          `By ${massText(-leftG, mass)}. A larger float, or less of it out.`,
        );
  },
  opens: { at: 'Rig', href: () => '/rig?part=rig&new=float-rig' },
});
