/** A block of the bench as a section that guides how hot the pot is kept. */
export interface Section {
  readonly id: string;
  readonly name: string;
  /** Volume over area of the thinnest casting, mm. */
  readonly modulusMm: number;
}
