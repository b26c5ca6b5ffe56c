/** Steel and brass, soft plastic and rubber skirts: g/cm3. Source: common handbooks, ordinary grades. */
const PARTS = 7.9;
const SOFT = 1.1;

/**
 * How much water a bait displaces, cm3, from what its head, its small parts and what is soft on it weigh in g, and how dense
 * the metal of its head is.
 *
 * @example baitVolume({ headG: 14, headGcm3: 10.8, partsG: 4, softG: 3 }) // 4.53
 */
export function baitVolume({
  headG,
  headGcm3,
  partsG,
  softG,
}: {
  readonly headG: number;
  readonly headGcm3: number;
  readonly partsG: number;
  readonly softG: number;
}): number {
  return headG / headGcm3 + partsG / PARTS + softG / SOFT;
}
