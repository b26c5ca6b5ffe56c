import { countText } from '@/text/count-text';
import type { Evening, Leg } from '@/core/pours/lay-out-evening';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How an evening adds up, leg by leg, and what strays in it. */
export function eveningWorking(
  { legs, totalS, spreadS, refills }: Evening,
  nameOf: (moldId: string) => string,
): Working {
  const of = (kind: Leg['kind']) => legs.filter((leg) => leg.kind === kind);
  const took = (some: readonly Leg[]) => some.reduce((so, { startS, endS }) => so + endS - startS, 0);
  const pours = of('pours');
  const molds = [...new Set(pours.flatMap(({ moldId }) => moldId ?? []))];
  const steps = [
    `melting, the pot’s own heat too: ${minutesText(took(of('melt')))}`,
    `warming blocks, with the pours that only warm them: ${minutesText(took(of('warm-up')))}`,
    ...molds.map((moldId) => {
      const own = pours.filter((leg) => leg.moldId === moldId);
      return `${nameOf(moldId)}: ${countText(
        own.reduce((so, leg) => so + leg.pours, 0),
        'pour',
      )}, those for castings that fail too, ${minutesText(took(own))}`;
    }),
    ...(refills > 0 ? [`refills: ${refills}, ${minutesText(took(of('refill')))}`] : []),
    ...(of('rest').length > 0 ? [`rests: ${minutesText(took(of('rest')))}`] : []),
    `together ${minutesText(totalS)}`,
    spreadS === null
      ? 'how much evenings vary is not known until your own runs show your pace'
      : 'single pours, whole evenings and melts vary: their spreads are squared and added; twice the root holds 95 % of evenings',
  ];
  return {
    title: 'The evening',
    steps,
    inputs: [
      {
        name: 'seconds a pour',
        value: spreadS === null ? 'as set for the blocks' : 'the mean of your own runs, slow pours too',
        basis: spreadS === null ? 'given' : 'counted',
      },
    ],
  };
}
