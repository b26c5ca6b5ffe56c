import { BY_CARD } from './card';
import { COOL_LONG } from './cool-long';
import type { CureSchool, CureSchoolId } from './definition';
import { HOT_SHORT } from './hot-short';
import { HOT_SPRAY } from './hot-spray';

/** Every school of curing. */
export const CURE_SCHOOLS: readonly CureSchool[] = [BY_CARD, HOT_SHORT, COOL_LONG, HOT_SPRAY];

/**
 * The school of an id.
 *
 * @example findCureSchool('card').name // 'By the card'
 */
export function findCureSchool(id: CureSchoolId): CureSchool {
  const school = CURE_SCHOOLS.find((each) => each.id === id);
  if (!school) throw new RangeError(`findCureSchool requires a school, not '${id}'`);
  return school;
}
