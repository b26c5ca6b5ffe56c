/** @jest-environment ./tests/support/browser-environment.ts */
import { act, renderHook } from '@testing-library/react';
import { useDraft } from './use-draft';

interface Bait {
  readonly name: string;
  readonly parts: readonly string[];
}

const notice = { info: jest.fn() };
jest.mock('./use-notice', () => ({ useNotice: () => notice }));

const EMPTY: Bait = { name: '', parts: [] };
const inHand = () => renderHook(() => useDraft<Bait>('bait', (kept) => kept as Bait | null, EMPTY)).result;
const kept = () => JSON.parse(Object.values(window.localStorage)[0] as string) as unknown;

beforeEach(() => window.localStorage.clear());

describe('useDraft', () => {
  it('keeps what was typed while parts were laid out, and the parts', () => {
    const hand = inHand();
    act(() => hand.current.begin(EMPTY));
    // Both saw the same draft: the parts come late, or the name is typed before they are drawn.
    const { change, draft } = hand.current;
    act(() => change({ ...draft!, parts: ['blade'] }));
    act(() => change({ ...draft!, name: 'Thumper' }));
    expect(hand.current.draft).toEqual({ name: 'Thumper', parts: ['blade'] });
    expect(JSON.stringify(kept())).toContain('Thumper');
    expect(JSON.stringify(kept())).toContain('blade');
  });

  it('steps back change by change', () => {
    const hand = inHand();
    act(() => hand.current.change({ ...EMPTY, name: 'One' }));
    act(() => hand.current.change({ ...hand.current.draft!, parts: ['bead'] }));
    act(() => hand.current.stepBack());
    expect(hand.current.draft).toEqual({ name: 'One', parts: [] });
    act(() => hand.current.stepBack());
    expect(hand.current.draft).toEqual(EMPTY);
    expect(hand.current.canStepBack).toBe(false);
  });

  it('gives back what another took the place of, and says so where it had been changed', () => {
    const hand = inHand();
    act(() => hand.current.begin({ name: 'First', parts: [] }));
    expect(hand.current.canStepBack).toBe(false);
    act(() => hand.current.change({ name: 'First', parts: ['blade'] }));
    notice.info.mockClear();
    act(() => hand.current.begin({ name: 'Second', parts: [] }));
    expect(notice.info).toHaveBeenCalledTimes(1);
    act(() => hand.current.stepBack());
    expect(hand.current.draft).toEqual({ name: 'First', parts: ['blade'] });
    expect(JSON.stringify(kept())).toContain('First');
    // Let go for good, it is gone.
    act(() => hand.current.begin(null));
    expect(hand.current.canStepBack).toBe(false);
    expect(hand.current.draft).toEqual(EMPTY);
  });

  it('does nothing to another draft that was begun meanwhile', () => {
    const hand = inHand();
    act(() => hand.current.begin({ name: 'First', parts: [] }));
    const { change } = hand.current;
    act(() => hand.current.begin({ name: 'Second', parts: [] }));
    act(() => change({ name: 'First', parts: ['blade'] }));
    expect(hand.current.draft).toEqual({ name: 'Second', parts: [] });
  });
});
