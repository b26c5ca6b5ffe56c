'use client';

import { AmountField } from '@/station-kit/put-down/AmountField';
import { apart, fields, stack } from '@/ui/layout/layout';
import { dayText } from '@/text/date-text';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import type { Bin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { freeWorking, promisedWorking } from '@/station-kit/figures/stock-working';
import { CountByWeight } from '@/station-kit/scale/CountByWeight';
import { Figure } from '@/ui/figure/Figure';
import { numberText } from '@/text/number-text';
import { TextField } from '@/ui/unit-field/TextField';
import { amountText, lengthText, massText, temperatureText } from '@/text/words';
import { piecesOf } from '@/model/skirts/skirt-facts';
import { piecesText } from '@/text/skirt-words';
import { priceOf } from '@/model/stock/odd-price';
import { isPriced } from '@/model/cost/cost-facts';
import { PriceButton } from '@/station-kit/put-down/PriceButton';
import { useBench } from '@/station-kit/BenchProvider';
import type { ScreenUnits } from '@/text/written-in';
import { useUnits } from '@/ui/units/use-units';
import { BinForm } from './BinForm';
import { BinNeighbors } from './BinNeighbors';
import { onOrder } from '@/model/stock/buying';
import { shelfBin } from '@/model/stock/shelf-rows';
import styles from './shelf.module.css';
import { inBackground } from '@/station-kit/in-background';
import { usePaid } from '@/station-kit/put-down/use-paid';

const LevelChart = dynamic(() => import('@/ui/shelf-parts/LevelChart').then((module) => module.LevelChart), {
  ssr: false,
});

type Move = 'taken' | 'returned' | 'received' | 'counted' | 'lost';

const MOVES: readonly { value: Move; label: string }[] = [
  { value: 'taken', label: 'Take' },
  { value: 'returned', label: 'Put back' },
  { value: 'received', label: 'Receive' },
  { value: 'counted', label: 'Count' },
  { value: 'lost', label: 'Write off' },
];

const LATEST = 7;

/** One bin: what is in it, what is promised, what came and went, and the form that moves it. */
export function BinCard({ bin }: { bin: Bin }) {
  const { workshop, view } = useBench();
  const units = useUnits();
  const { mass } = units;
  const entries = useLiveQuery(() => workshop.shelf.entriesOf(bin.id), [workshop, bin.id, view.levels]) ?? [];
  const row = shelfBin(view, bin);
  const coming = onOrder(view).get(bin.id) ?? 0;
  const drawer = view.drawers.find(({ id }) => id === bin.drawerId);
  const [isEditing, setEditing] = useState(false);
  return (
    <section className={apart(0, styles.card)} aria-label={bin.name}>
      <div className={styles.cardHead}>
        <h2>
          {bin.name} {isPriced(bin.id, view) && priceOf(bin) === null ? null : <PriceButton bin={bin} />}{' '}
          <Button size="small" onClick={() => setEditing(true)}>
            Edit
          </Button>
        </h2>
        <p className="quiet">
          {bin.place || drawer?.name || 'no place noted'}
          {factsOf(bin, units)}
          {bin.kind === 'strand' && bin.form === 'tab'
            ? `. There lie: ${piecesText(piecesOf(bin.id, view))}`
            : ''}
          {bin.note ? `. ${bin.note}` : ''}
        </p>
      </div>
      <dl className={styles.levels}>
        <div>
          <dt>on hand</dt>
          <dd>
            <Figure
              size="large"
              tone={row.isShort ? 'ember' : row.isLow ? 'brass' : 'ink'}
              working={{
                title: 'On hand',
                steps: [`the sum of ${entries.length} ledger entries`],
                inputs: [{ name: 'ledger', value: amountText(row.onHand, bin, mass), basis: 'counted' }],
              }}
            >
              {amountText(row.onHand, bin, mass)}
            </Figure>
          </dd>
        </div>
        <div>
          <dt>promised</dt>
          <dd className={styles.level}>
            <Figure working={promisedWorking(bin, view, mass)}>{amountText(row.promised, bin, mass)}</Figure>
          </dd>
        </div>
        <div>
          <dt>free</dt>
          <dd className={styles.level}>
            <Figure working={freeWorking(bin, row, mass)}>{amountText(row.free, bin, mass)}</Figure>
          </dd>
        </div>
        {coming > 0 ? (
          <div>
            <dt>on order</dt>
            <dd className={styles.level}>{amountText(coming, bin, mass)}</dd>
          </div>
        ) : null}
      </dl>
      {bin.unit === 'mm' ? (
        <p className="quiet">
          Kept by its lengths: receive and measure rolls, sticks and offcuts at{' '}
          <Link href="/rig" prefetch={false}>
            Rig
          </Link>
          , Rolls.
        </p>
      ) : (
        <MoveForm key={bin.id} bin={bin} onHand={row.onHand} />
      )}
      <BinNeighbors bin={bin} lacks={row.isShort ? row.promised - row.onHand : null} />
      <div className={apart(20, styles.history)}>
        <LevelChart entries={entries} bin={bin} now={workshop.now()} />
        <Ledger entries={entries} bin={bin} />
      </div>
      {isEditing ? <BinForm key={bin.id} bin={bin} onClose={() => setEditing(false)} /> : null}
    </section>
  );
}

function factsOf(bin: Bin, { mass, length, temperature }: ScreenUnits): string {
  if (bin.kind === 'metal') return `, ${numberText(bin.densityGcm3, 4)} g/cm³ (${bin.densityBasis})`;
  if (bin.kind === 'hook')
    return `, ${massText(bin.massG, mass)} each (${bin.massBasis}), gape ${lengthText(bin.gapeMm, length)}`;
  if (bin.kind === 'powder')
    return `, ${bin.finish}, cures ${bin.cures.map(({ cureC, cureMin }) => `at ${temperatureText(cureC, temperature)} for ${cureMin} min`).join(' or ')}`;
  if (bin.kind === 'strand' && bin.strandsPerTab !== null)
    return `, ${bin.strandsPerTab} strands of ${lengthText(bin.strandWidthMm, length)} each`;
  if (bin.kind === 'part' && bin.massG !== null && bin.unit === 'pieces')
    return `, ${massText(bin.massG, mass)} each`;
  return '';
}

function MoveForm({ bin, onHand }: { bin: Bin; onHand: number }) {
  const { workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const [move, setMove] = useState<Move>('taken');
  const [amount, setAmount] = useState<number | null>(null);
  const [round, setRound] = useState(0);
  const paid = usePaid(bin, amount);
  const [note, setNote] = useState('');
  const [isPressed, setIsPressed] = useState(false);
  const [isWeighing, setWeighing] = useState(false);
  const isOut = move === 'taken' || move === 'lost';
  const problem = (() => {
    if (amount === null) return isPressed ? 'How much? Write an amount first.' : null;
    if (move !== 'counted' && amount <= 0) return 'Nothing would move. Write more than 0.';
    if (isOut && amount > onHand)
      return `There are ${amountText(onHand, bin, mass)}. Take less, or count the bin first.`;
    return null;
  })();
  const go = async () => {
    setIsPressed(true);
    if (amount === null || problem || (move === 'received' && !paid.isMeant())) return;
    const done = await carryOut<unknown>(
      move === 'counted'
        ? workshop.shelf.count(bin.id, amount)
        : workshop.shelf.move(bin.id, move, amount, note.trim(), move === 'received' ? paid.unitCost : null),
    );
    if (!done) return;
    setAmount(null);
    setNote('');
    paid.clear();
    setIsPressed(false);
    setRound(round + 1);
  };
  const label = move === 'counted' ? 'Counted' : 'How much';
  return (
    <form
      className={fields(0, styles.move)}
      aria-label={`Move ${bin.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(go());
      }}
    >
      <Segmented<Move> aria-label="What to do" value={move} options={[...MOVES]} onChange={setMove} />
      <div className={stack(10, styles.moveFields)}>
        <AmountField
          key={round}
          label={label}
          unit={bin.unit}
          isDivided={bin.kind === 'strand'}
          value={amount}
          onChange={setAmount}
          problem={problem}
        />
        {bin.unit === 'pieces' && bin.kind !== 'strand' ? (
          <Button onClick={() => setWeighing(true)}>By weight</Button>
        ) : null}
        {move === 'received' ? paid.field : null}
        {move === 'counted' ? null : <TextField label="Note" value={note} most={200} onChange={setNote} />}
        <Button type="primary" htmlType="submit">
          {MOVES.find((each) => each.value === move)?.label}
        </Button>
      </div>
      {isWeighing ? (
        <CountByWeight
          bin={bin}
          onClose={() => setWeighing(false)}
          onCounted={(count) => {
            setAmount(count);
            setRound(round + 1);
          }}
        />
      ) : null}
    </form>
  );
}

function Ledger({ entries, bin }: { entries: readonly Entry[]; bin: Bin }) {
  const { mass } = useUnits();
  if (entries.length === 0) return <p className="quiet">Nothing has come or gone yet.</p>;
  return (
    <table className={styles.ledger}>
      <caption className="unseen">Ledger of {bin.name}, newest first</caption>
      <tbody>
        {[...entries]
          .reverse()
          .slice(0, LATEST)
          .map((entry) => (
            <tr key={entry.id}>
              <td>{dayText(entry.at)}</td>
              <td>
                {entry.reverses ? 'taken back: ' : ''}
                {entry.kind}
                {entry.note ? <span className="quiet">, {entry.note}</span> : null}
              </td>
              <td>
                {entry.qty > 0 ? '+' : '−'}
                {amountText(Math.abs(entry.qty), bin, mass)}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}
