import { dropDraft, keepDraft, readDraft } from './drafts';
import { keepApp, readKeptApp } from './kept-app';
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

  it('go on in pounds and feet where only inches were kept', () => {
    const storage = memory();
    storage.setItem(PREFERENCES_KEY, '{"mass":"oz","length":"in","temperature":"C","speed":"mph"}');
    expect(readPreferences(storage)).toMatchObject({
      mass: 'oz',
      length: 'in',
      temperature: 'C',
      strength: 'lb',
      volume: 'fl oz',
      speed: 'mph',
      depth: 'ft',
    });
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

describe('the kept app', () => {
  const keeper = (registration: object | undefined) => {
    const asked: unknown[][] = [];
    const register = async (...args: unknown[]) => {
      asked.push(args);
      return registration;
    };
    const container = { register, getRegistration: async () => registration };
    return { asked, container: container as unknown as ServiceWorkerContainer };
  };

  it('is asked for past any cache, and not at all where nothing keeps apps', async () => {
    const { asked, container } = keeper({});
    await keepApp(container);
    expect(asked).toEqual([['/offline-worker.js', { updateViaCache: 'none' }]]);
    await expect(keepApp(undefined)).resolves.toBeUndefined();
  });

  it.each([
    [undefined, 'none'],
    [{ installing: {}, waiting: null, active: null }, 'being-kept'],
    [{ installing: null, waiting: null, active: {} }, 'kept'],
    [{ installing: {}, waiting: null, active: {} }, 'kept'],
    [{ installing: null, waiting: {}, active: {} }, 'newer'],
  ] as const)('reads %j as %s', async (registration, kept) => {
    expect(await readKeptApp(keeper(registration).container)).toBe(kept);
  });

  it('is none where the browser has no keeper', async () => {
    expect(await readKeptApp(undefined)).toBe('none');
  });
});
