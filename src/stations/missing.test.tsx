/** @jest-environment ./tests/support/browser-environment.ts */
import { METRIC } from '@/text/written-in';
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState, type ReactElement } from 'react';
import { judgeRig } from '@/core/rigs/judge-rig';
import { findRigKind } from '@/core/rigs/kinds';
import { rigOf } from '@/model/bills/rig-uses';
import { matchLines } from '@/model/rigs/match-lines';
import { rigShelf } from '@/model/rigs/rig-facts';
import type { Bin } from '@/records/bin';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import { useBench } from '@/station-kit/BenchProvider';
import { KitTable } from '@/station-kit/card-runs/KitTable';
import { PartField } from '@/station-kit/put-down/PartField';
import { renderBench } from '../../tests/support/render-bench';
import { MeasurePart } from '@/station-kit/measure/MeasurePart';
import { MissingPart } from './build/MissingPart';
import { HeatPart } from './coat/HeatPart';
import { Station as MetalStation } from './metal';
import { Station as MoldsStation } from './molds';
import { newRig } from '@/model/rigs/rig-draft';
import { MissingParts } from './rig/MissingParts';
import { RollsPart } from './rig/RollsPart';
import { Station as SkirtStation } from './skirt';

const no = () => undefined;

/** A rig of which the shelf has nothing yet, and what it has by now. */
function BareRig({ kind }: { readonly kind: 'cable-set' | 'dropper' | 'feeder' | 'hair-lure' }) {
  const { view } = useBench();
  const [draft, setDraft] = useState(() => newRig(kind, view, METRIC));
  const rig = rigOf(draft, view);
  const { findings } = judgeRig(rig, rigShelf(view), matchLines(view));
  return (
    <>
      <MissingParts draft={draft} findings={findings} onChange={setDraft} />
      <output aria-label="in place">{[...new Set(rig.items.map(({ place }) => place))].join(' ')}</output>
    </>
  );
}

function BareField() {
  const [binId, setBinId] = useState<string | null>(null);
  return (
    <>
      <PartField label="Collar" as="collar" value={binId} none="none yet" onChange={setBinId} />
      <output aria-label="in place">{binId ?? 'nothing'}</output>
    </>
  );
}

/** Where a station misses something of the shelf: the button there, the kind to take (null where only one would do). */
const MISSING: readonly (readonly [
  where: string,
  part: ReactElement,
  mend: string,
  kind: string | null,
  is: Partial<Bin>,
])[] = [
  ['Metal', <MetalStation key="m" />, 'Put a lot down', null, { kind: 'metal' }],
  ['Molds', <MoldsStation key="o" />, 'Put a lot down', null, { kind: 'metal' }],
  ['Skirt', <SkirtStation key="s" />, 'Put a material down', 'Tabs, silicone', { kind: 'strand' }],
  [
    'Coat, heads',
    <HeatPart key="h" onSetUp={no} />,
    'Put bought heads down',
    'Football heads',
    { kind: 'head', style: 'football' } as Partial<Bin>,
  ],
  ['Coat, powder', <HeatPart key="p" onSetUp={no} />, 'Put a jar down', null, { kind: 'powder' }],
  ['Build, parts', <MeasurePart key="b" />, 'Put a part down', 'Snaps', { kind: 'part' }],
  ['Rig, rolls', <RollsPart key="r" />, 'Put a roll down', 'Steel cable', { unit: 'mm' }],
];

async function putDown(mend: string, kind: string | null): Promise<void> {
  fireEvent.click(screen.getAllByRole('button', { name: mend })[0]!);
  const dialog = await screen.findByRole('dialog');
  if (kind !== null) fireEvent.click(within(dialog).getByRole('button', { name: kind }));
  fireEvent.submit(await waitFor(() => document.querySelector<HTMLFormElement>('.ant-modal form')!));
}

describe('what a station misses is put down there', () => {
  it.each(MISSING)('%s', async (_where, part, mend, kind, is) => {
    const { workshop } = await renderBench(part, undefined, EMPTY_CONTENTS);
    await putDown(mend, kind);
    await waitFor(async () => expect(await workshop.shelf.bins()).toMatchObject([is]));
  });
});

describe('what a rig misses goes into its place', () => {
  it('one by one', async () => {
    await renderBench(<BareRig kind="cable-set" />, undefined, EMPTY_CONTENTS);
    await putDown('Put down: cable', null);
    await waitFor(() => expect(screen.getByLabelText('in place')).toHaveTextContent('cable'));
    expect(screen.queryByRole('button', { name: 'Put down: cable' })).toBeNull();
  });

  it.each(['cable-set', 'dropper', 'feeder', 'hair-lure'] as const)('all at once: %s', async (kind) => {
    await renderBench(<BareRig kind={kind} />, undefined, EMPTY_CONTENTS);
    fireEvent.click(screen.getByRole('button', { name: 'Lay out typical parts' }));
    const needed = findRigKind(kind).places.filter(({ isNeeded, when }) => isNeeded && (when?.({}) ?? true));
    await waitFor(() => {
      const there = screen.getByLabelText('in place').textContent.split(' ');
      expect(there).toEqual(expect.arrayContaining(needed.map(({ id }) => id)));
    });
    expect(screen.queryByRole('button', { name: 'Lay out typical parts' })).toBeNull();
  });
});

describe('what a bait or a recipe misses goes into its place', () => {
  it('a wire', async () => {
    const onPut = jest.fn();
    await renderBench(<MissingPart kind="spinnerbait" at="frame" onPut={onPut} />, undefined, EMPTY_CONTENTS);
    await putDown('Put down: wire', null);
    await waitFor(() => expect(onPut).toHaveBeenCalledTimes(1));
    expect(onPut.mock.calls[0]).toMatchObject([{ gauge: { as: 'frame', bend: 'bent' } }]);
  });

  it('a collar', async () => {
    const { workshop } = await renderBench(<BareField />, undefined, EMPTY_CONTENTS);
    await putDown('Put down a skirt collar', null);
    await waitFor(() => expect(screen.getByLabelText('in place')).not.toHaveTextContent('nothing'));
    const [collar] = await workshop.shelf.bins();
    expect(screen.getByLabelText('in place')).toHaveTextContent(collar!.id);
  });

  it('what a run is short of, where it lies in the drawer all the same', async () => {
    const line = { binId: 'hook-2-0', name: 'Jig hook 2/0', place: '', needed: 5000, onHand: 1 };
    const { workshop } = await renderBench(<KitTable lines={[line]} />);
    fireEvent.click(screen.getByRole('button', { name: 'All of it lies here' }));
    await waitFor(async () => expect((await workshop.shelf.ledger()).levels.get('hook-2-0')).toBe(5000));
  });
});
