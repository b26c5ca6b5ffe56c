'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { apart, column } from '@/ui/layout/layout';
import { dayText } from '@/text/date-text';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { Kit } from '@/records/rig';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { amountText } from '@/text/words';
import { takeAlong } from '@/model/kits/take-along';
import { freeOf } from '@/model/stock/free-of';
import { isBoughtHead, isPart } from '@/reference/typical/suits';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { usePrint } from '@/station-kit/use-print';
import { kitSheet } from '@/station-kit/print/print-wallet';
import styles from './matches.module.css';
import { inBackground } from '@/station-kit/in-background';

const isTakenAlong = (kind: ThingKind) => isPart(kind) || isBoughtHead(kind);

/** Of each bin so many; null where what is written is no count. */
type Lines = Readonly<Record<string, number | null>>;
const isUnread = (lines: Lines) => Object.values(lines).includes(null);

/** What an outing needs, packed from the shelf with labels, and booked back after it. */
export function KitPart() {
  const { view } = useBench();
  const out = view.kits.filter(({ state }) => state === 'packed');
  const back = view.kits.filter(({ state }) => state === 'back').sort((a, b) => b.no - a.no);
  return (
    <div className={apart(28, styles.kits)}>
      {view.bins.some(({ id, unit }) => unit === 'pieces' && freeOf(view, id) >= 1) || out.length > 0 ? (
        <PackForm />
      ) : (
        <PutDownHere
          says="Nothing lies on the shelf that could be taken along. Put it down with its count, or make some."
          mend="Put something down"
          suits={isTakenAlong}
        />
      )}
      <section aria-label="Out on the water">
        <h3>Out on the water</h3>
        {out.length === 0 ? <p>No kit is out.</p> : null}
        {out.map((kit) => (
          <KitOut key={`${kit.id} ${kit.lines.map(({ qty }) => qty).join(' ')}`} kit={kit} />
        ))}
        {back.length > 0 ? (
          <>
            <h3>Back again</h3>
            <ul className={styles.backs}>
              {back.slice(0, 6).map((kit) => {
                const packed = kit.lines.reduce((sum, { qty }) => sum + qty, 0);
                const home = kit.lines.reduce((sum, { back: came }) => sum + (came ?? 0), 0);
                return (
                  <li key={kit.id}>
                    Kit {kit.no}, {kit.name}: {Number((packed - home).toFixed(2))} used or lost of{' '}
                    {Number(packed.toFixed(2))}
                  </li>
                );
              })}
            </ul>
          </>
        ) : null}
      </section>
    </div>
  );
}

function PackForm() {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const [lines, setLines] = useState<Lines>({});
  const [extraId, setExtraId] = useState<string | null>(null);
  const usual = takeAlong(view).slice(0, 14);
  const extras = Object.keys(lines).flatMap((id) => {
    const bin = usual.some((each) => each.id === id) ? undefined : view.binById.get(id);
    return bin ? [bin] : [];
  });
  const packed = Object.entries(lines).flatMap(([binId, qty]) => (qty ? [{ binId, qty }] : []));
  const pack = async () => {
    const kit = { name: name.trim(), note: note.trim(), lines: packed };
    const done = await carryOut(workshop.kits.pack(kit));
    if (!done) return;
    setName('');
    setNote('');
    setLines({});
  };
  return (
    <form
      aria-label="Pack a kit"
      className={column(12, styles.pack)}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(pack());
      }}
    >
      <h3>Pack a kit</h3>
      <TextField label="Outing" value={name} most={80} placeholder="Pier, two tides" onChange={setName} />
      <TextField
        label="And to take along"
        value={note}
        most={300}
        placeholder="baiting needle, method mix"
        onChange={setNote}
      />
      <ul>
        {[...usual, ...extras].map((bin) => (
          <li key={bin.id}>
            <CountField
              isBare
              label={`How many ${bin.name}`}
              max={Math.floor(freeOf(view, bin.id))}
              value={lines[bin.id] === undefined ? 0 : (lines[bin.id] ?? null)}
              onChange={(qty) => setLines({ ...lines, [bin.id]: qty })}
            />
            <span>{bin.name}</span>
            <small>of {amountText(Math.floor(freeOf(view, bin.id)), bin, mass)}</small>
          </li>
        ))}
      </ul>
      <div className={styles.learn}>
        <FieldShell id="kit-extra" label="A spare besides">
          <Select
            id="kit-extra"
            showSearch
            allowClear
            optionFilterProp="label"
            placeholder="anything of the shelf"
            value={extraId}
            style={{ width: '100%' }}
            options={view.bins
              .filter((bin) => bin.unit === 'pieces' && freeOf(view, bin.id) >= 1)
              .map(({ id, name: label }) => ({ value: id, label }))}
            onChange={(id?: string) => {
              setExtraId(null);
              if (id) setLines({ ...lines, [id]: Math.max(1, lines[id] ?? 1) });
            }}
          />
        </FieldShell>
        <Button
          type="primary"
          htmlType="submit"
          disabled={name.trim() === '' || packed.length === 0 || isUnread(lines)}
        >
          Pack it
        </Button>
      </div>
      {packed.length > 0 && name.trim() === '' ? <p className="quiet">Name the outing, then pack.</p> : null}
    </form>
  );
}

function KitOut({ kit }: { readonly kit: Kit }) {
  const { view, workshop, carryOut } = useBench();
  const print = usePrint();
  const [back, setBack] = useState<Lines>(() =>
    Object.fromEntries(kit.lines.map(({ binId, qty }) => [binId, qty])),
  );
  return (
    <section className={styles.kit} aria-label={`Kit ${kit.no}`}>
      <header>
        <strong>
          Kit {kit.no}: {kit.name}
        </strong>
        <small>packed {dayText(kit.packedAt)}</small>
      </header>
      {kit.note ? <p>And along with it: {kit.note}.</p> : null}
      <ul>
        {kit.lines.map(({ binId, qty }) => (
          <li key={binId}>
            <CountField
              isBare
              label={`Back of ${view.binById.get(binId)?.name ?? 'a bin gone'}`}
              max={qty}
              value={back[binId] ?? null}
              onChange={(next) => setBack({ ...back, [binId]: next })}
            />
            <span>{view.binById.get(binId)?.name ?? 'a bin gone'}</span>
            <small>of {qty} came home</small>
          </li>
        ))}
      </ul>
      <div className={styles.hands}>
        <Button
          type="primary"
          disabled={isUnread(back)}
          onClick={() =>
            inBackground(
              carryOut(
                workshop.kits.bringBack(
                  kit.id,
                  kit.lines.map(({ binId }) => ({ binId, qty: back[binId] ?? 0 })),
                ),
              ),
            )
          }
        >
          Book it back
        </Button>
        <Button onClick={() => inBackground(print(kitSheet(kit, view)))}>Print its labels</Button>
      </div>
    </section>
  );
}
