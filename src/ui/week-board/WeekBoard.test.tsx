/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { WeekBoard, type BoardDay, type BoardPiece } from './WeekBoard';

const piece = (id: string, more: Partial<BoardPiece> = {}): BoardPiece => ({
  id,
  says: `Pour ${id}`,
  small: 'ticket 14, 40 min',
  name: `Pour ${id}, ticket 14, 40 min`,
  fromMin: 0,
  toMin: 40,
  hue: 0,
  isLate: false,
  isGuess: false,
  mayMove: true,
  ...more,
});

const day = (title: string, pieces: readonly BoardPiece[]): BoardDay => ({
  day: title,
  title,
  says: '19:30 to 21:30',
  isOff: pieces.length === 0,
  fromMin: 0,
  toMin: 120,
  open: [{ fromMin: 0, toMin: 120 }],
  lanes: [{ name: 'Hands', isThin: false, pieces }],
  beside: null,
});

it('draws each day with its pieces on one scale, and gives the one that is pressed', () => {
  const onPick = jest.fn();
  const pieces = [
    piece('block A'),
    piece('block B', { fromMin: 40, toMin: 120, hue: null, isLate: true, isGuess: true }),
  ];
  render(
    <WeekBoard
      days={[day('Tuesday', pieces), day('Wednesday', [])]}
      pickedId="block A"
      onPick={onPick}
      onMove={() => undefined}
      links={[['block A', 'block B']]}
      sensors={[]}
    />,
  );
  const tuesday = screen.getByRole('region', { name: 'Tuesday' });
  const [first, second] = within(tuesday).getAllByRole('button');
  expect(first).toHaveAccessibleName('Pour block A, ticket 14, 40 min');
  expect(first).toHaveAttribute('aria-pressed', 'true');
  // Twice as long is twice as wide, and begins where the other ends.
  const width = (element: HTMLElement | undefined) => Number.parseFloat(element?.style.width ?? '');
  expect((width(second) + 1) / (width(first) + 1)).toBeCloseTo(2, 6);
  expect(Number.parseFloat(second?.style.left ?? '')).toBeCloseTo(width(first) + 1, 6);
  expect(second).toHaveAttribute('data-late', 'true');
  expect(second).toHaveAttribute('data-guess', 'true');
  fireEvent.click(second!);
  expect(onPick).toHaveBeenCalledWith('block B');
  expect(within(screen.getByRole('region', { name: 'Wednesday' })).queryByRole('button')).toBeNull();
});
