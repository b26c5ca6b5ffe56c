import { METRIC } from '@/text/written-in';
import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { sessionOf, type Takes } from '@/model/tickets/session-takes';
import { composeSheet } from './pour-sheet';
import { NOTHING_LEFT } from '@/model/schedule/replan-run';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const evening = { legs: [], firstGoodS: null, totalS: 0, spreadS: null, refills: 0 };
const takes = { budget: { chargeG: 1000, potFills: 1 } } as Takes;

/** The sheet of the league's rounds, asked for in a lot; so loosely that every lot makes them. */
function sheetIn(metalBinId: string) {
  const tickets = demo.tickets.map((ticket) =>
    ticket.title === 'Zander league'
      ? { ...ticket, toleranceShare: 0.5, lines: ticket.lines.map((line) => ({ ...line, metalBinId })) }
      : { ...ticket, state: 'closed' as const },
  );
  const view = viewOf({ ...demo, tickets });
  const metal = view.metals.find(({ id }) => id === metalBinId)!;
  const session = sessionOf(view, view.wants, metal);
  expect(session.wants).toHaveLength(2);
  return composeSheet({ metal, session, plan: NOTHING_LEFT, takes, evening, pull: [] }, view, METRIC);
}

describe('the job sheet of a pour', () => {
  it('says before the pot is lit which colors these castings cannot get, and why', () => {
    expect(sheetIn('lot-14').held).toEqual([]);
    expect(sheetIn('lot-19').held).toEqual([
      expect.stringMatching(
        /^Round 10 g, 2\/0 in Pale zander: Oven at 177 °C would melt Lot 19, bismuth-tin \(139 °C\)/,
      ),
      expect.stringMatching(/^Round 14 g, 3\/0 in Ember perch: Oven at 1\d\d °C would melt Lot 19/),
    ]);
  });

  it('names what is cast, and asks for the checklist', () => {
    const sheet = sheetIn('lot-14');
    expect(sheet.title).toBe('Pour, Lot 14');
    expect(sheet.facts[0]).toEqual(['To cast', '60 Round 10 g, 2/0; 18 Round 14 g, 3/0']);
    expect(sheet.before).toBe('Before the pot goes on');
    expect(sheet.cautions.length).toBeGreaterThan(5);
  });
});
