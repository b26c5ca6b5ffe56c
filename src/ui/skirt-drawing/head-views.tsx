import type { HeadView } from '@/drawing/head-view';
import { coatFinish, type CoatLook } from '../head-drawing/CoatedHead';
import { Lit, litBy } from '../materials/Lit';
import { Steel } from '../materials/Steel';

interface HeadFrom {
  readonly head: HeadView;
  readonly coat: CoatLook | null;
  readonly depth: number;
}

/** A head seen from above: as wide as its style makes it, the hook a line down the middle. */
export function FromAbove({ head, coat, depth }: HeadFrom) {
  const { hook, bodyBox } = head;
  const back = coat?.second?.place === 'back' ? coat.second.hex : (coat?.base.hex ?? 'var(--old-lead)');
  return (
    <g>
      {hook ? <Steel d={`M0 0H${hook.x + hook.reachMm - hook.wireMm}`} wireMm={hook.wireMm} /> : null}
      <Lit
        d={head.body}
        transform={`scale(1 ${depth})`}
        fill={back}
        finish={coatFinish(coat)}
        stroke="var(--ink)"
        strokeWidth={0.35}
        vectorEffect="non-scaling-stroke"
      />
      {hook ? (
        <rect
          x={hook.x + hook.eye.x - hook.eye.r}
          y={-hook.wireMm / 2}
          width={hook.eye.r * 2}
          height={hook.wireMm}
          fill="var(--wire)"
        />
      ) : null}
      {coat?.eye
        ? [-1, 1].map((side) => (
            <circle
              key={side}
              cx={bodyBox.height * 0.5}
              cy={side * (bodyBox.height / 2) * depth * 0.86}
              r={bodyBox.height * 0.09}
              fill={coat.eye?.hex}
            />
          ))
        : null}
    </g>
  );
}

/** A head seen from behind, under the skirt: its round, and the hook standing up from it. */
export function EndOnHead({ head, coat, depth }: HeadFrom) {
  const { hook, bodyBox } = head;
  const r = bodyBox.height / 2;
  const finish = coatFinish(coat);
  return (
    <g>
      <ellipse
        rx={r * depth}
        ry={r}
        fill={coat?.base.hex ?? 'var(--old-lead)'}
        stroke="var(--ink)"
        strokeWidth={0.35}
      />
      <ellipse rx={r * depth} ry={r} fill={litBy(finish)} />
      {hook ? <Steel d={`M0 0V${head.viewBox[1] + 2}`} wireMm={hook.wireMm} /> : null}
    </g>
  );
}
