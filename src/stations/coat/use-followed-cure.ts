'use client';

import { useEffect, useRef } from 'react';
import { cureLeftS } from '@/core/coats/follow-cure';
import type { Rack } from '@/records/rack';
import { useBench } from '@/station-kit/BenchProvider';
import { useDevice } from '@/station-kit/device/use-device';
import { ovenDevice } from '@/station-kit/device/watches';
import { inBackground } from '@/station-kit/in-background';

/** The books follow the thermometer only where it moves the end by so much, and not more often than this, ms. */
const WORTH_MS = 20_000;
const OFTEN_MS = 30_000;

/** Where a cure is by the oven thermometer; moves its clock where the thermometer says otherwise than was reckoned. */
export function useFollowedCure(rack: Rack) {
  const { workshop } = useBench();
  const watch = useDevice(ovenDevice);
  const { seen } = watch;
  const wroteAt = useRef(0);
  const { id, tauS, inAt, startC, partC, minutes, outAt, followed: kept } = rack;
  useEffect(() => {
    if (tauS === null || inAt === null) return;
    // A rack that is followed already stays so: from then on the readings carry it.
    const from = kept ?? { at: inAt, headC: startC, cureS: 0 };
    ovenDevice.follow({ id, tauS, cure: { partC, minutes }, from });
  }, [id, tauS, inAt, startC, partC, minutes, kept]);
  const followed = seen.rack?.id === id ? seen.followed : null;
  const ovenC = watch.fault === null ? (seen.latest?.tempC ?? null) : null;
  const leftS =
    followed && ovenC !== null && tauS !== null ? cureLeftS(followed, ovenC, tauS, { partC, minutes }) : null;
  const outNow = followed && leftS !== null ? followed.at + leftS * 1000 : null;
  useEffect(() => {
    if (!followed || outNow === null || outAt === null) return;
    if (Math.abs(outNow - outAt) < WORTH_MS || followed.at - wroteAt.current < OFTEN_MS) return;
    wroteAt.current = followed.at;
    inBackground(workshop.racks.follow(id, followed, outNow));
  }, [followed, outNow, outAt, id, workshop]);
  return { watch, followed, ovenC, leftS };
}
