/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { Pot } from '@/ui/pour-drawing/Pot';
import { LightPot } from './LightPot';
import { NothingToPour } from './NothingToPour';
import { PotForm } from './PotForm';

function type(name: string, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('Pot', () => {
  it('is filled to its level, and never past the rim', async () => {
    const { container } = await renderBench(
      <Pot levelG={2250} capacityG={4500} heelG={150} label="In the pot" />,
    );
    expect(screen.getByRole('img', { name: 'In the pot: 2.25 kg' })).toBeInTheDocument();
    // Half of a full pot, whose brim is 98 of 110 high: from the floor at 110 up to 61.
    expect(container.querySelector('[fill="url(#pot-melt)"]')?.getAttribute('d')).toMatch(/^M16 110L.* 61L/);
  });

  it('writes an empty pot as nothing, not as less', async () => {
    await renderBench(<Pot levelG={-20} capacityG={4500} heelG={150} label="In the pot" />);
    expect(screen.getByRole('img', { name: 'In the pot: 0.00 g' })).toBeInTheDocument();
  });
});

describe('LightPot', () => {
  it('says when it should pour by the pot’s own melts, lights it with a clock, and lets it out again', async () => {
    const { workshop } = await renderBench(<LightPot chargedG={2250} />);
    // Half of a pot that takes 28 min full, a quarter of which is its own: 7 + 10.5 min.
    expect(screen.getByText(/pourable some/)).toHaveTextContent('pourable some 18 min after that');
    fireEvent.click(screen.getByRole('button', { name: 'The pot is lit' }));
    await screen.findByText(/^Lit/);
    const [clock] = (await workshop.clocks.all()).filter(({ name }) => name === 'Pot pourable');
    expect(clock!.endsAt - clock!.startedAt).toBeCloseTo(17.5 * 60_000, -2);
    fireEvent.click(screen.getByRole('button', { name: 'It is out again' }));
    expect(await screen.findByRole('button', { name: 'The pot is lit' })).toBeInTheDocument();
    expect((await workshop.bench.read()).potLitAt).toBeUndefined();
  });
});

describe('PotForm', () => {
  it('keeps a pot in any unit, and refuses a heel that fills it', async () => {
    const { workshop } = await renderBench(<PotForm onClose={() => undefined} />);
    type('Holds', '100 g');
    expect(screen.getByText('A heel of 150 g fills the pot of 100 g. Make it smaller.')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    type('Holds', '20 lb');
    type('Skimmed off as dross', '3,5');
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(async () =>
      expect((await workshop.bench.read()).pot).toMatchObject({
        capacityG: expect.closeTo(9071.8474, 4) as number,
        drossShare: 0.035,
      }),
    );
  });
});

describe('NothingToPour', () => {
  it('sends on to what was cast and waits to be dressed, and says so where no block makes what is asked', async () => {
    await renderBench(<NothingToPour isAsked={false} />);
    expect(screen.getByText(/^Nothing is left to pour here: \d+ heads wait at Dress\.$/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Dress them' })).toHaveAttribute('href', '/dress');
    cleanup();
    await renderBench(<NothingToPour isAsked />);
    expect(screen.getByText(/^No block on the bench makes these/)).toBeInTheDocument();
    expect(screen.queryByRole('link', { name: 'Dress them' })).toBeNull();
  });
});
