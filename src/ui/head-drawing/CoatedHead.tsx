import { useId } from 'react';
import { flecks, toneBox, type Box, type TonePlace } from '@/drawing/coat-bands';
import type { HeadView } from '@/drawing/head-view';
import { litBy, type Finish } from '../materials/Lit';
import { HookShape } from './HookShape';

/** One color as it is drawn. */
export interface Tone {
  readonly hex: string;
  readonly finish: 'solid' | 'flake' | 'clear' | 'glow' | 'two-tone';
  readonly secondHex: string | null;
}

/** A recipe as it is drawn on a head. */
export interface CoatLook {
  readonly base: Tone;
  readonly second: (Tone & { readonly place: TonePlace; readonly share: number }) | null;
  readonly isClear: boolean;
  readonly eye: { readonly hex: string; readonly ringHex: string | null } | null;
}

interface CoatedHeadProps {
  readonly view: HeadView;
  readonly look: CoatLook | null;
}

const FLECKS = 46;

/** How a head takes the light: bare lead dull, cured powder with a soft shine, gloss under a clear coat. */
export const coatFinish = (look: CoatLook | null): Finish =>
  look === null ? 'dull' : look.isClear ? 'gloss' : 'matte';

/** A head in its color, inside a drawing in mm: base, second tone, flakes, eye, and gloss where it is clear coated. */
export function CoatedHead({ view, look }: CoatedHeadProps) {
  const body = view.bodyBox;
  const id = useId();
  const clip = `${id}clip`;
  const eyeR = Math.min(body.height, body.width) * 0.14;
  return (
    <g>
      {view.hook ? <HookShape hook={view.hook} /> : null}
      <clipPath id={clip}>
        <path d={view.body} />
      </clipPath>
      <path d={view.body} fill={look ? look.base.hex : 'var(--old-lead)'} />
      {look ? (
        <g clipPath={`url(#${clip})`}>
          <ToneFill tone={look.base} box={body} id={`${id}base`} />
          {look.second ? (
            <ToneFill
              tone={look.second}
              box={toneBox(body, look.second.place, look.second.share)}
              id={`${id}second`}
            />
          ) : null}
          {look.eye ? (
            <g transform={`translate(${body.x + body.height * 0.5} ${body.y + body.height * 0.44})`}>
              {look.eye.ringHex ? <circle r={eyeR * 1.6} fill={look.eye.ringHex} /> : null}
              <circle r={eyeR} fill={look.eye.hex} />
              <circle
                cx={-eyeR * 0.34}
                cy={-eyeR * 0.38}
                r={eyeR * 0.24}
                fill="var(--light)"
                opacity={0.85}
              />
            </g>
          ) : null}
        </g>
      ) : null}
      <path
        d={view.body}
        fill={litBy(coatFinish(look))}
        stroke={look?.base.finish === 'glow' ? 'var(--quench)' : 'var(--ink)'}
        strokeWidth={look?.base.finish === 'glow' ? 0.7 : 0.35}
      />
    </g>
  );
}

function ToneFill({ tone, box, id }: { readonly tone: Tone; readonly box: Box; readonly id: string }) {
  const rest = { x: box.x, y: box.y, width: box.width, height: box.height };
  if (tone.finish === 'two-tone' && tone.secondHex) {
    return (
      <>
        <linearGradient id={id} x1="0" y1="0" x2="1" y2="1">
          <stop offset="0.2" stopColor={tone.hex} />
          <stop offset="0.8" stopColor={tone.secondHex} />
        </linearGradient>
        <rect {...rest} fill={`url(#${id})`} />
      </>
    );
  }
  return (
    <>
      <rect {...rest} fill={tone.hex} />
      {tone.finish === 'flake' && tone.secondHex
        ? flecks(box, FLECKS).map(({ x, y, r }, index) => (
            <circle key={index} cx={x} cy={y} r={r} fill={tone.secondHex ?? undefined} />
          ))
        : null}
    </>
  );
}
