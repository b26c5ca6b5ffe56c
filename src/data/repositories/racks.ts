import type { Deed } from '@/core/history/deed';
import { did } from '../did';
import type { FollowedCure } from '@/core/coats/follow-cure';
import type { CoatCauseId, CoatFaultId } from '@/core/coats/faults';
import type { TrayCheckId } from '@/core/coats/tray-checks';
import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { CoatFault } from '@/records/coat-fault';
import type { Hung, Rack } from '@/records/rack';
import type { Store } from '../store';
import { attempt, granted, type WriteTransaction, refuse, RefusedInside, write } from '../write';
import { coatedBin } from './coated-bin';

/** Heads that were dipped or painted, and hang. */
export interface HungUp {
  readonly hung: readonly Hung[];
  /** What they left the heat with; the shed's own temperature where they were painted cold. */
  readonly partC: number;
  readonly used: Rack['used'];
}

export type NewRack = Pick<Rack, 'ovenId' | 'school' | 'partC' | 'minutes' | 'startC' | 'hung'>;

/** What is reckoned as a rack goes in. */
export interface GoingIn {
  readonly tauS: number;
  readonly warmS: number;
  readonly used: Rack['used'];
  /** What its clock is called. */
  readonly clockName: string;
}

export interface NewCoatFault {
  readonly coatId: string;
  readonly fault: CoatFaultId;
  readonly count: number;
  readonly cause: CoatCauseId | null;
  /** Stripped and coated again: they wait as bare heads. */
  readonly isRecoated: boolean;
}

