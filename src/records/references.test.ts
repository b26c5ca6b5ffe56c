import { z } from 'zod';
import { ref } from './fields';
import { namedAt, referencesIn } from './references';
import { ALL_TABLES } from './bench-file';

const schema = z.strictObject({
  id: z.string(),
  lines: z.array(z.strictObject({ binId: ref('bins'), coatId: ref('coats').nullable() })),
  base: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('powder'), powderBinId: ref('bins') }),
    z.strictObject({ kind: z.literal('air'), paint: z.string() }),
  ]),
});

describe('referencesIn', () => {
  it('finds what a schema names, in lists, choices and where it may be missing', () => {
    expect(referencesIn(schema)).toEqual([
      { path: ['lines', '*', 'binId'], table: 'bins' },
      { path: ['lines', '*', 'coatId'], table: 'coats' },
      { path: ['base', 'powderBinId'], table: 'bins' },
    ]);
    expect(referencesIn(z.string())).toEqual([]);
  });

  it('names tables that there are, in every table of the bench', () => {
    for (const { schema: of } of Object.values(ALL_TABLES)) {
      for (const { table } of referencesIn(of)) expect(Object.keys(ALL_TABLES)).toContain(table);
    }
  });
});

describe('namedAt', () => {
  it('reads the ids that stand there, and says where', () => {
    const record = {
      lines: [
        { binId: 'a', coatId: null },
        { binId: 'b', coatId: 'c' },
      ],
      base: { kind: 'air' },
    };
    expect(namedAt(record, ['lines', '*', 'binId'])).toEqual([
      { where: 'lines.0.binId', id: 'a' },
      { where: 'lines.1.binId', id: 'b' },
    ]);
    expect(namedAt(record, ['lines', '*', 'coatId'])).toEqual([{ where: 'lines.1.coatId', id: 'c' }]);
    expect(namedAt(record, ['base', 'powderBinId'])).toEqual([]);
  });
});
