import { balanceBait } from '@/core/builds/balance-bait';
import type { Build } from '@/core/builds/build';
import { massPoints } from '@/core/builds/mass-points';
import { placeParts } from '@/core/builds/place-parts';
import { wiredHead } from '@/drawing/build/wired-head';
import type { PartBin } from '@/records/bin';
import type { BaitLook } from '@/ui/bait-drawing/bait-look';
import { jigOf } from './jig-look';
import { skirtMassOf } from '@/model/skirts/skirt-facts';
import type { BenchView } from '@/model/bench/bench-view';
import { buildOf, type BuildLike } from '@/model/baits/bait-facts';

const STEEL = '#c9ced2';
const BRASS = '#c9a24a';
const COPPER = '#b8743a';

/** What color a part is drawn in: its own, or what its name says it is made of. */
export function partHex(bin: Pick<PartBin, 'hex' | 'name'>): string {
  if (bin.hex) return bin.hex;
  const name = bin.name.toLowerCase();
  if (name.includes('brass')) return BRASS;
  if (name.includes('copper')) return COPPER;
  if (name.includes('red')) return '#a6322e';
  return STEEL;
}

function hexOf(binId: string, { binById }: Pick<BenchView, 'binById'>): string {
  const bin = binById.get(binId);
  return bin?.kind === 'part' ? partHex(bin) : STEEL;
}

/** How a build is drawn. */
export function lookOfBuild(record: BuildLike, view: BenchView): BaitLook {
  const build = buildOf(record, view);
  const laid = placeParts(build);
  const skirt = record.skirtId === null ? null : (view.skirtById.get(record.skirtId) ?? null);
  const points = massPoints(build, laid, skirt ? (skirtMassOf(skirt, view) ?? 1.4) : 0);
  const balance = points.length > 0 ? balanceBait(points) : { center: { x: 0, y: 0 }, hangsDeg: 0 };
  const trailing = build.slots.map(({ slot, part }) => ({ slot, piece: part, hex: hexOf(part.binId, view) }));
  return {
    laid,
    jig: jigLook(record, build, view),
    trailing,
    hexOf: ({ binId }) => hexOf(binId, view),
    pattern: record.pattern,
    hangsDeg: laid.arm ? balance.hangsDeg : 0,
    center: balance.center,
  };
}

function jigLook(record: BuildLike, build: Build, view: BenchView): BaitLook['jig'] {
  const { head } = record;
  if (!head) return null;
  const slotBin = (slot: string) => record.slots.find((each) => each.slot === slot)?.binId ?? null;
  const skirt = record.skirtId === null ? undefined : view.skirtById.get(record.skirtId);
  const bare = {
    layers: [],
    hold: 'wire' as const,
    collar: { binId: null, diameterMm: 5, atShare: 0.33, headSideMm: 0 },
  };
  const headG = build.frame?.gauge.sizes.headG;
  const jig = jigOf(
    { ...(skirt ?? bare), shownOn: { ...NOTHING, ...head, nominalG: headG ?? head.nominalG } },
    view,
    {
      ...head,
      nominalG: headG ?? head.nominalG,
      guardBinId: slotBin('guard'),
      rattleBinId: slotBin('rattle'),
      trailerBinId: null,
    },
  );
  const { gapeMm, wireMm } = build.frame?.gauge.sizes ?? {};
  return jig && headG !== undefined ? { ...jig, head: wiredHead(jig.head, gapeMm ?? 15, wireMm ?? 1) } : jig;
}

const NOTHING = { guardBinId: null, rattleBinId: null, trailerBinId: null };
