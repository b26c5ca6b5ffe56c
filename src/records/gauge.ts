import { z } from 'zod';
import { positive } from './fields';
import { BLADE_FORM_IDS } from '@/core/builds/blades/definition';
import {
  BENDS,
  findRole,
  LINE_FORMS,
  PART_ROLE_IDS,
  PLASTICS,
  SIZE_IDS,
  TRAILER_SHAPES,
} from '@/core/parts/part-roles';

/** A part as it was measured. Sizes in mm, degrees or pieces, as the role says. */
export const gauge = z
  .strictObject({
    as: z.enum(PART_ROLE_IDS),
    sizes: z.partialRecord(z.enum(SIZE_IDS), positive(500)),
    form: z.enum(BLADE_FORM_IDS).nullable(),
    plastic: z.enum(PLASTICS).nullable(),
    shape: z.enum(TRAILER_SHAPES).nullable(),
    bend: z.enum(BENDS).nullable(),
    line: z.enum(LINE_FORMS).nullable(),
    basis: z.enum(['measured', 'guess']),
  })
  .refine(({ as, form }) => (as === 'blade') === (form !== null), {
    path: ['form'],
    error: 'a blade has a form, and nothing else has one',
  })
  .refine(({ as, shape }) => as === 'trailer' || shape === null, {
    path: ['shape'],
    error: 'a trailer has a shape, and nothing else has one',
  })
  .refine(({ as, bend }) => (as === 'frame') === (bend !== null), {
    path: ['bend'],
    error: 'a wire has a bend, and nothing else has one',
  })
  .refine(({ as, line }) => (as === 'line') === (line !== null), {
    path: ['line'],
    error: 'a line says what it is made of, and nothing else does',
  })
  .refine(({ as, sizes }) => findRole(as).sizes.every(({ id, most }) => (sizes[id] ?? 0) <= most), {
    path: ['sizes'],
    error: 'a size is larger than such a part can be',
  });

export type Gauge = z.infer<typeof gauge>;
