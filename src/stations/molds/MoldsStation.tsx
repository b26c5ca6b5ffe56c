'use client';

import { roundMass } from '@/core/units/round-figure';
import { isMetal } from '@/reference/typical/suits';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { profileFromAddress } from '@/station-kit/mat/profile-in-address';
import { useAskedFigures, useInAddress, useInHand } from '@/station-kit/use-in-address';
import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { Mold } from '@/records/mold';
import { Station } from '@/ui/frame/Station';
import { DoubtNote } from '@/station-kit/DoubtNote';
import { markText } from '@/text/words';
import { sessionOf } from '@/model/tickets/session-takes';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { TicketInHandSlip } from '@/station-kit/TicketInHandSlip';
import { useBench } from '@/station-kit/BenchProvider';
import { usePlan } from '@/station-kit/use-plan';
import { useTicketInHand } from '@/station-kit/use-ticket-in-hand';
import { wantsOf } from '@/model/tickets/wants-of';
import { BlockMenu } from './BlockMenu';
import { BlockRail } from './BlockRail';
import { cavityRows } from '@/model/molds/cavity-facts';
import { DesignBoard } from '@/station-kit/cavity-design/DesignBoard';
import { OpenBlock } from './OpenBlock';
import { MoldForm } from './MoldForm';
import { WeighIn } from './WeighIn';
import { WhatMakes } from './WhatMakes';

/** Followed and drawn by what is fetched when somebody freezes. */
const FreezeCavity = dynamic(
  () => import('@/station-kit/freeze/FreezeCavity').then((module) => module.FreezeCavity),
  { ssr: false },
);

const VIEWS = ['blocks', 'design', 'freeze'] as const;

/** The blocks, drawn to scale, with what each cavity truly gives in the metal chosen. */
export function MoldsStation() {
  const { view } = useBench();
  const preferences = usePreferences();
  const ticket = useTicketInHand();
  const [chosen, setChosen] = useInHand('mold');
  const [form, setForm] = useState<Mold | 'new' | null>(null);
  const [metalId, setMetalId] = useState<string | null>(null);
  const [open, setOpen] = useState<'weigh' | 'makes' | null>(null);
  const { grams } = useAskedFigures();
  const [profile] = useInHand('profile');
  const [shows, setShows] = useInAddress('view', VIEWS, 'blocks');

  const [isArranging, setIsArranging] = useState(false);
  const [cavityAt, setCavityAt] = useInHand('cavity');
  const isDesigning = shows === 'design';
  const isFreezing = shows === 'freeze';
  const wants = useMemo(() => (ticket ? wantsOf(ticket, view.made) : []), [ticket, view.made]);
  const targetG = wants[0]?.nominalG ?? roundMass(10, preferences.mass);
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
  return (
    <Station
      title={isDesigning ? 'New cavity' : (mold?.name ?? 'Molds')}
      sub={
        isDesigning
          ? 'a form, a weight, a metal: what size it must be'
          : mold
            ? `${mold.note ? `${mold.note} ` : ''}${mold.cavities.length} ${mold.cavities.length === 1 ? 'cavity' : 'cavities'}${mold.place ? `, ${mold.place}` : ''}`
            : undefined
      }
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        isDesigning || isFreezing ? (
          <Button onClick={() => setShows('blocks')}>Back to the blocks</Button>
        ) : (
          <>
            {mold ? (
              <BlockMenu
                mold={mold}
                isArranging={isArranging}
                onArrange={setIsArranging}
                onForm={setForm}
                onGone={() => setChosen(null)}
              />
            ) : null}
            <Button disabled={!metal} onClick={() => setOpen('makes')}>
              What makes {markText(targetG, preferences.mass)}?
            </Button>
            <Button disabled={!mold || !metal} onClick={() => setShows('freeze')}>
              Freeze it
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
          targetG={grams ?? 30}
          metalId={metal.id}
          profile={profileFromAddress(profile)}
          onSaved={(moldId) => {
            setChosen(moldId);
            setShows('blocks');
          }}
        />
      ) : isFreezing && mold && metal ? (
        <FreezeCavity
          mold={mold}
          index={Math.min(mold.cavities.length - 1, Number(cavityAt ?? 0) || 0)}
          metal={metal}
          onCavity={(at) => setCavityAt(String(at))}
          onMetal={setMetalId}
        />
      ) : (
        <>
          <BlockRail chosen={mold?.id ?? null} plan={plan} onChoose={setChosen} />
          {mold && metal ? (
            <OpenBlock
              mold={mold}
              metal={metal}
              rows={rows}
              bands={wants.map(({ nominalG, toleranceShare }) => ({ grams: nominalG, toleranceShare }))}
              isArranging={isArranging}
              onArranged={() => setIsArranging(false)}
              onMetal={setMetalId}
            />
          ) : (
            <>
              {view.metals.length === 0 ? (
                <PutDownHere
                  says="No metal on the shelf yet. Put a lot there first, then a block can say what it gives."
                  mend="Put a lot down"
                  suits={isMetal}
                />
              ) : null}
              {view.molds.length === 0 ? (
                <EmptyStation
                  of="molds"
                  says="No block yet. Write down what cavities yours has, and Ruvek works out what they really give."
                  mend={
                    <Button type="primary" onClick={() => setForm('new')}>
                      New block
                    </Button>
                  }
                />
              ) : null}
            </>
          )}
        </>
      )}
      {open === 'weigh' && mold && metal ? (
        <WeighIn mold={mold} metalId={metal.id} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'makes' && metal ? (
        <WhatMakes
          targetG={targetG}
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
