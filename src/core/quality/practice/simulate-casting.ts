import { frozenS } from '../../freezing/choke-time';
import type { FlawKind } from '../flaws';
import { runLength, type RunningMetal } from './run-length';
import type { PourState } from './trouble';

export interface PracticeCavity {
  readonly style: string;
  readonly nominalG: number;
  readonly volumeCm3: number;
  /** From gate to the farthest part, mm. */
  readonly lengthMm: number;
  /** Volume over area of its thinnest part, mm. */
  readonly thinModulusMm: number;
  /** Of all of it, mm. */
  readonly modulusMm: number;
  readonly isHooked: boolean;
}

/** What came out of the block. */
export interface SimulatedCasting {
  /** How much of its length filled, of 1. */
  readonly fill: number;
  readonly flaws: readonly FlawKind[];
  /** How strongly each of them shows, 0..1. */
  readonly strength: Readonly<Partial<Record<FlawKind, number>>>;
}

/** The speed of a steady stream in the cavity, m/s. */
const STEADY_MS = 0.22;
/** A gate half shut lets so much of the stream through. */
const BLOCKED_FLOW = 0.3;
/** Metal that runs less than so many times the way it must folds its skin. */
const WRINKLE_REACH = 1.5;
/** Superheat from which skin turns frosty on a block of this heat, C. */
const FROST_SUPERHEAT_C = 125;
const FROST_BLOCK_C = 205;
const POUR_STRAY = 0.04;

/** A gate is made half as thick as what it feeds, as a rule; half shut it is half that. */
const [GATE_SHARE, SHUT_SHARE] = [0.5, 0.5];
/** Shut before so much of the body's own time a gate leaves it hollow. */
const FEEDS_FOR = 0.35;

/** Whether the gate freezes long before the body that it should feed. */
function isStarved({ modulusMm }: PracticeCavity, { metal, mold }: RunningMetal, state: PourState): boolean {
  const setting = { metal, mold, pouredC: state.potC, blockC: state.moldC };
  const gateMm = GATE_SHARE * modulusMm * (state.isBlocked ? SHUT_SHARE : 1);
  return frozenS(setting, gateMm) < FEEDS_FOR * frozenS(setting, modulusMm);
}

const within = (value: number) => Math.min(1, Math.max(0, value));

/**
 * One casting of a pour in such a state: how far it fills (fluidity of the metal against the length of the cavity),
 * whether its skin folds, frosts or leaves the seam, and what block and hand add. Chance strays the stream by 4 %.
 * A trainer's model: its limits are rules of the trade put on the physics of filling, not measurements.
 *
 * @example simulateCasting(ball, lead, good, chance).flaws // []
 */
export function simulateCasting(
  cavity: PracticeCavity,
  metal: RunningMetal,
  state: PourState,
  chance: () => number,
): SimulatedCasting {
  const stray = 1 + POUR_STRAY * (2 * chance() - 1);
  const flow = state.stream * (state.isBlocked ? BLOCKED_FLOW : 1) * stray;
  const pouring = { ...state, speedMs: STEADY_MS * flow, thinModulusMm: cavity.thinModulusMm };
  const reach = runLength(metal, pouring) / cavity.lengthMm;
  const fill = within(reach);
  const superheat = state.potC - metal.metal.melting.liquidusC;
  const frost = Math.max((superheat - FROST_SUPERHEAT_C) / 40, (state.moldC - FROST_BLOCK_C) / 40);
  const strength: Partial<Record<FlawKind, number>> = {
    ...(fill < 1 ? { short: within((1 - fill) * 3) } : {}),
    ...(reach < WRINKLE_REACH ? { wrinkled: within((WRINKLE_REACH - reach) * 1.2 + 0.25) } : {}),
    ...(frost > 0 ? { frosty: within(0.3 + frost * 0.5) } : {}),
    ...(state.isOpen ? { flash: 0.7 + 0.3 * chance() } : {}),
    ...(state.isDamp || state.isDirty || isStarved(cavity, metal, state)
      ? { porous: 0.6 + 0.4 * chance() }
      : {}),
    ...(state.isRocking && cavity.isHooked ? { 'bent-hook': 0.6 + 0.4 * chance() } : {}),
  };
  return { fill, flaws: Object.keys(strength) as FlawKind[], strength };
}
