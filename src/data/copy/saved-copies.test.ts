import { memoryFolder } from '../../../tests/support/memory-folder';
import { demoBench } from '@/demo/demo-bench';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  EMPTY_CONTENTS,
  type BenchContents,
} from '@/records/bench-file';
import { packText, unpackText } from './pack';
import { newestCopy, saveCopy as save } from './saved-copies';
import type { CopyFolder } from './folder';

const DAY = 86_400_000;
const AT = Date.UTC(2026, 10, 24, 8);
const demo = demoBench(AT);
const file = (savedAt: number, contents: BenchContents = demo) =>
  ({ format: BENCH_FILE_FORMAT, version: BENCH_FILE_VERSION, savedAt, contents }) as const;
const NEWEST = 'ruvek-bench.json.gz';
/** As a page does that was just opened, and remembers nothing. */
const saveCopy = (folder: CopyFolder, bench: ReturnType<typeof file>, device: string | null = null) =>
  save(folder, bench, { device, last: null });

/** The same bench with one more doing in its history. */
function after(contents: BenchContents, id: string): BenchContents {
  const last = contents.acts.at(-1);
  const act = {
    id,
    no: (last?.no ?? 0) + 1,
    at: AT,
    deed: { code: 'shelf.taken' as const, facts: {} },
    changes: [],
    undoes: null,
  };
  return { ...contents, acts: [...contents.acts, act] };
}

describe('packText', () => {
  it('keeps what is short as it is, packs what is long, and gives both back', async () => {
    const long = JSON.stringify(demo);
    expect(new TextDecoder().decode(await packText('{"Köder":1}'))).toBe('{"Köder":1}');
    const packed = await packText(long);
    expect(packed.byteLength).toBeLessThan(long.length / 4);
    expect(await unpackText(packed)).toBe(long);
    await expect(unpackText(packed.slice(0, packed.byteLength - 20))).rejects.toThrow();
  });
});

describe('saveCopy', () => {
  it('keeps the newest, and sets the one before aside once a day', async () => {
    const folder = memoryFolder();
    expect(await saveCopy(folder, file(AT))).toMatchObject({ is: 'saved', at: AT });
    await saveCopy(folder, file(AT + 60_000, after(demo, 'one')));
    expect([...folder.files.keys()]).toEqual([NEWEST]);
    await saveCopy(folder, file(AT + DAY, after(after(demo, 'one'), 'two')));
    expect([...folder.files.keys()].sort()).toEqual([NEWEST, 'ruvek-bench_2026-11-24_080100.json.gz']);
    expect((await newestCopy(folder))?.file.savedAt).toBe(AT + DAY);
  });

  it('remembers what it saved, and does as if it read it', async () => {
    const [folder, other] = [memoryFolder(), memoryFolder()];
    const saving = { device: null, last: null };
    const benches = [
      file(AT),
      file(AT + 1000, after(demo, 'one')),
      file(AT + DAY, after(after(demo, 'one'), 'two')),
      file(AT + DAY + 1000, after(demo, 'another')),
    ];
    for (const bench of benches) {
      await save(folder, bench, saving);
      await saveCopy(other, bench);
    }
    expect([...folder.files]).toEqual([...other.files]);
  });

  it('keeps devices that write to one folder apart, and offers the newest of all', async () => {
    const folder = memoryFolder();
    await saveCopy(folder, file(AT, after(demo, 'vise')), 'vise-a1');
    await saveCopy(folder, file(AT + 1000, after(demo, 'phone')), 'phone-b2');
    await saveCopy(folder, file(AT + 2000, after(after(demo, 'vise'), 'more')), 'vise-a1');
    expect([...folder.files.keys()].sort()).toEqual([
      'ruvek-bench.phone-b2.json.gz',
      'ruvek-bench.vise-a1.json.gz',
    ]);
    expect((await newestCopy(folder))?.file.savedAt).toBe(AT + 2000);
  });

  it('sets aside what another bench would push out, and writes no bare one', async () => {
    const folder = memoryFolder();
    await saveCopy(folder, file(AT, after(demo, 'mine')));
    expect(await saveCopy(folder, file(AT + 1000, EMPTY_CONTENTS))).toEqual({ is: 'bare' });
    expect((await newestCopy(folder))?.file.savedAt).toBe(AT);
    await saveCopy(folder, file(AT + 2000, after(demo, 'another')));
    expect([...folder.files.keys()]).toHaveLength(2);
  });

  it('leaves the last whole copy where a writing breaks off, and falls back on one set aside', async () => {
    const folder = memoryFolder();
    await saveCopy(folder, file(AT));
    folder.breakAfter = 100;
    await expect(saveCopy(folder, file(AT + 5000, after(demo, 'one')))).rejects.toThrow('The room is full');
    expect((await newestCopy(folder))?.file.savedAt).toBe(AT);
    await saveCopy(folder, file(AT + DAY, after(demo, 'one')));
    folder.files.set(NEWEST, folder.files.get(NEWEST)!.slice(0, 500));
    expect((await newestCopy(folder))?.file.savedAt).toBe(AT);
    folder.files.clear();
    expect(await newestCopy(folder)).toBeNull();
  });

  it('does not count what does not read back', async () => {
    const folder = memoryFolder();
    const forgetful = {
      ...folder,
      write: (name: string, bytes: Uint8Array<ArrayBuffer>) => folder.write(name, bytes.slice(0, 900)),
    };
    expect(await saveCopy(forgetful, file(AT))).toEqual({ is: 'unsound' });
  });
});
