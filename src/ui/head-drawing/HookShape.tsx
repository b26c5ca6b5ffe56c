import type { PlacedHook } from '@/drawing/hook/hook-path';
import { Steel } from '../materials/Steel';
import styles from '../materials/materials.module.css';

/** A hook's wire, eye, point and barb, in the millimeters of the drawing it stands in. */
export function HookShape({ hook }: { readonly hook: PlacedHook }) {
  return (
    <g transform={`translate(${hook.x} 0)`}>
      <path d={hook.needle + hook.barb} className={styles.point} strokeWidth={hook.wireMm * 0.14} />
      <Steel d={hook.wire + hook.ring} wireMm={hook.wireMm} />
    </g>
  );
}
