'use client';

import { useUnits } from '@/ui/units/use-units';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { TypicalRig } from '@/station-kit/empty/TypicalRig';
import { stack, wrap } from '@/ui/layout/layout';
import { Button, Dropdown } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useMemo, useState } from 'react';
import { judgeRig } from '@/core/rigs/judge-rig';
import { RIG_KINDS } from '@/core/rigs/kinds';
import type { RigKindId } from '@/core/rigs/kinds';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { useWidth } from '@/ui/use-width';
import { matchLines } from '@/model/rigs/match-lines';
import { rigOf } from '@/model/bills/rig-uses';
import { useAskedFigures, useInHand } from '@/station-kit/use-in-address';
import { useBench } from '@/station-kit/BenchProvider';
import { AssistHang } from '@/ui/rig-drawing/AssistHang';
import { FeederPlate } from './FeederPlate';
import { GradedShot } from './GradedShot';
import { AddPart, ItemEditor } from './ItemEditor';
import { ItemList } from '@/ui/rig-drawing/ItemList';
import { KeepRig } from './KeepRig';
import { laidAnew, newRig, withItem, withoutItem, withPart, type RigDraft } from '@/model/rigs/rig-draft';
import { rigShelf } from '@/model/rigs/rig-facts';
import { MissingParts } from './MissingParts';
import { RigFindings } from '@/ui/rig-drawing/RigFindings';
import { SumsPanel } from './SumsPanel';
import { TemplateBar } from './TemplateBar';
import type { RigDraftInHand } from './use-rig';
import { WantsBar } from './WantsBar';
import styles from './rig.module.css';
import { useKeyMap } from '@/station-kit/key-map';
import { RIG_KEYS } from './keys';

interface RigPartProps {
  readonly inHand: RigDraftInHand;
  readonly onKept: (id: string) => void;
  readonly onSaid: (said: string) => void;
}

/** The rig on the bench: laid out for what is wanted, drawn along its length, judged, edited in place, kept. */
export function RigPart({ inHand, ...then }: RigPartProps) {
  const { view } = useBench();
  const units = useUnits();
  const figures = useAskedFigures();
  const [asked] = useInHand('new');
  const wished = RIG_KINDS.find(({ id }) => id === asked);
  const kinds = {
    items: RIG_KINDS.map(({ id, name }) => ({ key: id, label: name })),
    onClick: ({ key }: { key: string }) => inHand.begin(newRig(key as RigKindId, view, units)),
  };
  if (!inHand.draft) {
    return (
      <EmptyStation
        of="rig"
        drawing={<TypicalRig kind="running-sinker" />}
        says="No rig is on the bench. Choose what it is to be; the shelf’s parts that suit are laid out for it."
        mend={
          <>
            {wished ? (
              <Button type="primary" onClick={() => inHand.begin(newRig(wished.id, view, units, figures))}>
                Lay out: {wished.name}
              </Button>
            ) : null}
            <Dropdown menu={kinds} trigger={['click']} autoFocus>
              <Button type={wished ? undefined : 'primary'}>New rig</Button>
            </Dropdown>
          </>
        }
      />
    );
  }
  return <RigInHand {...then} inHand={inHand} draft={inHand.draft} kinds={kinds} />;
}

interface RigOnBenchProps extends RigPartProps {
  readonly draft: RigDraft;
  readonly kinds: React.ComponentProps<typeof Dropdown>['menu'];
}

type Scale = 'broken' | 'whole';

