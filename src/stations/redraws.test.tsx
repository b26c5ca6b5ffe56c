/** @jest-environment ./tests/support/browser-environment.ts */
import { act, screen } from '@testing-library/react';
import { Profiler, type ReactNode } from 'react';
import { PLAIN_NOTE } from '@/records/water-note';
import { useBenchSelect } from '@/station-kit/BenchProvider';
import { renderBench } from '../../tests/support/render-bench';
import { until } from '../../tests/support/until';
import { Station as MetalStation } from './metal';
import { Station as RigStation } from './rig';
import { Station as SkirtStation } from './skirt';
import { Station as WaterStation } from './water';

/** How much there is of what the test writes: once it is another, the page knows of the write. */
function Known() {
  const [clocks, notes, hooks] = [
    useBenchSelect((view) => view.clocks.length),
    useBenchSelect((view) => view.waterNotes.length),
    useBenchSelect(({ levels }) => levels.get('hook-2-0') ?? 0),
  ];
  return <output aria-label="known">{`${clocks} ${notes} ${hooks}`}</output>;
}

const known = () => screen.getByLabelText('known').textContent;

it('a write redraws the stations that show what it changed, and no other', async () => {
  const drawn = new Set<string>();
  const counted = (id: string, station: ReactNode) => (
    <Profiler id={id} onRender={(of) => drawn.add(of)}>
      {station}
    </Profiler>
  );
  const { workshop } = await renderBench(
    <>
      {counted('metal', <MetalStation />)}
      {counted('skirt', <SkirtStation />)}
      {counted('rig', <RigStation />)}
      {counted('water', <WaterStation />)}
      <Known />
    </>,
  );
  const drawnBy = async (write: () => Promise<unknown>) => {
    const before = known();
    drawn.clear();
    await act(async () => void (await write()));
    await until(() => known() !== before);
    return [...drawn].sort();
  };
  expect(await drawnBy(() => workshop.clocks.start('Glue', 10))).toEqual([]);
  const of = { kind: 'skirt', id: 'skirt-roach-1' } as const;
  expect(await drawnBy(() => workshop.water.note({ ...PLAIN_NOTE, of, hours: 2, place: 'Weir' }))).toEqual([
    'water',
  ]);
  // What lies in a bin is shown by those with stock on their slips; the log of the water is not among them.
  const moved = await drawnBy(() => workshop.shelf.move('hook-2-0', 'taken', 3, 'by hand'));
  expect(moved).not.toContain('water');
  expect(moved).toContain('rig');
});
