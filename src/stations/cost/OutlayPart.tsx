'use client';

import { Sideways } from '@/ui/layout/Sideways';
import { NumberField } from '@/ui/unit-field/NumberField';
import { stack } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import dayjs from 'dayjs';
import { useId, useMemo, useState } from 'react';
import { numberText } from '@/text/number-text';
import { STAGES, type Outlay, type Stage } from '@/records/outlay';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import { payWorking } from '@/station-kit/figures/cost-working';
import { moneyWorking } from '@/station-kit/figures/money-working';
import { Figure } from '@/ui/figure/Figure';
import { moneyText, STAGE_WORDS } from '@/model/cost/cost-slices';
import { stagePays, type StagePay } from '@/model/cost/outlays';
import type { CostablePiece } from '@/model/cost/pieces';
import styles from './cost.module.css';
import { inBackground } from '@/station-kit/in-background';

/** When the outlay pays: stage by stage as a gauge that fills with the pieces made. */
export function OutlayPart({ pieces }: { readonly pieces: readonly CostablePiece[] }) {
  const { view } = useBench();
  const { sign } = view.bench.money;
  const [editing, setEditing] = useState<Outlay | 'new' | null>(null);
  const pays = useMemo(() => stagePays(pieces, view), [pieces, view]);
  const laidOut = pays.reduce((so, pay) => so + pay.laidOut, 0);
  const saved = pays.reduce(
    (so, { through, makeEach, buyEach }) => so + through * ((buyEach ?? 0) - (makeEach ?? 0)),
    0,
  );
  const all = view.outlays.filter(({ retired }) => !retired);
  return (
    <>
      {laidOut > 0 ? (
        <p className={styles.answer}>
          <Figure
            size="large"
            working={moneyWorking(
              'Saved by making',
              pays.map(({ name, through, makeEach, buyEach }) => ({
                name,
                count: through,
                each: (buyEach ?? 0) - (makeEach ?? 0),
              })),
              saved,
              sign,
            )}
          >
            {moneyText(saved, sign)}
          </Figure>{' '}
          saved by making what was made so far, of {moneyText(laidOut, sign)} laid out
          {saved >= laidOut ? ': it has paid.' : `: ${moneyText(laidOut - saved, sign)} to go.`}
        </p>
      ) : null}
      <ul className={styles.pays}>
        {pays.map((pay) => (
          <PayGauge key={pay.stage} pay={pay} sign={sign} />
        ))}
      </ul>
      <h3>Laid out once</h3>
      <Sideways name="Laid out once">
        <table className={styles.list}>
          <caption className="unseen">Outlays</caption>
          <tbody>
            {all.map((outlay) => (
              <tr key={outlay.id}>
                <td>
                  <button type="button" onClick={() => setEditing(outlay)}>
                    {outlay.name}
                  </button>
                </td>
                <td>{outlay.serves.map((stage) => STAGE_WORDS[stage].toLowerCase()).join(', ')}</td>
                <td>{moneyText(outlay.cost, sign)}</td>
                <td>good for {numberText(outlay.lifePieces, 6)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <Button onClick={() => setEditing('new')}>Add an outlay</Button>
      {editing ? (
        <OutlayForm outlay={editing === 'new' ? null : editing} onClose={() => setEditing(null)} />
      ) : null}
    </>
  );
}

function PayGauge({ pay, sign }: { readonly pay: StagePay; readonly sign: string }) {
  const share = pay.pieces === null ? null : pay.pieces === 0 ? 1 : Math.min(1, pay.through / pay.pieces);
  return (
    <li>
      <h3>{pay.name}</h3>
      <div className={styles.gauge} data-paid={share === 1} aria-hidden="true">
        <i style={{ width: `${100 * (share ?? 0)}%` }} />
      </div>
      <p>
        {pay.pieces !== null && share === 1 ? (
          <>
            <b>Paid</b> at <Figure working={payWorking(pay, sign)}>{numberText(pay.pieces, 6)} pieces</Figure>
            ; {numberText(pay.through, 6)} made so far.
          </>
        ) : pay.pieces !== null ? (
          <>
            <b>{numberText(pay.through, 6)}</b> of{' '}
            <Figure working={payWorking(pay, sign)}>{numberText(pay.pieces, 6)}</Figure> pieces until{' '}
            {moneyText(pay.laidOut, sign)} is back.
          </>
        ) : pay.never ? (
          <>
            Making one costs {moneyText(pay.makeEach ?? 0, sign)}, buying one no more: the outlay never pays.
          </>
        ) : (
          <>
            {moneyText(pay.laidOut, sign)} laid out, {numberText(pay.through, 6)} pieces made. Note what one
            costs in the shop, under Make or buy.
          </>
        )}
      </p>
      {pay.makeEach !== null && pay.buyEach !== null && !pay.never ? (
        <p className="quiet">
          made {moneyText(pay.makeEach, sign)}, bought {moneyText(pay.buyEach, sign)} on the average
        </p>
      ) : null}
    </li>
  );
}

function OutlayForm({ outlay, onClose }: { readonly outlay: Outlay | null; readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const id = useId();
  const [name, setName] = useState(outlay?.name ?? '');
  const [cost, setCost] = useState<number | null>(outlay?.cost ?? null);
  const [life, setLife] = useState<number | null>(outlay?.lifePieces ?? 5000);
  const [serves, setServes] = useState<Stage[]>(outlay?.serves ?? []);
  const [isPressed, setPressed] = useState(false);
  const isReady = name.trim() !== '' && cost !== null && life !== null && life > 0 && serves.length > 0;
  const save = async () => {
    setPressed(true);
    if (!isReady) return;
    await workshop.outlays.save({
      id: outlay?.id,
      name: name.trim(),
      cost,
      lifePieces: life,
      serves,
      note: outlay?.note ?? '',
      boughtOn: outlay?.boughtOn ?? dayjs(workshop.now()).format('YYYY-MM-DD'),
      retired: false,
    });
    onClose();
  };
  return (
    <Dialog
      open
      title={outlay ? outlay.name : 'An outlay'}
      okText="Keep"
      onOk={() => inBackground(save())}
      onCancel={onClose}
    >
      <div className={stack(10)}>
        <TextField
          label="What"
          value={name}
          onChange={setName}
          problem={isPressed && name.trim() === '' ? 'Give it a name, such as Electric pot.' : null}
        />
        <NumberField
          label={`Cost, ${view.bench.money.sign}`}
          problem={isPressed && cost === null ? 'What did it cost?' : null}
          most={1_000_000}
          value={cost}
          onChange={setCost}
        />
        <CountField label="Good for so many pieces" value={life} onChange={setLife} />
        <FieldShell
          id={`${id}serves`}
          label="Serves"
          problem={isPressed && serves.length === 0 ? 'Say which work it serves.' : null}
        >
          <Select<Stage[]>
            id={`${id}serves`}
            mode="multiple"
            value={serves}
            options={STAGES.map((stage) => ({ value: stage, label: STAGE_WORDS[stage] }))}
            onChange={setServes}
          />
        </FieldShell>
      </div>
    </Dialog>
  );
}
