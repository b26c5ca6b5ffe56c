import { countText } from './count-text';
import { lowerFirst } from 'es-toolkit/string';
import { deedSentence } from './deed-sentence';
import type { BenchProblem, CardRunSort, FileProblem } from '@/core/problems/bench-problem';
import { numberText as n } from './number-text';
import type { Writer } from './writer';

const RACK_WORDS: Readonly<Record<string, string>> = {
  hanging: 'not in the oven',
  curing: 'in the oven',
  out: 'out and booked',
  dropped: 'taken down',
};

const CARD_RUN_WORDS: Readonly<Record<CardRunSort, { readonly on: string; readonly run: string }>> = {
  skirts: { on: 'Skirts are being tied', run: 'Tying run' },
  baits: { on: 'Baits are being built', run: 'Building run' },
  rigs: { on: 'Rigs are being made', run: 'Rig run' },
};

/**
 * The sentence for something the bench did not do: what is wrong and what to do.
 *
 * @param write How it writes what is measured.
 * @example benchSentence({ code: 'bench.nothing-poured' }, IN_BASE_UNITS) // 'Nothing was poured yet. ...'
 */
export function benchSentence(problem: BenchProblem, write: Writer): string {
  const amount = (qty: number, unit: 'g' | 'pieces' | 'mm') =>
    unit === 'pieces' ? n(qty) : unit === 'g' ? write.mass(qty) : write.length(qty);
  switch (problem.code) {
    case 'bench.gone':
      return `This ${problem.what} is no longer there. It may have been taken back in another tab.`;
    case 'bench.too-little':
      return `${problem.bin} has ${amount(problem.onHand, problem.unit)}; ${amount(problem.asked, problem.unit)} cannot come out. Take less, or count it first.`;
    case 'bench.below-zero':
      return `By the books ${problem.bin} would hold ${amount(-problem.level, problem.unit)} less than nothing. Count it first: more was there than the books say.`;
    case 'bench.beyond':
      return `The ${problem.record} cannot be kept: at ${problem.where}, ${lowerFirst(problem.why)}. Nothing was written; set the figure right and try again.`;
    case 'bench.not-whole':
      return `${problem.bin} is kept in whole pieces; ${n(problem.asked)} is not one. Write a whole number.`;
    case 'bench.too-light':
      return `A casting of ${write.mass(problem.eachG)} is lighter than the ${write.mass(problem.hardwareG)} of hook and hardware in it. Check the weight, the count and the hook.`;
    case 'bench.cold-in-pot':
      return `${problem.name} is mixed with its resin and pressed cold: no pot melts it, and resin burns in one. Leave it out.`;
    case 'bench.zinc-in-pot':
      return `${problem.zinc} holds zinc, and ${problem.other} would be spoiled by it: a tenth of a percent makes the pour lumpy. Take one of them out.`;
    case 'bench.pot-overfull':
      return `${write.mass(problem.chargeG)} do not go into a pot of ${write.mass(problem.capacityG)}. Melt in two goes.`;
    case 'bench.run-under-way':
      return 'A run is on the bench already. Book it or drop it before the next.';
    case 'bench.run-ended':
      return `Run ${problem.no} has ended; nothing more goes into it.`;
    case 'bench.nothing-to-pour':
      return `${problem.mold} has cast its share. Go on to the next block, or book the run.`;
    case 'bench.not-yet':
      return `${problem.mold} needs ${n(Math.ceil(problem.leftS))} s more. Wait until its clock has run out.`;
    case 'bench.overcast':
      return `More was cast than was charged: ${write.mass(problem.shortG)} are missing. Raise what was charged, or lower the skimmings.`;
    case 'bench.nothing-poured':
      return 'Nothing was poured yet. Pour first, or drop the run.';
    case 'bench.rack-moved-on':
      return `Rack ${problem.no} is ${RACK_WORDS[problem.state] ?? problem.state} by now. Look at it again; it may have been moved in another tab.`;
    case 'bench.rack-empty':
      return `Nothing hangs on rack ${problem.no}. Hang heads on it first.`;
    case 'bench.food-oven':
      return `Food is made in ${problem.oven}: no head goes in. Use an oven that is never used for food again.`;
    case 'bench.oven-taken':
      return `Rack ${problem.no} is still in ${problem.oven}. Take it out before the next goes in.`;
    case 'bench.card-run-on':
      return `${CARD_RUN_WORDS[problem.of].on} already. End that run, or put it back, before the next.`;
    case 'bench.card-run-ended':
      return `${CARD_RUN_WORDS[problem.of].run} ${problem.no} has ended; it may have been ended in another tab.`;
    case 'bench.length-changed':
      return `The length of ${problem.bin} was ${write.length(problem.toldMm)} when the cuts were planned and is ${write.length(problem.thereMm)} now. Plan the cuts again.`;
    case 'bench.kept-by-length':
      return `${problem.bin} is kept by its lengths. Receive, measure or cut them at Rig, Rolls.`;
    case 'bench.other-unit':
      return `${problem.bin} is not counted the way ${problem.other} is. Only like may stand in for like.`;
    case 'bench.order-done':
      return `Order ${problem.no} is closed: all of it came, or it was given up. Write a new one.`;
    case 'bench.more-came':
      return `${countText(problem.came, 'pack')} would have come of ${n(problem.asked)} that were ordered. Receive what is over at the bin itself.`;
    case 'bench.two-under-way':
      return `Both benches have a run under way (${problem.table}). End one of them, save that bench again, and join then.`;
    case 'bench.kit-back':
      return `Kit ${problem.no} is back on the shelf already.`;
    case 'bench.more-back-than-taken':
      return `${n(problem.back)} are to go back and only ${n(problem.taken)} were taken. Put back no more than that.`;
    case 'bench.nothing-to-undo':
      return 'There is nothing left to take back.';
    case 'bench.changed-since':
      return `'${deedSentence(problem.deed)}' cannot be taken back: what it wrote has changed since. Take back the later change first.`;
    case 'bench.no-earlier-bench':
      return 'There is no earlier bench to go back to.';
  }
}

