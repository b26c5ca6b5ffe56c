export interface KitLine {
  readonly binId: string;
  readonly name: string;
  readonly place: string;
  readonly needed: number;
  readonly onHand: number;
  /** Where what is short of it is made; absent where it is bought or poured. */
  readonly madeAt?: { readonly href: string; readonly says: string };
}
