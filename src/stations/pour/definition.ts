import { sum } from '@/core/numeric/sum';
import { countRun } from '@/core/pours/count-run';
import type { StationDefinition } from '@/station-kit/station-definition';
import { RUN_KEYS } from './keys';

export const pour: StationDefinition = {
  key: 'pour',
  name: 'Pour',
  href: '/pour',
  glyph: 'M3 3.5h7.5v5.2a2 2 0 0 1-2 2H5a2 2 0 0 1-2-2zM10.5 4.5l2.7 1M13.2 5.5v5M13.2 12.6v.9',
  ownDigits: ({ run }) => (run ? 'Space next · 1-9 misfill · Backspace undo' : null),
  waits: ({ run, pours, wants }) => {
    const toPour = sum(wants.filter(({ metalBinId }) => metalBinId !== null).map(({ left }) => left));
    const ahead = run ? countRun(run, pours).ahead : null;
    return {
      waits: ahead === null ? `${toPour} to pour` : `run on, ${ahead} left`,
      tone: toPour > 0 || ahead !== null ? 'act' : 'calm',
    };
  },
  keys: Object.values(RUN_KEYS),
};
