import { dropDraft, keepDraft, readDraft } from './drafts';
import { DEFAULT_PREFERENCES, keepPreferences, PREFERENCES_KEY, readPreferences } from './preferences';

function memory(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  } as unknown as Storage;
}

describe('preferences', () => {
  it('come back as they were kept', () => {
    const storage = memory();
    const mine = {
      ...DEFAULT_PREFERENCES,
      look: 'shed' as const,
      mass: 'oz-fraction' as const,
      ticketInHand: 't',
    };
    keepPreferences(storage, mine);
    expect(readPreferences(storage)).toEqual(mine);
  });

  it('fall back field by field where something is missing or bent', () => {
    const storage = memory();
    expect(readPreferences(storage)).toEqual(DEFAULT_PREFERENCES);
    storage.setItem(PREFERENCES_KEY, '{"look":"neon","isGloved":true,"mass":7}');
    expect(readPreferences(storage)).toEqual({ ...DEFAULT_PREFERENCES, isGloved: true });
    storage.setItem(PREFERENCES_KEY, 'not json');
    expect(readPreferences(storage)).toEqual(DEFAULT_PREFERENCES);
  });
});

describe('drafts', () => {
  it('are kept a form each, until they are dropped', () => {
    const storage = memory();
    keepDraft(storage, 'ticket', { title: 'half' });
    keepDraft(storage, 'mold', [1]);
    expect(readDraft(storage, 'ticket')).toEqual({ title: 'half' });
    dropDraft(storage, 'ticket');
    expect(readDraft(storage, 'ticket')).toBeNull();
    expect(readDraft(storage, 'mold')).toEqual([1]);
  });

  it('are none where they cannot be read', () => {
    const storage = memory();
    storage.setItem('ruvek-draft-ticket', '{"title":');
    expect(readDraft(storage, 'ticket')).toBeNull();
  });
});
