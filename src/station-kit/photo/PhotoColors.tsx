'use client';

import { Button, Upload } from 'antd';
import Image from 'next/image';
import { useEffect, useRef, useState } from 'react';
import type { MainColor } from '@/core/coats/color/main-colors';
import { nearestColors } from '@/core/coats/color/nearest-colors';
import { sentence } from '@/text/sentence';
import { CalledOff, WorkLane } from '@/workers/client';
import styles from './photo.module.css';
import { inBackground } from '../in-background';

type State =
  | { readonly is: 'idle' }
  | { readonly is: 'reading'; readonly url: string }
  | { readonly is: 'read'; readonly url: string; readonly colors: readonly MainColor[] }
  | { readonly is: 'refused'; readonly why: string };

const NEAREST = 3;
/** CIEDE2000 under which two colors pass for one, and over which they do not. */
const ALIKE = 5;
const OTHER = 15;

interface PhotoColorsProps {
  /** What stands on the shelf in some color: powders, tabs. */
  readonly things: readonly { readonly id: string; readonly name: string; readonly hex: string }[];
  readonly onTake: (id: string) => void;
  /** What a press on one of them does. */
  readonly hint: string;
  /** What can be made of all the colors together. */
  readonly whole?: { readonly label: string; readonly onTake: (colors: readonly MainColor[]) => void };
}

/** The main colors of a photo of prey, each with the things nearest to it. The photo never leaves this machine. */
export function PhotoColors({ things, onTake, hint, whole }: PhotoColorsProps) {
  const lane = useRef<WorkLane | null>(null);
  const [state, setState] = useState<State>({ is: 'idle' });
  const url = state.is === 'reading' || state.is === 'read' ? state.url : null;
  useEffect(() => () => lane.current?.close(), []);
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  const read = async (file: File) => {
    lane.current ??= new WorkLane();
    const shown = URL.createObjectURL(file);
    setState({ is: 'reading', url: shown });
    try {
      const outcome = await lane.current.ask('photoColors', { file });
      setState(
        outcome.ok
          ? { is: 'read', url: shown, colors: outcome.value }
          : { is: 'refused', why: sentence(outcome.problem) },
      );
    } catch (error) {
      if (error instanceof CalledOff) return;
      const why = error instanceof Error ? error.message : String(error);
      setState({ is: 'refused', why: `The photo could not be worked on: ${why}. Choose it again.` });
    }
  };

  return (
    <section className={styles.photo} aria-label="Colors of a photo">
      <Upload.Dragger
        accept="image/*"
        maxCount={1}
        showUploadList={false}
        beforeUpload={(file) => {
          inBackground(read(file));
          return false;
        }}
      >
        <p>
          <strong>Drop a photo of the prey here</strong>, or choose one. It is worked on in this page and sent
          nowhere.
        </p>
      </Upload.Dragger>
      {state.is === 'refused' ? (
        <p role="alert" className={styles.refusal}>
          {state.why}
        </p>
      ) : null}
      {url ? (
        <div className={styles.found}>
          <span className={styles.seen}>
            <Image src={url} alt="The photo" fill unoptimized />
          </span>
          {state.is === 'read' ? (
            <ol aria-label="Main colors">
              {state.colors.map(({ hex, share }) => (
                <li key={hex}>
                  <i style={{ background: hex, flexGrow: share }} aria-hidden="true" />
                  <span>
                    <b>{hex}</b> {Math.round(share * 100)} %
                  </span>
                  <span className={styles.near}>
                    {nearestColors(hex, things, NEAREST).map(({ id, deltaE }) => {
                      const thing = things.find((each) => each.id === id);
                      const name = thing?.name ?? '';
                      return (
                        <Button
                          key={id}
                          size="small"
                          onClick={() => onTake(id)}
                          aria-label={`${name}, difference ${deltaE.toFixed(1)}`}
                        >
                          <i style={{ background: thing?.hex }} aria-hidden="true" /> {name}{' '}
                          <small data-off={deltaE < ALIKE ? 'alike' : deltaE < OTHER ? 'near' : 'other'}>
                            {deltaE.toFixed(1)}
                          </small>
                        </Button>
                      );
                    })}
                  </span>
                </li>
              ))}
            </ol>
          ) : (
            <p role="status">Looking at its colors.</p>
          )}
        </div>
      ) : null}
      {state.is === 'read' && whole ? (
        <Button type="primary" onClick={() => whole.onTake(state.colors)}>
          {whole.label}
        </Button>
      ) : null}
      {state.is === 'read' ? (
        <p className="quiet">
          The figure is the difference (CIEDE2000): under 1 nobody sees it, over 10 it is another color.{' '}
          {hint}
        </p>
      ) : null}
    </section>
  );
}
