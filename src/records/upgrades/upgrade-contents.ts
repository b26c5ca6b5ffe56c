import { firstToSecond } from './001-to-002';
import { secondToThird } from './002-to-003';
import { thirdToFourth } from './003-to-004';
import { fourthToFifth } from './004-to-005';
import { fifthToSixth } from './005-to-006';
import { sixthToSeventh } from './006-to-007';
import { seventhToEighth } from './007-to-008';
import { eighthToNinth } from './008-to-009';
import { ninthToTenth } from './009-to-010';
import { tenthToEleventh } from './010-to-011';
import { eleventhToTwelfth } from './011-to-012';
import { twelfthToThirteenth } from './012-to-013';
import { thirteenthToFourteenth } from './013-to-014';
import { fourteenthToFifteenth } from './014-to-015';
import { fifteenthToSixteenth } from './015-to-016';
import { sixteenthToSeventeenth } from './016-to-017';
import { seventeenthToEighteenth } from './017-to-018';
import { eighteenthToNineteenth } from './018-to-019';
import { nineteenthToTwentieth } from './019-to-020';
import { twentiethToTwentyFirst } from './020-to-021';
import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

/** Every step, oldest first: a file's version is one more than there are steps. */
export const UPGRADES: readonly BenchUpgrade[] = [
  firstToSecond,
  secondToThird,
  thirdToFourth,
  fourthToFifth,
  fifthToSixth,
  sixthToSeventh,
  seventhToEighth,
  eighthToNinth,
  ninthToTenth,
  tenthToEleventh,
  eleventhToTwelfth,
  twelfthToThirteenth,
  thirteenthToFourteenth,
  fourteenthToFifteenth,
  fifteenthToSixteenth,
  sixteenthToSeventeenth,
  seventeenthToEighteenth,
  eighteenthToNineteenth,
  nineteenthToTwentieth,
  twentiethToTwentyFirst,
];

/**
 * One act of the history in the new form: the records it kept from before and after are brought up too, so that
 * what was done under the old version can still be taken back.
 *
 * @example upgradeAct(firstToSecond, act).changes // records as version 2 keeps them
 */
export function upgradeHistoryEntry(step: BenchUpgrade, act: OldRecord): OldRecord {
  if (!Array.isArray(act.changes)) return act;
  const changes = (act.changes as unknown[]).map((change) => {
    if (!isRecord(change) || typeof change.table !== 'string') return change;
    const { table } = change;
    const up = (record: unknown) => (isRecord(record) ? step.record(table, record) : record);
    return { ...change, before: up(change.before), after: up(change.after) };
  });
  return { ...(step.act?.(act) ?? act), changes };
}

/**
 * A whole bench as an older version kept it, brought up by one step. What is no list of records is left for the
 * schema to name.
 *
 * @example applyUpgrade(firstToSecond, { molds: [], ... }).weighings // []
 */
export function applyUpgrade(step: BenchUpgrade, contents: OldRecord): OldRecord {
  const tables = Object.entries(contents).map(([table, records]) => {
    if (!Array.isArray(records)) return [table, records] as const;
    const up = (record: OldRecord) =>
      table === 'acts' ? upgradeHistoryEntry(step, record) : step.record(table, record);
    return [table, (records as unknown[]).map((record) => (isRecord(record) ? up(record) : record))] as const;
  });
  return { ...Object.fromEntries(tables), ...Object.fromEntries(step.newTables.map((table) => [table, []])) };
}

/**
 * The contents of a bench kept by `version`, as the newest version keeps them.
 *
 * @example upgradeContents(1, contents) // contents of version 2
 */
export function upgradeContents(version: number, contents: unknown): unknown {
  return UPGRADES.filter(({ from }) => from >= version).reduce(
    (current, step) => (isRecord(current) ? applyUpgrade(step, current) : current),
    contents,
  );
}
