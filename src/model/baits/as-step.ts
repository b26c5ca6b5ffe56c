import type { BuildRecord } from '@/records/build';

const SLOT_STEPS = [
  'rattle',
  'guard',
  'trailer-hook',
  'keeper',
  'trailer',
  'hook',
  'strap',
  'ring',
  'snap',
  'stop',
];

/**
 * A build as far as it is when a step begins its work: what later steps put on is not there yet. Null shows all of it.
 * Threading steps put on one after another, from the eye.
 */
export function asStep(build: BuildRecord, step: string | null): BuildRecord {
  if (step === null) return build;
  const threaded = /^thread-(\d+)$/.exec(step);
  const bare: BuildRecord = {
    ...build,
    arm: [],
    end: { binId: null, bladeBinId: null },
    skirtId: null,
    slots: build.slots.filter(({ slot }) => slot === 'plate' || slot === 'cord'),
  };
  if (step === 'cut') return bare;
  if (threaded) return { ...bare, arm: build.arm.slice(0, Number(threaded[1])) };
  const armed: BuildRecord = { ...bare, arm: build.arm };
  if (step === 'loop' || step === 'bend') return armed;
  const hung: BuildRecord = { ...armed, end: build.end };
  if (step === 'end' || step === 'rivet' || step === 'close') return hung;
  const upTo = SLOT_STEPS.indexOf(step);
  const isBeforeSkirt = step === 'rattle' || step === 'guard';
  return {
    ...hung,
    skirtId: isBeforeSkirt ? null : build.skirtId,
    slots: build.slots.filter(({ slot }) => {
      if (slot === 'skirt') return !isBeforeSkirt;
      const at = SLOT_STEPS.indexOf(slot);
      return at < 0 || upTo < 0 || at <= upTo;
    }),
  };
}
