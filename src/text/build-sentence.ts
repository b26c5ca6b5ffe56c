import type { Finding } from '@/core/builds/judge-build';
import type { PatternProblem } from '@/core/builds/hole-pattern';
import { sizeText } from './words';
import type { WrittenIn } from './written-in';

const bladesText = (count: number) =>
  count === 0 ? 'no blade' : count === 1 ? '1 blade' : `${count} blades`;

/**
 * What does not fit on a bait, and what would.
 *
 * @example findingSentence({ code: 'missing', weight: 'stop', at: ['frame'], what: 'wire' }) // 'It has no wire yet. ...'
 */
export function findingSentence(finding: Finding, units: WrittenIn): string {
  const mm = (value: number) => sizeText(value, units.length);
  switch (finding.code) {
    case 'missing':
      return `It has no ${finding.what} yet. Take one from the shelf.`;
    case 'too-long':
      return `The stack is ${mm(finding.stackMm)} and the arm ${mm(finding.armMm)} with its loop: too long by ${mm(finding.overMm)}. Take beads off, or a longer arm.`;
    case 'no-play':
      return `Only ${mm(finding.freeMm)} stay free; ${mm(finding.leastMm)} let it turn. Take a bead off.`;
    case 'strike':
      return `${finding.name} reaches ${mm(finding.overlapMm)} past the hanger of ${finding.next}: they strike. Put ${mm(finding.overlapMm)} of beads or a spacer between, or take a shorter blade.`;
    case 'apart':
      return `${finding.name} does not reach ${finding.next}: they will not strike each other. Bring them nearer if they are to.`;
    case 'hits-body':
      return `${finding.name} is ${mm(finding.widthMm)} wide and swings ${mm(finding.widthMm / 2)} out; the body is ${mm(finding.gapMm)} off. Take a narrower blade, or a longer or wider arm.`;
    case 'sweeps-body':
      return `${finding.name} strikes the body as it turns, by about ${mm(finding.intoMm)}: where it hangs, the arm is too near. Hang it farther out, take a shorter blade, or a wider or longer arm.`;
    case 'loop-small':
      return `The loop is ${mm(finding.loopMm)} inside and ${finding.name} needs ${mm(finding.ringMm * 2)} to turn in it. Bend a larger loop, or take a finer swivel.`;
    case 'hole-small':
      return `${finding.name} has a hole of ${mm(finding.holeMm)}; the wire is ${mm(finding.wireMm)}. Take one with a wider hole, or thinner wire.`;
    case 'wrong-wire':
      return `${finding.name} is not bent for a ${finding.kind.toLowerCase()}. Choose another wire.`;
    case 'bare-clevis':
      return `${finding.name} carries no blade. Hang one on it, or take it off.`;
    case 'blades-few':
      return `It has ${bladesText(finding.count)}; it needs ${finding.limit}.`;
    case 'blades-many':
      return `It has ${finding.count} blades; ${finding.limit} are the most.`;
    case 'not-on-arm':
      return `${finding.name} does not go on the arm of a ${finding.kind.toLowerCase()}. Take it off.`;
    case 'gape-fouls':
      return `${finding.name} is ${mm(finding.bodyMm)} thick and the gape ${mm(finding.gapeMm)}: of the size between, it can foul the point. A thinner body or a wider gape clears it.`;
    case 'hook-lost':
      return `${finding.name} is ${mm(finding.bodyMm)} thick and fills the gape of ${mm(finding.gapeMm)}: the hook is lost in it. Take a thinner body or a wider gape.`;
    case 'not-measured':
      return `Nobody measured ${finding.name} yet: its ${finding.what} is wanted. Measure it under Parts.`;
  }
}

/**
 * What is wrong with a pattern of holes.
 *
 * @example patternSentence({ code: 'outside', hole: 0 }) // 'Hole 1 lies outside the blade. ...'
 */
export function patternSentence(problem: PatternProblem, units: WrittenIn): string {
  const mm = (value: number) => sizeText(value, units.length);
  const hole = `Hole ${problem.hole + 1}`;
  switch (problem.code) {
    case 'outside':
      return `${hole} lies outside the blade. Measure it again from the front edge.`;
    case 'near-edge':
      return `${hole} leaves ${mm(Math.max(0, problem.edgeMm))} of sheet at the edge: it tears out. Keep ${mm(1)} at least.`;
    case 'near-hole':
      return `${hole} and hole ${problem.other + 1} leave ${mm(Math.max(0, problem.webMm))} between them: it tears out. Keep ${mm(1)} at least.`;
  }
}
