import type { BuildRecord } from '@/records/build';
import type { BuildDraft } from '@/model/baits/build-draft';
import type { BuildLike } from '@/model/baits/bait-facts';

/** A draft as the sums take it. */
export function asRecord(draft: BuildDraft): BuildLike & Pick<BuildRecord, 'seenMs'> {
  return { ...draft, seenMs: null };
}
