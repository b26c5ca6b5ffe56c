import { useMemo } from 'react';
import { layStrands, type LaidLayer, type LaidStrand } from '@/core/skirts/lay-strands';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import { FACING, type SkirtView } from '@/core/skirts/skirt-view';
import { fanStrands } from '@/drawing/skirt/fan-strands';
import { restStrands, tyingStrands } from '@/drawing/skirt/rest-strands';
import { guardFibers, shadePath, trailerPath } from '@/drawing/skirt/trimmings';
import { CoatedHead } from '../head-drawing/CoatedHead';
import { EndOnHead, FromAbove } from './head-views';
import { skirtBox } from './skirt-box';
import type { JigLook, SkirtState } from './skirt-look';
import { strandPaths } from './strand-paths';

interface SkirtDrawingProps {
  /** Empty where words beside it say it all. */
  readonly name: string;
  readonly jig: JigLook;
  readonly state: SkirtState;
  readonly view: SkirtView;
  readonly pxPerMm: number;
  /** Drawn smaller where it would be wider. */
  readonly maxWidthPx?: number;
  readonly maxHeightPx?: number;
  /** For a left hand the hook's bend points left. */
  readonly isMirrored?: boolean;
}

/** A skirt on its head, strand by strand from its recipe, to scale. */
export function SkirtDrawing(props: SkirtDrawingProps) {
  const { name, jig, state, view, pxPerMm, maxWidthPx = Infinity, maxHeightPx = Infinity } = props;
  const [x, y, width, height] = skirtBox(jig, state, view);
  const scale = Math.min(pxPerMm, maxWidthPx / width, maxHeightPx / height);
  return (
    <svg
      role={name ? 'img' : undefined}
      aria-label={name || undefined}
      aria-hidden={name ? undefined : true}
      data-skirt={state.is}
      width={width * scale}
      height={height * scale}
      viewBox={`${x} ${y} ${width} ${height}`}
      style={props.isMirrored ? { transform: 'scaleX(-1)' } : undefined}
    >
      <JigShape jig={jig} state={state} view={view} />
    </svg>
  );
}

/** A skirt on its head, inside a drawing in mm: the head's nose at the origin, its axis along x. */
export function JigShape({
  jig,
  state,
  view,
  isHeadless = false,
}: Pick<SkirtDrawingProps, 'jig' | 'state' | 'view'> & { readonly isHeadless?: boolean }) {
  const { head, coat, collar, collarHex, depth } = jig;
  const band = collarHex ?? 'var(--lead)';
  const bandHigh = collar.diameterMm + (collarHex === null ? 0.8 : 1.8);
  if (view === 'end') {
    return (
      <>
        <EndOnHead head={head} coat={coat} depth={depth} />
        <Strands jig={jig} state={state} view={view} />
        <circle r={bandHigh / 2} fill={band} stroke="var(--ink)" strokeWidth={0.25} />
        {head.hook ? <circle r={head.hook.wireMm / 2} fill="var(--wire)" /> : null}
      </>
    );
  }
  return (
    <>
      {isHeadless ? null : view === 'top' ? (
        <FromAbove head={head} coat={coat} depth={depth} />
      ) : (
        <CoatedHead view={head} look={coat} />
      )}
      {jig.trailerHex && state.is !== 'tying' ? (
        <path
          d={trailerPath(collar.xMm + 2, head.bodyBox.height * 0.42)}
          fill={jig.trailerHex}
          stroke="var(--ink)"
          strokeWidth={0.2}
        />
      ) : null}
      {jig.hasRattle ? (
        <rect
          x={collar.xMm + 1}
          y={view === 'top' ? -2 : 1.2}
          width={13}
          height={4}
          rx={2}
          fill="color-mix(in srgb, var(--steel-1) 80%, transparent)"
          stroke="var(--steel-edge)"
          strokeWidth={0.3}
        />
      ) : null}
      <Strands jig={jig} state={state} view={view} />
      <rect
        x={collar.xMm - collar.lengthMm}
        y={-bandHigh / 2}
        width={collar.lengthMm}
        height={bandHigh}
        rx={0.9}
        fill={band}
        stroke="var(--ink)"
        strokeWidth={0.25}
      />
      {collarHex === null ? <Windings collar={collar} high={bandHigh} /> : null}
      {jig.guardHex && view === 'side'
        ? guardFibers(head).map((fiber) => (
            <path key={fiber} d={fiber} fill="none" stroke={jig.guardHex ?? undefined} strokeWidth={0.45} />
          ))
        : null}
    </>
  );
}

