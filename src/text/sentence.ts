import type { Quantity } from '@/core/units/quantities';
import type { ProblemFacts } from '@/core/problems/facts';
import type { Problem, ProblemCode } from '@/core/problems/problem';
import { numberText as n } from './number-text';
import type { Writer } from './writer';

type Sentences = { [Code in ProblemCode]: (facts: ProblemFacts[Code], w: Writer) => string };

const WRITTEN_LIKE: Record<string, string> = {
  mass: '3/8 oz, 10 g or 2 lb 3 oz',
  length: '1 1/2 in, 38 mm or 3.8 cm',
  temperature: '350 F or 177 C',
  volume: '1/4 tsp, 1 cup or 20 ml',
  duration: '15 min, 1:30, 1 h 30 or 90 s',
  strength: '20 lb or 9 kg',
  speed: '2 ft/s, 1.5 mph or 0.6 m/s',
  pressure: '30 psi or 2 bar',
} satisfies Record<Quantity, string>;

const UNITS_OF: Record<string, string> = {
  mass: 'g, mg, kg, oz, lb or gr (grains)',
  length: 'mm, cm, m, in, ft or yd',
  temperature: 'C or F',
  volume: 'ml, cm3, l, tsp, tbsp, fl oz, cup or cu in',
  duration: 's, min or h',
  strength: 'kg or lb',
  speed: 'm/s, km/h, ft/s, mph or knots',
  pressure: 'bar, kPa or psi',
} satisfies Record<Quantity, string>;

