import { fitGape } from '../rigs/fit-gape';
import { armLength, frameSizes, type Build, type BuildPiece } from './build';
import { checkWire, type WireCheck, type WirePart } from './check-wire';
import { findKind } from './kinds';
import { findRole } from '../parts/part-roles';
import { sweepBlades } from './sweep-blades';
import { lengthAlong, placeParts, reserveOf } from './place-parts';

/** What does not fit, as data: `stop` keeps it from being built, `mind` is the maker's to judge. */
export type Finding = {
  readonly weight: 'stop' | 'mind';
  /** Arm pieces by id, `end`, `frame`, or slots by name. */
  readonly at: readonly string[];
} & (
  | { readonly code: 'missing'; readonly what: string }
  | { readonly code: 'too-long'; readonly overMm: number; readonly armMm: number; readonly stackMm: number }
  | { readonly code: 'no-play'; readonly freeMm: number; readonly leastMm: number }
  | { readonly code: 'strike'; readonly name: string; readonly next: string; readonly overlapMm: number }
  | { readonly code: 'apart'; readonly name: string; readonly next: string }
  | { readonly code: 'hits-body'; readonly name: string; readonly widthMm: number; readonly gapMm: number }
  | { readonly code: 'sweeps-body'; readonly name: string; readonly intoMm: number }
  | { readonly code: 'loop-small'; readonly name: string; readonly ringMm: number; readonly loopMm: number }
  | { readonly code: 'hole-small'; readonly name: string; readonly holeMm: number; readonly wireMm: number }
  | { readonly code: 'wrong-wire'; readonly name: string; readonly kind: string }
  | { readonly code: 'bare-clevis'; readonly name: string }
  | { readonly code: 'blades-few' | 'blades-many'; readonly count: number; readonly limit: number }
  | { readonly code: 'not-on-arm'; readonly name: string; readonly kind: string }
  | { readonly code: 'gape-fouls'; readonly name: string; readonly gapeMm: number; readonly bodyMm: number }
  | { readonly code: 'hook-lost'; readonly name: string; readonly gapeMm: number; readonly bodyMm: number }
  | { readonly code: 'not-measured'; readonly name: string; readonly what: string }
);

export interface BuildJudgment {
  /** Null where the kind has no arm. */
  readonly wire: WireCheck | null;
  readonly findings: readonly Finding[];
}

/** A ring passes a loop with so much room. */
const RING_ROOM = 2;

/**
 * Whether a build fits together: the stack on its arm, blades against each other and the body, loop and holes against what
 * goes through them, the hook's gape against the trailer, and whether anything is missing.
 *
 * @example judgeBuild(build).findings.map(({ code }) => code) // ['strike']
 */
export function judgeBuild(build: Build): BuildJudgment {
  const kind = findKind(build.kind);
  const wire = kind.arm ? checkWire(wireOf(build)) : null;
  return {
    wire,
    findings: [
      ...missing(build),
      ...(wire ? armFindings(build, wire) : []),
      ...sweepFindings(build),
      ...holeFindings(build),
      ...gapeFindings(build),
      ...unmeasured(build),
    ],
  };
}

/** An arm as `checkWire` takes it: the blade in the loop is its last part, which takes none of the arm. */
function wireOf(build: Build) {
  const laid = placeParts(build);
  const bladeOf = (piece: BuildPiece | null): WirePart['blade'] => {
    const { lengthMm, widthMm } = piece?.gauge.sizes ?? {};
    return piece?.gauge.as === 'blade' && lengthMm !== undefined && widthMm !== undefined
      ? { lengthMm, widthMm }
      : undefined;
  };
  const withBlade = (name: string, lengthMm: number, blade: WirePart['blade']): WirePart =>
    blade ? { name, lengthMm, blade } : { name, lengthMm };
  const end = bladeOf(build.end.blade);
  return {
    armMm: armLength(build),
    parts: [
      ...build.arm.map(({ part, blade }) =>
        withBlade(blade?.name ?? part.name, lengthAlong(part), bladeOf(part) ?? bladeOf(blade)),
      ),
      ...(end ? [withBlade(build.end.blade?.name ?? 'blade', 0, end)] : []),
    ],
    loopReserveMm: reserveOf(build),
    minFreeMm: build.minFreeMm,
    armGapMm: laid.arm?.gapMm ?? 0,
  };
}

