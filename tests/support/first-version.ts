/** A small bench as version 1 kept it, written out: what browsers and files out there still hold. */
const LOT = {
  id: 'lot',
  kind: 'metal',
  unit: 'g',
  name: 'Lot 1',
  place: 'Shelf',
  lowAt: null,
  retired: false,
  note: '',
  composition: null,
  densityGcm3: 11.1,
  densityBasis: 'guess',
  shrinkLinear: 0.008,
  shrinkBasis: 'guess',
};

const CAVITY = {
  style: 'egg',
  nominalG: 10,
  volumeCm3: 0.98,
  volumeBasis: 'weighed',
  standardErrorCm3: 0.004,
  weighedCount: 5,
  hookSizes: [],
  hookShare: 0,
  pinCm3: 0.09,
};

const MOLD = {
  id: 'block',
  name: 'Block J',
  kind: 'bar',
  place: 'Drawer',
  note: '',
  secondsPerPour: 48,
  setupSeconds: 540,
  spruePerPourG: 6.5,
  cavities: [CAVITY, { ...CAVITY, nominalG: 15, pinCm3: 0 }],
};

/** A run in the middle of it, when the old version was left. */
const RUN = {
  id: 'run',
  no: 1,
  state: 'pouring',
  startedAt: 3,
  endedAt: null,
  metalBinId: 'lot',
  chargedG: 400,
  drossShare: 0.02,
  moldIndex: 0,
  blocks: [
    {
      moldId: 'block',
      fillAll: false,
      spruePerPourG: 6.5,
      plannedPours: 3,
      fills: [{ cavities: [0], filled: [{ key: 'egg|10|', count: 3 }] }],
    },
  ],
  heads: [{ key: 'egg|10|', style: 'egg', nominalG: 10, hookBinId: null }],
  cells: [{ moldId: 'block', cavity: 0, key: 'egg|10|', metalG: 9.8, finishedG: 9.8 }],
  wants: [],
  plannedSeconds: 684,
  isProven: true,
  booking: null,
};

const POUR = {
  id: 'pour',
  runId: 'run',
  no: 1,
  moldId: 'block',
  at: 4,
  castings: [{ cavity: 0, key: 'egg|10|', good: true }],
};

export const FIRST_VERSION = {
  bench: [
    {
      id: 'bench',
      name: 'My bench',
      pot: { capacityG: 4500, heelG: 150, drossShare: 0.02, scrapShare: 0.05 },
    },
  ],
  bins: [LOT],
  entries: [
    {
      id: 'entry',
      at: 1,
      binId: 'lot',
      kind: 'received',
      qty: 4000,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      reverses: null,
    },
  ],
  molds: [MOLD],
  tickets: [],
  runs: [RUN],
  pours: [POUR],
  clocks: [],
  acts: [
    {
      id: 'act',
      no: 1,
      at: 2,
      label: 'Edit Block J',
      changes: [{ table: 'molds', key: 'block', before: { ...MOLD, name: 'Block I' }, after: MOLD }],
      undoes: null,
    },
  ],
};
