'use client';

import { Button, Upload } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useEffect, useState } from 'react';
import { POSED_SCENES, type PosedScene } from '@/core/posed/posed-scenes';
import { cameraWatch } from '@/devices/camera/camera-watch';
import type { DeviceFault } from '@/devices/device';
import { row, stack } from '@/ui/layout/layout';
import { PAGE_WORLD } from '../device/page-world';
import { useDevice } from '../device/use-device';
import { JobFailure } from '../JobFailure';
import { useJob, type Job } from '../use-job';
import styles from './mat.module.css';

const FAULTS: Record<DeviceFault['code'], string> = {
  'not-supported':
    'This browser shows its camera to no page that came over plain http. Take the picture with the phone’s own camera and choose it here.',
  'not-chosen': 'The camera was not allowed. Allow it for this page, or choose a picture that was taken.',
  lost: 'The camera gave no picture. Turn it on again, or choose a picture that was taken.',
  unreadable: 'The camera gives nothing that reads as a picture. Choose one that was taken.',
};

const SCENE_WORDS: Record<PosedScene, string> = {
  parts: 'Five parts',
  sinker: 'A sinker',
  beads: 'Sixty beads',
};
/** As fine as the camera of a phone that is some years old. */
const STAND_IN_PX = 2400;

/** Has a worker make what the stand-in camera takes. */
const posedBy = (start: Job<Blob>['start'], what: PosedScene, seed: number) =>
  new Promise<Blob>((resolve) => {
    start(async ({ ask }) => {
      const picture = await ask('poseMat', { what, seed, widthPx: STAND_IN_PX });
      resolve(picture);
      return picture;
    });
  });

interface TakePictureProps {
  readonly onPicture: (picture: Blob) => void;
}

/** Where a picture of the mat comes from: the phone's own camera, a file, a live camera, the stand-in that ships. */
export function TakePicture({ onPicture }: TakePictureProps) {
  const posing = useJob<Blob>();
  const { start } = posing;
  const [over, setOver] = useState<PosedScene>('parts');
  const [camera] = useState(() =>
    cameraWatch<PosedScene>(PAGE_WORLD, (what, seed) => posedBy(start, what, seed)),
  );
  const { source, seen, fault } = useDevice(camera);
  const { picture, taken } = seen;
  useEffect(() => camera.stop, [camera]);
  useEffect(() => {
    if (picture && taken > 0) onPicture(picture);
    // Each picture is handed on once, whoever asks for it by then.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [taken]);
  const isPosing = posing.is === 'working';
  return (
    <section className={stack(10)} aria-label="Take a picture">
      <Upload.Dragger
        accept="image/*"
        maxCount={1}
        showUploadList={false}
        beforeUpload={(file) => {
          onPicture(file);
          return false;
        }}
      >
        <p>
          <strong>Take a picture of the mat, or choose one.</strong> From above, the whole mat in it. It is
          measured in this page and sent nowhere.
        </p>
      </Upload.Dragger>
      <div className={row(8)}>
        {source === null ? (
          <>
            <Button onClick={() => camera.start('real', over)}>Live camera</Button>
            <Button onClick={() => camera.start('stand-in', over)}>Stand-in camera</Button>
          </>
        ) : (
          <>
            <Button type="primary" loading={isPosing} onClick={() => camera.inHand()?.take()}>
              Take it
            </Button>
            <Button onClick={camera.stop}>Camera off</Button>
          </>
        )}
        {source === 'stand-in' ? (
          <Segmented<PosedScene>
            aria-label="What lies under the stand-in camera"
            value={over}
            options={POSED_SCENES.map((value) => ({ value, label: SCENE_WORDS[value] }))}
            onChange={(next) => {
              setOver(next);
              camera.standIn()?.holdOver(next);
            }}
          />
        ) : null}
      </div>
      {source === 'real' ? <LiveView live={() => liveOf(camera.inHand())} /> : null}
      {fault ? (
        <p role="alert" className="wrong">
          {FAULTS[fault.code]}
        </p>
      ) : null}
      <JobFailure job={posing} />
    </section>
  );
}

type InHand = ReturnType<ReturnType<typeof cameraWatch<PosedScene>>['inHand']>;

const liveOf = (camera: InHand) => (camera && 'live' in camera ? camera.live() : null);

const LOOK_EVERY_MS = 200;

/** What the camera sees, as soon as it is open. */
function LiveView({ live }: { readonly live: () => unknown }) {
  const [video, setVideo] = useState<HTMLVideoElement | null>(null);
  useEffect(() => {
    if (!video) return undefined;
    // The maker is asked first, and may take a while to answer.
    const timer = setInterval(() => {
      const stream = live();
      if (stream === null || video.srcObject === stream) return;
      video.srcObject = stream as MediaStream;
    }, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [video, live]);
  return (
    <video
      ref={setVideo}
      className={styles.live}
      autoPlay
      muted
      playsInline
      aria-label="What the camera sees"
    />
  );
}
