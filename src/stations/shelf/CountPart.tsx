'use client';

import { countText } from '@/text/count-text';
import { AmountField } from '@/station-kit/put-down/AmountField';
import { Nothing } from '@/ui/frame/Nothing';
import { apart, row, stack } from '@/ui/layout/layout';
import { Button, Checkbox, Select } from 'antd';
import { useMemo, useState } from 'react';
import type { Bin } from '@/records/bin';
import { amountText } from '@/text/words';
import { CountByWeight } from '@/station-kit/scale/CountByWeight';
import { useBench } from '@/station-kit/BenchProvider';
import { useDraft } from '@/station-kit/use-draft';
import { useUnits } from '@/ui/units/use-units';
import { drawersToCount, type CountDrawer } from '@/model/stock/count-day';
import styles from './count.module.css';
import { inBackground } from '@/station-kit/in-background';

/** What was found so far, by bin; kept on this screen until it is posted. */
type CountDraft = Readonly<Record<string, { readonly counted: number; readonly reason: string }>>;

const readCount = (kept: unknown): CountDraft | null =>
  typeof kept === 'object' &&
  kept !== null &&
  Object.values(kept).every((each) => typeof (each as { counted?: unknown } | null)?.counted === 'number')
    ? (kept as CountDraft)
    : null;

const REASONS = ['miscounted before', 'used and not noted', 'found again', 'lost', 'spoiled'] as const;
const EMPTY: CountDraft = {};

interface CountPartProps {
  readonly onPosted: (said: string) => void;
  /** Puts the first thing down. */
  readonly onFirst: () => void;
}

/** A count day: drawer by drawer, what is found beside what the books say; differences are posted with their reasons. */
export function CountPart({ onPosted, onFirst }: CountPartProps) {
  const { view, workshop } = useBench();
  const inHand = useDraft<CountDraft>('count-day', readCount, EMPTY);
  const draft = inHand.draft ?? EMPTY;
  const drawers = useMemo(() => drawersToCount(view), [view]);
  const [at, setAt] = useState(0);
  const [isBlind, setBlind] = useState(false);
  const drawer = drawers[Math.min(at, drawers.length - 1)];
  const found = Object.entries(draft);
  const differences = found.filter(([binId, { counted }]) => counted !== (view.levels.get(binId) ?? 0));
  const unexplained = differences.filter(([, { reason }]) => reason === '').length;
  const post = async () => {
    const entered = await workshop.shelf.countDay(
      found.map(([binId, { counted, reason }]) => ({
        binId,
        counted,
        reason: `count day: ${reason || 'as found'}`,
      })),
    );
    inHand.begin(null);
    onPosted(`${countText(found.length, 'bin')} counted, ${entered} set right.`);
  };
  if (!drawer) {
    return (
      <Nothing
        says="Nothing to count yet: put down what you have."
        mend="Put something down"
        onMend={onFirst}
      />
    );
  }
  const doneIn = ({ bins }: CountDrawer) => bins.filter(({ id }) => id in draft).length;
  return (
    <div className={apart(24, styles.day)}>
      <nav className={stack(4, styles.drawers)} aria-label="Drawers">
        {drawers.map((each, nth) => (
          <button key={each.name} type="button" aria-pressed={each === drawer} onClick={() => setAt(nth)}>
            {each.name}
            <small>
              {doneIn(each)} of {each.bins.length}
            </small>
          </button>
        ))}
      </nav>
      <section aria-label={drawer.name}>
        <div className={row(0, styles.bar)}>
          <h2>{drawer.name}</h2>
          <Checkbox checked={isBlind} onChange={(event) => setBlind(event.target.checked)}>
            Count blind
          </Checkbox>
        </div>
        <ul className={styles.bins}>
          {drawer.bins.map((bin) => (
            <CountRow
              key={bin.id}
              bin={bin}
              isBlind={isBlind}
              found={draft[bin.id] ?? null}
              onFound={(next) => {
                const others = Object.entries(draft).filter(([id]) => id !== bin.id);
                inHand.change(Object.fromEntries(next ? [...others, [bin.id, next]] : others));
              }}
            />
          ))}
        </ul>
        <div className={row(0, styles.bar)}>
          {at < drawers.length - 1 ? (
            <Button onClick={() => setAt(at + 1)}>Next drawer: {drawers[at + 1]?.name}</Button>
          ) : null}
          <Button
            type="primary"
            disabled={found.length === 0 || unexplained > 0}
            onClick={() => inBackground(post())}
          >
            Post the count
          </Button>
          <p className="quiet" role="status">
            {found.length} counted, {differences.length} differ
            {unexplained > 0 ? `; say why ${unexplained === 1 ? 'one does' : `${unexplained} do`}` : ''}.
          </p>
        </div>
      </section>
    </div>
  );
}

interface CountRowProps {
  readonly bin: Bin;
  readonly isBlind: boolean;
  readonly found: CountDraft[string] | null;
  readonly onFound: (found: CountDraft[string] | null) => void;
}

function CountRow({ bin, isBlind, found, onFound }: CountRowProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const [isWeighing, setWeighing] = useState(false);
  const books = view.levels.get(bin.id) ?? 0;
  const differs = found !== null && found.counted !== books;
  return (
    <li data-differs={differs}>
      <span>
        {bin.name}
        <small>{bin.place}</small>
      </span>
      <span className="quiet">{isBlind && !found ? '' : `${amountText(books, bin, mass)} by the books`}</span>
      <AmountField
        isBare
        label={`Found of ${bin.name}`}
        unit={bin.unit}
        isDivided={bin.kind === 'strand'}
        value={found?.counted ?? null}
        onChange={(next) => onFound(next === null ? null : { counted: next, reason: found?.reason ?? '' })}
      />
      {bin.unit === 'pieces' && bin.kind !== 'strand' ? (
        <Button size="small" aria-label={`Count ${bin.name} by weight`} onClick={() => setWeighing(true)}>
          Weigh
        </Button>
      ) : (
        <span />
      )}
      {isWeighing ? (
        <CountByWeight
          bin={bin}
          onClose={() => setWeighing(false)}
          onCounted={(counted) => onFound({ counted, reason: found?.reason ?? '' })}
        />
      ) : null}
      {differs ? (
        <Select
          aria-label={`Why ${bin.name} differs`}
          placeholder="why?"
          value={found.reason || null}
          popupMatchSelectWidth={false}
          options={REASONS.map((value) => ({ value, label: value }))}
          onChange={(reason) => onFound({ ...found, reason })}
        />
      ) : (
        <Button
          size="small"
          onClick={() => onFound({ counted: books, reason: '' })}
          disabled={found !== null}
        >
          {found ? 'right' : 'As the books say'}
        </Button>
      )}
    </li>
  );
}
