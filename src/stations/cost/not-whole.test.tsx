/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import { renderBench } from '../../../tests/support/render-bench';
import { viewOf } from '../../../tests/support/view-of';
import { costOf } from '@/model/cost/cost-facts';
import { skirtCost } from '@/model/cost/skirt-cost';
import { draftOf } from '@/model/skirts/skirt-draft';
import { PiecePart } from './PiecePart';
import { RoutePart } from './RoutePart';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const build = demo.builds.find(({ name }) => name === 'Canal swimmer')!;
const piece = (of: typeof build) => ({
  id: 'build:x',
  name: of.name,
  group: 'Baits' as const,
  piece: { kind: 'build' as const, build: of },
  buyKey: { kind: 'build' as const, key: of.family },
});

describe('a cost that is not whole', () => {
  it('names in the figure what is not in it, and claims no saving', async () => {
    const headless = piece({ ...build, head: null });
    const { unmount } = await renderBench(
      <PiecePart piece={headless} count={10} open={null} onOpen={() => undefined} />,
    );
    expect(screen.getByText(/, without a head/)).toBeInTheDocument();
    expect(screen.getByText(/Not chosen yet, and so not in it: head/)).toBeInTheDocument();
    unmount();
    await renderBench(<RoutePart piece={headless} count={10} />);
    expect(
      screen.getByText(/What making costs is not known whole: a head is not chosen/),
    ).toBeInTheDocument();
    expect(screen.queryByText('Make all of it.')).toBeNull();
  });

  it('says nothing of the kind where all is in', async () => {
    await renderBench(<RoutePart piece={piece(build)} count={10} />);
    expect(screen.queryByText(/not known whole/)).toBeNull();
  });

  it('is one sum for a skirt, at Skirt and at Cost', () => {
    const view = viewOf(demo);
    for (const skirt of demo.skirts) {
      const { materials, parts } = skirtCost(draftOf(skirt), 12, view);
      expect(materials).toBeCloseTo(costOf({ kind: 'skirt', skirt }, 12, view).materials, 12);
      expect(parts.length).toBeGreaterThan(0);
    }
  });
});
