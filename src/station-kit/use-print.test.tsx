/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { App } from 'antd';
import { saveFile } from './save-file';
import { loadFonts } from './load-fonts';
import { usePrint, type Sheet } from './use-print';
import '../../tests/support/patience';

jest.mock('./save-file', () => ({ saveFile: jest.fn() }));
jest.mock('./load-fonts', () => ({ loadFonts: jest.fn() }));

const fonts = { regular: new Uint8Array([1]), bold: new Uint8Array([2]) };

function Hand({ make }: Pick<Sheet, 'make'>) {
  const print = usePrint();
  return <button onClick={() => void print({ file: 'labels', make })}>Print</button>;
}

const press = (make: Sheet['make']) => {
  render(
    <App>
      <Hand make={make} />
    </App>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Print' }));
};

beforeEach(() => {
  jest.mocked(saveFile).mockClear();
  jest.mocked(loadFonts).mockResolvedValue(fonts);
});

describe('usePrint', () => {
  it('sets a sheet in the app’s type and gives it out under its name', async () => {
    press((given) => Promise.resolve(new Uint8Array([given.regular[0]!, given.bold[0]!])));
    await waitFor(() => expect(saveFile).toHaveBeenCalledTimes(1));
    expect(saveFile).toHaveBeenCalledWith('labels.pdf', new Uint8Array([1, 2]), 'application/pdf');
  });

  it('says that a sheet is being set where that takes a while, and no longer once it is', async () => {
    let done: (pdf: Uint8Array<ArrayBuffer>) => void = () => undefined;
    press(
      () =>
        new Promise((resolve) => {
          done = resolve;
        }),
    );
    expect(await screen.findByText('The sheet is being set.')).toBeInTheDocument();
    done(new Uint8Array());
    await waitFor(() => expect(saveFile).toHaveBeenCalled());
    await waitFor(() => expect(screen.queryByText('The sheet is being set.')).not.toBeInTheDocument());
  });

  it('says what hindered it', async () => {
    jest.mocked(loadFonts).mockRejectedValue(new Error('the font did not come (404)'));
    press(() => Promise.resolve(new Uint8Array()));
    expect(
      await screen.findByText(/^The sheet was not made: the font did not come \(404\)\./),
    ).toBeInTheDocument();
    expect(saveFile).not.toHaveBeenCalled();
  });
});
