import { z } from 'zod';
import { benchFile } from '@/records/bench-file';

/**
 * The form of a saved bench as JSON Schema (2020-12), so that others can read and write it.
 *
 * @example benchSchema().title // 'A saved bench, version 9'
 */
export function benchSchema(): Readonly<Record<string, unknown>> {
  const schema = z.toJSONSchema(benchFile, { unrepresentable: 'any' });
  return { ...schema, title: `A saved bench, version ${benchFile.shape.version.value}` };
}
