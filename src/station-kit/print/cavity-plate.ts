import type { CavityForm } from '@/core/solids/forms/definition';
import type { Design } from '@/model/molds/design';
import { drillingSteps } from '@/model/molds/drilling-steps';
import type { MetalBin } from '@/records/bin';
import { lengthText, massText } from '@/text/words';
import { roomText } from '@/text/writer';
import type { WrittenIn } from '@/text/written-in';
import type { Solid } from '@/core/solids/solid';
import { outlineSolid } from '@/core/solids/solid-outline';
import type { Plate } from '@/data/exchange/plate/plate';
import { sectionView } from '@/drawing/section-view';

interface PlateFacts {
  readonly title: string;
  readonly subtitle: string;
  readonly solid: Solid;
  readonly facts: Plate['facts'];
  readonly steps: readonly string[];
}

const EDGE_MM = 2;
const CAUTION =
  'Hot metal and damp never meet: a drilled board must be bone dry. Vent, goggles, gloves. Follow the makers’ sheets and your local rules.';

/** The sheet of a cavity: its section and its face, true size. */
export function composePlate({ title, subtitle, solid, facts, steps }: PlateFacts): Plate {
  const outline = outlineSolid(solid);
  const view = sectionView(outline);
  const r = view.radiusMm;
  const circle = (radius: number, x: number) =>
    `M${x - radius} 0A${radius} ${radius} 0 1 1 ${x + radius} 0A${radius} ${radius} 0 1 1 ${x - radius} 0Z`;
  const rings = outline.parts.flatMap(({ profile, offsetsMm }) =>
    offsetsMm.map((offset) => circle(Math.max(...profile.map(([radius]) => radius)), offset)),
  );
  const cross = [`M${-r - 1.5} 0H${r + 1.5}`, `M0 ${-r - 1.5}V${r + 1.5}`];
  const high = 2 * r + 2 * EDGE_MM;
  return {
    title,
    subtitle,
    views: [
      {
        caption: 'cut along the axis',
        paths: [...view.solids, ...view.cuts],
        boxMm: [-EDGE_MM, -r - EDGE_MM, view.lengthMm + 2 * EDGE_MM, high],
      },
      {
        caption: 'seen along the axis: prick the middles through',
        paths: [...rings, ...cross],
        boxMm: [-r - EDGE_MM, -r - EDGE_MM, 2 * r + 2 * EDGE_MM, high],
      },
    ],
    facts,
    steps,
    caution: CAUTION,
  };
}

interface PlateOfDesign {
  readonly title: string;
  readonly design: Design;
  /** Null for a profile of the maker's own. */
  readonly form: CavityForm | null;
  readonly metal: MetalBin;
  readonly units: WrittenIn;
}

/** What a design is printed as, and whether it is drilled; null for a mesh, which has no sizes to print. */
export function plateSheet({ title, design, form, metal, units: { mass, length } }: PlateOfDesign) {
  const { solid } = design;
  if (!solid) return null;
  return {
    isDrilling: form?.way === 'drilled',
    compose: () =>
      composePlate({
        title,
        subtitle: `${massText(design.finishedG, mass)} in ${metal.name}; cavity, shrink in it`,
        solid,
        facts: [
          ...(form?.fields ?? []).map(
            (field) => [field.label, lengthText(design.sizes[field.key] ?? field.usual, length)] as const,
          ),
          ['Length', lengthText(design.lengthMm, length)],
          ['Cavity', roomText(design.volumeCm3, length, 4)],
        ],
        steps: form ? drillingSteps(form, design.sizes, length).map(({ text }) => text) : [],
      }),
  };
}
