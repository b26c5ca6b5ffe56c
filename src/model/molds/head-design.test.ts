import { HEAD_STYLES } from '@/core/cavities/styles';
import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import { demoBench } from '@/demo/demo-bench';
import type { HookBin } from '@/records/bin';
import { headDesign, headShape, trailerOf } from './head-design';

const LEAD = { densityGcm3: 11.34, shrinkLinear: 0.0089 };
const hook = demoBench(0).bins.find(({ kind }) => kind === 'hook') as HookBin;

describe('a head as a body', () => {
  it.each(HEAD_STYLES.map(({ key, isHooked }) => [key, isHooked] as const))(
    '%s weighs what it is marked, hook and all',
    (style, isHooked) => {
      const body = headDesign({ style, nominalG: 14 }, LEAD, isHooked ? hook : null);
      expect(body?.design).toMatchObject({ ok: true });
      if (!body?.design.ok) throw new Error('it is worked out');
      expect(body.design.value.finishedG).toBeCloseTo(14, 3);
      expect(body.design.value.lengthMm).toBeGreaterThan(5);
    },
  );

  it('is of the form that new cavities have of its style, else of its own outline', () => {
    expect(headShape('football')?.kind).toBe('form');
    expect(headShape('dart')?.kind).toBe('profile');
    expect(headShape('no such')).toBeNull();
  });
});

describe('a trailer on the bottom', () => {
  const of = (plastic: 'soft' | 'stretch', massG: number | null, lengthMm?: number) =>
    trailerOf({
      slots: [
        {
          slot: 'trailer',
          part: {
            binId: 't',
            name: 'claw',
            massG,
            gauge: {
              ...PLAIN_GAUGE,
              as: 'trailer',
              plastic,
              sizes: lengthMm === undefined ? {} : { lengthMm },
              basis: 'measured',
            },
          },
        },
      ],
    });

  it('sinks a little where it is soft, and lifts where it stretches', () => {
    expect(of('soft', 3, 75)!.liftG).toBeCloseTo(3 / 1.05 - 3, 6);
    expect(of('stretch', 3, 75)!.liftG).toBeGreaterThan(0);
  });

  it('is not known where nobody weighed or measured it', () => {
    expect([of('soft', null, 75), of('soft', 3), trailerOf({ slots: [] })]).toEqual([null, null, null]);
  });
});
