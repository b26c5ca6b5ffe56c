'use client';

import { frameOf } from '@/core/outline/frame';
import type { Outline, Spot } from '@/core/outline/outline';
import type { PrintedMat } from '@/core/mat/mat';
import { findSightKind } from '@/core/outline/kinds';
import { useUnits } from '@/ui/units/use-units';
import { Later } from '../Later';
import { DotLayer } from './DotLayer';
import { EdgeHandles } from './EdgeHandles';
import type { MatThing } from './use-mat';
import { briefText, finelyText } from './told-text';
import styles from './mat.module.css';

/** A line as a path, closed. */
export const pathOf = ({ outer, holes }: Outline): string =>
  [outer, ...holes]
    .map((line) => `M${line.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}Z`)
    .join('');

interface MatPictureProps {
  readonly mat: PrintedMat;
  readonly address: string | null;
  readonly things: readonly MatThing[];
  readonly chosen: number | null;
  readonly onChoose: (no: number) => void;
  /** The chosen thing's edge is being pulled: it fills the picture. */
  readonly isPulling: boolean;
  readonly onPull: (no: number, edge: Outline) => void;
  /** Loose pieces are counted: a dot each, and a press on the mat sets one or takes it off. */
  readonly dots: readonly Spot[] | null;
  readonly onPress: (spot: Spot) => void;
}

const ROOM_MM = 6;
const FINGER_MM = 2;

/** The box round a thing, so many mm wider: what a finger hits. */
function boxOf({ outer }: Outline, roomMm: number) {
  const xs = outer.map(([x]) => x);
  const ys = outer.map(([, y]) => y);
  const [x, y] = [Math.min(...xs) - roomMm, Math.min(...ys) - roomMm];
  return { x, y, width: Math.max(...xs) + roomMm - x, height: Math.max(...ys) + roomMm - y };
}

/** The mat set straight, what lies on it drawn over the picture, with its sizes. */
export function MatPicture(props: MatPictureProps) {
  const { mat, address, things, chosen, onChoose, isPulling, onPull, dots, onPress } = props;
  const inHand = things.find(({ no }) => no === chosen) ?? null;
  const isNear = isPulling && inHand !== null;
  const view = isNear ? boxOf(inHand.seen, ROOM_MM) : { x: 0, y: 0, width: mat.width, height: mat.height };
  return (
    <svg
      className={styles.picture}
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      data-near={isNear}
      role="group"
      aria-label="The mat"
    >
      {address ? <image href={address} width={mat.width} height={mat.height} /> : null}
      {dots ? (
        <DotLayer mat={mat} dots={dots} onPress={onPress} />
      ) : (
        <Later>
          {things.map((thing) => (
            <Drawn key={thing.no} thing={thing} isChosen={thing.no === chosen} onChoose={onChoose} />
          ))}
        </Later>
      )}
      {inHand && !dots && !isNear ? <LengthLine of={inHand.seen} says={inHand} /> : null}
      {isNear ? <EdgeHandles seen={inHand.seen} onPull={(edge) => onPull(inHand.no, edge)} /> : null}
    </svg>
  );
}

function Drawn({
  thing: { no, seen, told, isCut },
  isChosen,
  onChoose,
}: {
  readonly thing: MatThing;
  readonly isChosen: boolean;
  readonly onChoose: (no: number) => void;
}) {
  const { length } = useUnits();
  const name = isCut
    ? 'over the border'
    : `${findSightKind(told.kind).name}, ${briefText(told.sizes, length)}`;
  const [x, y] = seen.outer.reduce((highest, spot) => (spot[1] < highest[1] ? spot : highest), [0, Infinity]);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={`${no}, ${name}`}
      className={styles.thing}
      data-cut={isCut}
      onClick={() => onChoose(no)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(no);
      }}
    >
      <rect {...boxOf(seen, FINGER_MM)} />
      <path d={pathOf(seen)} fillRule="evenodd" />
      <circle cx={x} cy={y - 3.6} r={3} />
      <text x={x} y={y - 2.2} textAnchor="middle">
        {no}
      </text>
    </g>
  );
}

const ASIDE_MM = 3.5;
const WORDS_MM = 7;

/** How long it is, drawn beside it. */
function LengthLine({ of, says }: { readonly of: Outline; readonly says: MatThing }) {
  const { length } = useUnits();
  const { lengthMm, widthMm, along, outside } = frameOf(of);
  const size = says.told.sizes.find(({ unit }) => unit === 'mm');
  if (!size || says.isCut) return null;
  const aside = widthMm / 2 + ASIDE_MM;
  const [ax, ay] = outside(0, aside);
  const [bx, by] = outside(lengthMm, aside);
  // Beside a line that stands, the words need their own length of room.
  const [tx, ty] = outside(lengthMm / 2, aside + 3.4 + WORDS_MM * Math.abs(along[1]));
  return (
    <g className={styles.dimension} aria-hidden="true">
      <path d={`M${ax} ${ay}L${bx} ${by}`} />
      {[0, lengthMm].map((along) => {
        const [px, py] = outside(along, aside - 1.2);
        const [qx, qy] = outside(along, aside + 1.2);
        return <path key={along} d={`M${px} ${py}L${qx} ${qy}`} />;
      })}
      <text x={tx} y={ty} textAnchor="middle" dominantBaseline="middle">
        {finelyText(size.value, length)}
      </text>
    </g>
  );
}