function missing(build: Build): Finding[] {
  const kind = findKind(build.kind);
  const there = new Set(build.slots.map(({ slot }) => slot));
  const gone = kind.slots
    .filter(({ id, isNeeded }) => isNeeded && !(id === 'frame' ? build.frame : there.has(id)))
    .map(({ id, name }) => [id, name] as const);
  const isBare = kind.needsSkirt === true && build.isSkirted === false && !there.has('skirt');
  const all = [
    ...(kind.takesHead && !build.head ? [['head', 'head'] as const] : []),
    ...gone,
    ...(isBare ? [['skirt', 'skirt'] as const] : []),
  ];
  return all.map(([id, name]) => ({ code: 'missing', weight: 'stop', at: [id], what: name.toLowerCase() }));
}

function armFindings(build: Build, { stackMm, freeMm, fits, blades }: WireCheck): Finding[] {
  const arm = findKind(build.kind).arm;
  if (!arm) return [];
  const bladed = [
    ...build.arm.filter(({ part, blade }) => blade !== null || part.gauge.as === 'blade').map(({ id }) => id),
    ...(build.end.blade ? ['end'] : []),
  ];
  const gapMm = placeParts(build).arm?.gapMm ?? 0;
  const found: Finding[] = [];
  if (build.frame && build.frame.gauge.bend !== arm.shape) {
    const kind = findKind(build.kind).name;
    found.push({ code: 'wrong-wire', weight: 'stop', at: ['frame'], name: build.frame.name, kind });
  }
  if (freeMm < 0) {
    found.push({
      code: 'too-long',
      weight: 'stop',
      at: build.arm.map(({ id }) => id),
      overMm: build.minFreeMm - freeMm,
      armMm: armLength(build),
      stackMm,
    });
  } else if (!fits) {
    found.push({ code: 'no-play', weight: 'stop', at: ['frame'], freeMm, leastMm: build.minFreeMm });
  }
  blades.forEach(({ name, overlapNextMm, clearsBody }, index) => {
    const at = bladed[index] ?? 'frame';
    const next = blades[index + 1];
    if (next && overlapNextMm > 0 && !arm.mayStrike) {
      found.push({
        code: 'strike',
        weight: 'stop',
        at: [at, bladed[index + 1] ?? 'end'],
        name,
        next: next.name,
        overlapMm: overlapNextMm,
      });
    }
    if (next && overlapNextMm === 0 && arm.mayStrike) {
      found.push({ code: 'apart', weight: 'mind', at: [at], name, next: next.name });
    }
    if (!clearsBody) {
      const widthMm = bladeWidth(build, at);
      found.push({ code: 'hits-body', weight: 'stop', at: [at], name, widthMm, gapMm });
    }
  });
  if (blades.length < arm.blades.least) {
    found.push({
      code: 'blades-few',
      weight: 'stop',
      at: ['frame'],
      count: blades.length,
      limit: arm.blades.least,
    });
  }
  if (blades.length > arm.blades.most) {
    found.push({
      code: 'blades-many',
      weight: 'stop',
      at: bladed,
      count: blades.length,
      limit: arm.blades.most,
    });
  }
  for (const { id, part, blade } of build.arm) {
    if (!arm.takes.includes(part.gauge.as)) {
      found.push({
        code: 'not-on-arm',
        weight: 'stop',
        at: [id],
        name: part.name,
        kind: findKind(build.kind).name,
      });
    }
    if (part.gauge.as === 'clevis' && !blade) {
      found.push({ code: 'bare-clevis', weight: 'stop', at: [id], name: part.name });
    }
  }
  return found;
}

