/** @jest-environment jsdom */
import { actOf, type KeyMap } from './key-map';

const MAP = {
  next: { press: [' '], shows: 'Space', does: 'the next', notOnControls: true },
  mark: { press: ['Digit1', 'Digit2'], shows: '1, 2', does: 'mark one' },
} as const satisfies KeyMap<'next' | 'mark'>;

const press = (key: string, code = key, target: Element = document.body) => ({ key, code, target });

describe('actOf', () => {
  it('finds what a press does, by its letter or by where the key lies', () => {
    const done: string[] = [];
    const acts = { next: () => done.push('next'), mark: (key: string) => done.push(key) };
    actOf(MAP, acts, press(' ', 'Space'))?.();
    actOf(MAP, acts, press('"', 'Digit2'))?.();
    expect(done).toEqual(['next', 'Digit2']);
    expect(actOf(MAP, acts, press('x', 'KeyX'))).toBeNull();
  });

  it('leaves a press to a control that has the focus, where the key says so', () => {
    const acts = { next: () => undefined, mark: () => undefined };
    const button = document.createElement('button');
    expect(actOf(MAP, acts, press(' ', 'Space', button))).toBeNull();
    expect(actOf(MAP, acts, press('1', 'Digit1', button))).not.toBeNull();
  });

  it('lets a press go on where there is nothing to do', () => {
    expect(actOf(MAP, { next: null, mark: null }, press(' ', 'Space'))).toBeNull();
  });
});
