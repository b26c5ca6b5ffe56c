/** A step of a card: one thing that the hands do. */
export interface CardStep {
  readonly id: string;
  readonly title: string;
  readonly how: string;
  /** So often, counted off; null where there is nothing to count. */
  readonly count: { readonly of: string; readonly times: number } | null;
  /** Glue that dries after it, min. */
  readonly dries: { readonly what: string; readonly minutes: number } | null;
  /** What goes wrong here, and how it is mended. */
  readonly mistakes: readonly string[];
}
