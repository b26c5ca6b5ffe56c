import { useId } from 'react';
import { strapReach } from '@/core/builds/kinds/strap-jig';
import type { BladeFormId } from '@/core/builds/blades/definition';
import { eyedHook, type PlacedHook } from '@/drawing/hook/hook-path';
import { bladePath } from '@/drawing/build/blade-path';
import { trailerPath } from '@/drawing/build/trailer-path';
import { HookShape } from '../head-drawing/HookShape';
import { Lit } from '../materials/Lit';
import { Steel } from '../materials/Steel';
import type { BaitLook, TrailingPart } from './bait-look';

/** A tail is dipped from here on, of its length. */
const DIPPED_FROM = 0.72;

interface TrailingShapeProps {
  readonly part: TrailingPart;
  readonly look: BaitLook;
  readonly tone: string;
}

/** Something that the bait carries beside its arm, in the millimeters of its head: nose at the origin. */
export function TrailingShape({ part, look, tone }: TrailingShapeProps) {
  const clipId = useId();
  const { piece, slot, hex } = part;
  const { sizes } = piece.gauge;
  const { jig, laid } = look;
  const hook = jig?.head.hook ?? null;
  const headEnd = jig ? jig.head.bodyBox.width : 0;
  const behind = hook ? hook.x + hook.reachMm : (wireEnd(laid) ?? headEnd);
  const lengthMm = sizes.lengthMm ?? sizes.diameterMm ?? 10;
  switch (slot) {
    case 'trailer':
      return (
        <g transform={`translate(${trailerFrom(look)} 0)`}>
          <Lit
            data-slot={slot}
            data-length={lengthMm}
            d={trailerPath(piece.gauge.shape, lengthMm, sizes.bodyMm ?? 8)}
            fill={hex}
            finish="gloss"
            stroke={tone}
            strokeWidth={0.3}
          />
          {look.dipHex === null ? null : (
            <>
              <clipPath id={clipId}>
                <rect x={lengthMm * DIPPED_FROM} y={-lengthMm} width={lengthMm} height={2 * lengthMm} />
              </clipPath>
              <path
                data-dipped={look.dipHex}
                clipPath={`url(#${clipId})`}
                d={trailerPath(piece.gauge.shape, lengthMm, sizes.bodyMm ?? 8)}
                fill={look.dipHex}
                stroke={tone}
                strokeWidth={0.3}
              />
            </>
          )}
        </g>
      );
    case 'plate':
      return (
        <Plate
          look={look}
          form={piece.gauge.form ?? 'plate'}
          lengthMm={lengthMm}
          widthMm={sizes.widthMm ?? 20}
          hex={hex}
          tone={tone}
        />
      );
    case 'trailer-hook':
    case 'hook':
    case 'stinger': {
      const cord = look.trailing.find((each) => each.slot === 'cord' || each.slot === 'strap');
      const longMm = cord?.piece.gauge.sizes.lengthMm ?? 0;
      const reach = slot === 'trailer-hook' ? -2 : cord?.slot === 'strap' ? strapReach(longMm) : longMm;
      return (
        <SmallHook
          x={behind + reach}
          gapeMm={sizes.gapeMm ?? 10}
          lengthMm={lengthMm}
          wireMm={sizes.wireMm ?? 1}
        />
      );
    }
    case 'cord':
      return (
        <path
          d={`M${behind} ${-(hook?.gapeMm ?? 0) / 2}Q${behind + lengthMm * 0.3} 0 ${behind + lengthMm} 0`}
          data-slot={slot}
          data-length={lengthMm}
          fill="none"
          stroke={hex}
          strokeWidth={sizes.wireMm ?? 0.6}
        />
      );
    case 'strap':
      return (
        <g data-slot={slot} data-length={strapReach(lengthMm)}>
          <Steel
            d={doubledPath(behind, strapReach(lengthMm), sizes.wireMm ?? 0.6)}
            wireMm={sizes.wireMm ?? 0.6}
          />
        </g>
      );
    case 'body':
      return (
        <ellipse
          data-slot={slot}
          cx={behind + lengthMm / 2 + 1}
          cy={0}
          rx={lengthMm / 2}
          ry={(sizes.diameterMm ?? lengthMm / 2) / 2}
          fill={hex}
          stroke={tone}
          strokeWidth={0.3}
        />
      );
    case 'tape':
      return (
        <path
          data-slot={slot}
          d={TAPE_TURNS.map((nth) => `M${behind + 2 + nth * 1.6} -1.6l1 3.2`).join('')}
          fill="none"
          stroke={hex}
          strokeWidth={1}
        />
      );
    case 'feelers':
    case 'claws': {
      const from = behind + strapReach(strapOf(look));
      return [-1, 1].map((side) =>
        slot === 'feelers' ? (
          <path
            key={side}
            data-slot={slot}
            d={`M${from} 0c${-lengthMm * 0.3} ${side * lengthMm * 0.1} ${-lengthMm * 0.7} ${side * lengthMm * 0.35} ${-lengthMm} ${side * lengthMm * 0.3}`}
            fill="none"
            stroke={hex}
            strokeWidth={sizes.wireMm ?? 0.8}
          />
        ) : (
          <path
            key={side}
            data-slot={slot}
            transform={`translate(${from} ${side * 2}) rotate(${180 - side * 24}) scale(0.5)`}
            d={trailerPath(piece.gauge.shape, lengthMm, sizes.bodyMm ?? 8)}
            fill={hex}
            stroke={tone}
            strokeWidth={0.5}
          />
        ),
      );
    }
    case 'keeper':
      return hook ? (
        <circle
          cx={hook.x + hook.reachMm - 3}
          cy={jig ? jig.head.viewBox[1] * 0.45 : 0}
          r={lengthMm / 2}
          fill={hex}
          stroke={tone}
          strokeWidth={0.3}
        />
      ) : null;
    case 'snap':
      return hook ? <FrontSnap hook={hook} look={look} lengthMm={lengthMm} /> : null;
    default:
      return null;
  }
}

