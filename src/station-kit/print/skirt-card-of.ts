import { findHold } from '@/core/skirts/holds';
import { layStrands } from '@/core/skirts/lay-strands';
import { flaredShares, restShares } from '@/core/skirts/seen-shares';
import type { MaterialShare } from '@/core/skirts/skirt-appearance';
import { FACING } from '@/core/skirts/skirt-view';
import type { CardDrawing, SkirtCard } from '@/data/exchange/sheet/skirt-card';
import { fanStrands } from '@/drawing/skirt/fan-strands';
import { restStrands } from '@/drawing/skirt/rest-strands';
import type { Skirt } from '@/records/skirt';
import type { JigLook, SkirtState } from '@/ui/skirt-drawing/skirt-look';
import { skirtBox } from '@/ui/skirt-drawing/skirt-box';
import { strandPaths } from '@/ui/skirt-drawing/strand-paths';
import { amountOfText, placeText, shortName } from '@/text/skirt-words';
import { jigOf } from '../looks/jig-look';
import { layersOf, materialOf } from '@/model/skirts/skirt-facts';
import { lengthText } from '@/text/words';
import type { BenchView } from '@/model/bench/bench-view';
import { stepsOf } from '@/model/skirts/tying-card';
import { versionText } from '@/model/versions/version-text';

const LEAD_HEX = '#5c6873';

/** A recipe as it goes on paper. */
export function composeCard(skirt: Skirt, view: BenchView, length: 'mm' | 'in'): SkirtCard {
  const hold = findHold(skirt.hold);
  const jig = jigOf(skirt, view);
  const layers = layersOf(skirt, view);
  const rest = restShares(layers, skirt.collar.diameterMm, 'side');
  const flared = flaredShares(layers);
  return {
    title: versionText(skirt),
    subtitle: [view.bench.name, skirt.prey].filter(Boolean).join(', '),
    drawings: jig
      ? [
          drawingOf(jig, { is: 'rest' }, 'At rest', rest.ok ? sharesText(rest.value, view) : ''),
          drawingOf(
            jig,
            { is: 'open', open: 1, pulse: 0 },
            'On a stop',
            flared.ok ? sharesText(flared.value, view) : '',
          ),
        ]
      : [],
    layers: skirt.layers.map((layer) => {
      const material = materialOf(layer, view);
      return [
        `${material?.name ?? 'a material gone'}: ${amountOfText(layer.amount, length, material?.form)}, ${placeText(layer.place)}`,
        `${lengthText(layer.lengthMm, length)} from the collar`,
        ...(layer.isShort ? ['cut short'] : []),
        layer.isForward ? 'tied forward, folded back' : 'tied back',
      ].join(', ');
    }),
    facts: [
      ['Held by', hold.name],
      ['Collar', view.binById.get(skirt.collar.binId ?? '')?.name ?? 'none'],
      ['Bundle at the collar', lengthText(skirt.collar.diameterMm, length)],
      ['Held at', `${Math.round(skirt.collar.atShare * 100)} % of the strands`],
    ],
    steps: stepsOf(skirt, view, length).map(
      ({ title, how, count }) => `${title}${count ? `, ${count.times} times` : ''}. ${how}`,
    ),
    cautions: [
      ...hold.cautions,
      'Hook points: cap or clamp them. Follow the makers’ sheets and your local rules.',
    ],
  };
}

function sharesText(shares: readonly MaterialShare[], { binById }: Pick<BenchView, 'binById'>): string {
  return shares
    .map(({ material, share }) => {
      const bin = binById.get(material);
      return `${bin?.kind === 'strand' ? shortName(bin) : 'gone'} ${Math.round(share * 100)} %`;
    })
    .join(', ');
}

function drawingOf(jig: JigLook, state: SkirtState, caption: string, shares: string): CardDrawing {
  const { layers, looks, collar, head } = jig;
  const strands =
    state.is === 'open'
      ? fanStrands(layers, collar, 'side', state)
      : restStrands(layers, layStrands(layers, collar.diameterMm, FACING.side), collar);
  const high = collar.diameterMm + 1.5;
  const left = collar.xMm - collar.lengthMm;
  const band = `M${left} ${-high / 2}L${collar.xMm} ${-high / 2}L${collar.xMm} ${high / 2}L${left} ${high / 2}Z`;
  return {
    caption,
    shares,
    shapes: [
      { path: head.body, hex: jig.coat?.base.hex ?? LEAD_HEX },
      ...strandPaths(strands).flatMap(({ layer, tone, bodies }) => {
        const look = looks[layer];
        return look ? [{ path: bodies, hex: look.tones[tone + 1] ?? look.tones[1] }] : [];
      }),
      { path: band, hex: jig.collarHex ?? LEAD_HEX },
    ],
    wire: head.hook ? { path: `${head.hook.wire}${head.hook.barb}`, xMm: head.hook.x } : null,
    box: skirtBox(jig, state, 'side'),
  };
}
