import { balanceBait } from '@/core/builds/balance-bait';
import type { Build, BuildPiece } from '@/core/builds/build';
import { READY_SKIRT } from '@/core/builds/kinds/usual-steps';
import { strandTones } from '@/core/skirts/strand-tones';
import type { JigLook } from '@/ui/skirt-drawing/skirt-look';
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
    dipHex: record.dip?.hex ?? null,
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
  const ready = build.slots.find(({ slot }) => slot === READY_SKIRT.id)?.part;
  const worn = jig && ready ? { ...jig, ...readySkirtLook(ready, hexOf(ready.binId, view)) } : jig;
  const { gapeMm, wireMm } = build.frame?.gauge.sizes ?? {};
  return worn && headG !== undefined
    ? { ...worn, head: wiredHead(worn.head, gapeMm ?? 15, wireMm ?? 1) }
    : worn;
}

/** What nobody counted of a skirt that was bought ready. */
const USUAL_STRANDS = 50;

/** A skirt bought in its band: strands all round, of one color. */
function readySkirtLook(
  { binId, gauge: { sizes } }: BuildPiece,
  hex: string,
): Pick<JigLook, 'layers' | 'looks' | 'collarHex'> {
  const layer = {
    material: binId,
    strands: sizes.fibers ?? USUAL_STRANDS,
    strandWidthMm: 1,
    arc: { fromDeg: 0, toDeg: 360 },
    lengthMm: sizes.lengthMm ?? 60,
    isForward: false,
  };
  return { layers: [layer], looks: [{ tones: strandTones(hex), flakes: [], opacity: 1 }], collarHex: hex };
}

const NOTHING = { guardBinId: null, rattleBinId: null, trailerBinId: null };
