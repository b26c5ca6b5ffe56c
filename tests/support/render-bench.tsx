import 'fake-indexeddb/auto';
import { configure, render, screen } from '@testing-library/react';
import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { demoBench } from '@/demo/demo-bench';
import { BenchProvider } from '../../src/station-kit/BenchProvider';
import './patience';
import { testWorkshop } from './test-bench';

// Whether an element is hidden is asked of the computed style of all that it stands in, which in a large form takes
// longer than the rest of the test; what is seen and what is not is for the journeys.
configure({ defaultHidden: true });

/** jsdom weighs every rule of a page for every element that is asked for by role: two thirds of a test's time. */
const NO_STYLES = { zeroRuntime: true };

/** The day of the made-up bench in component tests. */
export const TODAY = Date.UTC(2026, 10, 23, 12);

/** Made once for a file: the made-up bench is the same each time, and a test puts a copy of it into its database. */
const demo = demoBench(TODAY);

/** Shows a part of a station on the made-up bench, or on another, in memory. Waits until the bench is open. */
export async function renderBench(part: ReactNode, from?: number, contents = demo) {
  window.history.replaceState(null, '', '/');
  const { db, workshop } = testWorkshop(from);
  await workshop.backup.restore(contents);
  const shown = render(
    <ConfigProvider theme={NO_STYLES}>
      <App>
        <BenchProvider source={{ workshop, demo: () => Promise.resolve(demo) }}>
          <div data-testid="part">{part}</div>
        </BenchProvider>
      </App>
    </ConfigProvider>,
  );
  await screen.findByTestId('part');
  return { ...shown, db, workshop };
}
