'use client';

import { measuredKind } from '@/text/quantity-text';
import { column, line } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { findEnd, RIG_ENDS, type RigEndId } from '@/core/rigs/ends';
import { learnAllowance } from '@/core/rigs/learn-allowance';
import { MATCH_TABLE_IDS, type MatchLine, type MatchTableId } from '@/core/rigs/match-table';
import { TYPICAL_MATCHES } from '@/reference/matches';
import { useUnits } from '@/ui/units/use-units';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { sizeText } from '@/text/words';
import { rollText } from '@/text/roll-text';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { learnedEnds } from '@/model/bills/rig-uses';
import { matchLines } from '@/model/rigs/match-lines';
import { useBench } from '@/station-kit/BenchProvider';
import { rigShelf } from '@/model/rigs/rig-facts';
import { PullsPart } from './PullsPart';
import styles from './matches.module.css';
import { inBackground } from '@/station-kit/in-background';

const WORDS: Record<MatchTableId, { title: string; of: 'length' | 'strength'; from: string; takes: string }> =
  {
    'crimp-by-cable': { title: 'Crimp by cable', of: 'length', from: 'Cable, thick', takes: 'Crimp, inside' },
    'tube-by-hook': {
      title: 'Tube by hook',
      of: 'length',
      from: 'Hook, across its eye',
      takes: 'Tube, inside',
    },
    'ring-by-load': { title: 'Split ring by load', of: 'strength', from: 'Load', takes: 'Ring, across' },
    'bead-by-line': { title: 'Bead by line', of: 'length', from: 'Line, thick', takes: 'Bead, across' },
  };

/** What suits what, typical or as the maker tried it; and what each way of ending takes of a line. */
export function MatchesPart() {
  return (
    <div className={styles.matches}>
      <p className="quiet">
        Typical: try one. What you tried goes before it, here and wherever a rig is judged.
      </p>
      <div className={styles.tables}>
        {MATCH_TABLE_IDS.map((table) => (
          <MatchTable key={table} table={table} />
        ))}
      </div>
      <Allowances />
      <PullsPart />
    </div>
  );
}

function MatchTable({ table }: { readonly table: MatchTableId }) {
  const { view } = useBench();
  const { title, from, takes } = WORDS[table];
  const own = matchLines(view).filter((line) => line.table === table && line.basis === 'tried');
  const typical = TYPICAL_MATCHES.filter((line) => line.table === table);
  const isOf = (row: MatchLine) => (line: MatchLine) => line.from === row.from && line.to === row.to;
  // What was tried over a range that the table parts otherwise by now goes on by itself.
  const rows = [...typical, ...own.filter((line) => !typical.some(isOf(line)))].sort(
    (a, b) => a.from - b.from,
  );
  const most = Math.max(...rows.map((row) => row.takes));
  return (
    <section className={styles.table} aria-label={title}>
      <h3>{title}</h3>
      <p>
        <span>{from}</span>
        <span>{takes}</span>
      </p>
      <ul>
        {rows.map((row) => {
          const tried = own.find(isOf(row));
          return (
            <MatchRow
              key={`${row.from} ${row.to}`}
              row={row}
              tried={tried ?? null}
              share={(tried ?? row).takes / most}
            />
          );
        })}
      </ul>
    </section>
  );
}

function MatchRow({
  row,
  tried,
  share,
}: {
  readonly row: MatchLine;
  readonly tried: MatchLine | null;
  readonly share: number;
}) {
  const { view, workshop } = useBench();
  const [takes, setTakes] = useState<number | null>(null);
  const units = useUnits();
  const { write } = measuredKind(WORDS[row.table].of);
  const range = `${write(row.from, units).replace(/ [a-z]+$/, '')} to ${write(row.to, units)}`;
  const record = view.matches.find(
    ({ table, from, to }) => table === row.table && from === row.from && to === row.to,
  );
  const name = `${WORDS[row.table].title}, ${range}`;
  const keep = async () => {
    if (takes === null) return;
    await workshop.rigs.tried({ table: row.table, from: row.from, to: row.to, takes, note: '' });
    setTakes(null);
  };
  return (
    <li data-tried={tried !== null}>
      <span>{range}</span>
      <svg viewBox="0 0 60 18" width={40} height={18} aria-hidden>
        <rect x={0} y={9 - 8 * share} width={60} height={16 * share} rx={1.5} />
      </svg>
      <strong>{sizeText((tried ?? row).takes, units.length)}</strong>
      <small title={record?.note || undefined}>{tried ? 'you tried it' : 'typical'}</small>
      <span className={line(6, styles.hand)}>
        <QuantityField
          isBare
          width={72}
          label={`${name}: what you tried`}
          of="length"
          least={0.1}
          most={100}
          placeholder="tried"
          value={takes ?? record?.takes ?? null}
          onChange={setTakes}
          onLeft={() => inBackground(keep())}
        />
        {record ? (
          <Button
            size="small"
            aria-label={`${name}: back to typical`}
            onClick={() => inBackground(workshop.rigs.untried(record.id))}
          >
            Typical
          </Button>
        ) : null}
      </span>
    </li>
  );
}

