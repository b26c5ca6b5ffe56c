import { join } from 'node:path';
import { ESLint } from 'eslint';

const ROOT = join(__dirname, '..');
const eslint = new ESLint({ cwd: ROOT });

/** What the lint says of a line of code if it stood in that file. */
async function complaints(file: string, code: string): Promise<string[]> {
  const [result] = await eslint.lintText(`${code}\n`, { filePath: join(ROOT, file) });
  return result!.messages.map((message) => message.ruleId ?? message.message);
}

const IMPORTS = '@typescript-eslint/no-restricted-imports';

describe('the rooms', () => {
  it.each([
    ['src/core/units/hook-rank.ts', "import '@/reference/elements';"],
    ['src/core/units/hook-rank.ts', "import 'react';"],
    ['src/core/units/hook-rank.ts', "import 'zod';"],
    ['src/core/units/hook-rank.ts', "import 'node:fs';"],
    ['src/core/units/hook-rank.ts', "import '../../data/store';"],
    ['src/calculations/fields.ts', "import '@/records/bin';"],
    ['src/records/bin.ts', "import '@/data/store';"],
    ['src/records/bin.ts', "import 'dexie';"],
    ['src/data/store.ts', "import '@/stations/shared';"],
    ['src/data/store.ts', "import 'antd';"],
    ['src/drawing/torn-edge.ts', "import 'react';"],
    ['src/messages/sentence.ts', "import '@/records/bin';"],
    ['src/ui/use-width.ts', "import '@/data/store';"],
    ['src/stations/pour/Pot.tsx', "import '@/demo/demo-bench';"],
    ['src/stations/pour/Pot.tsx', "import '../molds/cavity-facts';"],
    ['src/stations/pour/Pot.tsx', "import '../molds';"],
    ['src/stations/pour/Pot.tsx', "import '../shared/words';"],
    ['src/stations/pour/Pot.tsx', "import '@/stations/molds';"],
    ['src/stations/pour/Pot.tsx', "import 'dexie';"],
    ['src/app/look.tsx', "import '@/stations/pour/Pot';"],
  ])('%s may not: %s', async (file, code) => {
    expect(await complaints(file, code)).toContain(IMPORTS);
  });

  it.each([
    ['src/core/units/hook-rank.ts', "import '../numeric/sum';"],
    ['src/calculations/fields.ts', "import '@/core/numeric/sum';"],
    ['src/stations/pour/Pot.tsx', "import '../shared';"],
    ['src/stations/pour/Pot.tsx', "import '@/ui/figure/Figure';"],
    ['src/app/look.tsx', "import '@/stations/pour';"],
  ])('%s may: %s', async (file, code) => {
    expect(await complaints(file, code)).not.toContain(IMPORTS);
  });

  it('keep time, chance and the page out of what computes', async () => {
    const file = 'src/core/units/hook-rank.ts';
    expect(await complaints(file, 'export const at = Date.now();')).toContain('no-restricted-properties');
    expect(await complaints(file, 'export const luck = Math.random();')).toContain(
      'no-restricted-properties',
    );
    expect(await complaints(file, 'export const page = document.title;')).toContain('no-restricted-globals');
  });

  it('have no circles', async () => {
    // head-key is imported by lay-out-session: the other way round would close a circle.
    expect(
      await complaints('src/core/tickets/head-key.ts', "export { layOutSession } from './lay-out-session';"),
    ).toContain('import/no-cycle');
  });
});
