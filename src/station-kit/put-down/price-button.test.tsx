/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import type { Bin } from '@/records/bin';
import { PriceButton } from './PriceButton';

const demo = demoBench(TODAY);

function type(name: string | RegExp, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('PriceButton', () => {
  it('takes the price of a spool for what it is long, and can be taken back', async () => {
    const cable = demo.bins.find(({ name }) => name === 'Cable 18 kg')!;
    const { workshop, db } = await renderBench(<PriceButton bin={{ ...cable, costEach: null } as Bin} />);
    const before = await db.bins.get(cable.id);
    fireEvent.click(screen.getByRole('button', { name: /^Price of Cable 18 kg/ }));
    type(/^Price/, '12');
    expect(screen.getByRole('button', { name: 'That is its price' })).toBeDisabled();
    type('That price is for', '10');
    fireEvent.click(screen.getByRole('button', { name: 'That is its price' }));
    await waitFor(async () => expect(await db.bins.get(cable.id)).toMatchObject({ costEach: 12 / 10_000 }));
    await workshop.history.undo();
    expect(await db.bins.get(cable.id)).toEqual(before);
  });

  it('keeps the price of a metal by the kilogram', async () => {
    const lot = demo.bins.find(({ id }) => id === 'lot-14')!;
    const { db } = await renderBench(<PriceButton bin={lot} />);
    fireEvent.click(screen.getByRole('button', { name: /^Price of/ }));
    type(/^Price/, '3.50');
    type('That price is for', '1 lb');
    fireEvent.click(screen.getByRole('button', { name: 'That is its price' }));
    await waitFor(async () => {
      const kept = await db.bins.get(lot.id);
      expect(kept?.kind === 'metal' ? kept.costPerKg : 0).toBeCloseTo(3.5 / 0.45359237, 6);
    });
  });

  it('shows the price that stands, and asks about one a hundred times as dear', async () => {
    const crimp = demo.bins.find(({ name }) => name === 'Crimp 1.2 mm')!;
    const { db } = await renderBench(<PriceButton bin={crimp} />);
    fireEvent.click(
      screen.getByRole('button', { name: /^Price of Crimp 1.2 mm: € [\d.]+ a piece. Change it/ }),
    );
    type(/^Price,/, '250');
    expect(screen.getByRole('alert')).toHaveTextContent('Is it the price of a whole pack?');
    type('That price is for', '5000');
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'That is its price' }));
    await waitFor(async () => expect(await db.bins.get(crimp.id)).toMatchObject({ costEach: 0.05 }));
  });
});
