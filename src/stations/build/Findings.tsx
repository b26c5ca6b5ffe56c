'use client';

import { CheckOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { Build, BuildPiece } from '@/core/builds/build';
import type { Finding } from '@/core/builds/judge-build';
import { fillersThatFit } from '@/core/builds/fillers-that-fit';
import { swapsThatFit } from '@/core/builds/swaps-that-fit';
import { findingSentence } from '@/text/build-sentence';
import { lengthText } from '@/text/words';
import { strikeWorking } from '@/station-kit/figures/run-working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { measuredParts, type BaitPart } from '@/model/baits/measured-parts';
import { MissingPart } from './MissingPart';
import { pieceOf } from '@/model/baits/bait-facts';
import styles from './build.module.css';

interface FindingsProps {
  readonly build: Build;
  readonly findings: readonly Finding[];
  readonly onSwap: (at: string, bin: BaitPart) => void;
  /** Threads a part behind an arm piece. */
  readonly onThread: (behind: string, bin: BaitPart) => void;
  readonly onTakeOff: (at: string) => void;
  readonly onChoose: (at: string) => void;
  /** A part that was missed goes on. */
  readonly onPut: (bin: BaitPart) => void;
}

const MOST_SWAPS = 2;

/** By how much a blade strikes, opened on how that is reckoned. */
function Reckoned({ finding }: { readonly finding: Finding }) {
  const { length } = useUnits();
  if (finding.code !== 'strike' && finding.code !== 'sweeps-body') return null;
  const byMm = finding.code === 'strike' ? finding.overlapMm : finding.intoMm;
  return (
    <Figure working={strikeWorking(finding.code, 'next' in finding ? finding.next : '', byMm, length)}>
      {lengthText(byMm, length)}
    </Figure>
  );
}

/** Whether it fits, and if not why, what would, and the press that does it. */
export function Findings(props: FindingsProps) {
  const { build, findings, onSwap, onThread, onTakeOff, onChoose, onPut } = props;
  const { view } = useBench();
  const units = useUnits();
  const stops = findings.filter(({ weight }) => weight === 'stop');
  const shelf = measuredParts(view).filter(({ id }) => (view.levels.get(id) ?? 0) > 0);
  const pieces = shelf.flatMap((bin) => pieceOf(bin.id, view) ?? []);
  const binOf = (piece: BuildPiece) => shelf.find(({ id }) => id === piece.binId);
  const spare = [...build.arm]
    .reverse()
    .find(({ part }) => part.gauge.as === 'bead' || part.gauge.as === 'spacer');
  return (
    <section className={styles.findings} aria-label="Does it fit">
      {stops.length === 0 ? (
        <p className={styles.fits} role="status">
          <CheckOutlined aria-hidden="true" /> It fits.
        </p>
      ) : null}
      <ul>
        {findings.map((finding, index) => {
          const place = placeOf(finding);
          const swaps = place ? swapsThatFit(build, place.at, place.of, pieces).slice(0, MOST_SWAPS) : [];
          const filler =
            finding.code === 'strike' ? fillersThatFit(build, finding.at[0] ?? '', pieces)[0] : undefined;
          const fillerBin = filler && binOf(filler);
          return (
            <li key={index} data-weight={finding.weight}>
              <p role={finding.weight === 'stop' ? 'alert' : undefined}>{findingSentence(finding, units)}</p>
              <span>
                <Reckoned finding={finding} />
                {swaps.map((piece) => {
                  const bin = binOf(piece);
                  return bin && place ? (
                    <Button key={piece.binId} size="small" onClick={() => onSwap(place.at, bin)}>
                      Swap for {piece.name}
                    </Button>
                  ) : null;
                })}
                {fillerBin ? (
                  <Button size="small" onClick={() => onThread(finding.at[0] ?? '', fillerBin)}>
                    Put {fillerBin.name} between
                  </Button>
                ) : null}
                {(finding.code === 'too-long' || finding.code === 'no-play') && spare ? (
                  <Button size="small" onClick={() => onTakeOff(spare.id)}>
                    Take off {spare.part.name}
                  </Button>
                ) : null}
                {finding.code === 'not-on-arm' || finding.code === 'bare-clevis' ? (
                  <Button size="small" onClick={() => onTakeOff(finding.at[0] ?? '')}>
                    Take it off
                  </Button>
                ) : null}
                {finding.code === 'missing' && finding.at[0] ? (
                  <MissingPart kind={build.kind} at={finding.at[0]} onPut={onPut} />
                ) : null}
                {finding.at[0] && finding.code !== 'missing' ? (
                  <Button size="small" type="text" onClick={() => onChoose(finding.at[0] ?? '')}>
                    Show it
                  </Button>
                ) : null}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Where a swap could mend it, and of what. */
function placeOf(finding: Finding): { at: string; of: 'part' | 'blade' } | null {
  const at = finding.at[0];
  if (at === undefined) return null;
  switch (finding.code) {
    case 'strike':
    case 'hits-body':
    case 'sweeps-body':
      return { at, of: 'blade' };
    case 'loop-small':
    case 'hole-small':
      return { at, of: 'part' };
    default:
      return null;
  }
}
