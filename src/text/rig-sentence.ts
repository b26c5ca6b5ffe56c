import type { RigFinding, Suited } from '@/core/rigs/rig-finding';
import { strengthText } from './quantity-text';
import { massText, sizeText } from './words';
import type { WrittenIn } from './written-in';

const take = (right: Suited | null, otherwise: string) => (right ? `Take ${right.name}.` : otherwise);

/**
 * What does not fit in a rig, and what would.
 *
 * @example rigSentence({ code: 'missing', weight: 'stop', at: ['cable'], what: 'cable' }) // 'It has no cable yet. ...'
 */
export function rigSentence(finding: RigFinding, units: WrittenIn): string {
  const mm = (value: number) => sizeText(value, units.length);
  const kg = (value: number) => strengthText(value, units.strength);
  switch (finding.code) {
    case 'missing':
      return `It has no ${finding.what} yet. Choose one from the shelf, or receive some.`;
    case 'crimp-wrong':
      return `${finding.name} is ${mm(finding.holeMm)} inside; ${finding.cable} takes ${mm(finding.wantMm)}. ${take(finding.right, 'None such lies on the shelf.')}`;
    case 'tube-small':
      return `${finding.name} is ${mm(finding.holeMm)} inside; to go flat over the eye of ${finding.hook} it needs ${mm(finding.overMm)}. ${take(finding.right, 'None on the shelf fits.')}`;
    case 'tube-loose':
      return `${finding.name} shrinks to ${mm(finding.shrunkMm)}; shank and line of ${finding.hook} are ${mm(finding.gripMm)}: it slips. ${take(finding.right, 'None on the shelf fits.')}`;
    case 'tube-on-bend':
      return `${finding.name} reaches ${mm(finding.downMm)} down a shank of ${mm(finding.shankMm)}, onto the bend: it closes the gape. Cut it shorter.`;
    case 'tube-order':
      return `The front tube is ${mm(finding.frontMm)} and the rear one ${mm(finding.rearMm)}. The front one is to be the longer: it keeps the set in line.`;
    case 'gape-fouls': {
      const others = [finding.smaller, finding.larger].flatMap((each) => (each ? [each.name] : []));
      return `${finding.name} has a gape of ${mm(finding.gapeMm)} beside a body of ${mm(finding.bodyMm)}: of the size between, it fouls. ${others.length > 0 ? `${others.join(' or ')} clears it.` : 'A clearly smaller or larger one clears it.'}`;
    }
    case 'hangs-low':
      return `${finding.name} hangs ${mm(finding.reachMm)} down a jig of ${mm(finding.jigMm)}: about half way or higher is right. Shorten the cord.`;
    case 'cord-least':
      return `${finding.name} can be tied no shorter than ${mm(finding.leastMm)}: the hook reaches ${mm(finding.reachMm)} down, not ${mm(finding.wishedMm)}. A shorter hook or smaller rings hang higher.`;
    case 'too-weak':
      return `${finding.weakest} holds ${kg(finding.kgf)}; ${kg(finding.loadKgf)} are wanted. ${take(finding.right, 'Nothing on the shelf there holds more: lower the load, or buy stronger.')}`;
    case 'unknown-strength':
      return `What ${finding.names.join(', ')} breaks at is not known. Write it down at Build, Parts.`;
    case 'hole-small':
      return `${finding.name} is ${mm(finding.holeMm)} inside; ${finding.over} is ${mm(finding.overMm)}. Take one with more room.`;
    case 'lines-meet':
      return `${finding.name} meets ${finding.next} with nothing between. Tie both with a knot, or put a swivel there.`;
    case 'spacing-odd':
      return `The hooks are ${mm(finding.mm)} apart. For this lure ${mm(finding.regularMm)} is regular and ${mm(finding.longMm)} long.`;
    case 'hooks-meet':
      return `${finding.name} reaches ${finding.next} by ${mm(Math.abs(finding.overMm))}: they tangle. Set them further apart, or take shorter ones.`;
    case 'off-weight':
      return `It comes to ${massText(finding.massG, units.mass)} for ${massText(finding.targetG, units.mass)}. Change the count, or the size of the shot.`;
    case 'not-measured':
      return `${finding.name} has no ${finding.what} yet. Measure it at Build, Parts.`;
  }
}
