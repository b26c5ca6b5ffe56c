import type { BladeForm, BladeFormId } from './definition';
import { drop } from './drop';
import { leaf } from './leaf';
import { plate } from './plate';
import { round } from './round';
import { wing } from './wing';

/** Every form of blade, from the quickest to the slowest. */
export const BLADE_FORMS: readonly BladeForm[] = [leaf, drop, round, wing, plate];

/**
 * The form of this id.
 *
 * @example findBladeForm('leaf').name // 'Leaf'
 */
export function findBladeForm(id: BladeFormId): BladeForm {
  const form = BLADE_FORMS.find((each) => each.id === id);
  if (!form) throw new RangeError(`findBladeForm requires one of the registered forms, not ${id}`);
  return form;
}
