export interface StlOptions {
  /** Told now and then how much is read, 0..1. */
  readonly onProgress?: (share: number) => void;
}
