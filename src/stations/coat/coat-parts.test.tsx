/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { DndContext } from '@dnd-kit/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { AfterCure } from './AfterCure';
import { ColorsPart } from './ColorsPart';
import { HangingPanel } from './HangingPanel';
import { HeatersForm } from './HeatersForm';
import { PowderForm } from './PowderForm';
import { RackDrawing } from './RackDrawing';
import { useBench } from '@/station-kit/BenchProvider';

const OVEN = 'shed-oven';

function Hanging() {
  const { view } = useBench();
  const rack = view.racks.find(({ state }) => state === 'hanging');
  const oven = view.heaters.find(({ id }) => id === OVEN);
  if (!rack || !oven?.oven) return null;
  return (
    <DndContext>
      <RackDrawing rack={rack} oven={oven.oven} onMove={moved} onTakeDown={takenDown} />
      <HangingPanel rack={rack} oven={oven} />
    </DndContext>
  );
}

const moved = jest.fn();
const takenDown = jest.fn();

describe('a hanging rack', () => {
  it('goes in only once it is checked, moves by arrow key, and says why a cure will not do', async () => {
    const { workshop } = await renderBench(<Hanging />);
    await workshop.racks.hang([
      {
        ovenId: OVEN,
        school: 'card',
        partC: 177,
        minutes: 15,
        startC: 20,
        hung: [
          {
            rod: 0,
            slot: 0,
            slotsEach: 2,
            headBinId: 'head-bullet-10-hook-2-0-lot-14',
            coatId: 'coat-night-eel',
            ticketId: null,
            lineId: null,
          },
        ],
      },
    ]);
    const into = await screen.findByRole('button', { name: /Into the oven/ });
    expect(into).toBeDisabled();
    const head = screen.getByRole('button', { name: 'Bullet 10 g, 2/0, Lot 14 in Night eel, rod 1, slot 1' });
    fireEvent.keyDown(head, { key: 'ArrowRight' });
    expect(moved).toHaveBeenCalledWith(0, { rod: 0, slot: 1 });
    fireEvent.keyDown(head, { key: 'Delete' });
    expect(takenDown).toHaveBeenCalledWith(0);

    for (const check of ['Eyes and hooks clean', 'No drips', 'No bare spots', 'No clumps']) {
      fireEvent.click(screen.getByRole('button', { name: `${check}, rod 1` }));
      await screen.findByRole('button', { name: `${check}, rod 1`, pressed: true });
    }
    await waitFor(() => expect(screen.getByRole('button', { name: /Into the oven/ })).toBeEnabled());

    fireEvent.click(screen.getByText(/ways? that would not do, and why/));
    const bad = screen.getByRole('radio', { name: /^163 °C, 23 min/ });
    expect(bad).toHaveTextContent(
      'Powder, night eel would not be cured: its card asks for 177 °C for 15 min.',
    );
    fireEvent.click(bad);
    await waitFor(() => expect(screen.getByRole('button', { name: /Into the oven/ })).toBeDisabled());
    expect(screen.getByRole('alert')).toHaveTextContent('would not be cured');
  });
});

function Out() {
  const { view } = useBench();
  const rack = view.racks.find(({ id }) => id === 'rack-4');
  return rack ? <AfterCure rack={rack} /> : null;
}

describe('a rack that came out', () => {
  it('names likely causes, notes what is wrong and refuses more heads than hung there', async () => {
    const { workshop } = await renderBench(<Out />);
    const wrong = screen.getByRole('group', { name: 'What is wrong' });
    fireEvent.click(within(wrong).getByRole('button', { name: 'Blisters' }));
    expect(screen.getByText(/Mostly of: too hot at the dip 4\d %/)).toBeInTheDocument();
    fireEvent.change(screen.getByRole('textbox', { name: 'How many' }), { target: { value: '40' } });
    expect(screen.getByText('Only 9 of this color hung there.')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Note blisters' })).toBeDisabled();
    fireEvent.change(screen.getByRole('textbox', { name: 'How many' }), { target: { value: '2' } });
    fireEvent.click(screen.getByText('stay so'));
    fireEvent.click(screen.getByRole('button', { name: 'Note blisters' }));
    await waitFor(async () =>
      expect(
        (await workshop.racks.faults()).some(({ fault, count }) => fault === 'blisters' && count === 2),
      ).toBe(true),
    );
    const noted = await screen.findByRole('list', { name: 'Noted of this rack' });
    await waitFor(() => expect(within(noted).getAllByRole('listitem')).toHaveLength(2));
  });
});

describe('forms', () => {
  it('a powder whose limit lies under its cure is not kept, and says so', async () => {
    await renderBench(<PowderForm powder={null} onClose={jest.fn()} onSaved={jest.fn()} />);
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Powder, moss' } });
    expect(screen.getByRole('button', { name: 'Put it on the shelf' })).toBeEnabled();
    fireEvent.change(screen.getByRole('textbox', { name: 'Never over' }), { target: { value: '170 C' } });
    expect(screen.getByText(/Never over 170 °C lies under its own cure of 177 °C/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Put it on the shelf' })).toBeDisabled();
  });

  it('a new powder stands on the shelf with its card', async () => {
    const saved = jest.fn();
    const { workshop } = await renderBench(<PowderForm powder={null} onClose={jest.fn()} onSaved={saved} />);
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Powder, moss' } });
    fireEvent.change(screen.getByRole('textbox', { name: 'Sticks from' }), { target: { value: '230 F' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put it on the shelf' }));
    await waitFor(() => expect(saved).toHaveBeenCalled());
    const bin = (await workshop.shelf.bins()).find(({ name }) => name === 'Powder, moss');
    expect(bin).toMatchObject({ kind: 'powder', cardBasis: 'card', cures: [{ cureC: 177, cureMin: 15 }] });
    expect(bin?.kind === 'powder' && bin.fuseC).toBeCloseTo(110, 9);
  });

  it('an oven says what its rack holds, and that food is made in it', async () => {
    function Form() {
      const { view } = useBench();
      return <HeatersForm heaters={view.heaters} onClose={jest.fn()} />;
    }
    const { workshop } = await renderBench(<Form />);
    expect(screen.getByRole('textbox', { name: 'Slots on a rod' })).toHaveValue('16');
    fireEvent.change(screen.getByRole('textbox', { name: 'Slots on a rod' }), { target: { value: '20' } });
    fireEvent.click(screen.getByRole('checkbox', { name: /Food is made in it/ }));
    fireEvent.click(screen.getByRole('button', { name: 'Set it' }));
    await waitFor(async () =>
      expect((await workshop.coats.heaters()).find(({ id }) => id === OVEN)?.oven).toMatchObject({
        slots: 20,
        isForFood: true,
      }),
    );
  });

  it('a color is refused a name that is taken, and kept under its own', async () => {
    const { workshop } = await renderBench(<ColorsPart />);
    fireEvent.click(screen.getByRole('button', { name: 'New color' }));
    const called = screen.getByRole('textbox', { name: 'Called' });
    fireEvent.change(called, { target: { value: 'Night eel' } });
    expect(
      screen.getByText('There is a color Night eel already. Call this one otherwise.'),
    ).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Keep this color' })).toBeDisabled();
    fireEvent.change(called, { target: { value: 'Dusk eel' } });
    fireEvent.click(screen.getByRole('checkbox', { name: 'Clear over all' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep this color' }));
    await waitFor(async () =>
      expect((await workshop.coats.all()).find(({ name }) => name === 'Dusk eel')).toMatchObject({
        clearBinId: 'powder-frost',
        second: null,
      }),
    );
  });
});
