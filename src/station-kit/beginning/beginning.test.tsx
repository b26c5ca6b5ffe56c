/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import { renderBench } from '../../../tests/support/render-bench';
import { Beginning } from './Beginning';

describe('the beginning', () => {
  it('lays out what is chosen in the money that is chosen, and one undo takes all of it away', async () => {
    const begun = jest.fn();
    const { workshop, db } = await renderBench(
      <Beginning others={null} onBegun={begun} />,
      undefined,
      EMPTY_CONTENTS,
    );
    const go = screen.getByRole('button', { name: 'Lay out my bench' });
    expect(go).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: /^Paint and dress bought heads/ }));
    fireEvent.click(screen.getByText('£'));
    fireEvent.click(go);
    await waitFor(() => expect(begun).toHaveBeenCalledTimes(1));
    expect((await workshop.bench.read()).money.sign).toBe('£');
    expect(await db.heaters.count()).toBe(2);
    expect(await db.bins.count()).toBeGreaterThan(5);
    await workshop.history.undo();
    const there = (await db.bins.toArray()).filter(({ retired }) => !retired);
    expect([await db.heaters.count(), there.length, await db.tickets.count()]).toEqual([0, 0, 0]);
    expect((await workshop.bench.read()).money.sign).toBe('€');
  });
});
