import type { BuildRecord } from '@/records/build';

/** What has no step of its own, and with what it is put on. */
const WITH: Readonly<Record<string, string>> = {
  'rattle-two': 'rattle',
  'rattle-collar': 'rattle',
  stinger: 'snell',
};

/**
 * A build as far as it is when a step begins its work: what later steps put on is not there yet. Null shows all of it. `order` is
 * the card's steps: a slot is put on in the step that is called as it is.
 * Threading steps put on one after another, from the eye.
 */
export function asStep(build: BuildRecord, step: string | null, order: readonly string[]): BuildRecord {
  if (step === null) return build;
  const threaded = /^thread-(\d+)$/.exec(step);
  const bare: BuildRecord = {
    ...build,
    arm: [],
    end: { binId: null, bladeBinId: null },
    dip: undefined,
    skirtId: null,
    slots: build.slots.filter(({ slot }) => slot === 'plate' || slot === 'cord'),
  };
  if (step === 'cut') return bare;
  if (threaded) return { ...bare, arm: build.arm.slice(0, Number(threaded[1])) };
  const armed: BuildRecord = { ...bare, arm: build.arm };
  if (step === 'loop' || step === 'bend') return armed;
  const hung: BuildRecord = { ...armed, end: build.end };
  if (step === 'end' || step === 'rivet' || step === 'close') return hung;
  const isOn = (slot: string) => {
    // A second rattle and its like go on with the first.
    const at = order.indexOf(order.includes(slot) ? slot : (WITH[slot] ?? slot));
    return at < 0 || at <= order.indexOf(step);
  };
  return {
    ...hung,
    dip: isOn('dip') ? build.dip : undefined,
    skirtId: isOn('skirt') ? build.skirtId : null,
    slots: build.slots.filter(({ slot }) => isOn(slot)),
  };
}
