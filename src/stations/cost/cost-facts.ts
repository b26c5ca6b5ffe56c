import { costBill, type CostedPart } from '@/core/cost/bill';
import type { RouteNode } from '@/core/cost/cheapest-route';
import { openPurse } from '@/core/cost/purse';
import { numberText } from '@/messages/number-text';
import type { BuyIn } from '@/records/buying';
import { STAGES, type Stage } from '@/records/outlay';
import type { CostSlice } from '@/ui/cost-bar/CostBar';
import { billOf, pricedItem, stageFacts, takenByBill, type BenchView, type PieceKind } from '../shared';

/** What a stage is called where its work is paid. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  pour: 'Pouring',
  coat: 'Coating',
  skirt: 'Tying',
  build: 'Building',
  rig: 'Rigging',
};

const isStage = (stage: string): stage is Stage => (STAGES as readonly string[]).includes(stage);

/** What one of a piece costs where so many are made, at the prices that lie on the shelf. */
export function costOf(piece: PieceKind, count: number, view: BenchView): CostedPart {
  const pay = openPurse((item) => pricedItem(item, view));
  return costBill(billOf(piece, view), count, pay, (part) => workOn(part, view));
}

/** What kind of piece a part of a bill is and of which family: `build:quay-tandem`; the family null for what has none. */
function namedBy(id: string): { readonly kind: string; readonly family: string | null } {
  const [kind = '', family = null] = id.split(':');
  return { kind, family };
}

/** What the work on a part takes; null for what is taken as it is. */
function workOn({ id, stage }: { readonly id: string; readonly stage: string | null }, view: BenchView) {
  return stage !== null && isStage(stage) ? stageFacts(stage, view, namedBy(id).family) : null;
}

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
  const work = OWN.flatMap(([kind, what, tone]): CostSlice[] => {
    const each = part.own[kind];
    if (each <= 0) return [];
    return [
      {
        ...{ id: `${part.id}:${kind}`, name: `${stage}, ${what}`, amount: '', each, tone, slices: [] },
        ...{
          money: moneyText(each, sign),
          isGuess: kind === 'labour' && workOn(part, view)?.isOwn === false,
        },
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
  };
}

/** What of a piece nobody ever priced, by name. */
export function unpricedOf(piece: PieceKind, view: BenchView): string[] {
  return [...takenByBill(billOf(piece, view)).keys()].flatMap((item) => {
    const { lots, usual } = pricedItem(item, view);
    const isPriced = usual !== null || lots.some(({ unitCost }) => unitCost !== null);
    return isPriced ? [] : [view.binById.get(item)?.name ?? 'a part gone'];
  });
}

/** The price a thing is bought in at; null where nobody noted one. */
export function buyInOf(
  key: { readonly kind: BuyIn['kind']; readonly key: string },
  view: BenchView,
): BuyIn | null {
  return view.buyIns.find((each) => each.kind === key.kind && each.key === key.key) ?? null;
}

/** What a made part of a costed piece is bought in as; null for what nobody sells so. */
function keyOf(part: CostedPart, piece: PieceKind): { kind: BuyIn['kind']; key: string } | null {
  const { kind, family } = namedBy(part.id);
  if ((kind === 'skirt' || kind === 'build' || kind === 'rig') && family) return { kind, key: family };
  if (part.id !== 'cast') return null;
  const head = piece.kind === 'head' ? piece.head : piece.kind === 'build' ? piece.build.head : null;
  return head ? { kind: 'head', key: `${head.style} ${head.nominalG}` } : null;
}

/** A costed piece as the routes to it are reckoned: what is made of it, and for what each could be bought in. */
export function routeNode(part: CostedPart, piece: PieceKind, view: BenchView): RouteNode {
  const key = keyOf(part, piece);
  const buyIn = key ? buyInOf(key, view) : null;
  const made = part.parts.filter(({ item }) => item === null);
  const facts = workOn(part, view);
  const { labour, tooling, energy } = part.own;
  return {
    id: part.id,
    ownCost: labour + tooling + energy,
    ownMinutes: facts ? (facts.minutesEach / (1 - facts.scrapShare)) * part.qty : 0,
    partsCost: part.parts.filter(({ item }) => item !== null).reduce((so, { each }) => so + each, 0),
    buy: buyIn ? { each: buyIn.each, postage: buyIn.postage, leadDays: buyIn.leadDays } : null,
    under: made.map((each) => routeNode(each, piece, view)),
  };
}

/** How many pieces went through a stage so far, by the ledger. */
export function piecesThrough(stage: Stage, view: BenchView): number {
  switch (stage) {
    case 'pour':
      return view.runs.reduce((so, { booking }) => so + (booking?.good ?? 0), 0);
    case 'coat':
      return view.racks.reduce((so, { state, hung }) => so + (state === 'out' ? hung.length : 0), 0);
    case 'skirt':
      return view.tyings.reduce((so, { endedAt, done }) => so + (endedAt === null ? 0 : done), 0);
    case 'build':
      return view.buildings.reduce((so, { endedAt, passed }) => so + (endedAt === null ? 0 : passed), 0);
    case 'rig':
      return view.riggings.reduce((so, { endedAt, passed }) => so + (endedAt === null ? 0 : passed), 0);
  }
}
