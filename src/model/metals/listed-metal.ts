import type { HeadBin, MetalBin } from '@/records/bin';
import { pouredMetal } from '@/reference/poured-metal';
import { REFERENCE_METALS, UNPOURED_METALS } from '@/reference/metals';

/** What a metal is to those who heat, weigh and judge it, whether a lot of it lies here or not. */
export type KnownMetal = Pick<
  MetalBin,
  'id' | 'composition' | 'compositionBasis' | 'densityGcm3' | 'shrinkLinear'
>;

/** A metal of the list. */
interface ListedMetal extends KnownMetal {
  /** All solid below, C; null where heat harms it long before. */
  readonly solidusC: number | null;
  /** Cast hot; else it is bought as heads, or pressed cold with as much resin as its maker takes. */
  readonly isPoured: boolean;
}

const LISTED = 'listed:';

/**
 * By which id a head's metal is asked for: its lot or, where it was bought, the listed metal it is of. Null where nobody
 * said.
 *
 * @example metalIdOf(boughtTungstenHead) // 'listed:tungsten-sintered'
 */
export function metalIdOf({ metalBinId, bought }: Pick<HeadBin, 'metalBinId' | 'bought'>): string | null {
  if (metalBinId !== null) return metalBinId;
  return bought?.metal ? LISTED + bought.metal : null;
}

const poured = REFERENCE_METALS.map(({ key, composition, shrinkLinear, solidusC }): ListedMetal => ({
  id: LISTED + key,
  composition: { ...composition },
  compositionBasis: 'known',
  densityGcm3: pouredMetal(key).densityGcm3,
  shrinkLinear: shrinkLinear.value,
  solidusC: solidusC.value,
  isPoured: true,
}));

const unpoured = UNPOURED_METALS.map(({ key, composition, densityGcm3, solidusC }): ListedMetal => {
  const [low, high] = densityGcm3.value;
  return {
    id: LISTED + key,
    composition: { ...composition },
    compositionBasis: 'known',
    densityGcm3: (low + high) / 2,
    shrinkLinear: 0,
    solidusC: solidusC?.value ?? null,
    isPoured: false,
  };
});

const listed: ReadonlyMap<string, ListedMetal> = new Map(
  [...poured, ...unpoured].map((metal) => [metal.id, metal]),
);

/** The listed metal of a key; undefined where none is called so. */
export const listedByKey = (key: string): ListedMetal | undefined => listed.get(LISTED + key);

/** Every metal that a bought head can be of, by its key. */
export const HEAD_METALS: readonly { readonly key: string; readonly name: string }[] = [
  ...UNPOURED_METALS,
  ...REFERENCE_METALS,
].map(({ key, name }) => ({ key, name }));

/** The listed metal that a metal's id names; undefined where it names a lot. */
export const listedMetal = (id: string | null): ListedMetal | undefined =>
  id === null ? undefined : listed.get(id);
