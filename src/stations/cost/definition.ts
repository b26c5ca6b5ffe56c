import type { StationDefinition } from '@/station-kit/station-definition';

export const cost: StationDefinition = {
  key: 'cost',
  name: 'Cost',
  href: '/cost',
  glyph: 'M2.4 5.2h11.2v6.4H2.4zM2.4 5.2L8 2.4l5.6 2.8M5.4 8.4h5.2M8 11.6v2.2',
  letter: 'c',
  waits: ({ outlays, bench }) => {
    const laidOut = outlays.reduce((so, { cost, retired }) => (retired ? so : so + cost), 0);
    return {
      waits: laidOut > 0 ? `${bench.money.sign} ${Math.round(laidOut)} laid out` : 'nothing laid out',
      tone: 'calm',
    };
  },
  keys: [],
};
