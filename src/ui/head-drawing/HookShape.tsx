import type { HookDrawing } from '@/drawing/hook-path';

/** A hook's wire, barb and eye, in the millimeters of the drawing it stands in. */
export function HookShape({ hook }: { hook: HookDrawing & { readonly x: number; readonly wireMm: number } }) {
  return (
    <g
      transform={`translate(${hook.x} 0)`}
      fill="none"
      stroke="var(--wire)"
      strokeWidth={hook.wireMm}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={hook.wire} />
      <path d={hook.barb} strokeWidth={hook.wireMm * 0.7} />
      <circle cx={hook.eye.x} cy={hook.eye.y} r={hook.eye.r} />
    </g>
  );
}
