import type { Rule } from '@/records/rule';

/** Made-up rules of made-up waters: no law of any real place. */
export const DEMO_RULES: readonly Rule[] = [
  {
    id: 'rule-lagoon',
    name: 'No lead on the club lagoon',
    place: 'Pellworth lagoon',
    from: null,
    until: null,
    element: 'Pb',
    overShare: 0.001,
    underG: null,
    underMm: null,
    isOn: false,
    note: 'The club asks for it on its own water. Switch on for lagoon tickets.',
  },
  {
    id: 'rule-small',
    name: 'No lead under 4 g',
    place: 'The club waters',
    from: '2026-04-01',
    until: null,
    element: 'Pb',
    overShare: 0.001,
    underG: 4,
    underMm: null,
    isOn: true,
    note: 'Small shot is picked up by swans.',
  },
  {
    id: 'rule-short',
    name: 'No lead shorter than 12 mm',
    place: 'Upper reach',
    from: null,
    until: null,
    element: 'Pb',
    overShare: 0.001,
    underG: null,
    underMm: 12,
    isOn: false,
    note: '',
  },
];
