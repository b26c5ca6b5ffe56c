import type { Colored, Practice, Thing, UsualCavity } from './practice';

const LEADS: readonly Thing[] = [
  ['metal', 'soft-lead'],
  ['metal', 'lead-4'],
];

const JIG_CAVITIES: readonly UsualCavity[] = [
  { ounces: 1 / 8, grams: 3.5, hooks: ['#1', '1/0'] },
  { ounces: 1 / 4, grams: 7, hooks: ['1/0', '2/0'] },
  { ounces: 3 / 8, grams: 10, hooks: ['2/0', '3/0'] },
  { ounces: 1 / 2, grams: 14, hooks: ['3/0', '4/0'] },
];

const JIG_HOOKS: readonly Thing[] = ['#1', '1/0', '2/0', '3/0', '4/0'].map((key) => ['jig-hook', key]);

const TABS: readonly Colored[] = [
  { kindId: 'tab', name: 'Tab, black', hex: '#20201f' },
  { kindId: 'tab', name: 'Tab, white', hex: '#efece4' },
  { kindId: 'tab', name: 'Tab, green pumpkin', hex: '#5b5a2a' },
  { kindId: 'tab', name: 'Tab, chartreuse', hex: '#c6d63a' },
];

const POWDERS: readonly Colored[] = [
  { kindId: 'powder', name: 'Powder, black', hex: '#232324' },
  { kindId: 'powder', name: 'Powder, white', hex: '#f1eee6' },
  { kindId: 'powder', name: 'Powder, green pumpkin', hex: '#5d5b2c' },
  { kindId: 'powder', name: 'Powder, chartreuse', hex: '#c9d93d' },
];

