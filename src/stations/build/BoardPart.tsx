'use client';

import { apart, column, stack, wrap } from '@/ui/layout/layout';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { findKind } from '@/core/builds/kinds';
import type { BuildRecord } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { BuildDetail } from './BuildDetail';
import { CompareBuilds } from './CompareBuilds';
import { finishedOf, weightLines } from '@/model/baits/bait-facts';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';

interface BoardPartProps {
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
  readonly onChange: (build: BuildRecord) => void;
  readonly onBuild: (build: BuildRecord) => void;
  readonly onStrip: (build: BuildRecord) => void;
}

const [LEAST_BESIDE, MOST_BESIDE] = [2, 6];

/** Every bait kept, drawn to scale: one looked at, or two to six set side by side. */
export function BoardPart({ chosenId, onChoose, onChange, onBuild, onStrip }: BoardPartProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const [search, setSearch] = useState('');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [isBeside, setBeside] = useState(false);
  const board = newestByFamily(view.builds);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = board.filter((build) => {
    const text = `${build.name} ${findKind(build.kind).name} ${build.note}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const chosen = view.buildById.get(chosenId ?? '') ?? found[0] ?? null;
  const beside = picked.flatMap((id) => view.buildById.get(id) ?? []);
  if (isBeside && beside.length >= LEAST_BESIDE) {
    return <CompareBuilds builds={beside} onClose={() => setBeside(false)} />;
  }
  return (
    <div className={apart(24, styles.board)}>
      <div className={column(12)}>
        <div className={wrap(8, styles.search)}>
          <Input.Search
            aria-label="Search baits"
            placeholder="name, kind"
            allowClear
            value={search}
            onChange={({ target }) => setSearch(target.value)}
          />
          <Button
            type={picked.length >= LEAST_BESIDE ? 'primary' : 'default'}
            disabled={picked.length < LEAST_BESIDE}
            title={picked.length < LEAST_BESIDE ? 'Tick two to six of them first' : undefined}
            onClick={() => setBeside(true)}
          >
            Side by side{picked.length > 0 ? ` (${picked.length})` : ''}
          </Button>
        </div>
        {board.length === 0 ? <p>No bait is kept yet. Make one under Bait.</p> : null}
        {board.length > 0 && found.length === 0 ? <p>None is called that. Take a word out.</p> : null}
        <ul className={stack(10, styles.tiles)} aria-label="Baits">
          {found.map((build) => {
            const isPicked = picked.includes(build.id);
            return (
              <li key={build.id}>
                <button
                  type="button"
                  className={styles.tile}
                  aria-pressed={chosen?.family === build.family}
                  onClick={() => onChoose(build.id)}
                >
                  <span className={styles.small}>
                    <BaitDrawing
                      name=""
                      look={lookOfBuild(build, view)}
                      pose="pulled"
                      pxPerMm={1.5}
                      maxWidthPx={176}
                      maxHeightPx={92}
                    />
                  </span>
                  <strong>{versionText(build)}</strong>
                  <small>
                    {findKind(build.kind).name},{' '}
                    {massText(finishedOf(weightLines(build, view)).finishedG, mass)}
                  </small>
                </button>
                <Checkbox
                  aria-label={`Set ${versionText(build)} beside others`}
                  checked={isPicked}
                  disabled={!isPicked && picked.length >= MOST_BESIDE}
                  onChange={() =>
                    setPicked(isPicked ? picked.filter((id) => id !== build.id) : [...picked, build.id])
                  }
                />
              </li>
            );
          })}
        </ul>
      </div>
      {chosen ? (
        <BuildDetail
          key={chosen.id}
          build={chosen}
          onVersion={onChoose}
          onChange={() => onChange(chosen)}
          onBuild={() => onBuild(chosen)}
          onStrip={() => onStrip(chosen)}
        />
      ) : null}
    </div>
  );
}