function RigInHand({ inHand, draft: kept, onKept, onSaid, kinds }: RigOnBenchProps) {
  const { view } = useBench();
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const [scale, setScale] = useState<Scale>('broken');
  const [chosen, setChosen] = useState<string | null>(null);
  const [moving, setMoving] = useState<{ readonly id: string; readonly mm: number } | null>(null);
  const draft = moving ? withItem(kept, moving.id, { lengthMm: moving.mm }) : kept;
  const rig = useMemo(() => rigOf(draft, view), [draft, view]);
  const shelf = useMemo(() => rigShelf(view), [view]);
  const matches = useMemo(() => matchLines(view), [view]);
  const { findings, strength } = useMemo(() => judgeRig(rig, shelf, matches), [rig, shelf, matches]);
  const marked = findings.filter(({ weight }) => weight === 'stop').flatMap(({ at }) => at);
  const item = rig.items.find(({ id }) => id === chosen) ?? null;
  const { change } = inHand;
  useKeyMap(RIG_KEYS, {
    takeOff:
      chosen === null
        ? null
        : () => {
            change(withoutItem(kept, chosen));
            setChosen(null);
          },
  });
  return (
    <div className={styles.bench}>
      <WantsBar
        draft={kept}
        onWants={(wants) => change(laidAnew(kept, { wants }, view))}
        onPick={(id, value) => change(laidAnew(kept, { picks: { [id]: value } }, view))}
      />
      <section className={styles.stage} aria-label="The rig, drawn">
        <div className={styles.stageHead}>
          <Segmented<Scale>
            size="small"
            aria-label="How it is drawn"
            value={scale}
            options={[
              { value: 'broken', label: 'Long line broken' },
              { value: 'whole', label: 'All to scale' },
            ]}
            onChange={setScale}
          />
          <span className={wrap(8)}>
            <Button size="small" onClick={inHand.stepBack} disabled={!inHand.canStepBack}>
              Undo change
            </Button>
            <Dropdown menu={kinds} trigger={['click']} autoFocus>
              <Button size="small">New rig</Button>
            </Dropdown>
          </span>
        </div>
        <div ref={ref} className={styles.sheet}>
          <RigDrawing
            name={kept.name.trim() || 'The rig'}
            rig={rig}
            maxWidthPx={width}
            maxHeightPx={280}
            pxPerMm={5}
            isBroken={scale === 'broken'}
            hasNumbers
            marked={marked}
            chosen={chosen}
            onChoose={setChosen}
            onLength={(id, mm, isDone) => {
              setMoving(isDone ? null : { id, mm });
              if (isDone) change(withItem(kept, id, { lengthMm: mm }));
            }}
          />
        </div>
      </section>
      <div className={stack(28, styles.under)}>
        <div className={styles.column}>
          <MissingParts draft={kept} findings={findings} onChange={change} />
          <RigFindings
            findings={findings}
            onChoose={setChosen}
            onTake={(id, { binId }) => {
              const record = kept.items.find((each) => each.id === id);
              if (record) change(withPart(kept, record, binId));
            }}
          />
          {item ? (
            <ItemEditor key={item.id} draft={kept} item={item} onChange={change} onChoose={setChosen} />
          ) : (
            <>
              <p className="quiet">Press a part, in the drawing or the list: it can be changed here.</p>
              <AddPart draft={kept} behind={null} onChange={change} onChoose={setChosen} />
            </>
          )}
          <ItemList rig={rig} marked={marked} chosen={chosen} onChoose={setChosen} />
        </div>
        <div className={styles.column}>
          <SumsPanel draft={kept} rig={rig} strength={strength} />
          {kept.kind === 'assist' ? <AssistHang rig={rig} /> : null}
          {kept.kind === 'shot-cord' ? <GradedShot draft={kept} rig={rig} onSaid={onSaid} /> : null}
          {kept.kind === 'feeder' && kept.picks.lead !== 'sinker' ? (
            <FeederPlate draft={kept} rig={rig} />
          ) : null}
          <TemplateBar draft={kept} rig={rig} />
        </div>
      </div>
      <KeepRig
        draft={kept}
        stops={findings.filter(({ weight }) => weight === 'stop').length}
        onChange={change}
        onLetGo={() => inHand.begin(null)}
        onKept={onKept}
      />
    </div>
  );
}
