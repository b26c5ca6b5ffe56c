/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { NewBin } from './NewBin';

function type(name: string, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('NewBin', () => {
  it('says what is missing, and puts nothing on the shelf', async () => {
    const { workshop } = await renderBench(<NewBin onClose={() => undefined} onAdded={() => undefined} />);
    const before = (await workshop.shelf.bins()).length;
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    expect(screen.getByText('Give it a name, such as Lot 22, hard lead.')).toBeInTheDocument();
    expect(screen.getByText('Weigh it: such as 4 kg.')).toBeInTheDocument();
    expect(await workshop.shelf.bins()).toHaveLength(before);
  });

  it('puts a lot on with what the list knows of its metal', async () => {
    const added: string[] = [];
    const { workshop } = await renderBench(
      <NewBin onClose={() => undefined} onAdded={(id) => added.push(id)} />,
    );
    type('Name', 'Lot 22, hard lead');
    type('How much', '10 lb');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(1));
    const lot = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(lot).toMatchObject({
      kind: 'metal',
      composition: { Pb: 0.96, Sb: 0.04 },
      compositionBasis: 'known',
      densityBasis: 'reference',
      shrinkLinear: 0.0065,
      costPerKg: null,
    });
    expect((await workshop.shelf.levels()).get(added[0]!)).toBeCloseTo(4535.9237, 4);
  });

  it('guesses what a hook weighs from its size, and takes a weighing instead', async () => {
    const added: string[] = [];
    const { workshop } = await renderBench(
      <NewBin onClose={() => undefined} onAdded={(id) => added.push(id)} />,
    );
    fireEvent.click(screen.getByText('Hooks'));
    type('Name', 'Jig hook 2/0, black');
    type('How many', '25');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(1));
    const hook = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(hook).toMatchObject({ kind: 'hook', size: '2/0', massBasis: 'guess', gapeMm: 12.5 });
    type('Weighs each', '0.61 g');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(2));
    const weighed = (await workshop.shelf.bins()).find(({ id }) => id === added[1]);
    expect(weighed).toMatchObject({ massG: 0.61, massBasis: 'weighed' });
  });
});
