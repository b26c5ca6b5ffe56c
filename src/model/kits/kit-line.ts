export interface KitLine {
  readonly binId: string;
  readonly name: string;
  readonly place: string;
  readonly needed: number;
  readonly onHand: number;
}
