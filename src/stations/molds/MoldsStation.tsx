'use client';

import { useInAddress, useInHand } from '@/station-kit/use-in-address';
import { App, Button, Dropdown, Select } from 'antd';
import { useMemo, useState } from 'react';
import type { Mold } from '@/records/mold';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { Station } from '@/ui/frame/Station';
import { DoubtNote } from '@/station-kit/DoubtNote';
import { drawMold } from '@/station-kit/draw-mold';
import { markText } from '@/station-kit/words';
import { sessionOf } from '@/model/tickets/session-takes';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { TicketInHandSlip } from '@/station-kit/TicketInHandSlip';
import { useBench } from '@/station-kit/BenchProvider';
import { usePlan } from '@/station-kit/use-plan';
import { useTicketInHand } from '@/station-kit/use-ticket-in-hand';
import { wantsOf } from '@/model/tickets/wants-of';
import { CavityFigures } from './CavityFigures';
import { cavityRows } from '@/model/molds/cavity-facts';
import { DesignBoard } from './design/DesignBoard';
import { MoldForm } from './MoldForm';
import { WeighIn } from './WeighIn';
import { WeightStrip } from './WeightStrip';
import { WhatMakes } from './WhatMakes';
import styles from './molds.module.css';
import { inBackground } from '@/station-kit/in-background';

const VIEWS = ['blocks', 'design'] as const;

