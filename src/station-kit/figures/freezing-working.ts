import { BLOCK_FILM_WM2K } from '@/core/freezing/warm-block';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { MoldKind } from '@/core/molds/made-of';
import type { BlockLump } from '@/model/molds/block-heat';
import type { CastDraft } from '@/model/molds/cast-question';
import { moldMaterial } from '@/model/molds/cast-question';
import type { Bench } from '@/records/bench';
import { numberText as n } from '@/text/number-text';
import { massText, temperatureText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** How a freezing was followed, and what it rests on. */
export function freezingWorking(
  picture: FrozenPicture,
  draft: CastDraft,
  trial: Bench['freezeTrial'],
  temperature: 'C' | 'F',
): Working {
  const mold = moldMaterial(draft.of);
  return {
    title: 'Followed as it freezes',
    steps: [
      `the casting, its gate and the mold are cut into ${picture.bricks.toLocaleString('en')} bricks; heat runs from each to its neighbors, none is lost`,
      'a brick is solid when it has given up what melting took',
      `through the gap at the wall: ${n(mold.contactWm2K / picture.slower, 3)} W/m²K${picture.slower === 1 ? '' : `, ${n(picture.slower, 2)} times less than typical, since your timed head froze so much slower`}`,
    ],
    inputs: [
      { name: 'metal poured at', value: temperatureText(draft.pouredC, temperature), basis: 'given' },
      { name: 'mold at', value: temperatureText(draft.blockC, temperature), basis: 'given' },
      {
        name: `${mold.name.toLowerCase()}, heat`,
        value: `${n(mold.conductivityWmK, 3)} W/mK`,
        basis: 'reference',
      },
      trial && picture.slower !== 1
        ? { name: 'head you timed', value: `${n(trial.seconds, 2)} s`, basis: 'given' }
        : { name: 'gap at the wall', value: 'nobody timed a head in such a mold', basis: 'guess' },
    ],
  };
}

/** How a block's warmth was reckoned. */
export function warmthWorking(
  lump: BlockLump,
  asked: { readonly of: MoldKind; readonly pourJ: number; readonly beatS: number },
  { mass, temperature }: Pick<ScreenUnits, 'mass' | 'temperature'>,
): Working {
  const { specificJkgK, name } = moldMaterial(asked.of);
  const rises = asked.pourJ / ((lump.massG / 1000) * specificJkgK);
  const risesText = temperature === 'F' ? `${n(rises * 1.8, 2)} F` : `${n(rises, 2)} C`;
  return {
    title: 'How warm the block gets',
    steps: [
      `the castings of a pour give it ${n(asked.pourJ / 1000, 2)} kJ: it gets ${risesText} warmer`,
      `between pours, ${n(asked.beatS, 3)} s, air and shining take some of what it is warmer than the room`,
      'the block is taken as one lump of heat; a large one is warmer near its cavities',
    ],
    inputs: [
      {
        name: `${name.toLowerCase()}, both halves`,
        value: massText(lump.massG, mass),
        basis: lump.isGuess ? 'guess' : 'weighed',
      },
      { name: 'room', value: temperatureText(20, temperature), basis: 'usual' },
      { name: 'heat taken by air and shining', value: `${BLOCK_FILM_WM2K} W/m²K`, basis: 'reference' },
    ],
  };
}
