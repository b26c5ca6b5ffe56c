import type { CureSchool } from './definition';

/** As the card says, in its first line. */
export const BY_CARD: CureSchool = {
  id: 'card',
  name: 'By the card',
  how: 'The part as hot and as long as the powder maker says first.',
  cureFor: ({ cures: [first] }) => {
    if (!first) throw new RangeError('cureFor requires a card with a cure on it');
    return { partC: first.cureC, minutes: first.cureMin };
  },
  startsHot: false,
};
