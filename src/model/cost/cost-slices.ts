import { type CostedPart, type StageFacts } from '@/core/cost/bill';
import { numberText } from '@/text/number-text';
import { type Stage } from '@/records/outlay';
import type { CostSlice } from '@/core/cost/cost-slice';
import type { BenchView } from '../bench/bench-view';
import { workOn, isStage } from './cost-facts';

/** What a stage is called where its work is paid. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  pour: 'Pouring',
  coat: 'Coating',
  skirt: 'Tying',
  build: 'Building',
  rig: 'Rigging',
};

/** Money as the maker writes it: to the cent, small sums to a tenth of it. */
export function moneyText(value: number, sign: string): string {
  const digits = Math.abs(value) < 0.1 && value !== 0 ? 3 : 2;
  return `${sign} ${value.toFixed(digits)}`;
}

const OWN = [
  ['labour', 'hands', 'hands'],
  ['tooling', 'tools', 'tools'],
  ['energy', 'power', 'power'],
] as const;

/** A costed piece as the bar draws it: its own work beside its parts. */
export function sliceOf(part: CostedPart, view: BenchView, sign: string): CostSlice {
  const stage = part.stage !== null && isStage(part.stage) ? STAGE_WORDS[part.stage] : '';
  const facts = workOn(part, view);
  const work = OWN.flatMap(([kind, what, tone]): CostSlice[] => {
    const each = part.own[kind];
    if (each <= 0) return [];
    return [
      {
        id: `${part.id}:${kind}`,
        name: `${stage}, ${what}`,
        amount: '',
        each,
        tone,
        slices: [],
        money: moneyText(each, sign),
        isGuess: kind === 'labour' && facts?.isOwn === false,
        how: facts ? workSteps(kind, facts, part.qty, sign) : [],
      },
    ];
  });
  const under = part.parts.map((each) => sliceOf(each, view, sign));
  const bin = part.item === null ? undefined : view.binById.get(part.item);
  const unit = bin?.unit === 'g' ? ' g' : bin?.unit === 'mm' ? ' mm' : '';
  return {
    id: part.id,
    name: part.name,
    amount: part.item === null ? '' : `${numberText(part.qty, 3)}${unit}`,
    each: part.each,
    money: moneyText(part.each, sign),
    tone: part.item === null ? 'made' : 'part',
    isGuess: part.isGuess,
    slices: [...under, ...work],
    how:
      part.item === null
        ? [...under, ...work].map(({ name, money }) => `${name} ${money}`)
        : [
            `${numberText(part.qty, 3)}${unit} of it, at the price at which it lies on the shelf, the oldest first`,
          ],
  };
}

/** How a piece of work is paid, for one of the whole: what fails is begun over. */
function workSteps(
  kind: 'labour' | 'tooling' | 'energy',
  facts: StageFacts,
  qty: number,
  sign: string,
): string[] {
  const times = [
    ...(facts.scrapShare > 0 ? [`÷ (1 − ${numberText(facts.scrapShare * 100, 2)} % that fail)`] : []),
    ...(qty === 1 ? [] : [`× ${numberText(qty, 3)}`]),
  ].join(' ');
  switch (kind) {
    case 'labour':
      return [
        `${numberText(facts.minutesEach, 3)} min ${times} × ${moneyText(facts.ratePerHour, sign)} an hour ÷ 60`,
      ];
    case 'energy':
      return [`${numberText(facts.kWhEach, 2)} kWh ${times} × ${moneyText(facts.pricePerKWh, sign)} a kWh`];
    case 'tooling':
      return facts.tooling.map(
        ({ name, cost, lifePieces }) =>
          `${name}: ${moneyText(cost, sign)} ÷ ${numberText(lifePieces, 6)} pieces that it is good for ${times}`,
      );
  }
}
