/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { MixPart } from './MixPart';

const asked: { recipes: { id: string; uses: { item: string; qty: number }[] }[] }[] = [];

/** The worker, which there is none of here: one of every bait, and no packet raises it. */
jest.mock('@/workers/client', () => ({
  CalledOff: class CalledOff extends Error {},
  WorkLane: class WorkLane {
    ask(_: string, question: (typeof asked)[number]) {
      asked.push(question);
      const make = question.recipes.map(({ id }, at) => ({ id, count: at === 0 ? 3 : 0 }));
      return Promise.resolve({ ok: true, value: { make, value: 27, optimal: true } });
    }
    close() {
      return undefined;
    }
  },
}));

const row = (name: string) => screen.getByText(name).closest('li')!;

describe('what can be made now', () => {
  beforeEach(() => {
    asked.length = 0;
  });

  it('asks with the limits that were set, says what comes out, and builds it', async () => {
    const built: [string, number][] = [];
    await renderBench(
      <MixPart onFirst={() => undefined} onBuild={({ name }, count) => built.push([name, count])} />,
    );
    fireEvent.change(screen.getByLabelText('Quay tandem 1, at most'), { target: { value: '2' } });
    expect(within(row('Quay tandem 1')).queryByText('0')).toBeNull();
    fireEvent.click(screen.getByText('What can I make now'));
    expect(await screen.findByText(/proven: this shelf gives nothing worth more/)).toBeInTheDocument();
    const tandem = asked[0]!.recipes.filter(({ uses }) => uses.some(({ item }) => item.startsWith('want')));
    expect(tandem.length).toBeGreaterThan(0);
    expect(
      await screen.findByText('No single packet raises it: something else runs out with it.'),
    ).toBeInTheDocument();
    fireEvent.click(screen.getByText('Build 3'));
    expect(built).toHaveLength(1);
    expect(built[0]?.[1]).toBe(3);
  });

  it('takes a limit back, and asks without it', async () => {
    await renderBench(<MixPart onFirst={() => undefined} onBuild={() => undefined} />);
    const most = screen.getByLabelText('Quay tandem 1, at most');
    fireEvent.change(most, { target: { value: '4' } });
    fireEvent.change(most, { target: { value: '' } });
    fireEvent.click(screen.getByText('What can I make now'));
    await screen.findByText(/proven/);
    expect(asked[0]!.recipes.some(({ uses }) => uses.some(({ item }) => item.startsWith('want')))).toBe(
      false,
    );
  });
});
