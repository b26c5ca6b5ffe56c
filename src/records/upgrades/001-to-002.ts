import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

function upgradeCavity(old: OldRecord, moldId: unknown, index: number): OldRecord {
  const { pinCm3, ...kept } = old;
  const inserts =
    typeof pinCm3 === 'number' && pinCm3 > 0
      ? [{ name: 'Pin', count: 1, massG: 0, volumeCm3: pinCm3, embeddedShare: 1, removed: true }]
      : [];
  return {
    id: `${String(moldId)}-c${index + 1}`,
    ...kept,
    inserts,
    hookNotes: {},
    outline: null,
    spot: null,
  };
}

/**
 * Cavities get a name of their own, so that weighings stay with them; a pin becomes one of any inserts; discs keep
 * their settings; lots keep a price and whether their composition is known; the bench keeps a timed freezing.
 */
export const firstToSecond: BenchUpgrade = {
  from: 1,
  newTables: ['weighings', 'melts', 'rules'],
  record: (table, old) => {
    if (table === 'bench') return { ...old, freezeTrial: null };
    if (table === 'bins' && old.kind === 'metal') {
      const compositionBasis = old.densityBasis === 'guess' ? 'guess' : 'known';
      return { ...old, costPerKg: null, compositionBasis };
    }
    if (table === 'molds') {
      const cavities = Array.isArray(old.cavities) ? (old.cavities as unknown[]) : [];
      return {
        ...old,
        spin: null,
        cavities: cavities.map((cavity, index) =>
          isRecord(cavity) ? upgradeCavity(cavity, old.id, index) : cavity,
        ),
      };
    }
    return old;
  },
};
