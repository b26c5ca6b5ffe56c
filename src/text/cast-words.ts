import type { CastFlaw } from '@/core/freezing/cast-flaws';
import type { CastChange } from '@/core/freezing/mend-casting';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { MeshBounds } from '@/core/meshes/mesh-bounds';
import type { Vec3 } from '@/core/meshes/mesh';
import type { Gate } from '@/core/molds/gate-run';
import type { GateSide } from '@/core/molds/gate-sides';
import { lengthText, sizeText, temperatureText } from './words';
import type { ScreenUnits } from './written-in';

/** Places are told to half a millimeter: a simulation knows no more. */
const near = (mm: number) => Math.max(0.5, Math.round(mm * 2) / 2);

/** Where a place of a body lies, in words: `9 mm from the nose`. */
function placeText(
  [x, , z]: Vec3,
  { min, max }: MeshBounds,
  side: GateSide,
  { length }: ScreenUnits,
): string {
  // A hollow in a board stands on its nose.
  return side === 'open'
    ? `${lengthText(near(max[2] - z), length)} under the face`
    : `${lengthText(near(x - min[0]), length)} from the nose`;
}

const seconds = (s: number) => `${s.toFixed(s < 10 ? 1 : 0)} s`;
const percent = (share: number) => `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;
/** A ball of so much of a body, mm across. */
const ballMm = (share: number, bodyMm3: number) => Math.cbrt((6 * share * bodyMm3) / Math.PI);

/** What each way in is called. */
export const GATE_NAMES: Readonly<Record<GateSide, string>> = {
  above: 'from above',
  below: 'from below',
  nose: 'at the nose',
  tail: 'at the tail',
  open: 'open face',
};

/** A flaw in a few words, for a heading. */
export function flawTitle(flaw: CastFlaw): string {
  switch (flaw.kind) {
    case 'unfilled':
      return flaw.why === 'froze' ? 'Freezes before it is full' : 'Too thin to fill';
    case 'air':
      return 'Air stays in';
    case 'hollow':
      return flaw.isByGate ? 'The gate freezes too soon' : 'A thin place freezes too soon';
    case 'wrinkled':
      return 'Wrinkles';
    case 'flash':
      return 'Flash';
  }
}

/** What a flaw means for the casting, and what to look for. */
export function flawSentence(
  flaw: CastFlaw,
  { bounds, bodyMm3 }: { readonly bounds: MeshBounds; readonly bodyMm3: number },
  side: GateSide,
  units: ScreenUnits,
): string {
  const at = (place: Vec3) => placeText(place, bounds, side, units);
  switch (flaw.kind) {
    case 'unfilled':
      return flaw.why === 'froze'
        ? `The metal stops before it gets there: ${percent(flaw.share)} of the body stays empty, ${at(flaw.atMm)}, where it is ${lengthText(flaw.thickMm, units.length)} thick.`
        : `Liquid metal holds together like a skin. ${at(flaw.atMm)} it is too thin for the metal above to press in: ${percent(flaw.share)} of the body stays empty.`;
    case 'air':
      return `The metal shuts air in ${at(flaw.atMm)}, ${percent(flaw.share)} of the body. Scratch a vent there.`;
    case 'hollow': {
      const size = sizeText(ballMm(flaw.share, bodyMm3), units.length);
      const shut = flaw.isByGate ? 'The gate is solid' : `It is solid ${at(flaw.shutAtMm)}`;
      return `${shut} ${seconds(flaw.beforeS)} before the body ${at(flaw.atMm)}, so nothing feeds that place. Expect a dimple or a hollow there, about ${size} across.`;
    }
    case 'wrinkled':
      return `The metal arrives nearly frozen: ${percent(flaw.spent)} of the time it can flow is gone. Expect wrinkles and rounded edges.`;
    case 'flash':
      return `The halves stand further apart than ${lengthText(flaw.fromMm, units.length)}: the metal presses into the gap.`;
  }
}

/** Something done otherwise, as a maker would be told: `Drill the gate to 7 mm`. */
export function changeText(
  change: CastChange,
  now: Gate,
  { min, max }: MeshBounds,
  { length, temperature }: ScreenUnits,
): string {
  const along = (share: number) => lengthText(share * (max[0] - min[0]), length);
  switch (change.is) {
    case 'gate':
      if (change.gate.side === now.side && change.gate.at === now.at)
        return `Drill the gate to ${lengthText(change.gate.wideMm, length)}`;
      return `Gate ${change.gate.side === 'above' || change.gate.side === 'below' ? `${along(change.gate.at)} from the nose` : GATE_NAMES[change.gate.side]}, ${lengthText(change.gate.wideMm, length)} wide`;
    case 'vents':
      return `Vent ${change.vents.map(along).join(' and ')} from the nose`;
    case 'poured':
      return `Metal at ${temperatureText(change.pouredC, temperature)}`;
    case 'block':
      return `Block at ${temperatureText(change.blockC, temperature)}`;
    case 'gap':
      return `Close the halves to ${lengthText(change.gapMm, length)}`;
  }
}

/** How much of a body its flaws of each title take, to hold what was against what will be. */
function flawShares(flaws: readonly CastFlaw[]): ReadonlyMap<string, number> {
  const shares = new Map<string, number>();
  for (const flaw of flaws) {
    const title = flawTitle(flaw);
    shares.set(title, (shares.get(title) ?? 0) + flaw.share);
  }
  return shares;
}

/** What a change does to the flaws there are: `Fixes: air stays in. Less: the gate freezes too soon, 1.7 % to 0.4 %.` */
export function mendsText(before: readonly CastFlaw[], after: readonly CastFlaw[]): string {
  const [was, will] = [flawShares(before), flawShares(after)];
  const gone = [...was.keys()].filter((title) => !will.has(title));
  const fresh = [...will.keys()].filter((title) => !was.has(title));
  const stays = [...will].flatMap(([title, share]) => {
    const had = was.get(title);
    if (had === undefined) return [];
    return [`${title.toLowerCase()}${had > 0 ? `, ${percent(had)} of the body to ${percent(share)}` : ''}`];
  });
  const said = [
    ...(gone.length > 0 ? [`Fixes: ${gone.join(', ').toLowerCase()}.`] : []),
    ...(stays.length > 0 ? [`Stays: ${stays.join('; ')}.`] : []),
    ...(fresh.length > 0 ? [`New: ${fresh.join(', ').toLowerCase()}.`] : []),
    ...(will.size === 0 ? ['Nothing is left to fix.'] : []),
  ];
  return said.join(' ');
}

/** What makers say of gates, heat and vents, to hold beside what was reckoned. */
export const RULES_OF_THUMB: readonly { readonly of: CastFlaw['kind']; readonly says: string }[] = [
  { of: 'hollow', says: 'Gate into the thickest part, and make the gate no thinner than the part it feeds.' },
  {
    of: 'hollow',
    says: 'Thick, thin, thick does not feed: the thin place freezes first. Round it or gate both.',
  },
  {
    of: 'unfilled',
    says: 'Thin parts fill from a hot block: pour and put back the first castings until they fill.',
  },
  { of: 'unfilled', says: 'More metal above the cavity presses better: fill the sprue to the top.' },
  { of: 'air', says: 'Vents go where the metal comes last. A scratch the depth of a knife mark is enough.' },
  { of: 'wrinkled', says: 'Wrinkles mean cold: warm the block first, the metal second.' },
  { of: 'flash', says: 'Flash means the halves do not close: look for dirt, a bent hook or a warped block.' },
];

/** A freezing in one sentence, for who does not see its drawing. */
export function castPictureText(name: string, { feed, flaws }: FrozenPicture, units: ScreenUnits): string {
  if (!feed) return `${name}: it does not freeze in this mold.`;
  const told = flaws.map((flaw) => flawTitle(flaw).toLowerCase()).join(', ');
  return `${name} in its mold, cut where the halves part: solid after ${feed.bodySolidS.toFixed(1)} s${told === '' ? ', no flaw expected' : `; expect: ${told}`}. Sizes in ${units.length}.`;
}
