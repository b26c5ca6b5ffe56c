/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import type { Sheet } from '@/station-kit/use-print';
import { CostStation } from './CostStation';
import { OutlayPart } from './OutlayPart';

jest.mock('@/station-kit/use-print', () => ({ usePrint: () => mockPrint }));
jest.mock('@/data/exchange/sheet/offer-sheet', () => ({
  offerPdf: (...call: unknown[]) => mockPdf(...call),
}));
const mockPrint = jest.fn(({ make }: Sheet) => make(NO_FONTS));
const NO_FONTS = { regular: new Uint8Array(), bold: new Uint8Array() };
const mockPdf = jest.fn<ReturnType<Sheet['make']>, unknown[]>(() => Promise.resolve(new Uint8Array([1])));

const turn = (to: string) => fireEvent.click(screen.getByText(to));

describe('the cost station', () => {
  it('opens the bar of a bait with its dearest part, and closes it again', async () => {
    await renderBench(<CostStation />);
    const bars = screen.getByRole('group', { name: /^Canal swimmer costs/ });
    expect(within(bars).getAllByRole('list')).toHaveLength(2);
    expect(screen.getByText(/^What Skirt, Pale roach is of$/)).toBeInTheDocument();
    fireEvent.click(within(bars).getByRole('button', { name: /^Skirt, Pale roach, .*, close$/ }));
    expect(within(bars).getAllByRole('list')).toHaveLength(1);
    expect(screen.getByText('What it is of')).toBeInTheDocument();
    // A part is opened from the list as well.
    fireEvent.click(screen.getByRole('button', { name: 'Skirt, Pale roach' }));
    expect(within(bars).getAllByRole('list')).toHaveLength(2);
  });

  it('says what an hour costs, and reckons with another', async () => {
    const { workshop } = await renderBench(<CostStation />);
    const costOf = () =>
      screen.getByRole('group', { name: /^Canal swimmer costs/ }).getAttribute('aria-label');
    const before = costOf();
    turn('Hours and power');
    const hour = screen.getByLabelText('An hour of your hands');
    fireEvent.change(hour, { target: { value: '0' } });
    fireEvent.blur(hour);
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(async () => expect((await workshop.bench.read()).money.ratePerHour).toBe(0));
    await waitFor(() => expect(costOf()).not.toBe(before));
  });

  it('lays the ways to a bait side by side, the cheapest first, and takes a price', async () => {
    const { workshop } = await renderBench(<CostStation />);
    turn('Make or buy');
    expect(screen.getByText('Make all of it.')).toBeInTheDocument();
    const each = screen.getByLabelText('Each, €');
    fireEvent.change(each, { target: { value: '0.5' } });
    fireEvent.blur(each);
    fireEvent.submit(screen.getByRole('form', { name: 'Price to buy in' }));
    expect(await screen.findByText('Buy it in, finished.')).toBeInTheDocument();
    const noted = (await workshop.buying.buyIns()).filter(({ kind }) => kind === 'build');
    expect(noted.some((each) => each.each === 0.5)).toBe(true);
  });

  it('prints an offer of an open order, line by line, and keeps another margin', async () => {
    const { workshop } = await renderBench(<CostStation />);
    turn('Offer');
    const lines = screen.getByRole('table', { name: 'The offer, line by line' });
    expect(within(lines).getAllByRole('row').length).toBeGreaterThan(1);
    const margin = screen.getByLabelText('Margin on the cost');
    fireEvent.change(margin, { target: { value: '100' } });
    fireEvent.blur(margin);
    await waitFor(async () => expect((await workshop.bench.read()).money.marginShare).toBe(1));
    fireEvent.click(screen.getByRole('button', { name: 'Print the offer' }));
    await waitFor(() => expect(mockPdf).toHaveBeenCalled());
    expect(mockPrint.mock.calls[0]?.[0].file).toMatch(/-offer$/);
    const [offer] = mockPdf.mock.calls[0] as [
      { lines: { each: string; all: string; count: number }[]; total: string },
    ];
    const total = offer.lines.reduce((so, { all }) => so + Number(all.slice(2)), 0);
    expect(offer.total).toBe(`€ ${total.toFixed(2)}`);
  });

  it('says what the season took', async () => {
    await renderBench(<CostStation />);
    turn('Lost');
    expect(screen.getByText(/on the bottom this year/)).toBeInTheDocument();
  });
});

describe('outlays', () => {
  it('say what is missing, and keep one', async () => {
    const { workshop } = await renderBench(<OutlayPart pieces={[]} />);
    const before = (await workshop.outlays.all()).length;
    fireEvent.click(screen.getByRole('button', { name: 'Add an outlay' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect(screen.getByText('Give it a name, such as Electric pot.')).toBeInTheDocument();
    expect(screen.getByText('What did it cost?')).toBeInTheDocument();
    // What it serves is said, not supposed.
    expect(screen.getByText('Say which work it serves.')).toBeInTheDocument();
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Serves' }));
    fireEvent.click(await screen.findByTitle('Pouring'));
    fireEvent.change(screen.getByLabelText('What'), { target: { value: 'Ladle' } });
    const cost = screen.getByLabelText('Cost, €');
    fireEvent.change(cost, { target: { value: '12' } });
    fireEvent.blur(cost);
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(async () => expect(await workshop.outlays.all()).toHaveLength(before + 1));
    expect((await workshop.outlays.all()).find(({ name }) => name === 'Ladle')).toMatchObject({
      cost: 12,
      serves: ['pour'],
    });
  });
});