/** Turns of thread or wire where no rubber holds. */
function Windings({ collar, high }: { readonly collar: JigLook['collar']; readonly high: number }) {
  const turns = Math.max(3, Math.round(collar.lengthMm / 0.6));
  return (
    <path
      d={Array.from({ length: turns }, (_, nth) => {
        const x = collar.xMm - collar.lengthMm + ((nth + 0.5) * collar.lengthMm) / turns;
        return `M${x.toFixed(2)} ${-high / 2}v${high}`;
      }).join('')}
      stroke="var(--sheet)"
      strokeWidth={0.18}
      opacity={0.7}
    />
  );
}

function Strands({ jig, state, view }: Pick<SkirtDrawingProps, 'jig' | 'state' | 'view'>) {
  const { layers, looks, collar } = jig;
  const isOpen = state.is === 'open';
  const open = isOpen ? state.open : 0;
  const pulse = isOpen ? state.pulse : 0;
  const shown = state.is === 'tying' ? state.layers : layers.length;
  const isFan = isOpen || view === 'end';
  const laid = useLaid(isFan ? NONE : layers, shown, collar.diameterMm, view);
  const paths = useMemo(() => {
    const here = layers.slice(0, shown);
    if (here.length === 0) return [];
    if (isFan) return strandPaths(fanStrands(here, collar, view, { open, pulse }));
    return strandPaths(
      state.is === 'tying' ? tyingStrands(here, laid, collar) : restStrands(here, laid, collar),
    );
  }, [layers, shown, laid, collar, view, isFan, open, pulse, state.is]);
  const longest = Math.max(0, ...layers.map(({ lengthMm }) => lengthMm));
  return (
    <g>
      {state.is === 'rest' && view !== 'end' && longest > 0 ? (
        <path d={shadePath(collar, longest)} fill="var(--skirt-shade)" />
      ) : null}
      {paths.map(({ layer, tone, bodies, lines }, nth) => {
        const look = looks[layer];
        if (!look) return null;
        const opacity = look.opacity < 1 ? look.opacity : undefined;
        const body = (
          <path key={nth} d={bodies} fill={look.tones[tone + 1]} opacity={opacity} data-layer={layer} />
        );
        if (look.flakes.length === 0) return body;
        return (
          <g key={nth}>
            {body}
            {look.flakes.map(({ hex, sizeMm }, flake) => (
              <path
                key={flake}
                d={lines}
                fill="none"
                stroke={hex}
                strokeWidth={Math.min(sizeMm, (layers[layer]?.strandWidthMm ?? 1) * 0.6)}
                strokeDasharray={`${sizeMm} ${(sizeMm * 9 + flake * 2).toFixed(2)}`}
                strokeDashoffset={(nth * 1.7 + flake * 3) % 7}
                data-flake={layer}
              />
            ))}
          </g>
        );
      })}
    </g>
  );
}

const NONE: readonly SkirtLayer[] = [];

/**
 * Strands laid over the half that is seen. How long they are does not matter to where they lie: while a length is dragged
 * nothing is laid anew.
 */
function useLaid(
  layers: readonly SkirtLayer[],
  shown: number,
  diameterMm: number,
  view: SkirtView,
): readonly LaidStrand[] {
  const facts = layers
    .slice(0, shown)
    .map(({ strands, strandWidthMm, arc, isForward }) => ({ strands, strandWidthMm, arc, isForward }));
  const key = JSON.stringify(facts);
  return useMemo(
    () => layStrands(JSON.parse(key) as LaidLayer[], diameterMm, FACING[view]),
    [key, diameterMm, view],
  );
}
