/** How strongly a usual month is believed in, in takings. */
const USUAL_TAKINGS = 6;
const MONTHS = 12;

/**
 * How busy each month of the year is beside a usual one, from all takings of the bench together: 1 where a month was
 * never watched. Months with few takings are drawn toward the usual.
 *
 * @param takings the month, 0..11, of every taking
 * @param watchedDays how many days of each month were watched
 * @example learnSeason(months, watched)[3] // 1.6: April is busy
 */
export function learnSeason(takings: readonly number[], watchedDays: readonly number[]): number[] {
  const days = watchedDays.reduce((so, each) => so + each, 0);
  const perDay = days > 0 ? takings.length / days : 0;
  return Array.from({ length: MONTHS }, (_, month) => {
    const usual = perDay * (watchedDays[month] ?? 0);
    const seen = takings.filter((each) => each === month).length;
    return usual > 0 ? (seen + USUAL_TAKINGS) / (usual + USUAL_TAKINGS) : 1;
  });
}
