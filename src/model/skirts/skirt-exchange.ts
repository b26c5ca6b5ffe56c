import type { NewBin } from '@/records/plain-bin';
import type { NewSkirt } from '@/records/skirt';
import type { StrandBin } from '@/records/bin';
import type { Skirt } from '@/records/skirt';
import { writeSkirtFile, type SkirtFile } from '@/records/skirt-file';
import { materialOf } from './skirt-facts';
import type { BenchView } from '../bench/bench-view';

type FileMaterial = SkirtFile['materials'][number];

function describe(bin: StrandBin): FileMaterial {
  const { name, form, hex, flakes, translucency, strandWidthMm, strandsPerTab, longMm } = bin;
  return { name, form, hex, flakes, translucency, strandWidthMm, strandsPerTab, longMm };
}

const key = (material: FileMaterial) => JSON.stringify(material);

/** A recipe as a file: its layers, and what they are made of described. */
export function exportSkirt(skirt: Skirt, view: BenchView): string {
  const materials: FileMaterial[] = [];
  const layers = skirt.layers.flatMap((layer) => {
    const bin = materialOf(layer, view);
    if (!bin) return [];
    const described = describe(bin);
    let material = materials.findIndex((each) => key(each) === key(described));
    if (material < 0) material = materials.push(described) - 1;
    const { amount, place, lengthMm, isShort, isForward } = layer;
    return [{ material, amount, place, lengthMm, isShort, isForward }];
  });
  const nameOf = (binId: string | null) => (binId === null ? null : (view.binById.get(binId)?.name ?? null));
  const { name, prey, note, hold, counts, collar, thread, also = [], wrap, tails, shownOn } = skirt;
  const threadName = nameOf(thread?.binId ?? null);
  return writeSkirtFile({
    name,
    prey,
    note,
    materials,
    layers,
    hold,
    counts,
    collar: {
      name: nameOf(collar.binId),
      diameterMm: collar.diameterMm,
      atShare: collar.atShare,
      headSideMm: collar.headSideMm,
    },
    ...(thread && threadName !== null ? { thread: { name: threadName, cutMm: thread.cutMm } } : {}),
    ...(also.length > 0
      ? {
          also: also.flatMap(({ binId, qty }) => {
            const called = nameOf(binId);
            return called === null ? [] : [{ name: called, qty }];
          }),
        }
      : {}),
    wrap,
    // What they are cut from is of this bench alone.
    tails: tails.map(({ angleDeg, massG, legs }) =>
      legs === undefined ? { angleDeg, massG } : { angleDeg, massG, legs },
    ),
    shownOn: {
      style: shownOn.style,
      nominalG: shownOn.nominalG,
      hook: nameOf(shownOn.hookBinId),
      color: view.coatById.get(shownOn.coatId ?? '')?.name ?? null,
      guard: nameOf(shownOn.guardBinId),
      rattle: nameOf(shownOn.rattleBinId),
      trailer: nameOf(shownOn.trailerBinId),
    },
  });
}

/** What of a file's recipe this bench has and has not. */
export interface SkirtImport {
  readonly file: SkirtFile;
  /** The bin of each of its materials; null where a new one has to be put down, empty. */
  readonly bins: readonly (StrandBin | null)[];
  /** Collar, hook and trimmings that the bench does not know: left off. */
  readonly unknown: readonly string[];
}

/** Looks up what a file's recipe is made of on this bench. A material is the same only if all it says is. */
export function planImport(file: SkirtFile, view: BenchView): SkirtImport {
  const named = [
    file.collar.name,
    file.thread?.name ?? null,
    ...(file.also ?? []).map(({ name }) => name),
    file.shownOn.hook,
    file.shownOn.guard,
    file.shownOn.rattle,
    file.shownOn.trailer,
  ].flatMap((name) => (name === null || binNamed(name, view) ? [] : [name]));
  const { color } = file.shownOn;
  return {
    file,
    bins: file.materials.map(
      (material) =>
        view.bins.find(
          (bin): bin is StrandBin => bin.kind === 'strand' && key(describe(bin)) === key(material),
        ) ?? null,
    ),
    unknown: [...named, ...(color !== null && !coatNamed(color, view) ? [color] : [])],
  };
}

/** A bin for a material that the bench has not: empty, named as the file has it. */
export function binFor(material: FileMaterial): NewBin {
  return {
    ...material,
    kind: 'strand',
    unit: material.form === 'hair' ? 'g' : 'pieces',
    place: '',
    lowAt: null,
    note: 'Came with a recipe',
    massG: null,
    costEach: null,
  };
}

/** The recipe of a file, once every material of it has a bin. */
export function importedRecipe(
  { file }: Pick<SkirtImport, 'file'>,
  binIds: readonly string[],
  view: BenchView,
  newId: () => string,
): NewSkirt {
  const { collar, thread, shownOn, layers } = file;
  const also = (file.also ?? []).flatMap(({ name, qty }) => {
    const binId = binNamed(name, view)?.id;
    return binId === undefined ? [] : [{ binId, qty }];
  });
  const idOf = (name: string | null) => (name === null ? null : (binNamed(name, view)?.id ?? null));
  const threadId = idOf(thread?.name ?? null);
  return {
    family: null,
    ...(thread && threadId !== null ? { thread: { binId: threadId, cutMm: thread.cutMm } } : {}),
    ...(also.length > 0 ? { also } : {}),
    name: file.name,
    prey: file.prey,
    note: file.note,
    layers: layers.map(({ material, ...layer }) => ({
      ...layer,
      id: newId(),
      binId: binIds[material] ?? '',
    })),
    hold: file.hold,
    counts: file.counts,
    collar: {
      binId: idOf(collar.name),
      diameterMm: collar.diameterMm,
      atShare: collar.atShare,
      headSideMm: collar.headSideMm,
    },
    wrap: file.wrap,
    tails: file.tails,
    shownOn: {
      style: shownOn.style,
      nominalG: shownOn.nominalG,
      hookBinId: idOf(shownOn.hook),
      coatId: shownOn.color === null ? null : (coatNamed(shownOn.color, view)?.id ?? null),
      guardBinId: idOf(shownOn.guard),
      rattleBinId: idOf(shownOn.rattle),
      trailerBinId: idOf(shownOn.trailer),
    },
  };
}

function binNamed(name: string, view: BenchView) {
  return view.bins.find((bin) => bin.name === name);
}

function coatNamed(name: string, view: BenchView) {
  return view.coats.find((coat) => coat.name === name);
}
