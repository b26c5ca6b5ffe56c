'use client';

import { useId, useMemo, type ReactNode } from 'react';
import type { CastFlaw } from '@/core/freezing/cast-flaws';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { GateSide } from '@/core/molds/gate-sides';
import type { HookPoint } from '@/core/molds/hook-line';
import { liquidPath, type FreezeDrawing } from '@/drawing/freeze-section';
import { useWidth } from '../use-width';
import { FlawMarks } from './FlawMarks';
import styles from './freeze-drawing.module.css';

const HEIGHT = 400;
const MOST_PX_PER_MM = 18;

interface FreezeSectionProps {
  readonly picture: FrozenPicture;
  readonly drawing: FreezeDrawing;
  readonly side: GateSide;
  readonly hook: { readonly line: readonly HookPoint[]; readonly wireMm: number } | null;
  /** Which moment is shown, s; null for when each place is solid. */
  readonly atS: number | null;
  readonly flaws: readonly CastFlaw[];
  readonly isWood: boolean;
  readonly says: string;
  /** What stands on the drawing, given how many mm a pixel is. */
  readonly children?: (pxMm: number) => ReactNode;
}

/** How hot a band is drawn, of so many: from lead to the color of heat. */
const bandColor = (nth: number, count: number): string =>
  `color-mix(in oklab, var(--ember) ${Math.round((100 * (nth + 0.5)) / count)}%, var(--cavity-1))`;

/** A casting in its block, cut where the halves part: when each place is solid, or what is liquid at a moment; to scale. */
export function FreezeSection(props: FreezeSectionProps) {
  const { picture, drawing, side, hook, atS, flaws, isWood, says, children } = props;
  const id = useId();
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const liquid = useMemo(() => (atS === null ? null : liquidPath(drawing.times, atS)), [drawing, atS]);
  const { box, bands } = drawing;
  const scale = Math.min(MOST_PX_PER_MM, width / box.width, HEIGHT / box.height);
  const px = 1 / scale;
  return (
    <div ref={ref} className={styles.section}>
      <svg
        width={box.width * scale}
        height={box.height * scale}
        viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
        role="group"
        aria-label={says}
      >
        <defs>
          <clipPath id={`${id}metal`}>
            <path d={drawing.body} clipRule="evenodd" />
            {drawing.gate.map((path) => (
              <path key={path} d={path} />
            ))}
          </clipPath>
          <pattern
            id={`${id}hatch`}
            width={5 * px}
            height={5 * px}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d={`M0 0V${5 * px}`} stroke="var(--ink)" strokeWidth={1.6 * px} />
          </pattern>
        </defs>
        <rect
          x={box.x}
          y={box.y}
          width={box.width}
          height={box.height}
          fill={isWood ? 'var(--wood)' : 'var(--steel-1)'}
          stroke={isWood ? 'var(--wood-grain)' : 'var(--steel-edge)'}
          strokeWidth={2 * px}
        />
        {hook ? (
          <path
            d={wirePath(hook.line, side)}
            fill="none"
            stroke="var(--wire)"
            strokeWidth={hook.wireMm}
            strokeLinejoin="round"
            strokeLinecap="round"
          />
        ) : null}
        <g clipPath={`url(#${id}metal)`}>
          <rect x={box.x} y={box.y} width={box.width} height={box.height} fill="var(--cavity-1)" />
          {bands.map(({ fromS, path }, nth) => (
            <path
              key={fromS}
              d={path}
              fill={liquid === null ? bandColor(nth, bands.length) : 'none'}
              stroke={liquid === null ? 'var(--cast-edge)' : 'var(--cast-sheen)'}
              strokeWidth={(liquid === null ? 0.8 : 0.6) * px}
            />
          ))}
          {liquid === null ? null : <path d={liquid} fill="var(--ember)" />}
          <path d={drawing.empty} fill="var(--sheet)" stroke="var(--alarm)" strokeWidth={1.4 * px} />
          <path d={drawing.empty} fill={`url(#${id}hatch)`} opacity={0.35} />
        </g>
        <path d={drawing.body} fill="none" stroke="var(--cast-edge)" strokeWidth={1.4 * px} />
        {/* The wire lies over the metal that is cast on it. */}
        {hook ? (
          <path
            d={wirePath(hook.line, side)}
            fill="none"
            stroke="var(--wire)"
            strokeWidth={Math.max(hook.wireMm * 0.8, 2 * px)}
            strokeLinejoin="round"
            strokeLinecap="round"
            opacity={0.75}
          />
        ) : null}
        <FlawMarks flaws={flaws} hot={picture.feed?.hotSpotMm ?? null} px={px} />
        {children?.(px)}
      </svg>
      <Seconds bands={bands} isMoment={atS !== null} />
    </div>
  );
}

/** A wire in its plane; a body that stands has its axis upright. */
function wirePath(line: readonly HookPoint[], side: GateSide): string {
  const places = line.map(([along, up]) => (side === 'open' ? [up, -along] : [along, -up]));
  return `M${places.map((place) => place.join(' ')).join('L')}`;
}

/** Which color is solid when. */
function Seconds({
  bands,
  isMoment,
}: {
  readonly bands: FreezeDrawing['bands'];
  readonly isMoment: boolean;
}) {
  if (isMoment) {
    return (
      <p className={styles.legend}>
        <span className={styles.swatch} style={{ background: 'var(--ember)' }} />
        <span>liquid</span>
        <span className={styles.swatch} style={{ background: 'var(--cavity-1)' }} />
        <span>solid</span>
      </p>
    );
  }
  return (
    <p className={styles.legend}>
      Solid after
      {bands.map(({ fromS }, nth) => (
        <span key={fromS} className={styles.band}>
          <span className={styles.swatch} style={{ background: bandColor(nth, bands.length) }} />
          {Number(fromS.toFixed(2))}
        </span>
      ))}
      s
    </p>
  );
}
