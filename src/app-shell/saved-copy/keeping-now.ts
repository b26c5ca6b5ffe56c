import type { CopyKeeping } from './copy-keeping';

let keeping: Promise<CopyKeeping> | null = null;

/** What keeps the copies of this page's bench, begun when it is first asked for: the page is drawn before. */
export function keepingNow(now: () => number): Promise<CopyKeeping> {
  keeping ??= import('./copy-keeping').then(async (part) => {
    const begun = new part.CopyKeeping(now);
    await begun.start();
    return begun;
  });
  return keeping;
}
