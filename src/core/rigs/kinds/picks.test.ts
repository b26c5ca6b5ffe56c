import { demoBench } from '@/demo/demo-bench';
import { rigPieceOf } from '@/records/rig-piece';
import { TYPICAL_MATCHES } from '@/reference/matches';
import { beginRig } from '../begin-rig';
import { factsOfRig } from '../facts-of-rig';
import { cutsOfRig } from '../cuts-of-rig';
import { judgeRig } from '../judge-rig';
import { layRig, type LaidRun } from '../lay-rig';
import { RIG_KINDS } from '.';
import type { RigKind, RigPick } from './definition';

const shelf = demoBench(Date.UTC(2026, 10, 23, 12)).bins.flatMap((bin) => rigPieceOf(bin) ?? []);

/** Every way to choose among what a kind lets one choose. */
function everyChoice([first, ...rest]: readonly RigPick[]): Record<string, string>[] {
  if (!first) return [{}];
  return everyChoice(rest).flatMap((others) =>
    first.options.map(({ value }) => ({ [first.id]: value, ...others })),
  );
}

const CASES = RIG_KINDS.flatMap((kind) =>
  everyChoice(kind.picks).map((picks) => [kind.id, JSON.stringify(picks), kind, picks] as const),
);

const runsOf = (run: LaidRun): LaidRun[] => [run, ...run.branches.flatMap(runsOf)];

function stepsOf(kind: RigKind, picks: Record<string, string>) {
  const rig = beginRig(kind.id, shelf, TYPICAL_MATCHES, { picks });
  const facts = factsOfRig(
    rig,
    cutsOfRig(rig, () => null),
    (value) => `${value} mm`,
  );
  return { rig, steps: kind.steps(facts) };
}

describe('every choice of every kind', () => {
  it('is more than one for most', () => {
    expect(CASES.length).toBeGreaterThan(2 * RIG_KINDS.length);
  });

  it.each(CASES)(
    '%s with %s fits from the demo shelf, has every place and hangs together',
    (_, __, kind, picks) => {
      const { rig } = stepsOf(kind, picks);
      const { findings } = judgeRig(rig, shelf, TYPICAL_MATCHES);
      expect(findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
      const there = new Set(rig.items.map(({ place }) => place));
      for (const { id, when, isNeeded } of kind.places) {
        if (when && !when(picks)) expect(there.has(id)).toBe(false);
        else if (isNeeded) expect(there.has(id)).toBe(true);
      }
      const laid = runsOf(layRig(rig)).flatMap(({ items }) => items.map(({ item }) => item.id));
      expect([...laid].sort()).toEqual(rig.items.map(({ id }) => id).sort());
    },
  );

  it.each(CASES)('%s with %s has steps in words that name its parts', (_, __, kind, picks) => {
    const { rig, steps } = stepsOf(kind, picks);
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    const text = steps.map(({ title, how }) => `${title} ${how}`).join(' ');
    expect(text).not.toMatch(/undefined|NaN|\[object/);
    const hook = rig.items.find(({ part }) => part.gauge.as === 'hook');
    if (hook) expect(text).toContain(hook.part.name);
    for (const { count } of steps) if (count) expect(count.times).toBeGreaterThan(0);
  });

  it.each(CASES)('%s with %s lays nothing shorter than nothing', (_, __, kind, picks) => {
    for (const { fromMm, toMm } of runsOf(layRig(stepsOf(kind, picks).rig)).flatMap(({ items }) => items)) {
      expect(toMm).toBeGreaterThanOrEqual(fromMm - 1e-9);
      expect(Number.isFinite(fromMm)).toBe(true);
    }
  });
});