const SENTENCES: Sentences = {
  'units.empty': ({ quantity }) =>
    `There is nothing here. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.no-number': ({ text, quantity }) =>
    `'${text}' does not begin with a number. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.left-over': ({ text, rest, quantity }) =>
    `'${rest}' in '${text}' is left over. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.unknown-unit': ({ text, unit, quantity }) =>
    `'${unit}' in '${text}' is no unit of ${quantity}. Use ${UNITS_OF[quantity]}.`,
  'units.unknown-assumed-unit': ({ unit, quantity }) =>
    `'${unit}' is no unit of ${quantity} to take for granted. Use ${UNITS_OF[quantity]}.`,
  'units.no-unit': ({ text, quantity }) => `'${text}' has no unit. Add ${UNITS_OF[quantity]}.`,
  'units.negative': ({ text, quantity }) => `'${text}' is below zero; a ${quantity} is zero or more.`,
  'units.zero-denominator': ({ text }) => `'${text}' divides by zero. Write a fraction such as 3/8.`,
  'units.below-absolute-zero': ({ text }) => `'${text}' is colder than anything can be, -273.15 C.`,
  'units.too-large': ({ text }) => `'${text}' is too large a number.`,
  'hook.not-a-size': ({ text }) => `'${text}' is not a hook size. Write 6 or #6 for numbers, 3/0 for aughts.`,
  'metal.shares-off': ({ sum }) =>
    `The shares add up to ${n(sum, 8)}; they must add up to 1 (100 % of the metal).`,
  'metal.too-packed': ({ tungstenVolumeShare, most }) =>
    `Powder packs to ${n(most * 100)} % of the volume at most; ${n(tungstenVolumeShare * 100)} % does not exist. Ask for less tungsten.`,
  'metal.not-lighter-in-water': ({ airG, submergedG }, w) =>
    `The piece weighs ${w.mass(airG)} in air and ${w.mass(submergedG)} in water; in water it must weigh less. Check which is which, and that it hangs free of the cup.`,
  'metal.no-lots': () => 'There is no metal to blend. Add a lot.',
  'metal.same-lot-twice': ({ id }) =>
    `Lot '${id}' stands twice. Give each lot once, with all there is of it.`,
  'metal.band-crossed': ({ element, min, max }) =>
    `${element} is asked to be at least ${n(min * 100)} % and at most ${n(max * 100)} %. Swap the two.`,
  'metal.too-little-stock': ({ availableG, amountG }, w) =>
    `The lots hold ${w.mass(availableG)} together; ${w.mass(amountG)} cannot be mixed of them. Ask for less or add a lot.`,
  'cavity.lighter-than-hardware': ({ eachG, hardwareG }, w) =>
    `A casting of ${w.mass(eachG)} is lighter than the ${w.mass(hardwareG)} of hook and hardware in it. Check the weight, the count and the hook.`,
  'cavity.nothing-to-choose': ({ what }) => `There are no ${what} to choose from. Add one.`,
  'solid.nothing': ({ volumeCm3 }, w) =>
    `The shape comes to ${w.volume(volumeCm3)}: what is cut away leaves nothing. Make the body larger or the cuts smaller.`,
  'solid.profile-falls': ({ point }) =>
    `Point ${point + 1} of the profile lies lower than the one before. Give the points from the bottom up.`,
  'solid.not-a-dimension': ({ part, field }) =>
    `'${field}' of part ${part} is no dimension that can be solved for. Name a diameter, a height or a size of a part that is there.`,
  'solid.out-of-reach': ({ targetG }, w) =>
    `No size makes ${w.mass(targetG)}: what stays in the casting or the rest of the shape already decides it. Change the weight or another dimension.`,
  'mesh.ragged': ({ numbers }) =>
    `${numbers} numbers do not make whole triangles: each takes 9 (three corners of x, y, z).`,
  'mesh.flat': () => 'The mesh is flat or a line: it has no body that could stand on a face.',
  'mesh.not-closed': ({ openEdges, flippedEdges }) =>
    `The mesh is not one closed skin: ${openEdges} open and ${flippedEdges} turned-over edges. Close it in your drawing program; a mold cannot be cut round it.`,
  'mesh.mass-outside': () =>
    'The center of mass lies outside the body. Give it in the same millimeters as the mesh.',
  'stl.empty': () => 'The file holds no triangles. Export the body again as STL.',
  'stl.not-stl': () =>
    'This is no STL file: it is neither the text form (solid ... facet ...) nor the binary form with its count.',
  'stl.truncated': ({ told, found }) =>
    `The file is cut off: it tells of ${told} triangles and holds ${found}. Export or copy it again.`,
  'stl.cut-off': ({ found }) =>
    `The file ends in the middle, after ${found} whole ${found === 1 ? 'triangle' : 'triangles'}. Export or copy it again.`,
  'stl.broken-line': ({ line, text }) =>
    `Line ${line} of the STL, '${text}', is not what stands there in a text STL. Export the body again.`,
  'stl.not-finite': ({ triangle }) =>
    `Triangle ${triangle + 1} has a corner that is no number. Export the body again.`,
  'picture.no-mat': () =>
    'No mat is seen in the picture. Lay the parts on a printed mat and take it whole, its black markers all round in the picture.',
  'picture.few-markers': ({ seen }) =>
    `Only ${seen} of the mat’s markers ${seen === 1 ? 'is' : 'are'} seen; at least eight are needed, on more than one side. Go back a little until the whole mat is in the picture, and clear its border.`,
  'picture.mat-bent': ({ offMm }, w) =>
    `The mat does not lie flat: its markers are ${w.length(offMm)} off where a flat mat has them. Tape its corners to the table and take the picture again.`,
  'picture.blurred': ({ edgeMm }, w) =>
    `The picture is blurred: an edge is spread over ${w.length(edgeMm)}. Hold the phone still, tap on a part to focus, give it more light, and take it again.`,
  'picture.too-small': ({ pxPerMm }) =>
    `The mat is too small in the picture: ${n(pxPerMm)} pixels to a millimeter, and 3.2 are needed. Go nearer until the mat fills it.`,
  'picture.too-tilted': ({ tiltDeg }) =>
    `The phone was tilted by ${n(tiltDeg)} degrees; up to 40 can be set right. Hold it more from above.`,
  'picture.nothing-there': () =>
    'Nothing is seen on the mat. Lay the parts inside its border, apart from each other, with light from the side; what is as white as paper does not show.',
  'outline.not-a-path': ({ why }) => `The SVG path cannot be read: ${why}.`,
  'outline.too-few-points': ({ points }) =>
    `A profile needs at least 3 points; this has ${points}. Add points between nose and tail.`,
  'outline.crosses-axis': ({ alongMm }, w) =>
    `The profile crosses its axis at ${w.length(alongMm)}. Draw one half only, from nose to tail, both ends on the axis.`,
  'outline.turns-back': ({ alongMm }, w) =>
    `The profile turns back at ${w.length(alongMm)} along its axis. A turned body has one radius at each place: draw it from nose to tail.`,
  'water.floats': ({ massG, displacedG }, w) =>
    `The body weighs ${w.mass(massG)} and displaces ${w.mass(displacedG)} of water: it does not sink.`,
  'cavity.no-room': ({ displacedCm3, cavityVolumeCm3 }, w) =>
    `The hook and pins take ${w.volume(displacedCm3)} of a cavity of ${w.volume(cavityVolumeCm3)}: no room for metal.`,
  'plan.no-molds': () => 'There is no mold to pour. Add one.',
  'plan.nobody-makes': ({ keys }) =>
    `No mold makes ${list(keys)}. Add a mold with such a cavity, or buy these in.`,
  'plan.too-few-pours': ({ keys }) =>
    `The pours allowed are too few for ${list(keys)}. Raise maxPours or add a mold.`,
  'plan.same-mold-twice': ({ id }) => `Mold '${id}' stands twice. Give each its own id, or use copies.`,
  'plan.unfinished': ({ seconds }) =>
    `No plan was found in ${n(seconds)} s. Give it longer or plan fewer lines.`,
  'budget.heel-fills-pot': ({ heelG, potCapacityG }, w) =>
    `A heel of ${w.mass(heelG)} fills the pot of ${w.mass(potCapacityG)}. The heel must be under the capacity.`,
  'budget.all-scrap': ({ scrapShare }) =>
    `A scrap share of ${n(scrapShare)} leaves no good casting; it must be under 1.`,
  'budget.all-dross': ({ drossShare }) =>
    `A dross share of ${n(drossShare)} leaves no metal; it must be under 1.`,
  'heat.already-passed': ({ sourceC, startC, targetC }, w) =>
    `From ${w.temperature(startC)} a source of ${w.temperature(sourceC)} leads away from ${w.temperature(targetC)}. ${
      targetC > startC ? 'Take a hotter source.' : 'Take a colder one.'
    }`,
  'heat.never-reached': ({ sourceC, targetC }, w) =>
    `A source of ${w.temperature(sourceC)} never brings a piece to ${w.temperature(targetC)}. It must lie beyond it.`,
  'heat.no-change': ({ startC }, w) =>
    `Start and target are both ${w.temperature(startC)}: nothing was heated, so the trial tells nothing. Time a piece that changes its heat.`,
  'heat.not-over-fuse': ({ releaseC, fuseC }, w) =>
    `It leaves the heat at ${w.temperature(releaseC)} and powder fuses at ${w.temperature(fuseC)}: nothing sticks. Heat it further.`,
  'heat.air-fuses': ({ ambientC, fuseC }, w) =>
    `At ${w.temperature(ambientC)} the air alone fuses a powder of ${w.temperature(fuseC)}: the window has no end. Check both temperatures.`,
  'coat.softens-first': ({ softenC, fuseC, solidusC }, w) =>
    `This metal begins to melt at ${w.temperature(solidusC)} and goes soft from ${w.temperature(softenC)}; the powder needs ${w.temperature(fuseC)} to fuse. Take a powder that fuses lower, an air-dry paint, or another metal.`,
  'skirt.strands-unknown': ({ material }) =>
    `How many strands a tab of '${material}' has is not said. Add it to strandsPerTab.`,
  'skirt.no-strands': () => 'The layers come to no strand at all. Give one of them an amount over 0.',
  'blade.none': () => 'There is no blade on it, so nothing turns. Hang one.',
  'mix.same-recipe-twice': ({ id }) => `Two recipes are called '${id}'. Give each a name of its own.`,
  'cut.same-id-twice': ({ id }) => `'${id}' stands twice. Give each stock and each piece an id of its own.`,
  'cut.no-stock': () => 'There is nothing to cut from. Add a roll or a stick.',
  'cut.too-long': ({ id, lengthMm, longestMm }, w) =>
    `Piece '${id}' is ${w.length(lengthMm)} and the longest stock ${w.length(longestMm)}. Add longer stock or shorten the piece.`,
  'cut.too-little': ({ neededMm, thereMm }, w) =>
    `The pieces are ${w.length(neededMm)} in all and the stock of ${w.length(thereMm)} does not hold them. Add stock or cut fewer.`,
  'buy.same-pack-twice': ({ packId, item }) =>
    `Pack '${packId}' of ${item} is offered twice. Give each offer an id of its own.`,
  'buy.no-offers': () => 'Nobody offers anything. Add an offer.',
  'buy.not-sold': ({ item, short, most }) =>
    most > 0
      ? `${n(short)} of ${item} are short and all packs offered hold ${n(most)}. Add an offer or allow more packs.`
      : `Nobody offers ${item}. Add an offer for it.`,
  'cost.never-pays': ({ makeEach, buyEach }) =>
    `Making costs ${n(makeEach)} each and buying ${n(buyEach)}: the outlay never pays. Buy it, or make it cheaper.`,
  'count.no-handful': () => 'Weigh a handful first that you counted, such as 10.',
  'count.light-handful': ({ massG }, w) =>
    `The handful of ${w.mass(massG)} is lost in what the scale reads to. Count out more of them, or take a finer scale.`,
  'count.under-handful': ({ wholeG, handfulG }, w) =>
    `All of it weighs ${w.mass(wholeG)}, less than the handfuls of ${w.mass(handfulG)} that lie among it. Put them with it, or say that they lie apart.`,
  'photo.unreadable': ({ type }) =>
    `This ${type.startsWith('image/') ? `picture (${type.slice('image/'.length)}) cannot be read here` : 'file is no picture'}. Choose a JPEG, PNG or WebP.`,
  'photo.nothing-seen': () => 'The picture is see-through all over: there is no color in it. Choose another.',
  'yield.too-many': ({ wanted, most }) =>
    `${n(wanted)} good ones would take more than ${n(most, 6)} castings. Fix what spoils them first, or ask for fewer.`,
  'shop.same-id-twice': ({ id }) => `'${id}' stands twice. Call one of them something else.`,
  'shop.unknown-id': ({ id }) => `Nothing is called '${id}'. Put it in, or name another.`,
  'shop.windows-overlap': ({ fromMin }) =>
    `The time that begins at minute ${n(fromMin)} is empty or overlaps another. Let each end before the next begins.`,
  'shop.circle': ({ id }) =>
    `'${id}' waits for itself, by way of others. Let one of them wait for nothing of these.`,
  'shop.too-long': ({ id, minutes, longest }) =>
    `'${id}' takes the hands for ${n(minutes)} min in one go, and the longest time at the bench is ${n(longest)} min. Part it, or stay longer.`,
  'shop.no-window': () =>
    'There is not time enough at the bench for all of it. Add an evening, or take something off.',
  'spin.inside-pool': ({ radiusMm, poolRadiusMm }, w) =>
    `The cavity reaches out to ${w.length(radiusMm)}, inside the pool of ${w.length(poolRadiusMm)}: no metal is thrown into it. Measure to its outermost point.`,
  'wire.hanger-off-arm': ({ name, hangerMm, armMm }, w) =>
    hangerMm === null
      ? `'${name}' hangs on the arm, but nobody said where. Say how far from the eye.`
      : `'${name}' hangs ${w.length(hangerMm)} from the eye; the arm ends at ${w.length(armMm)}.`,
  'water.fell-too-fast': ({ seconds, leastS }) =>
    `Down in ${n(seconds)} s is faster than the line alone lets it fall, ${n(leastS)} s. Check the depth, the line and the watch.`,
  'float.no-lift': ({ liftG }, w) =>
    `The float has no lift left: ${w.mass(Math.max(0, -liftG))} too heavy by itself. Let less of it stand out, or take a larger one.`,
  'float.shot-floats': ({ shotGcm3, waterGcm3 }) =>
    `Shot of ${n(shotGcm3)} g/cm3 does not sink in water of ${n(waterGcm3)} g/cm3. Give the shot's own density.`,
  'plastic.nothing-in-it': () =>
    'There is nothing in the cup. Give at least one part a weight or a volume over 0.',
  'catch.no-hours': ({ catches }) => `${n(catches)} were caught in no time. Give the hours fished.`,
  'buy.unknown-seller': ({ sellerId, packId }) =>
    `Pack '${packId}' is sold by '${sellerId}', who is not among the sellers. Add that seller, with the postage.`,
  'buy.same-seller-twice': ({ sellerId }) => `Seller '${sellerId}' stands twice. Give each seller once.`,
  'number.not-finite': ({ name }) =>
    `The numbers given to ${name} are too large or too small to compute with.`,
};

/**
 * The sentence for a problem: what is wrong and what would be right.
 *
 * @param write How it writes what is measured.
 * @example sentence({ code: 'plan.no-molds', facts: {}, path: [] }, IN_BASE_UNITS) // 'There is no mold to pour. Add one.'
 */
export function sentence(problem: Problem, write: Writer): string {
  const speak = SENTENCES[problem.code] as (facts: Problem['facts'], w: Writer) => string;
  return speak(problem.facts, write);
}

function list(names: readonly string[]): string {
  const shown = names.slice(0, 6).map((name) => `'${name}'`);
  const more = names.length - shown.length;
  if (more > 0) return `${shown.join(', ')} and ${more} more`;
  return shown.length > 1 ? `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}` : shown.join('');
}
