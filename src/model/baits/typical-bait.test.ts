import { BAIT_KINDS } from '@/core/builds/kinds';
import { USUAL_BAITS } from '@/reference/typical/usual-baits';
import { typicalParts } from './typical-bait';

const NOTHING = { bins: [], levels: new Map<string, number>() };

describe('typicalParts', () => {
  it.each(BAIT_KINDS.map(({ id }) => [id] as const))('gives an empty bench all that a %s needs', (id) => {
    const kind = BAIT_KINDS.find((each) => each.id === id)!;
    const parts = typicalParts(id, NOTHING, 'in');
    expect(parts).toHaveLength(USUAL_BAITS[id].length);
    const roles = parts.map(({ bin }) => (bin.kind === 'part' ? bin.gauge?.as : null));
    for (const { takes, isNeeded } of kind.slots) {
      if (isNeeded) expect(roles.some((role) => role && takes.includes(role))).toBe(true);
    }
    if (kind.arm) expect(roles).toContain('blade');
  });
});
