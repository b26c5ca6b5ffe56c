import { REFERENCE_METALS } from '@/reference/metals';

/** The metals of the list as they are chosen among. */
export const METAL_OPTIONS = REFERENCE_METALS.map(({ key, name }) => ({ value: key, label: name }));
