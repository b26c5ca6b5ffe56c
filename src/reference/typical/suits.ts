import type { ThingKind } from './thing-kind';

/** Metal to pour. */
export const isMetal = ({ makes }: ThingKind): boolean => makes === 'metal';

/** A hook to cast in. */
export const isCastIn = ({ makes }: ThingKind): boolean => makes === 'hook';

/** A head bought ready. */
export const isBoughtHead = ({ makes }: ThingKind): boolean => makes === 'head';

/** What a skirt is tied of. */
export const isStrand = ({ makes }: ThingKind): boolean => makes === 'strand';

/** A jar of powder. */
export const isPowder = ({ makes }: ThingKind): boolean => makes === 'powder';

/** A part of a bait or a rig. */
export const isPart = ({ makes }: ThingKind): boolean => makes === 'part';

/** What is kept by its length: line, cable, cord, tube. */
export const isByLength = (kind: ThingKind): boolean => kind.makes === 'part' && kind.unit === 'mm';