/** Oven loads: hung, checked, cured, booked; and what was wrong with their coats. */
export function rackRepository(store: Store) {
  const { db } = store;

  /** Changes a rack that is in one of some states; refuses where it is in another. */
  const change = <T = Rack>(
    id: string,
    deed: Deed,
    states: readonly Rack['state'][],
    to: (rack: Rack, tx: WriteTransaction) => Promise<BenchOutcome<T>>,
  ): Promise<BenchOutcome<T>> =>
    attempt(store, deed, async (tx) => {
      const rack = await db.racks.get(id);
      if (!rack) return refuse<T>({ code: 'bench.gone', what: 'rack' });
      if (!states.includes(rack.state)) {
        return refuse<T>({ code: 'bench.rack-moved-on', no: rack.no, state: rack.state });
      }
      return to(rack, tx);
    });

  const put = async (tx: WriteTransaction, rack: Rack): Promise<BenchOutcome<Rack>> => {
    await tx.put('racks', rack);
    return granted(rack);
  };

  const onHand = async (binId: string) =>
    sum((await db.entries.where('binId').equals(binId).toArray()).map(({ qty }) => qty));

  /** A fresh rack under the next number. */
  async function hangNew(
    tx: WriteTransaction,
    load: Omit<NewRack, 'ovenId'> & Partial<Rack> & Pick<Rack, 'ovenId'>,
  ) {
    const last = await db.racks.orderBy('no').last();
    const fresh: Rack = {
      id: store.newId(),
      no: (last?.no ?? 0) + 1,
      state: 'hanging',
      checks: [],
      createdAt: tx.at,
      inAt: null,
      tauS: null,
      warmS: null,
      followed: null,
      outAt: null,
      clockId: null,
      endedAt: null,
      used: [],
      ...load,
    };
    await tx.put('racks', fresh);
    return fresh;
  }

  /** What was used leaves its jars; where the books hold less, the jar is empty by them. */
  async function usePowder(tx: WriteTransaction, { no }: Rack, used: Rack['used']): Promise<void> {
    for (const { powderBinId, g } of used) {
      const qty = Math.min(g, Math.max(0, await onHand(powderBinId)));
      await tx.enter({ binId: powderBinId, kind: 'taken', qty: -qty, note: `on rack ${no}` });
    }
  }

  /** All that hangs on a rack lies in its color. What was entered before a refusal must be undone: it throws. */
  async function recolorAll(tx: WriteTransaction, { hung }: Pick<Rack, 'hung'>, note: string): Promise<void> {
    const kinds = new Map<string, { head: Hung; count: number }>();
    for (const head of hung) {
      const key = [head.headBinId, head.coatId, head.ticketId, head.lineId].join(' ');
      kinds.set(key, { head, count: (kinds.get(key)?.count ?? 0) + 1 });
    }
    for (const { head, count } of kinds.values()) {
      const moved = await recolor(tx, head, count, note);
      if (!moved.ok) throw new RefusedInside(moved.problem);
    }
  }

  async function endClock(tx: WriteTransaction, rack: Rack): Promise<void> {
    if (rack.clockId !== null) await tx.remove('clocks', rack.clockId);
  }

  /** Moves heads from bare to coated, or back with a count under 0. Refuses more than lie there. */
  async function recolor(
    tx: WriteTransaction,
    { headBinId, coatId, ticketId, lineId }: Omit<Hung, 'rod' | 'slot' | 'slotsEach'>,
    count: number,
    note: string,
  ): Promise<BenchOutcome<undefined>> {
    const [bare, coat] = [await db.bins.get(headBinId), await db.coats.get(coatId)];
    if (bare?.kind !== 'head' || !coat) return refuse({ code: 'bench.gone', what: bare ? 'color' : 'bin' });
    const coated = await coatedBin(store, tx, bare, coat);
    const from = count > 0 ? bare : coated;
    const there = await onHand(from.id);
    const asked = Math.abs(count);
    if (asked > there) {
      return refuse({ code: 'bench.too-little', bin: from.name, onHand: there, asked, unit: 'pieces' });
    }
    await tx.enter({ binId: headBinId, kind: 'coated', qty: -count, note, ticketId, lineId });
    await tx.enter({ binId: coated.id, kind: 'coated', qty: count, note, ticketId, lineId });
    return granted(undefined);
  }

  return {
    all: (): Promise<Rack[]> => db.racks.orderBy('no').toArray(),
    faults: (): Promise<CoatFault[]> => db.coatFaults.toArray(),

    /** Hangs loads, in the order in which they go in. */
    hang: (loads: readonly NewRack[]): Promise<string[]> =>
      write(store, did('rack.hung', { racks: loads.length }), async (tx) => {
        const ids: string[] = [];
        for (const load of loads) ids.push((await hangNew(tx, load)).id);
        return ids;
      }),

    /** Hangs other heads, or the same elsewhere, on racks that are not in yet: one write for all of them. */
    rehang: (
      changes: readonly { readonly id: string; readonly hung: readonly Hung[] }[],
    ): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('rack.head-moved'), async (tx) => {
        for (const { id } of changes) {
          const rack = await db.racks.get(id);
          if (!rack) return refuse<undefined>({ code: 'bench.gone', what: 'rack' });
          if (rack.state !== 'hanging') {
            return refuse<undefined>({ code: 'bench.rack-moved-on', no: rack.no, state: rack.state });
          }
        }
        for (const { id, hung } of changes) {
          const rack = await db.racks.get(id);
          if (rack) await tx.put('racks', { ...rack, hung: [...hung] });
        }
        return granted(undefined);
      }),

    /** Sets how a rack is cured, before it goes in. */
    setCure: (
      id: string,
      cure: Pick<Rack, 'school' | 'partC' | 'minutes' | 'startC'>,
    ): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.cure-set'), ['hanging'], (rack, tx) => put(tx, { ...rack, ...cure })),

    /** Checks something off on some rods, or takes the tick away where all of them have it. */
    check: (id: string, check: TrayCheckId, rods: readonly number[]): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.rod-checked'), ['hanging', 'curing', 'out'], (rack, tx) => {
        const has = (rod: number) => rack.checks.some((each) => each.check === check && each.rod === rod);
        const without = rack.checks.filter((each) => each.check !== check || !rods.includes(each.rod));
        const checks = rods.every(has) ? without : [...without, ...rods.map((rod) => ({ check, rod }))];
        return put(tx, { ...rack, checks });
      }),

    /**
     * Puts a rack into its oven: the powder on it leaves the jars, and a clock runs until it is to come out. Refuses
     * an empty rack, an oven for food, and one that another rack is in.
     */
    goIn: (id: string, { tauS, warmS, used, clockName }: GoingIn): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.in'), ['hanging'], async (rack, tx) => {
        if (rack.hung.length === 0) return refuse({ code: 'bench.rack-empty', no: rack.no });
        const heater = rack.ovenId === null ? undefined : await db.heaters.get(rack.ovenId);
        if (!heater?.oven) return refuse({ code: 'bench.gone', what: 'oven' });
        if (heater.oven.isForFood) return refuse({ code: 'bench.food-oven', oven: heater.name });
        const inside = (await db.racks.where('state').equals('curing').toArray()).find(
          ({ ovenId }) => ovenId === rack.ovenId,
        );
        if (inside) return refuse({ code: 'bench.oven-taken', oven: heater.name, no: inside.no });
        const inAt = tx.at;
        const outAt = inAt + Math.round((warmS + rack.minutes * 60) * 1000);
        await usePowder(tx, rack, used);
        const clockId = store.newId();
        await tx.put('clocks', {
          id: clockId,
          name: clockName,
          startedAt: inAt,
          endsAt: outAt,
          silencedAt: null,
        });
        return put(tx, { ...rack, state: 'curing', inAt, outAt, tauS, warmS, clockId, used: [...used] });
      }),

    /** What an oven thermometer tells of a cure: how far it is, and when it is to come out now. Moves its clock. */
    follow: (id: string, followed: FollowedCure, outAt: number): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.followed'), ['curing'], async (rack, tx) => {
        const clock = rack.clockId === null ? undefined : await db.clocks.get(rack.clockId);
        if (clock) await tx.put('clocks', { ...clock, endsAt: Math.round(outAt), silencedAt: null });
        return put(tx, {
          ...rack,
          followed: { ...followed, at: Math.round(followed.at) },
          outAt: Math.round(outAt),
        });
      }),

    /** Takes a cured rack out: its heads lie on the shelf in their color. Refuses where they are not there to coat. */
    comeOut: (id: string): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.out'), ['curing'], async (rack, tx) => {
        await recolorAll(tx, rack, `rack ${rack.no}`);
        await endClock(tx, rack);
        return put(tx, { ...rack, state: 'out', endedAt: tx.at, clockId: null });
      }),

    /**
     * Heads dipped or painted and hung, with no oven: they lie in their color, the powder on them leaves the jars, and
     * they are a rack that is out. Gives its id. Refuses more than lie there.
     */
    hangUp: ({ hung, partC, used }: HungUp): Promise<BenchOutcome<string>> =>
      attempt(store, did('heads.hung-up', { count: hung.length }), async (tx) => {
        const now = tx.at;
        const unbaked = { ovenId: null, school: 'card', partC, minutes: 0, startC: partC } as const;
        const done = { state: 'out', inAt: now, endedAt: now } as const;
        const rack = await hangNew(tx, { ...unbaked, ...done, hung: [...hung], used: [...used] });
        await usePowder(tx, rack, used);
        await recolorAll(tx, rack, `rack ${rack.no}, hung, not baked`);
        return granted(rack.id);
      }),

    /** Takes a rack down again: its heads wait as before. Powder that was used stays used. */
    drop: (id: string): Promise<BenchOutcome<Rack>> =>
      change(id, did('rack.taken-down'), ['hanging', 'curing'], async (rack, tx) => {
        await endClock(tx, rack);
        return put(tx, { ...rack, state: 'dropped', endedAt: tx.at, clockId: null });
      }),

    /** Notes heads of a booked rack whose coat is wrong; those to be coated again wait as bare heads. */
    note: (id: string, { isRecoated, ...fault }: NewCoatFault): Promise<BenchOutcome<string>> =>
      change<string>(id, did(isRecoated ? 'coat.again' : 'coat.noted'), ['out'], async (rack, tx) => {
        const noted: CoatFault = { ...fault, id: store.newId(), at: tx.at, rackId: id };
        const heads = rack.hung.filter(({ coatId }) => coatId === fault.coatId);
        if (fault.count > heads.length) {
          const { length: onRack } = heads;
          return refuse({
            code: 'bench.too-little',
            bin: `Rack ${rack.no}`,
            onHand: onRack,
            asked: fault.count,
            unit: 'pieces',
          });
        }
        const back = heads.slice(0, isRecoated ? fault.count : 0);
        for (const head of back) {
          const moved = await recolor(tx, head, -1, `rack ${rack.no}, to be coated again`);
          if (!moved.ok) throw new RefusedInside(moved.problem);
        }
        await tx.put('coatFaults', noted);
        return granted(noted.id);
      }),

    /** Says of what a noted fault came. */
    setCause: (fault: CoatFault, cause: CoatCauseId | null): Promise<void> =>
      write(store, did('cause.said'), (tx) => tx.put('coatFaults', { ...fault, cause })),
  };
}
