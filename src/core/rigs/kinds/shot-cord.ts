import { PLAIN_GAUGE } from '../../parts/part-roles';
import type { RigKind, RigQuestion } from './definition';
import { bearing, itemOf, layOutSteps, line, put, step, want, wanted } from './usual';

const isCounted = ({ by }: RigQuestion['picks']) => by === 'count';
const TARGET = {
  ...want('targetG', 'Weight', 'g', 30, 500, 1),
  when: (picks: RigQuestion['picks']) => !isCounted(picks),
};
const SHOTS = { ...want('shots', 'Shot in each', 'pieces', 6, 120, 1), when: isCounted };
const SEAL = want('sealMm', 'Seal, each end', 'mm', 8, 40, 3);

/** A bead of those that are counted, g: 9 mm of lead. */
const COUNTED_SHOT_G = 4.3;

/** Off by more than this share of the wanted weight is said. */
const OFF_SHARE = 0.05;

/** How many shot come nearest to a weight beside what hangs on the cord already; one at least. */
export function shotFor(targetG: number, shotG: number, besideG: number): number {
  return Math.max(1, Math.round((targetG - besideG) / shotG));
}

/** How long the cord is between its outer ends: the shot in a row and a seal at either end, mm. */
export function cordLength(shots: number, shotMm: number, sealMm: number): number {
  return shots * shotMm + 2 * sealMm;
}

/** As many as the maker counts, or as make the weight. */
function shots(question: RigQuestion): number {
  if (isCounted(question.picks)) return Math.max(1, Math.round(wanted(question, SHOTS)));
  const { shot, swivel } = question.chosen;
  return shotFor(wanted(question, TARGET), shot?.massG ?? 1, swivel?.massG ?? 0);
}

/** Shot in a hollow cord sealed at both ends: it bends over stones where a lump gets stuck. */
export const shotCord: RigKind<'shot-cord'> = {
  id: 'shot-cord',
  name: 'Bead weight in cord',
  how: 'So many shot in hollow cord, sealed at both ends, twenty alike from a gauge.',
  wants: [TARGET, SHOTS, SEAL],
  picks: [
    {
      id: 'by',
      label: 'Made by',
      options: [
        { value: 'weight', label: 'its weight' },
        { value: 'count', label: 'a count of shot' },
      ],
    },
  ],
  places: [
    {
      ...bearing('swivel', 'Swivel', ['swivel', 'ring', 'solid'], false),
      wish: () => ({ size: 'lengthMm', value: 8, how: 'nearest' }),
    },
    {
      id: 'shot',
      name: 'Shot',
      takes: ['shot'],
      isNeeded: true,
      // A count is of beads one can count: half a dozen for an ounce.
      wish: ({ wants, picks }) => ({
        size: 'massG',
        value: isCounted(picks) ? COUNTED_SHOT_G : Math.max(0.2, (wants.targetG ?? TARGET.usual) / 30),
        how: 'nearest',
      }),
    },
    {
      id: 'cord',
      name: 'Hollow cord',
      takes: ['line'],
      line: ['hollow'],
      isNeeded: true,
      wish: ({ chosen: { shot } }) => ({
        size: 'diameterMm',
        value: shot?.gauge.sizes.diameterMm ?? 4,
        how: 'at-least',
      }),
    },
  ],
  lay: (question) => {
    const { cord, shot } = question.chosen;
    const sealMm = wanted(question, SEAL);
    const count = shots(question);
    const shotMm = shot?.gauge.sizes.diameterMm ?? 4;
    return [
      ...put(question, 'swivel'),
      ...(cord ? [itemOf('cord', cord, line(cordLength(count, shotMm, sealMm), 'melted', 'melted'))] : []),
      ...put(question, 'shot', { count, atMm: sealMm }),
    ];
  },
  judge: ({ items, wants, picks }) => {
    const of = (place: string) => items.find((item) => item.place === place);
    const [cord, shot, swivel] = [of('cord'), of('shot'), of('swivel')];
    const boreMm = cord?.part.gauge.sizes.diameterMm;
    const shotMm = shot?.part.gauge.sizes.diameterMm;
    const targetG = wants.targetG ?? TARGET.usual;
    const massG = (shot?.count ?? 0) * (shot?.part.massG ?? 0) + (swivel?.part.massG ?? 0);
    const sealMm = wants.sealMm ?? SEAL.usual;
    const roomMm =
      cord?.lengthMm && shot && shotMm ? cord.lengthMm - cordLength(shot.count, shotMm, sealMm) : 0;
    return [
      ...(cord && shot && boreMm !== undefined && shotMm !== undefined && shotMm > boreMm
        ? [
            {
              code: 'hole-small' as const,
              weight: 'stop' as const,
              at: [cord.id, shot.id],
              name: cord.part.name,
              holeMm: boreMm,
              over: shot.part.name,
              overMm: shotMm,
            },
          ]
        : []),
      ...(cord && shot && roomMm < -0.05
        ? [
            {
              code: 'hole-small' as const,
              weight: 'stop' as const,
              at: [cord.id],
              name: `${cord.part.name} between its seals`,
              holeMm: (cord.lengthMm ?? 0) - 2 * sealMm,
              over: `${shot.count} × ${shot.part.name}`,
              overMm: shot.count * (shotMm ?? 0),
            },
          ]
        : []),
      ...(shot && !isCounted(picks) && Math.abs(massG - targetG) > OFF_SHARE * targetG
        ? [{ code: 'off-weight' as const, weight: 'mind' as const, at: [shot.id], massG, targetG }]
        : []),
    ];
  },
  tools: ['hot knife or sealing iron', 'bead gauge', 'funnel'],
  checks: [
    'Shaken by the swivel: no shot comes out',
    'Bends like a chain',
    'Weighed: the same as the others, within a shot',
  ],
  reasons: [
    'seal opened',
    'a shot too few or too many',
    'cord melted through',
    'cord stiff: it does not bend',
  ],
  cautions: ['Sealing gives hot plastic fume: ventilate. Lead shot: wash your hands, no food beside it.'],
  finished: ({ items }) => {
    const cord = items.find(({ place }) => place === 'cord');
    const shot = items.find(({ place }) => place === 'shot');
    if (!cord?.lengthMm || !shot) return null;
    const acrossMm = Math.max(cord.part.gauge.sizes.diameterMm ?? 0, shot.part.gauge.sizes.diameterMm ?? 0);
    return {
      ...PLAIN_GAUGE,
      as: 'weight',
      basis: 'guess',
      sizes: { lengthMm: cord.lengthMm, ...(acrossMm > 0 ? { diameterMm: acrossMm } : {}) },
    };
  },
  usualSeconds: 90,
  steps: (facts) => {
    const { shot = 'shot', swivel } = facts.names;
    const count = facts.counts.shot ?? 1;
    return [
      ...layOutSteps(facts),
      step(
        'seal-foot',
        'Melt the lower end shut',
        'Press it flat while it is soft; pull on it when it is cold.',
        ['Thin and glassy: too hot. Cut it off and seal again.'],
      ),
      step('fill', `Let ${count} × ${shot} in`, 'Against the gauge: level with its mark.', [
        'One too few is lighter than the others: count again before sealing.',
      ]),
      step(
        'seal-top',
        swivel ? `Melt the upper end through ${swivel}` : 'Melt the upper end shut',
        'Folded back on itself and pressed flat.',
      ),
    ];
  },
};
