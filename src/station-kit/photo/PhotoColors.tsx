'use client';

import { apart, stack, wrap } from '@/ui/layout/layout';
import { Button, Upload } from 'antd';
import Image from 'next/image';
import { useEffect } from 'react';
import type { MainColor } from '@/core/coats/color/main-colors';
import { nearestColors } from '@/core/coats/color/nearest-colors';
import { useSentence } from '@/ui/units/use-units';
import styles from './photo.module.css';
import { JobFailure } from '../JobFailure';
import { useJob } from '../use-job';

/** A photo with the colors that were found in it, or why none were. */
interface Seen {
  readonly url: string;
  readonly colors: readonly MainColor[] | null;
  readonly why: string | null;
}

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
  const sentence = useSentence();
  const job = useJob<Seen>();
  const { url = null, colors = null, why = null } = job.answer ?? {};
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  const read = (file: File) =>
    job.start(async ({ ask, say }) => {
      const shown = URL.createObjectURL(file);
      say({ url: shown, colors: null, why: null });
      const outcome = await ask('photoColors', { file });
      return outcome.ok
        ? { url: shown, colors: outcome.value, why: null }
        : { url: shown, colors: null, why: sentence(outcome.problem) };
    });

  return (
    <section className={stack(10, styles.photo)} aria-label="Colors of a photo">
      <Upload.Dragger
        accept="image/*"
        maxCount={1}
        showUploadList={false}
        beforeUpload={(file) => {
          read(file);
          return false;
        }}
      >
        <p>
          <strong>Drop a photo of the prey here</strong>, or choose one. It is worked on in this page and sent
          nowhere.
        </p>
      </Upload.Dragger>
      <JobFailure job={job} />
      {why ? (
        <p role="alert" className="wrong">
          {why}
        </p>
      ) : null}
      {url && !why ? (
        <div className={apart(16, styles.found)}>
          <span className={styles.seen}>
            <Image src={url} alt="The photo" fill unoptimized />
          </span>
          {colors ? (
            <ol aria-label="Main colors">
              {colors.map(({ hex, share }) => (
                <li key={hex}>
                  <i style={{ background: hex, flexGrow: share }} aria-hidden="true" />
                  <span>
                    <b>{hex}</b> {Math.round(share * 100)} %
                  </span>
                  <span className={wrap(4, styles.near)}>
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
      {colors && whole ? (
        <Button type="primary" onClick={() => whole.onTake(colors)}>
          {whole.label}
        </Button>
      ) : null}
      {colors ? (
        <p className="quiet">
          The figure is the difference (CIEDE2000): under 1 nobody sees it, over 10 it is another color.{' '}
          {hint}
        </p>
      ) : null}
    </section>
  );
}
