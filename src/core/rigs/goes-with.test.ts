import { goesWith, type Fitting } from './goes-with';
import type { PartRoleId } from '../parts/part-roles';

const fitting = (as: PartRoleId, sizes: Fitting['sizes'], line: Fitting['line'] = null): Fitting => ({
  as,
  sizes,
  line,
});
const wire = fitting('frame', { wireMm: 1 });
const cable = fitting('line', { diameterMm: 0.45 }, 'cable');
const MATCHES = [{ table: 'crimp-by-cable', from: 0.4, to: 0.5, takes: 1, basis: 'typical' }] as const;

describe('goesWith', () => {
  it('threads a wire through wider holes alone, and through none that would wobble', () => {
    const bead = (holeMm: number) => fitting('bead', { holeMm });
    expect(goesWith(wire, bead(1.2), [])).toEqual({ how: 'threaded', thickMm: 1, holeMm: 1.2 });
    expect(goesWith(bead(1.2), wire, [])?.how).toBe('threaded');
    expect(goesWith(wire, bead(1), [])).toBeNull();
    expect(goesWith(wire, bead(4.1), [])).toBeNull();
    expect(goesWith(wire, fitting('bead', {}), [])).toBeNull();
  });

  it('closes the crimp that the match table names on a cable, and on no cord', () => {
    const crimp = (holeMm: number) => fitting('crimp', { holeMm });
    expect(goesWith(cable, crimp(1), MATCHES)?.how).toBe('crimped');
    expect(goesWith(cable, crimp(1.3), MATCHES)).toBeNull();
    expect(goesWith(cable, crimp(1), [])).toBeNull();
    expect(goesWith(fitting('line', { diameterMm: 0.45 }, 'cord'), crimp(1), MATCHES)).toBeNull();
  });

  it('sleeves a hook with a tube that goes over its eye and shrinks to its shank', () => {
    const hook = fitting('hook', { wireMm: 1, eyeMm: 2 });
    expect(goesWith(hook, fitting('tube', { holeMm: 4.2, shrinkRatio: 5 }), [])).toMatchObject({
      how: 'sleeved',
      overMm: expect.closeTo(1 + 6 / Math.PI, 9),
    });
    expect(goesWith(hook, fitting('tube', { holeMm: 2.8, shrinkRatio: 5 }), [])).toBeNull();
    expect(goesWith(hook, fitting('tube', { holeMm: 4.2, shrinkRatio: 2 }), [])).toBeNull();
  });

  it('hangs a ring in an eye its wire goes through', () => {
    const hook = fitting('hook', { wireMm: 1, eyeMm: 2 });
    expect(goesWith(fitting('ring', { ringMm: 1.4 }), hook, [])?.how).toBe('hung');
    expect(goesWith(fitting('ring', { ringMm: 2.2 }), hook, [])).toBeNull();
  });

  it('knows nothing of two of a kind', () => {
    expect(goesWith(wire, wire, [])).toBeNull();
    expect(goesWith(fitting('bead', { holeMm: 1 }), fitting('bead', { holeMm: 2 }), [])).toBeNull();
  });
});
