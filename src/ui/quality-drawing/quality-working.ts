import type { FlawCount } from '@/core/quality/count-flaws';
import type { Working } from '../figure/Figure';

const percent = (share: number) => `${(share * 100).toFixed(1)} %`;

/** The share of castings that went wrong, and where it truly lies. */
export function flawShareWorking(
  what: string,
  { cast, flawed, share, lowShare, highShare }: FlawCount,
): Working {
  return {
    title: `Flawed, ${what}`,
    steps: [
      `${flawed} of ${cast} castings = ${percent(share)}`,
      `between ${percent(lowShare)} and ${percent(highShare)}, 95 % sure (Wilson)`,
    ],
    inputs: [{ name: 'castings and flaws', value: 'as they were booked and noted', basis: 'counted' }],
  };
}

/** How likely a flaw comes of a cause at this bench: the trade’s rule, moved by its own runs. */
export function causeShareWorking(what: string, share: number, trade: number, own: number): Working {
  return {
    title: what,
    steps: [
      own === 0
        ? `the trade’s rule: ${Math.round(trade * 100)} %; nothing of your own speaks yet`
        : `the trade’s rule of ${Math.round(trade * 100)} % counts as so many flaws of its own; with the causes that you found, ${own} % of the whole, it comes to ${Math.round(share * 100)} %`,
    ],
    inputs: [
      { name: 'the trade’s rule', value: `${Math.round(trade * 100)} %`, basis: 'reference' },
      { name: 'your own runs', value: own === 0 ? 'none yet' : `${own} % of the row`, basis: 'counted' },
    ],
  };
}

/** How likely a cause is of this drift: its row of the table, by what is seen and answered. */
export function likelyCauseWorking(what: string, share: number, first: number, answers: number): Working {
  return {
    title: what,
    steps: [
      `before anything was looked at, ${Math.round(first * 100)} % of such flaws come of it`,
      `that share × how likely the pattern of the weights${answers > 0 ? ` and ${answers} ${answers === 1 ? 'answer' : 'answers'}` : ''} would be if it were so, by the same of all causes (Bayes): ${Math.round(share * 100)} %`,
    ],
    inputs: [
      { name: 'the row of the table', value: 'the trade’s rules, moved by your runs', basis: 'computed' },
      { name: 'how clues and answers speak', value: 'the trade’s rules', basis: 'reference' },
    ],
  };
}