/** What makers make, each with the bench that goes with it. */
export const PRACTICES: readonly Practice[] = [
  {
    id: 'pour-heads',
    name: 'Pour jig heads',
    says: 'What each cavity gives in your metal, how many pours, how much metal and how many hooks.',
    drawn: [
      ['metal', 'lead-4'],
      ['bought-round', '1/4'],
    ],
    things: [...LEADS, ...JIG_HOOKS],
    colored: [],
    blocks: [{ name: 'Round heads', kind: 'bar', style: 'round', cavities: JIG_CAVITIES }],
    heaters: ['gun', 'oven'],
    ticket: { title: 'A first dozen', ounces: 1 / 4, count: 12 },
    next: '/molds',
  },
  {
    id: 'bought-heads',
    name: 'Paint and dress bought heads',
    says: 'Heads you buy, with the color, skirt, guard and trailer you put on, and what one truly costs.',
    drawn: [
      ['bought-football', '1/2'],
      ['powder', '2'],
    ],
    things: [
      ['bought-football', '3/8'],
      ['bought-football', '1/2'],
      ['bought-round', '1/4'],
      ['collar', 'Middle'],
      ['weed-guard', '3.2'],
      ['rattle', '4'],
      ['claw', '3'],
      ['paddle-tail', '3.5'],
    ],
    colored: [...POWDERS, ...TABS],
    blocks: [],
    heaters: ['gun', 'oven'],
    ticket: null,
    next: '/skirt',
  },
  {
    id: 'skirts-hair',
    name: 'Tie skirts and hair',
    says: 'How full a skirt is, how it looks at rest and flared, and how many your tabs still give.',
    drawn: [
      ['tab', '5'],
      ['hair', '4'],
    ],
    things: [
      ['collar', 'Small'],
      ['collar', 'Middle'],
      ['floss', 'Middle'],
    ],
    colored: [
      ...TABS,
      { kindId: 'hair', name: 'Hair, natural', hex: '#a98b62' },
      { kindId: 'hair', name: 'Hair, white', hex: '#efe9dc' },
    ],
    blocks: [],
    heaters: [],
    ticket: null,
    next: '/skirt',
  },
  {
    id: 'wire-baits',
    name: 'Wire baits',
    says: 'Spinnerbaits, buzzbaits and in-line spinners: whether two blades clash, and what it all weighs.',
    drawn: [
      ['spinnerbait-wire', 'Long'],
      ['willow-blade', '#4'],
    ],
    things: [
      ...LEADS,
      ['jig-hook', '4/0'],
      ['jig-hook', '5/0'],
      ['spinnerbait-wire', 'Long'],
      ['clevis', '#2'],
      ['colorado-blade', '#2'],
      ['colorado-blade', '#3'],
      ['willow-blade', '#3.5'],
      ['willow-blade', '#4'],
      ['brass-bead', '4'],
      ['spacer', '13'],
      ['ball-bearing-swivel', '#2'],
      ['collar', 'Middle'],
    ],
    colored: TABS,
    blocks: [
      {
        name: 'Wire-frame heads',
        kind: 'frame',
        style: 'spinner-point',
        cavities: [
          { ounces: 1 / 4, grams: 7, hooks: ['4/0'] },
          { ounces: 3 / 8, grams: 10, hooks: ['4/0', '5/0'] },
          { ounces: 1 / 2, grams: 14, hooks: ['5/0'] },
        ],
      },
    ],
    heaters: [],
    ticket: { title: 'Six to begin with', ounces: 3 / 8, count: 6 },
    next: '/build',
  },
  {
    id: 'bladed-jigs',
    name: 'Bladed jigs',
    says: 'A template for the holes, whether the blade goes into the eye, and the finished weight.',
    drawn: [
      ['jig-blade', 'Medium'],
      ['bought-bullet', '3/8'],
    ],
    things: [
      ...LEADS,
      ...JIG_HOOKS,
      ['jig-blade', 'Small'],
      ['jig-blade', 'Medium'],
      ['snap', '#0'],
      ['collar', 'Middle'],
      ['paddle-tail', '3.5'],
    ],
    colored: TABS,
    blocks: [
      {
        name: 'Bullet heads',
        kind: 'bar',
        style: 'bullet',
        cavities: JIG_CAVITIES,
        warmWork: 'Open the eyes',
      },
    ],
    heaters: ['gun', 'oven'],
    ticket: { title: 'Six to begin with', ounces: 3 / 8, count: 6 },
    next: '/build',
  },
  {
    id: 'soft-plastics',
    name: 'Soft plastics',
    says: 'How many baits a cup makes, and the color you mixed, scaled to the next batch.',
    drawn: [
      ['paddle-tail', '3.5'],
      ['grub', '3'],
    ],
    things: [
      ['grub', '3'],
      ['paddle-tail', '3.5'],
      ['worm', '5'],
    ],
    colored: [],
    blocks: [],
    heaters: [],
    ticket: null,
    next: '/build?part=plastic',
  },
  {
    id: 'sinkers-feeders',
    name: 'Sinkers and feeders',
    says: 'How deep to drill a board, what a cavity gives in another metal, how heavy a feeder is.',
    drawn: [
      ['bank-sinker', '2'],
      ['feeder-body', 'Middle'],
    ],
    things: [...LEADS, ['feeder-body', 'Middle'], ['barrel-swivel', '#7']],
    colored: [],
    blocks: [
      {
        name: 'Bank sinkers',
        kind: 'bar',
        style: 'pear',
        cavities: [
          { ounces: 1, grams: 28, hooks: [] },
          { ounces: 2, grams: 56, hooks: [] },
          { ounces: 3, grams: 85, hooks: [] },
        ],
      },
    ],
    heaters: [],
    ticket: { title: 'A first dozen', ounces: 2, count: 12 },
    next: '/molds',
  },
  {
    id: 'cable-assist',
    name: 'Cable and assist hooks',
    says: 'Crimp by cable, tube by hook, hook by lure, and the lengths to cut from a roll.',
    drawn: [
      ['cable', '280'],
      ['inline-single', '7/0'],
    ],
    things: [
      ['cable', '90'],
      ['cable', '280'],
      ['crimp', '1.6'],
      ['crimp', '2.5'],
      ['inline-single', '5/0'],
      ['inline-single', '7/0'],
      ['shrink-tube-3', '6.4'],
      ['shrink-tube-3', '9.5'],
      ['solid-ring', '#6'],
      ['split-ring', '#8'],
      ['braid', '200'],
    ],
    colored: [],
    blocks: [],
    heaters: [],
    ticket: null,
    next: '/rig',
  },
  {
    id: 'rigs',
    name: 'Shore and river rigs',
    says: 'Leaders, droppers and float rigs: the weakest link, the lengths, and twenty at a sitting.',
    drawn: [
      ['three-way-swivel', '#6'],
      ['bait-hook', '#6'],
    ],
    things: [
      ['nylon-line', '20'],
      ['nylon-line', '30'],
      ['nylon-line', '60'],
      ['barrel-swivel', '#7'],
      ['barrel-swivel', '#4'],
      ['three-way-swivel', '#6'],
      ['snap', '#1'],
      ['plastic-bead', '4.8'],
      ['bait-hook', '#6'],
      ['bait-hook', '#2'],
      ['egg-sinker', '1/2'],
      ['egg-sinker', '1'],
      ['stop', '6'],
    ],
    colored: [],
    blocks: [],
    heaters: [],
    ticket: null,
    next: '/rig',
  },
];
