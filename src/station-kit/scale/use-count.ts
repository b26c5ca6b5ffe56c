'use client';

import { useMemo, useState } from 'react';
import { countByWeight } from '@/core/counting/count-by-weight';
import { sampleFor } from '@/core/counting/sample-for';
import { weighPiece, type Handful } from '@/core/counting/weigh-piece';
import { usualSpread } from '@/model/stock/piece-spread';
import type { Bin } from '@/records/bin';

/** A scale is off by so much of what it reads to: it rounds, and its last digit flickers. */
const OFF_SHARE = 0.4;
/** As sure as a count is asked to be. */
export const SURE = 0.99;

/** A count by weight in the making: handfuls that were counted by hand, then all of it. */
export function useCount(bin: Bin, stepG: number) {
  const [handfuls, setHandfuls] = useState<readonly Handful[]>([]);
  const [wholeG, setWholeG] = useState<number | null>(null);
  const [isAmong, setAmong] = useState(true);
  const scaleG = OFF_SHARE * stepG;
  const piece = useMemo(
    () => (handfuls.length > 0 ? weighPiece(handfuls, usualSpread(bin), scaleG) : null),
    [handfuls, bin, scaleG],
  );
  const found = useMemo(
    () => (piece?.ok && wholeG !== null ? countByWeight(piece.value, wholeG, isAmong, scaleG) : null),
    [piece, wholeG, isAmong, scaleG],
  );
  const wanted =
    piece?.ok && found?.ok && found.value.chance < SURE
      ? sampleFor(piece.value, found.value.count, SURE, isAmong, scaleG)
      : null;
  return {
    handfuls,
    wholeG,
    isAmong,
    piece,
    found,
    /** So many are to be counted by hand for the count to be sure; null where it is, or none would do. */
    wanted,
    setAmong,
    setWholeG,
    addHandful: (handful: Handful) => setHandfuls([...handfuls, handful]),
    takeHandful: (nth: number) => setHandfuls(handfuls.filter((_, at) => at !== nth)),
    /** What was counted by weight is the handful from now on: more is poured on. */
    goOnFrom: (handful: Handful) => {
      setHandfuls([handful]);
      setWholeG(null);
      setAmong(true);
    },
  };
}
