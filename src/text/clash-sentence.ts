/**
 * Why two things must not lie in one drawer, and what to do.
 *
 * @example clashSentence('melts', 'Worms', 'Cranks') // 'Worms and Cranks: soft plastic melts …'
 */
export function clashSentence(why: string, a: string, b: string): string {
  switch (why) {
    case 'melts':
      return `${a} and ${b} melt each other where they touch. Put them into two drawers, each in its own bag.`;
    case 'lifts-paint':
      return `${a} and ${b}: soft plastic lifts paint. Put them into two drawers.`;
    case 'spoils-pour':
      return `${a} and ${b}: a crumb of zinc spoils the pour. Put them into two drawers, marked.`;
    case 'mixes-up':
      return `${a} and ${b}: a little lead, and lead-free metal is so no more and melts sooner. Put them into two drawers, marked.`;
    default:
      return `${a} and ${b} must be kept apart. Put them into two drawers.`;
  }
}