/** The blocks, drawn to scale, with what each cavity truly gives in the metal chosen. */
export function MoldsStation() {
  const { workshop, view } = useBench();
  const { modal } = App.useApp();
  const preferences = usePreferences();
  const ticket = useTicketInHand();
  const [chosen, setChosen] = useInHand('mold');
  const [form, setForm] = useState<Mold | 'new' | null>(null);
  const [metalId, setMetalId] = useState<string | null>(null);
  const [open, setOpen] = useState<'weigh' | 'makes' | null>(null);
  const [shows, setShows] = useInAddress('view', VIEWS, 'blocks');

  const [isArranging, setIsArranging] = useState(false);
  const isDesigning = shows === 'design';
  const wants = useMemo(() => (ticket ? wantsOf(ticket, view.made) : []), [ticket, view.made]);
  const metal =
    view.metals.find(({ id }) => id === (metalId ?? wants[0]?.metalBinId)) ?? view.metals[0] ?? null;
  const session = useMemo(
    () =>
      metal
        ? sessionOf(
            view,
            wants.map((want) => ({ ...want, metalBinId: metal.id })),
            metal,
          )
        : null,
    [view, wants, metal],
  );
  const { plan } = usePlan(session);
  const planned = plan?.runs[0]?.moldId;
  const mold = view.molds.find(({ id }) => id === (chosen ?? planned)) ?? view.molds[0] ?? null;
  const rows = useMemo(
    () => (mold && metal ? cavityRows(mold, metal, view.hooks, session, plan) : []),
    [mold, metal, view.hooks, session, plan],
  );
  const layout = useMemo(
    () =>
      mold
        ? drawMold(
            mold,
            rows.map((row) => row.hook),
          )
        : null,
    [mold, rows],
  );

  const move = (index: number, byMm: { readonly x: number; readonly y: number }) => {
    const placed = layout?.cavities.find((each) => each.index === index);
    if (!mold || !placed) return;
    const spot = { xMm: placed.spot.xMm + byMm.x, yMm: placed.spot.yMm + byMm.y };
    const cavities = mold.cavities.map((each, at) => (at === index ? { ...each, spot } : each));
    inBackground(workshop.molds.save({ ...mold, cavities }));
  };
  const remove = (gone: Mold) =>
    modal.confirm({
      title: `Take ${gone.name} off the bench?`,
      content: 'Runs that used it keep their figures. Undo brings it back.',
      okText: 'Take it off',
      cancelText: 'Keep it',
      onOk: () => workshop.molds.remove(gone).then(() => setChosen(null)),
    });

  const marks = rows.map(({ cavity, hook, asked, fits, index }): CavityMark => ({
    mark: markText(cavity.nominalG, preferences.mass),
    state: asked > 0 ? 'lit' : 'idle',
    foot: hook ? `hook ${hook.size}` : undefined,
    flag: asked > 0 ? (mold?.kind === 'spun' ? `× ${asked}` : `${asked} asked`) : undefined,
    name: `Cavity ${index + 1}, marked ${markText(cavity.nominalG, preferences.mass)}${hook ? `, hook ${hook.size}` : ''}${
      asked > 0 ? `, ${asked} asked` : fits ? ', would fit the ticket' : ''
    }`,
  }));

  return (
    <Station
      title={isDesigning ? 'New cavity' : (mold?.name ?? 'Molds')}
      sub={
        isDesigning
          ? 'a form, a weight, a metal: what size it must be'
          : mold
            ? `${mold.note ? `${mold.note} ` : ''}${mold.cavities.length} cavities, ${mold.place}`
            : undefined
      }
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        isDesigning ? (
          <Button onClick={() => setShows('blocks')}>Back to the blocks</Button>
        ) : (
          <>
            {mold ? (
              <Dropdown
                trigger={['click']}
                menu={{
                  items: [
                    { key: 'change', label: 'Change block', onClick: () => setForm(mold) },
                    ...(mold.kind === 'spun'
                      ? []
                      : [
                          {
                            key: 'arrange',
                            label: isArranging ? 'Done arranging' : 'Arrange cavities',
                            onClick: () => setIsArranging(!isArranging),
                          },
                        ]),
                    { key: 'new', label: 'New block', onClick: () => setForm('new') },
                    { key: 'remove', label: 'Take off the bench', danger: true, onClick: () => remove(mold) },
                  ],
                }}
              >
                <Button>Block</Button>
              </Dropdown>
            ) : null}
            <Button disabled={!metal} onClick={() => setOpen('makes')}>
              What makes {markText(wants[0]?.nominalG ?? 10, preferences.mass)}?
            </Button>
            <Button onClick={() => setShows('design')}>New cavity</Button>
            <Button type="primary" disabled={!mold || !metal} onClick={() => setOpen('weigh')}>
              Weigh castings in
            </Button>
          </>
        )
      }
      slip={
        <>
          <TicketInHandSlip
            ticket={ticket}
            wants={wants}
            made={view.made}
            isOpen={ticket?.state === 'open'}
          />
          {metal ? <DoubtNote lot={metal} /> : null}
        </>
      }
    >
      {isDesigning && metal ? (
        <DesignBoard
          targetG={30}
          metalId={metal.id}
          onSaved={(moldId) => {
            setChosen(moldId);
            setShows('blocks');
          }}
        />
      ) : (
        <>
          <ul className={styles.drawers} aria-label="Blocks">
            {view.molds.map((each) => {
              const isPlanned = plan?.runs.some((run) => run.moldId === each.id);
              return (
                <li key={each.id}>
                  <button
                    type="button"
                    className={styles.drawer}
                    aria-pressed={each.id === mold?.id}
                    data-planned={isPlanned}
                    onClick={() => setChosen(each.id)}
                  >
                    <strong>{each.name}</strong>
                    <small>{isPlanned ? 'in the plan' : sizes(each, preferences.mass)}</small>
                  </button>
                </li>
              );
            })}
          </ul>
          {mold && metal && layout ? (
            <>
              <MoldBlock
                title={`${mold.name}, open half, to scale`}
                layout={layout}
                marks={marks}
                maxHeightPx={mold.kind === 'spun' ? 400 : 262}
                plate={mold.kind === 'board' ? 'wood' : 'metal'}
                onMove={isArranging && mold.kind !== 'spun' ? move : undefined}
              />
              {isArranging && mold.kind !== 'spun' ? (
                <p className={styles.arranging} role="status">
                  Drag cavities to where they lie, or move them by arrow keys.{' '}
                  <Button size="small" onClick={() => setIsArranging(false)}>
                    Done arranging
                  </Button>
                </p>
              ) : null}
              {mold.spin ? <p className={styles.spin}>{spinText(mold.spin)}</p> : null}
              <CavityFigures rows={rows} metal={metal} layout={layout} />
              <p className={styles.inMetal}>
                <label htmlFor="molds-metal">in</label>
                <Select
                  id="molds-metal"
                  value={metal.id}
                  popupMatchSelectWidth={false}
                  options={view.metals.map((each) => ({ value: each.id, label: each.name }))}
                  onChange={setMetalId}
                />
                <span className="quiet">
                  {metal.densityGcm3.toFixed(2)} g/cm³, {metal.densityBasis}; castings{' '}
                  {metal.shrinkLinear < 0 ? 'swell' : 'shrink'}{' '}
                  {Math.abs(metal.shrinkLinear * 100).toFixed(2)} %
                </span>
              </p>
              <WeightStrip
                mold={mold}
                metal={metal}
                bands={wants.map((want) => ({ grams: want.nominalG, toleranceShare: want.toleranceShare }))}
              />
            </>
          ) : (
            <div className={styles.empty}>
              <p>
                {view.metals.length === 0
                  ? 'No metal on the shelf yet. Put a lot there first, then a block can say what it gives.'
                  : 'No block yet. Write down what cavities yours has, and Ruvek says what they truly give.'}
              </p>
              <Button type="primary" onClick={() => setForm('new')}>
                New block
              </Button>
            </div>
          )}
        </>
      )}
      {open === 'weigh' && mold && metal ? (
        <WeighIn mold={mold} metalId={metal.id} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'makes' && metal ? (
        <WhatMakes
          targetG={wants[0]?.nominalG ?? 10}
          metalId={metal.id}
          onChoose={(moldId, made) => {
            setChosen(moldId);
            setMetalId(made);
          }}
          onClose={() => setOpen(null)}
        />
      ) : null}
      {form ? (
        <MoldForm mold={form === 'new' ? null : form} onClose={() => setForm(null)} onSaved={setChosen} />
      ) : null}
    </Station>
  );
}

/** A disc's settings in the order in which they are set. */
function spinText({ clampBar, rpm, holdSeconds, spinSeconds, mark }: NonNullable<Mold['spin']>): string {
  return `${mark ? `${mark}; ` : ''}clamp at ${clampBar} bar, hold ${holdSeconds} s, ${rpm} rpm for ${spinSeconds} s`;
}

function sizes(mold: Mold, unit: Parameters<typeof markText>[1]): string {
  const masses = mold.cavities.map((cavity) => cavity.nominalG);
  const [least, most] = [Math.min(...masses), Math.max(...masses)];
  return least === most
    ? markText(least, unit)
    : `${markText(least, unit).replace(/ .*$/, '')} to ${markText(most, unit)}`;
}
