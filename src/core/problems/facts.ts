/**
 * The facts each problem code carries: bare values in the units their names say, never sentences.
 * A new problem is one line here, one in `kinds.ts` and one sentence in `messages/sentences.ts`.
 */
export interface ProblemFacts {
  'units.empty': { quantity: string };
  'units.no-number': { text: string; quantity: string };
  'units.left-over': { text: string; rest: string; quantity: string };
  'units.unknown-unit': { text: string; unit: string; quantity: string };
  'units.unknown-assumed-unit': { unit: string; quantity: string };
  'units.no-unit': { text: string; quantity: string };
  'units.negative': { text: string; quantity: string };
  'units.zero-denominator': { text: string };
  'units.below-absolute-zero': { text: string };
  'units.too-large': { text: string };
  'hook.not-a-size': { text: string };
  'metal.shares-off': { sum: number };
  'metal.too-packed': { tungstenVolumeShare: number; most: number };
  'metal.not-lighter-in-water': { airG: number; submergedG: number };
  'metal.no-lots': Record<string, never>;
  'metal.same-lot-twice': { id: string };
  'metal.band-crossed': { element: string; min: number; max: number };
  'metal.too-little-stock': { availableG: number; amountG: number };
  'cavity.lighter-than-hardware': { eachG: number; hardwareG: number };
  'cavity.nothing-to-choose': { what: 'cavities' | 'metals' };
  'solid.nothing': { volumeCm3: number };
  'solid.profile-falls': { point: number };
  'solid.not-a-dimension': { part: number; field: string };
  'solid.out-of-reach': { targetG: number };
  'mesh.ragged': { numbers: number };
  'mesh.flat': Record<string, never>;
  'mesh.not-closed': { openEdges: number; flippedEdges: number };
  'mesh.mass-outside': Record<string, never>;
  'stl.empty': Record<string, never>;
  'stl.not-stl': Record<string, never>;
  'stl.truncated': { told: number; found: number };
  'stl.cut-off': { found: number };
  'stl.broken-line': { line: number; text: string };
  'stl.not-finite': { triangle: number };
  'outline.not-a-path': { why: string };
  'outline.too-few-points': { points: number };
  'outline.crosses-axis': { alongMm: number };
  'outline.turns-back': { alongMm: number };
  'water.floats': { massG: number; displacedG: number };
  'cavity.no-room': { displacedCm3: number; cavityVolumeCm3: number };
  'plan.no-molds': Record<string, never>;
  'plan.nobody-makes': { keys: readonly string[] };
  'plan.too-few-pours': { keys: readonly string[] };
  'plan.same-mold-twice': { id: string };
  'plan.unfinished': { seconds: number };
  'budget.heel-fills-pot': { heelG: number; potCapacityG: number };
  'budget.all-scrap': { scrapShare: number };
  'budget.all-dross': { drossShare: number };
  'heat.already-passed': { sourceC: number; startC: number; targetC: number };
  'heat.never-reached': { sourceC: number; startC: number; targetC: number };
  'heat.no-change': { sourceC: number; startC: number; targetC: number };
  'heat.not-over-fuse': { releaseC: number; fuseC: number };
  'heat.air-fuses': { ambientC: number; fuseC: number };
  'coat.softens-first': { softenC: number; fuseC: number; solidusC: number };
  'skirt.strands-unknown': { material: string };
  'skirt.no-strands': Record<string, never>;
  'blade.none': Record<string, never>;
  'mix.same-recipe-twice': { id: string };
  'photo.unreadable': { type: string };
  'photo.nothing-seen': Record<string, never>;
  'number.not-finite': { name: string };
}
