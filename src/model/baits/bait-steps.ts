import { armLength, frameSizes } from '@/core/builds/build';
import type { BaitFacts } from '@/core/builds/kinds/definition';
import { findKind } from '@/core/builds/kinds/index';
import type { CardStep } from '@/core/card-runs/card-step';
import { lengthText } from '@/text/words';
import type { BenchFacts } from '../bench/bench-facts';
import { versionText } from '../versions/version-text';
import { buildOf, type BuildLike } from './bait-facts';

/** What the steps of its kind speak of. */
function stepFacts(record: BuildLike, view: BenchFacts, length: 'mm' | 'in'): BaitFacts {
  const build = buildOf(record, view);
  const skirt = record.skirtId === null ? null : (view.skirtById.get(record.skirtId) ?? null);
  const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);
  const { hanger, blade } = build.end;
  return {
    arm: build.arm.map(({ part, blade: hung }) =>
      hung ? `${lower(part.name)} with ${lower(hung.name)}` : lower(part.name),
    ),
    end: hanger ? `${lower(hanger.name)}${blade ? ` with ${lower(blade.name)}` : ''}` : null,
    slots: Object.fromEntries(build.slots.map(({ slot, part }) => [slot, lower(part.name)])),
    cuts: Object.fromEntries(
      record.slots.flatMap(({ slot, cutMm }) =>
        cutMm === undefined ? [] : [[slot, lengthText(cutMm, length)]],
      ),
    ),
    skirt: skirt ? versionText(skirt) : null,
    head: record.head ? 'the head' : null,
    isShortened: build.armMm !== null && armLength(build) < frameSizes(build).upperMm,
    plate: {
      isFlat: build.slots.find(({ slot }) => slot === 'plate')?.part.gauge.form === 'plate',
      drilled: (record.pattern?.holes ?? []).filter(({ is }) => is !== 'punched').length,
    },
  };
}

/** How long a dipped tail hangs, min. */
const DIP_DRIES_MIN = 10;

/** The last of all: what is dipped is finished. */
const dipStep = (says: string): CardStep => ({
  id: 'dip',
  title: `Dip the tail in ${says}`,
  how: 'A breath, no longer; let it drip, and hang it apart until it is dry. Dye stains skin, boats and other plastics: gloves.',
  count: null,
  dries: { what: says, minutes: DIP_DRIES_MIN },
  mistakes: ['Left in too long it goes through: dip shorter, and again if need be.'],
});

/** The steps of a build's card. */
export function stepsOf(record: BuildLike, view: BenchFacts, length: 'mm' | 'in' = 'mm') {
  const steps = findKind(record.kind).steps(stepFacts(record, view, length));
  return record.dip ? [...steps, dipStep(record.dip.says.trim() || 'its dye')] : steps;
}
