/** A cavity's slot for the hook, as it was measured. */
export interface HookSlot {
  /** How wide the slot is where the wire lies, mm. */
  readonly wireMm: number;
  /** From where the eye sits to the edge of the block, along the shank, mm; null where nobody measured. */
  readonly edgeMm: number | null;
}

/** How a hook lies in a slot: the halves close on it, stand open, leave room along it, or its bend lies in the block. */
export type SlotVerdict = 'lies' | 'thick' | 'loose' | 'short';

interface MeasuredHook {
  readonly wireMm: number;
  readonly shankMm: number;
}

/** Wire that stands out of its slot by this much keeps the halves open: the casting flashes. */
const PROUD_MM = 0.03;
/** Wire thinner than its slot by this much lets metal run out along it. */
const LOOSE_MM = 0.35;

/**
 * How a hook lies in a slot, by measure: whatever its packet calls its size.
 *
 * Source: practice; a sheet of paper (0.1 mm) between the halves is said to flash already.
 *
 * @example lieInSlot({ wireMm: 1.3, shankMm: 40 }, { wireMm: 1.2, edgeMm: 18 }) // 'thick'
 */
export function lieInSlot({ wireMm, shankMm }: MeasuredHook, slot: HookSlot): SlotVerdict {
  if (wireMm > slot.wireMm + PROUD_MM) return 'thick';
  if (slot.edgeMm !== null && shankMm < slot.edgeMm) return 'short';
  return wireMm < slot.wireMm - LOOSE_MM ? 'loose' : 'lies';
}

interface HookedCavity {
  readonly hookSizes: readonly string[];
  readonly slot?: HookSlot | undefined;
}

interface NamedHook extends Partial<MeasuredHook> {
  readonly size: string;
}

/**
 * How a hook lies in a cavity's slot; null where one of them was not measured: then only its size's name can tell.
 *
 * @example slotVerdict({ hookSizes: ['2/0'] }, { size: '2/0', wireMm: 1.1, shankMm: 36 }) // null
 */
export function slotVerdict({ slot }: HookedCavity, { wireMm, shankMm }: NamedHook): SlotVerdict | null {
  return slot && wireMm !== undefined && shankMm !== undefined ? lieInSlot({ wireMm, shankMm }, slot) : null;
}

/**
 * Whether a cavity takes a hook: by the measure of its slot where there is one, else by the name of its size. One that lies
 * loose is taken; its casting flashes along the shank.
 *
 * @example takesHook({ hookSizes: ['2/0'] }, { size: '3/0' }) // false
 */
export function takesHook(cavity: HookedCavity, hook: NamedHook): boolean {
  if (cavity.hookSizes.length === 0) return false;
  const verdict = slotVerdict(cavity, hook);
  return verdict === null ? cavity.hookSizes.includes(hook.size) : verdict === 'lies' || verdict === 'loose';
}
