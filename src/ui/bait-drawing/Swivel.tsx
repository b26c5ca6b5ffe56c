import { swivelPaths } from '@/drawing/build/wire-paths';
import { Lit } from '../materials/Lit';
import { Steel } from '../materials/Steel';

/** A swivel along x from ring to ring. */
export function Swivel({ lengthMm }: { readonly lengthMm: number }) {
  const { rings, barrel, wireMm } = swivelPaths(lengthMm);
  return (
    <>
      <Steel d={rings} wireMm={wireMm} />
      <Lit
        d={barrel}
        fill="var(--steel-2)"
        finish="bright"
        stroke="var(--wire-deep)"
        strokeWidth={wireMm * 0.3}
      />
    </>
  );
}
