/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { useInAddress } from './use-in-address';

// An address that has not followed yet: it says what it said before the press, and goes on saying it.
jest.mock('next/navigation', () => ({ useSearchParams: () => new URLSearchParams('?bin=hook-2-0') }));

function Station() {
  const [part, turn] = useInAddress('part', ['bins', 'cabinet'], 'bins');
  return (
    <button type="button" onClick={() => turn('cabinet')}>
      {part}
    </button>
  );
}

it('goes back also where Back comes before the address followed the press', () => {
  render(<Station />);
  fireEvent.click(screen.getByRole('button', { name: 'bins' }));
  expect(screen.getByRole('button')).toHaveTextContent('cabinet');
  fireEvent.popState(window);
  expect(screen.getByRole('button')).toHaveTextContent('bins');
});
