import { demoBench } from '@/demo/demo-bench';
import { readBuildDraft, readRigDraft, readSkirtDraft } from './drafts';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));

/** A record as a form has it half made: without what it gets when it is kept. */
function halfMade<T extends { readonly version: number }>(record: T, without: readonly string[] = []) {
  const gone = ['id', 'version', 'createdAt', 'retired', ...without];
  const rest = Object.fromEntries(Object.entries(record).filter(([key]) => !gone.includes(key)));
  return { ...rest, from: record.version };
}

const drafts = [
  ['build', readBuildDraft, demo.builds.map((each) => halfMade(each, ['seenMs']))],
  ['rig', readRigDraft, demo.rigs.map((each) => halfMade(each))],
  ['skirt', readSkirtDraft, demo.skirts.map((each) => halfMade(each))],
] as const;

describe.each(drafts)('a %s half made', (_kind, read, all) => {
  it('is read as it was kept, named or not, kept before or not', () => {
    for (const draft of all) {
      const kept: unknown = JSON.parse(JSON.stringify(draft));
      expect(read(kept)).toEqual(kept);
      const fresh = { ...draft, name: '', family: null, from: null };
      expect(read(fresh)).toEqual(fresh);
    }
  });

  it('is none where something is missing, strange, or of another kind', () => {
    const [draft] = all;
    for (const kept of [null, 'half', [], {}, { ...draft, kind: 3, hold: 3 }, { ...draft, strange: 1 }]) {
      expect(read(kept)).toBeNull();
    }
  });
});
