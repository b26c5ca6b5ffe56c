'use client';

import { row } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useRef } from 'react';
import { inBackground } from '@/station-kit/in-background';
import { keepsakeOf } from '@/station-kit/photo/pictures';
import { useNotice } from '@/station-kit/use-notice';
import styles from './water.module.css';

interface NotePicturesProps {
  readonly pictures: readonly string[];
  readonly onChange: (pictures: readonly string[]) => void;
}

const MOST_PHOTOS = 6;

/** Pictures from the water, as they will be kept. */
export function NotePictures({ pictures, onChange }: NotePicturesProps) {
  const notice = useNotice();
  const pictureRef = useRef<HTMLInputElement>(null);
  const addPicture = async (file: File | undefined) => {
    if (!file) return;
    const kept = await keepsakeOf(file);
    if (!kept) notice.warning('That file is no picture this device can read.');
    else if (pictures.includes(kept)) notice.info('That picture is here already.');
    else onChange([...pictures, kept]);
  };
  return (
    <div className={row(8, styles.pictures)}>
      {pictures.map((picture, nth) => (
        <button
          // All of it: plain pictures end alike.
          key={picture}
          type="button"
          aria-label={`Picture ${nth + 1}, take away`}
          onClick={() => onChange(pictures.filter((each) => each !== picture))}
        >
          <img src={picture} alt="" />
        </button>
      ))}
      {pictures.length < MOST_PHOTOS ? (
        <Button onClick={() => pictureRef.current?.click()}>Add a picture</Button>
      ) : null}
      <input
        ref={pictureRef}
        className="unseen"
        type="file"
        accept="image/*"
        aria-label="Picture from the water"
        tabIndex={-1}
        onChange={(event) => {
          inBackground(addPicture(event.target.files?.[0]));
          event.target.value = '';
        }}
      />
    </div>
  );
}