/** What each way of ending takes of a line, learned from one made piece. */
function Allowances() {
  const { length } = useUnits();
  const { view, workshop } = useBench();
  const lines = rigShelf(view).filter(({ gauge }) => gauge.as === 'line');
  const [end, setEnd] = useState<RigEndId>('snell');
  const [binId, setBinId] = useState<string | null>(null);
  const [cutMm, setCut] = useState<number | null>(null);
  const [madeMm, setMade] = useState<number | null>(null);
  const [other, setOther] = useState<RigEndId | 'same'>('same');
  const line = lines.find((each) => each.binId === binId);
  const facts = { lineMm: line?.gauge.sizes.diameterMm ?? 0.5, crimpMm: 8, loopMm: 12, wireMm: 1 };
  const learned = learnedEnds(view);
  const otherMm = other === 'same' ? 0 : (learned(other, binId ?? '') ?? findEnd(other).usualMm(facts));
  const mm =
    cutMm === null || madeMm === null
      ? null
      : learnAllowance({ cutMm, madeMm, ends: other === 'same' ? 2 : 1, otherMm });
  const isWrong = cutMm !== null && madeMm !== null && mm === null;
  const keep = async () => {
    if (mm === null || cutMm === null || madeMm === null) return;
    await workshop.rigs.learn({ end, binId, mm, cutMm, madeMm });
    setCut(null);
    setMade(null);
  };
  return (
    <section className={column(12, styles.ends)} aria-label="What ends take">
      <h3>What ends take</h3>
      <p className="quiet">
        Make one piece, write down how long it was cut and how long it came out: your own knots decide.
      </p>
      <div className={styles.learn}>
        <FieldShell id="learn-end" label="Way of ending">
          <Select
            id="learn-end"
            value={end}
            style={{ width: '100%' }}
            options={RIG_ENDS.filter(({ id }) => id !== 'plain' && id !== 'through').map(({ id, name }) => ({
              value: id,
              label: name,
            }))}
            onChange={setEnd}
          />
        </FieldShell>
        <FieldShell id="learn-other" label="Its other end">
          <Select
            id="learn-other"
            value={other}
            style={{ width: '100%' }}
            options={[
              { value: 'same' as const, label: 'the same' },
              ...RIG_ENDS.filter(({ id }) => id !== end && id !== 'through').map(({ id, name }) => ({
                value: id,
                label: name.toLowerCase(),
              })),
            ]}
            onChange={setOther}
          />
        </FieldShell>
        <ChoiceField
          label="On"
          value={binId}
          none="any line"
          options={lines.map((each) => ({ value: each.binId, label: each.name }))}
          onChange={setBinId}
        />
        <QuantityField
          of="length"
          label="Was cut"
          least={1}
          most={50_000}
          isOptional
          value={cutMm}
          onChange={setCut}
        />
        <QuantityField
          of="length"
          label="Came out"
          least={1}
          most={50_000}
          isOptional
          value={madeMm}
          onChange={setMade}
        />
        <Button type="primary" disabled={mm === null} onClick={() => inBackground(keep())}>
          {mm === null ? 'Learn it' : `Learn ${sizeText(mm, length)}`}
        </Button>
      </div>
      {isWrong ? (
        <p role="alert" className="wrong">
          It cannot come out longer than what its other end leaves of the cut. Measure both again.
        </p>
      ) : null}
      <ul>
        {view.allowances.map(({ id, end: of, binId: on, mm: takes, cutMm: cut, madeMm: made }) => (
          <li key={id}>
            <strong>{findEnd(of).name}</strong>
            <span>{on === null ? 'any line' : (view.binById.get(on)?.name ?? 'a line gone')}</span>
            <span>{sizeText(takes, length)}</span>
            <small>
              from a piece cut to {rollText(cut, length)} that came out {rollText(made, length)}
            </small>
            <Button size="small" onClick={() => inBackground(workshop.rigs.forget(id))}>
              Forget
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