/** Blades of a bent wire that strike the body as they turn, wherever along the arm they hang. */
function sweepFindings(build: Build): Finding[] {
  const { head } = build;
  if (findKind(build.kind).arm?.shape !== 'bent' || !head) return [];
  const { parts, blades } = placeParts(build);
  const swept = sweepBlades({
    spreadDeg: frameSizes(build).spreadDeg,
    armMm: armLength(build),
    bodyRadiusMm: head.radiusMm,
    blades: blades.map(({ id, blade, standsDeg }) => ({
      name: blade.name,
      hangs: id === 'end' ? ('end' as const) : ('arm' as const),
      // A stack that is too long for its arm is said to be so; its first blade hangs at the eye then.
      hangerMm: Math.max(0, parts.find((part) => part.id === id)?.fromMm ?? 0),
      lengthMm: blade.gauge.sizes.lengthMm ?? 0,
      standsDeg,
    })),
  });
  if (!swept.ok) return [];
  return swept.value.flatMap(({ name, clearanceMm, clears }, at): Finding[] =>
    clears
      ? []
      : [
          {
            code: 'sweeps-body',
            weight: 'stop',
            at: [blades[at]?.id ?? 'frame'],
            name,
            intoMm: -clearanceMm,
          },
        ],
  );
}

function bladeWidth(build: Build, at: string): number {
  const piece =
    at === 'end'
      ? build.end.blade
      : (build.arm.find(({ id, blade }) => id === at && blade)?.blade ??
        build.arm.find(({ id }) => id === at)?.part);
  return piece?.gauge.sizes.widthMm ?? 0;
}

function holeFindings(build: Build): Finding[] {
  const { wireMm, loopMm } = frameSizes(build);
  const found = build.arm.flatMap(({ id, part }): Finding[] => {
    const { hole } = findRole(part.gauge.as);
    const holeMm = hole === null ? undefined : part.gauge.sizes[hole];
    return holeMm !== undefined && holeMm <= wireMm
      ? [{ code: 'hole-small', weight: 'stop', at: [id], name: part.name, holeMm, wireMm }]
      : [];
  });
  const ringMm = build.end.hanger?.gauge.sizes.ringMm;
  if (build.end.hanger && ringMm !== undefined && ringMm * RING_ROOM > loopMm) {
    found.push({
      code: 'loop-small',
      weight: 'stop',
      at: ['end'],
      name: build.end.hanger.name,
      ringMm,
      loopMm,
    });
  }
  return found;
}

function gapeFindings(build: Build): Finding[] {
  const gapeMm = build.head?.gapeMm ?? null;
  if (gapeMm === null) return [];
  return build.slots.flatMap(({ slot, part }): Finding[] => {
    const bodyMm = part.gauge.as === 'trailer' && slot === 'trailer' ? part.gauge.sizes.bodyMm : undefined;
    if (bodyMm === undefined) return [];
    const verdict = fitGape(gapeMm, bodyMm);
    if (verdict === 'rides-over') return [];
    const fact = { at: [slot], name: part.name, gapeMm, bodyMm };
    return verdict === 'can-foul'
      ? [{ code: 'gape-fouls', weight: 'mind', ...fact }]
      : [{ code: 'hook-lost', weight: 'stop', ...fact }];
  });
}

function unmeasured(build: Build): Finding[] {
  const on = [
    ...build.arm.flatMap(({ id, part, blade }) => [
      [id, part] as const,
      ...(blade ? [[id, blade] as const] : []),
    ]),
    ...(build.end.blade ? [['end', build.end.blade] as const] : []),
  ];
  return on.flatMap(([id, part]): Finding[] => {
    const { along } = findRole(part.gauge.as);
    const needed =
      part.gauge.as === 'blade'
        ? (['lengthMm', 'widthMm', ...(part.gauge.form === 'wing' ? (['hubMm'] as const) : [])] as const)
        : along === null
          ? []
          : [along];
    const gone = needed.find((size) => part.gauge.sizes[size] === undefined);
    if (!gone) return [];
    const what =
      findRole(part.gauge.as)
        .sizes.find(({ id: size }) => size === gone)
        ?.label.toLowerCase() ?? gone;
    return [{ code: 'not-measured', weight: 'stop', at: [id], name: part.name, what }];
  });
}
