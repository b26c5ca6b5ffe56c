/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { CAVITY_FORMS } from '@/core/solids/forms';
import { measureMesh } from '@/core/meshes/measure-mesh';
import { sitOnBottom } from '@/core/molds/sit-on-bottom';
import { demoBench } from '@/demo/demo-bench';
import { boxMesh, moved } from '../../../tests/support/test-meshes';
import { renderBench } from '../../../tests/support/render-bench';
import { FormRail } from '@/ui/mold-design/FormRail';
import { ProfileEditor } from '@/ui/mold-design/ProfileEditor';
import { PutOnBlock } from '@/station-kit/cavity-design/PutOnBlock';
import { SectionDrawing } from '@/ui/mold-design/SectionDrawing';
import { Sitting } from '@/ui/mold-design/Sitting';
import { WishFields, type WishDraft } from '@/station-kit/cavity-design/WishFields';
import { InsertFields } from './InsertFields';
import { blankMold, nextCavity } from './mold-draft';
import { MoldForm } from './MoldForm';
import { PredictionTable } from './PredictionTable';
import { WeighIn } from './WeighIn';
import { WeighingList } from './WeighingList';
import { WhatMakes } from './WhatMakes';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const blockC = demo.molds.find(({ id }) => id === 'block-c')!;

