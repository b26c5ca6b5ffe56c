/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { Dialog } from './Dialog';

/** A page whose pointer is a mouse, or a finger. */
function point(isFine: boolean): void {
  window.matchMedia = ((query: string) => ({
    matches: query === '(pointer: fine)' && isFine,
    addListener: () => undefined,
    removeListener: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as unknown as typeof window.matchMedia;
}

function Page() {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <button onClick={() => setIsOpen(true)}>Weigh</button>
      <button>Another</button>
      {isOpen ? (
        <Dialog open title="Weigh" onCancel={() => setIsOpen(false)} footer={null}>
          <input type="file" aria-label="A picture" />
          <input disabled aria-label="Known" />
          <input aria-label="Weight" />
        </Dialog>
      ) : null}
    </>
  );
}

describe('Dialog', () => {
  it('begins at its first field that can be filled, and gives the focus back', async () => {
    point(true);
    render(<Page />);
    const opener = screen.getByRole('button', { name: 'Weigh' });
    opener.focus();
    fireEvent.click(opener);
    await waitFor(() => expect(screen.getByLabelText('Weight')).toHaveFocus());
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(opener).toHaveFocus());
  });

  it('calls up no keyboard on a screen that is touched', async () => {
    point(false);
    render(<Page />);
    fireEvent.click(screen.getByRole('button', { name: 'Weigh' }));
    await waitFor(() => expect(screen.getByRole('dialog').contains(document.activeElement)).toBe(true));
    expect(screen.getByLabelText('Weight')).not.toHaveFocus();
  });
});
