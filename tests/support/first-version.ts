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
  runs: [],
  pours: [],
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
