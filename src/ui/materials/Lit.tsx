import type { SVGProps } from 'react';

/** How a surface takes the light. */
export type Finish = 'dull' | 'bright' | 'gloss' | 'matte' | 'plate';

/** The light that lies on a drawn thing, as a fill over its color. */
export const litBy = (finish: Finish) => `url(#lit-${finish})`;

interface LitProps extends Omit<SVGProps<SVGPathElement>, 'fill'> {
  readonly d: string;
  readonly fill: string;
  readonly finish: Finish;
}

/** A body in its color with the light of the page on it. */
export function Lit({ d, fill, finish, transform, ...rest }: LitProps) {
  return (
    <>
      <path d={d} fill={fill} transform={transform} {...rest} />
      <path d={d} fill={litBy(finish)} transform={transform} pointerEvents="none" />
    </>
  );
}