/** What a file was to be. */
type FileOf = 'bench' | 'skirt';

const FILE_WORDS: Record<FileOf, { readonly name: string; readonly writer: string }> = {
  bench: { name: 'a saved Ruvek bench', writer: 'Back up' },
  skirt: { name: 'a saved Ruvek skirt', writer: 'Save as a file' },
};

/**
 * The sentence for a file that cannot become the bench. The bench stays as it was.
 *
 * @example fileSentence({ code: 'file.not-json' })
 */
export function fileSentence(problem: FileProblem, of: FileOf = 'bench'): string {
  const kept = 'The bench is as it was.';
  const { name, writer } = FILE_WORDS[of];
  switch (problem.code) {
    case 'file.too-large':
      return `The file holds ${n(problem.bytes / 1024 / 1024, 3)} MiB; ${name} is at most ${n(problem.most / 1024 / 1024, 3)} MiB. ${kept}`;
    case 'file.not-json':
      return `The file cannot be read: it is cut off or not ${name}. Choose another copy. ${kept}`;
    case 'file.foreign':
      return `This file is not ${name}. Choose a file that ${writer} wrote. ${kept}`;
    case 'file.newer':
      return `This file was saved by a newer Ruvek (form ${problem.version}; this one knows up to ${problem.known}). Update Ruvek, then open it. ${kept}`;
    case 'file.damaged':
      return `The file is damaged at ${problem.record ? `the ${problem.record} (${problem.where})` : problem.where || 'its root'}: ${lowerFirst(problem.why)}. Set it right there, or choose another copy. ${kept}`;
    case 'file.too-deep':
      return `The file nests more than ${problem.most} levels deep at ${problem.where}; no bench does. Choose another copy. ${kept}`;
  }
}
