import * as blades from './kinds/blades';
import * as fittings from './kinds/fittings';
import { BOUGHT_HEADS } from './kinds/heads';
import * as hooks from './kinds/hooks';
import * as joints from './kinds/joints';
import * as lines from './kinds/lines';
import { metal } from './kinds/metal';
import * as wires from './kinds/on-the-wire';
import * as plastics from './kinds/plastics';
import { powder } from './kinds/powder';
import * as readyRigs from './kinds/ready-rigs';
import * as skirtStuff from './kinds/skirt-stuff';
import * as weights from './kinds/weights';
import type { ThingKind, TypicalSize } from './thing-kind';

/** Every kind of thing that can lie on the shelf, in the order of the work. */
export const THING_KINDS: readonly ThingKind[] = [
  metal,
  hooks.jigHook,
  hooks.sickleHook,
  hooks.wideHook,
  hooks.singleHook,
  hooks.trebleHook,
  hooks.circleHook,
  hooks.baitHook,
  ...BOUGHT_HEADS,
  blades.willowBlade,
  blades.coloradoBlade,
  blades.indianaBlade,
  blades.buzzBladeTwo,
  blades.buzzBladeThree,
  blades.jigBlade,
  wires.spinnerWire,
  wires.buzzWire,
  wires.underspinWire,
  wires.shaft,
  wires.clevis,
  wires.brassBead,
  wires.glassBead,
  wires.plasticBead,
  wires.spacer,
  wires.rivet,
  joints.barrelSwivel,
  joints.ballSwivel,
  joints.threeWay,
  joints.snap,
  joints.splitRing,
  joints.solidRing,
  lines.nylonLine,
  lines.fluoroLine,
  lines.braidLine,
  lines.cable,
  lines.hollowCord,
  lines.floss,
  lines.crimp,
  lines.shrinkTubeTwo,
  lines.shrinkTubeThree,
  lines.shrinkTubeFour,
  readyRigs.readyLeader,
  readyRigs.readyStinger,
  weights.eggSinker,
  weights.feederPlate,
  weights.bankSinker,
  weights.bulletWeight,
  weights.leadShot,
  weights.steelShot,
  skirtStuff.tab,
  skirtStuff.hair,
  skirtStuff.fur,
  skirtStuff.sheet,
  skirtStuff.collar,
  skirtStuff.readySkirt,
  skirtStuff.bulbSkirt,
  plastics.paddleTail,
  plastics.grub,
  plastics.clawTrailer,
  plastics.chunk,
  plastics.worm,
  plastics.pork,
  fittings.rattle,
  fittings.weedGuard,
  fittings.keeper,
  fittings.strap,
  fittings.hairStop,
  fittings.float,
  fittings.feederBody,
  fittings.lureBody,
  fittings.glue,
  powder,
];

/**
 * The kind of this id.
 *
 * @example findThingKind('willow-blade').one // 'Willow blade'
 */
export function findThingKind(id: string): ThingKind {
  const kind = THING_KINDS.find((each) => each.id === id);
  if (!kind) throw new RangeError(`findThingKind requires one of the registered kinds, not ${id}`);
  return kind;
}

/**
 * The size of a kind by its key; the usual one where it has none such.
 *
 * @example findTypicalSize(findThingKind('barrel-swivel'), '#7').inch // '#7, 60 lb'
 */
export function findTypicalSize(kind: ThingKind, key: string): TypicalSize {
  const size =
    kind.sizes.find((each) => each.key === key) ?? kind.sizes.find((each) => each.key === kind.usual);
  if (!size) throw new RangeError(`${kind.id} has no size ${key}, nor a usual one`);
  return size;
}
