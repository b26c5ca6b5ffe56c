/** How much lighter or heavier by a share: `5 % lighter`; null where it is not worth a word. */
export function offBy(share: number): string | null {
  const percent = Math.round(Math.abs(share) * 100);
  return percent === 0 ? null : `${percent} % ${share < 0 ? 'lighter' : 'heavier'}`;
}
