import { z } from 'zod';
import { HOLD_IDS } from '@/core/skirts/holds';
import type { FileProblem } from '@/core/problems/bench-problem';
import { colorHex, positive, share } from './fields';
import {
  collarShape,
  holdCounts,
  layerShape,
  MOST_ALSO,
  MOST_LAYERS,
  mostEach,
  sheetWrap,
  tailShape,
} from './skirt';

export const SKIRT_FILE_FORMAT = 'ruvek-skirt';
const SKIRT_FILE_VERSION = 1;
/** Forty layers of many materials come to a tenth of this. */
export const LARGEST_SKIRT_BYTES = 256 * 1024;

/** Names come from other people's files: words, no markup and nothing unseen. */
const plain = (most: number, least = 0) =>
  z
    .string()
    .min(least)
    .max(most)
    .refine((text) => !/[<>]/.test(text), 'may not hold < or >')

    .refine(
      (text) => !/[\u0000-\u0008\u000b-\u001f\u007f\u202a-\u202e\u2066-\u2069]/.test(text),
      'holds unseen characters',
    );

const material = z.strictObject({
  name: plain(120, 1),
  form: z.enum(['tab', 'hair', 'fur', 'sheet']),
  hex: colorHex,
  flakes: z.array(z.strictObject({ hex: colorHex, sizeMm: positive(5) })).max(3),
  translucency: share,
  strandWidthMm: positive(20),
  strandsPerTab: z.int().min(1).max(2000).nullable(),
  longMm: positive(2000),
});

/** A recipe by itself: what it is made of is described, so that any bench can read it. */
const skirtFile = z.strictObject({
  format: z.literal(SKIRT_FILE_FORMAT),
  version: z.literal(SKIRT_FILE_VERSION),
  name: plain(120, 1),
  prey: plain(120),
  note: plain(2000),
  materials: z.array(material).min(1).max(MOST_LAYERS),
  layers: z
    .array(z.strictObject({ /** Of `materials`, from 0. */ material: z.int().min(0), ...layerShape }))
    .min(1)
    .max(MOST_LAYERS),
  hold: z.enum(HOLD_IDS),
  counts: holdCounts,
  collar: z.strictObject({ name: plain(120).nullable(), ...collarShape }),
  thread: z.strictObject({ name: plain(120, 1), cutMm: positive(10_000) }).optional(),
  also: z
    .array(z.strictObject({ name: plain(120, 1), qty: mostEach }))
    .max(MOST_ALSO)
    .optional(),
  wrap: sheetWrap.nullable(),
  tails: z.array(z.strictObject(tailShape)).max(24),
  shownOn: z.strictObject({
    style: plain(40, 1),
    nominalG: positive(5000),
    /** By name, where the bench has one of that name. */
    hook: plain(120).nullable(),
    color: plain(120).nullable(),
    guard: plain(120).nullable(),
    rattle: plain(120).nullable(),
    trailer: plain(120).nullable(),
  }),
});

export type SkirtFile = z.infer<typeof skirtFile>;

export type SkirtFileReading =
  | { readonly ok: true; readonly file: SkirtFile }
  | { readonly ok: false; readonly problem: FileProblem };

/**
 * Reads the text of a saved recipe. Nothing is let through that a recipe could not hold: wrong form, markup in a name,
 * more layers than a skirt has, numbers out of all measure.
 *
 * @example readSkirtFile('{}') // { ok: false, problem: { code: 'file.foreign' } }
 */
export function readSkirtFile(text: string): SkirtFileReading {
  const refuse = (problem: FileProblem): SkirtFileReading => ({ ok: false, problem });
  if (text.length > LARGEST_SKIRT_BYTES) {
    return refuse({ code: 'file.too-large', bytes: text.length, most: LARGEST_SKIRT_BYTES });
  }
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refuse({ code: 'file.not-json' });
  }
  const head = z.object({ format: z.literal(SKIRT_FILE_FORMAT), version: z.int().min(1) }).safeParse(raw);
  if (!head.success) return refuse({ code: 'file.foreign' });
  if (head.data.version > SKIRT_FILE_VERSION) {
    return refuse({ code: 'file.newer', version: head.data.version, known: SKIRT_FILE_VERSION });
  }
  const parsed = skirtFile.safeParse(raw);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return refuse({ code: 'file.damaged', where: issue?.path.join('.') ?? '', why: issue?.message ?? '' });
  }
  const beyond = parsed.data.layers.findIndex((layer) => layer.material >= parsed.data.materials.length);
  return beyond < 0
    ? { ok: true, file: parsed.data }
    : refuse({
        code: 'file.damaged',
        where: `layers.${beyond}.material`,
        why: `there is no material ${parsed.data.layers[beyond]?.material}`,
      });
}

/** The file of a recipe, as it is written. */
export function writeSkirtFile(file: Omit<SkirtFile, 'format' | 'version'>): string {
  return `${JSON.stringify({ format: SKIRT_FILE_FORMAT, version: SKIRT_FILE_VERSION, ...file }, null, 2)}\n`;
}