function type(name: string | RegExp, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

const OPEN_BOARD = {
  gate: { side: 'open', at: 0.5, wideMm: 4 },
  vents: [],
  of: 'wood',
  gapMm: 0.03,
  pouredC: 390,
  blockC: 30,
} as const;

describe('WeighIn', () => {
  it('takes a typed weighing, and the cavity moves', async () => {
    const { workshop } = await renderBench(
      <WeighIn mold={blockC} metalId="lot-14" onClose={() => undefined} />,
    );
    const before = (await workshop.weighings.all()).length;
    type('All of them together', '3.9 g');
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    await waitFor(async () => expect(await workshop.weighings.all()).toHaveLength(before + 1));
    expect(await screen.findByText('Took 1 of 3.90 g together.')).toBeInTheDocument();
    expect((await workshop.weighings.all()).find(({ weighedG }) => weighedG === 3.9)).toMatchObject({
      metalBinId: 'lot-14',
      scale: 'typed',
      calibrates: true,
    });
  });

  it('says that this browser has no scale where it has none', async () => {
    await renderBench(<WeighIn mold={blockC} metalId="lot-14" onClose={() => undefined} />);
    fireEvent.click(screen.getByText('Serial scale'));
    expect(await screen.findByText(/This browser cannot talk to a scale/)).toBeInTheDocument();
  });
});

describe('WeighingList', () => {
  it('draws each weighing about what is predicted, and strikes one out', async () => {
    const cavity = blockC.cavities.find(({ volumeBasis }) => volumeBasis === 'weighed')!;
    const { workshop } = await renderBench(<WeighingList cavity={cavity} />);
    const list = screen.getByRole('list', { name: 'Weighings of this cavity' });
    const before = within(list).getAllByRole('listitem').length;
    expect(before).toBeGreaterThan(1);
    fireEvent.click(within(list).getAllByRole('button', { name: /^Remove the weighing/ })[0]!);
    await waitFor(async () =>
      expect((await workshop.weighings.all()).filter(({ cavityId }) => cavityId === cavity.id)).toHaveLength(
        before - 1,
      ),
    );
  });

  it('says how to begin where nothing was weighed', async () => {
    await renderBench(<WeighingList cavity={{ ...blockC.cavities[0]!, id: 'new' }} />);
    expect(screen.getByText(/Never weighed/)).toBeInTheDocument();
  });
});

describe('PredictionTable', () => {
  it('has a row a metal and a column a hook that fits, each with a band', async () => {
    await renderBench(<PredictionTable cavity={blockC.cavities[2]!} />);
    expect(screen.getAllByRole('row')).toHaveLength(9);
    expect(screen.getAllByRole('columnheader')).toHaveLength(4);
    for (const cell of screen.getAllByRole('cell')) expect(cell).toHaveTextContent(/^[\d.]+ g ± [\d.]+ g$/);
  });
});

describe('WhatMakes', () => {
  it('lists nearest first, and says so where nothing comes near', async () => {
    await renderBench(
      <WhatMakes targetG={10} metalId="lot-14" onChoose={() => undefined} onClose={() => undefined} />,
    );
    const offs = screen
      .getAllByRole('listitem')
      .map((item) => Math.abs(Number(/([\d.]+) %/.exec(item.textContent ?? '')?.[1])));
    expect(offs.length).toBeGreaterThan(4);
    expect(offs).toEqual([...offs].sort((a, b) => a - b));
    type('Weight wanted', '900 g');
    expect(screen.getByText(/No cavity comes that near/)).toBeInTheDocument();
  });
});

describe('MoldForm', () => {
  it('asks a disc for its settings, and keeps them', async () => {
    const { workshop } = await renderBench(
      <MoldForm mold={null} onClose={() => undefined} onSaved={() => undefined} />,
    );
    fireEvent.click(screen.getByText('Disc'));
    type('Name', 'Disc 9');
    type('Marked', '12 g');
    type('Speed, rpm', '380');
    type('Marks that meet', 'dot to dot');
    fireEvent.click(screen.getByRole('button', { name: 'Save block' }));
    await waitFor(async () => expect(await workshop.molds.all()).toHaveLength(13));
    const kept = (await workshop.molds.all()).find(({ name }) => name === 'Disc 9');
    expect(kept).toMatchObject({ kind: 'spun', spin: { rpm: 380, mark: 'dot to dot' } });
    expect(kept!.cavities[0]!.id).not.toBe('');
  });

  it('begins a further cavity like the last, weighed by nobody', () => {
    const last = { ...blockC.cavities[2]!, weighedCount: 9 };
    const next = nextCavity({ ...blankMold(), cavities: [last] });
    expect(next).toMatchObject({ id: '', weighedCount: 0, volumeBasis: 'guess', nominalG: 10 });
  });
});

describe('InsertFields', () => {
  it('notes what the hooks that are not best do here', async () => {
    const changes: unknown[] = [];
    await renderBench(
      <InsertFields
        index={0}
        isFrame
        cavity={blockC.cavities[2]!}
        onChange={(change) => changes.push(change)}
      />,
    );
    type(/^What 1\/0 does here; 2\/0 is best/, 'sits low');
    expect(changes.at(-1)).toEqual({ hookNotes: { '1/0': 'sits low' } });
  });
});

describe('the drawing board', () => {
  const wish: WishDraft = { targetG: 30, metalId: 'lot-18', hookId: null, pinMm: null, vary: 'depth' };
  const disc = CAVITY_FORMS[0]!;

  it('offers every form, a profile of one’s own and an STL', async () => {
    const chosen: string[] = [];
    await renderBench(<FormRail chosen="disc" onChoose={(key) => chosen.push(key)} />);
    expect(screen.getAllByRole('button')).toHaveLength(12);
    fireEvent.click(screen.getByRole('button', { name: 'From an STL' }));
    expect(chosen).toEqual(['from-stl']);
  });

  it('shows the size that is solved, and takes the others', async () => {
    const sizes: [string, number | null][] = [];
    await renderBench(
      <WishFields
        wish={wish}
        onWish={() => undefined}
        form={disc}
        sizes={{}}
        onSize={(key, mm) => sizes.push([key, mm])}
        solved={{ bit: 30, depth: 5.91, prongBit: 2.5, prong: 8 }}
      />,
    );
    expect(screen.getByRole('status', { name: 'Depth' })).toHaveTextContent('5.91 mm');
    expect(screen.queryByRole('textbox', { name: 'Depth' })).not.toBeInTheDocument();
    type('Drill bit', '1 1/4 in');
    expect(sizes.at(-1)).toEqual(['bit', expect.closeTo(31.75, 9) as number]);
  });

  it('draws the section with its length and width written on it', async () => {
    await renderBench(
      <SectionDrawing
        solid={disc.solid({})}
        centroidMm={10}
        hook={null}
        eyeAt={0.3}
        pinMm={null}
        name="Disc with prongs 30 g"
      />,
    );
    expect(
      screen.getByRole('img', {
        name: 'Disc with prongs 30 g, cut along its axis, 14 mm long and 30 mm across',
      }),
    ).toBeInTheDocument();
  });

  it('moves a point by keys, keeps the ends on the axis, and adds one in the widest gap', async () => {
    const changes: (readonly (readonly [number, number])[])[] = [];
    const points = [
      [0, 0],
      [4, 5],
      [20, 0],
    ] as const;
    await renderBench(<ProfileEditor points={points} onChange={(next) => changes.push(next)} />);
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Point 2' }), { key: 'ArrowRight' });
    expect(changes.at(-1)![1]).toEqual([4.5, 5]);
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Point 3' }), { key: 'ArrowUp' });
    expect(changes.at(-1)![2]).toEqual([20, 0]);
    fireEvent.click(screen.getByRole('button', { name: '+ point' }));
    expect(changes.at(-1)).toHaveLength(4);
    expect(changes.at(-1)![2]).toEqual([12, 2.5]);
  });

  it('draws the poses from their numbers, and says where it floats', async () => {
    const triangles = Float32Array.from(moved(boxMesh(24, 8, 8), [0, -4, -4]));
    const measure = measureMesh(triangles);
    const body = { sketch: triangles, measure, modulusMm: 1, frontalCm2: 1 };
    const lay = (liftG: number) =>
      sitOnBottom({ triangles, densityGcm3: 11, hook: null, eyeMm: 0, trailer: { lengthMm: 60, liftG } });
    const study = { body, isStale: false };
    const { unmount } = await renderBench(
      <Sitting
        study={{ ...study, sitting: lay(-1) }}
        hook={null}
        eyeMm={0}
        trailer={{ lengthMm: 60, liftG: -1 }}
      />,
    );
    expect(screen.getAllByRole('img')[0]).toHaveAccessibleName(/^lying on its side/);
    expect(screen.getAllByText(/Stands until it is tipped by/).length).toBeGreaterThan(0);
    expect(screen.getAllByRole('button', { name: /^How far it may be tipped: \d+°/ }).length).toBeGreaterThan(
      0,
    );
    expect(screen.queryByText(/%/)).toBeNull();
    unmount();
    await renderBench(
      <Sitting study={{ ...study, sitting: lay(99) }} hook={null} eyeMm={0} trailer={null} />,
    );
    expect(screen.getByText(/it floats. Take a heavier head/)).toBeInTheDocument();
  });

  it('puts a drilled cavity on a new board, its outline with it', async () => {
    const saved: string[] = [];
    const solid = disc.solid({ depth: 5 });
    const { workshop } = await renderBench(
      <PutOnBlock
        design={{
          solid,
          scale: 1,
          sizes: {},
          volumeCm3: 3.6,
          centroidMm: 9,
          lengthMm: 13,
          finishedG: 30,
          embedded: [],
        }}
        title="Disc 30 g"
        way="drilled"
        cavity={{ style: 'disc', nominalG: 30, hook: null, draft: OPEN_BOARD }}
        onClose={() => undefined}
        onSaved={(id) => saved.push(id)}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Put it on' }));
    await waitFor(() => expect(saved).toHaveLength(1));
    const board = (await workshop.molds.all()).find(({ id }) => id === saved[0]);
    expect(board).toMatchObject({ kind: 'board', name: 'Board, Disc 30 g' });
    expect(board!.cavities[0]).toMatchObject({
      volumeCm3: 3.6,
      outline: {
        points: [
          [0, 15],
          [5, 15],
        ],
      },
    });
  });
});
