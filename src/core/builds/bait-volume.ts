/** Lead and its like, steel and brass, soft plastic, rubber skirts: g/cm3. */
const METAL = 10.8;
const PARTS = 7.9;
const SOFT = 1.1;

/**
 * How much water a bait displaces, cm3, from what its head, its small parts and what is soft on it weigh in g.
 *
 * @example baitVolume(14, 4, 3) // 4.53
 */
export function baitVolume(headG: number, partsG: number, softG: number): number {
  return headG / METAL + partsG / PARTS + softG / SOFT;
}
