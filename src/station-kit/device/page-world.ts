'use client';

import type { DeviceWorld } from '@/devices/device-store';
import type { LensLike } from '@/devices/camera/camera';
import type { SerialLike } from '@/devices/serial-lines';
import { inBackground } from '../in-background';

/** As fine as it goes: a millimeter of the mat must cover some pixels. */
const FINEST = { facingMode: 'environment', width: { ideal: 4096 }, height: { ideal: 3072 } };

/** The camera behind the screen. */
const PAGE_LENS: LensLike = {
  open: () => navigator.mediaDevices.getUserMedia({ video: FINEST }),
  grab: async (live) => {
    const video = document.createElement('video');
    video.muted = true;
    video.srcObject = live as MediaStream;
    await video.play();
    const canvas = document.createElement('canvas');
    canvas.width = video.videoWidth;
    canvas.height = video.videoHeight;
    canvas.getContext('2d')?.drawImage(video, 0, 0);
    video.srcObject = null;
    return new Promise((resolve, reject) => {
      const done = (file: Blob | null) => (file ? resolve(file) : reject(new Error('no picture came of it')));
      canvas.toBlob(done, 'image/jpeg', 0.95);
    });
  },
  close: (live) => {
    for (const track of (live as MediaStream).getTracks()) track.stop();
  },
};

/** What this page gives its devices: its timers, its chance, its serial port. */
export const PAGE_WORLD: DeviceWorld = {
  chance: Math.random,
  every: (ms, tick) => {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
  serial: () => (navigator as unknown as { serial?: SerialLike }).serial ?? null,
  lens: () => (navigator.mediaDevices === undefined ? null : PAGE_LENS),
  inBackground,
};
