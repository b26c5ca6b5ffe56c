import fc from 'fast-check';
import { lieInSlot, slotVerdict, takesHook } from './takes-hook';

const SLOT = { wireMm: 1.2, edgeMm: 18 };

describe('whether a cavity takes a hook', () => {
  it('goes by the name of its size until the slot was measured', () => {
    const cavity = { hookSizes: ['2/0', '3/0'] };
    expect(takesHook(cavity, { size: '3/0' })).toBe(true);
    expect(takesHook(cavity, { size: '4/0', wireMm: 1.2, shankMm: 40 })).toBe(false);
    expect(slotVerdict(cavity, { size: '2/0', wireMm: 1.2, shankMm: 40 })).toBeNull();
    // Nobody measured this hook.
    expect(takesHook({ ...cavity, slot: SLOT }, { size: '2/0' })).toBe(true);
  });

  it('goes by measure from then on, whatever the packet calls it', () => {
    const cavity = { hookSizes: ['2/0'], slot: SLOT };
    expect(takesHook(cavity, { size: '4/0', wireMm: 1.2, shankMm: 40 })).toBe(true);
    expect(takesHook(cavity, { size: '2/0', wireMm: 1.4, shankMm: 40 })).toBe(false);
    expect(takesHook(cavity, { size: '2/0', wireMm: 1.2, shankMm: 15 })).toBe(false);
    expect(slotVerdict(cavity, { size: '2/0', wireMm: 0.7, shankMm: 40 })).toBe('loose');
    expect(takesHook(cavity, { size: '2/0', wireMm: 0.7, shankMm: 40 })).toBe(true);
    // A sinker's cavity takes none.
    expect(takesHook({ hookSizes: [], slot: SLOT }, { size: '2/0', wireMm: 1.2, shankMm: 40 })).toBe(false);
  });

  it('keeps halves closed: what is thicker never lies where a thinner one does not', () => {
    const mm = fc.double({ min: 0.2, max: 4, noNaN: true });
    fc.assert(
      fc.property(mm, mm, mm, (thin, more, wireMm) => {
        const slot = { wireMm, edgeMm: null };
        const [one, other] = [thin, thin + more].map((each) =>
          lieInSlot({ wireMm: each, shankMm: 40 }, slot),
        );
        if (one === 'thick') expect(other).toBe('thick');
        if (other === 'loose') expect(one).toBe('loose');
      }),
    );
  });
});
