export type CavityState = 'idle' | 'lit' | 'empty' | 'misfilled' | 'full';

export interface CavityMark {
  /** Written in the head: its weight. */
  readonly mark: string;
  readonly state: CavityState;
  /** Written under it: the hook, or how many of how many. */
  readonly foot?: string;
  /** A hot flag under it: how many are asked. */
  readonly flag?: string;
  /** What a tap means, for those who hear the page. */
  readonly name: string;
}