/** Where the wire of a bait without a head ends, ring or swivel in its loop included: what hangs there hangs by its eye. */
function wireEnd({ arm, hanger }: BaitLook['laid']): number | null {
  if (arm === null) return null;
  return (hanger?.to.x ?? arm.from.x + arm.loopAtMm + arm.loopMm) + EYE_ON_RING_MM;
}

const EYE_ON_RING_MM = 1;
const TAPE_TURNS = [0, 1, 2, 3, 4];

/** Where a trailer begins: at the head's end, on a strap at the hook's eye behind it. */
export function trailerFrom(look: BaitLook): number {
  const { jig } = look;
  const head = jig ? jig.head.bodyBox.width : 0;
  const strapMm = strapOf(look);
  const behind = jig?.head.hook ? jig.head.hook.x + jig.head.hook.reachMm : head;
  return strapMm > 0 ? behind + strapReach(strapMm) + EYE_MM : head;
}

/** A hook's eye stays free of what is threaded on it. */
const EYE_MM = 4;

const strapOf = ({ trailing }: BaitLook) =>
  trailing.find(({ slot }) => slot === 'strap')?.piece.gauge.sizes.lengthMm ?? 0;

/** A strap through an eye and back: two halves side by side. */
function doubledPath(x: number, reachMm: number, wireMm: number): string {
  return `M${x + reachMm} ${-wireMm}H${x}a${wireMm} ${wireMm} 0 0 0 0 ${2 * wireMm}H${x + reachMm}`;
}

/** How a plate stands in the eye, and where along it the eye goes through, where nobody measured its holes. */
const PLATE_DEG = 104;
const SWING_AT = 0.37;
const LINE_AT = 0.13;

function SmallHook({
  x,
  gapeMm,
  lengthMm,
  wireMm,
}: {
  readonly x: number;
  readonly gapeMm: number;
  readonly lengthMm: number;
  readonly wireMm: number;
}) {
  const hook = eyedHook({ wireMm, shankMm: Math.max(2, lengthMm - gapeMm / 2), gapeMm }, wireMm * 1.4);
  return <HookShape hook={{ ...hook, x, wireMm }} />;
}

/** A bladed jig's plate in the head's eye, reaching down before the nose, with its holes. */
function Plate({
  look,
  form,
  lengthMm,
  widthMm,
  hex,
  tone,
}: {
  readonly look: BaitLook;
  readonly form: BladeFormId;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly hex: string;
  readonly tone: string;
}) {
  const hook = look.jig?.head.hook;
  const at = hook ? { x: hook.x + hook.eye.x, y: hook.eye.y } : { x: 0, y: 0 };
  const holes = look.pattern?.holes ?? [];
  return (
    <g transform={`translate(${at.x} ${at.y}) rotate(${PLATE_DEG})`} data-slot="plate" data-length={lengthMm}>
      <g transform={`translate(${-lengthMm * SWING_AT} 0)`}>
        <Lit
          d={bladePath(form, lengthMm, widthMm * 0.5)}
          fill={hex}
          finish="plate"
          stroke={tone}
          strokeWidth={0.3}
        />
        {holes.map(({ alongMm, asideMm, diameterMm }, nth) => (
          <ellipse
            key={nth}
            cx={alongMm}
            cy={asideMm * 0.5}
            rx={diameterMm / 2}
            ry={diameterMm / 4}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={0.25}
          />
        ))}
      </g>
    </g>
  );
}

function FrontSnap({
  hook,
  look,
  lengthMm,
}: {
  readonly hook: PlacedHook;
  readonly look: BaitLook;
  readonly lengthMm: number;
}) {
  const plate = look.trailing.find(({ slot }) => slot === 'plate');
  const up = (plate?.piece.gauge.sizes.lengthMm ?? 0) * (SWING_AT - LINE_AT);
  const turn = (PLATE_DEG * Math.PI) / 180;
  const x = hook.x + hook.eye.x - Math.cos(turn) * up;
  const y = hook.eye.y - Math.sin(turn) * up;
  return (
    <ellipse
      cx={x - lengthMm / 2}
      cy={y}
      rx={lengthMm / 2}
      ry={lengthMm * 0.22}
      fill="none"
      stroke="var(--wire)"
      strokeWidth={0.8}
    />
  );
}
