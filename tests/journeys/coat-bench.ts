import type { Page } from '@playwright/test';
import type { BenchContents } from '../../src/records/bench-file';
import type { Coat } from '../../src/records/coat';
import { openChanged } from './bench-page';

/** Opens the coat station on the demo bench as `change` makes it. */
export const openCoat = (page: Page, change: (contents: BenchContents) => Partial<BenchContents>) =>
  openChanged(page, 'coat', change);

/** A part of the coat station. */
export async function turnTo(page: Page, part: 'Heat' | 'Rack' | 'Colors' | 'Powders'): Promise<void> {
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText(part, { exact: true }).click();
}

/** A plain color of one powder. */
export const plain = (id: string, powderBinId: string): Coat => ({
  id,
  name: id,
  base: { kind: 'powder', powderBinId },
  second: null,
  clearBinId: null,
  eye: null,
  retired: false,
  note: '',
});

interface Cast {
  readonly coatId: string;
  readonly count: number;
  readonly headBinId: string;
}

/** One open ticket whose lines are cast in full and want a color; every other ticket is closed. */
export function onlyTicket(contents: BenchContents, casts: readonly Cast[]): Partial<BenchContents> {
  const [ticket] = contents.tickets;
  if (!ticket) throw new Error('the demo has no tickets');
  const lines = casts.map(({ coatId, count, headBinId }, index) => {
    const bin = contents.bins.find(({ id }) => id === headBinId);
    if (bin?.kind !== 'head' || bin.metalBinId === null) throw new Error(`${headBinId} is no head`);
    const { style, nominalG, hookBinId, metalBinId } = bin;
    return {
      id: `coat-line-${index}`,
      style,
      nominalG,
      hookBinId,
      metalBinId,
      count,
      coatId,
      skirtId: null,
      guardBinId: null,
      collarBinId: null,
      dueOn: null,
    };
  });
  const open = {
    ...ticket,
    id: 'coat-ticket',
    no: 99,
    title: 'Colors',
    buyer: null,
    state: 'open' as const,
    lines,
  };
  return {
    tickets: [...contents.tickets.map((each) => ({ ...each, state: 'closed' as const })), open],
    entries: [
      ...contents.entries,
      ...casts.map(({ count, headBinId }, index) => ({
        id: `coat-entry-${index}`,
        at: 1,
        binId: headBinId,
        kind: 'made' as const,
        qty: count,
        note: '',
        ticketId: 'coat-ticket',
        lineId: `coat-line-${index}`,
        runId: null,
        pieceShare: null,
        lengthId: null,
        unitCost: null,
        reverses: null,
      })),
    ],
  };
}
