/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import type { HistoryEntry } from '@/records/history-entry';
import { renderBench, TODAY } from '../../tests/support/render-bench';
import { BackUpReminder } from './BackUpReminder';
import { setPreferences } from '@/station-kit/preferences-store';

const mockSave = jest.fn<undefined, [string, BlobPart, string]>();
jest.mock('@/station-kit/save-file', () => ({
  saveFile: (name: string, content: BlobPart, type: string) => mockSave(name, content, type),
}));

const DAY_MS = 86_400_000;
const act = (no: number, daysAgo: number): HistoryEntry => ({
  id: `act-${no}`,
  no,
  at: TODAY - daysAgo * DAY_MS,
  deed: { code: 'shelf.taken', facts: {} },
  undoes: null,
  changes: [],
});
const bench = (acts: HistoryEntry[]) => ({ ...demoBench(TODAY), acts });

beforeEach(() => setPreferences({ backedUpAt: null }));

describe('the reminder to back up', () => {
  it('comes two weeks after the first thing unsaved, and goes with a press', async () => {
    await renderBench(<BackUpReminder />, TODAY, bench([act(1, 20), act(2, 3)]));
    const button = await screen.findByRole('button', { name: /Back up ?: ?20 days unsaved/ });
    fireEvent.click(button);
    await waitFor(() => expect(screen.queryByRole('button', { name: /Back up/ })).toBeNull());
    expect(mockSave.mock.calls[0]![0]).toMatch(/^ruvek-bench-.*\.json$/);
  });

  it('looks at what was done since the last backup alone', async () => {
    setPreferences({ backedUpAt: TODAY - 10 * DAY_MS });
    const { workshop } = await renderBench(<BackUpReminder />, TODAY, bench([act(1, 20), act(2, 3)]));
    expect(await workshop.history.firstSince(TODAY - 10 * DAY_MS)).toBe(TODAY - 3 * DAY_MS);
    expect(screen.queryByRole('button', { name: /Back up/ })).toBeNull();
  });

  it('finds the first of many, the only one, and none', async () => {
    const acts = Array.from({ length: 37 }, (_, nth) => act(nth + 1, 100 - nth));
    const { workshop } = await renderBench(<BackUpReminder />, TODAY, bench(acts));
    for (const nth of [0, 1, 17, 36]) {
      expect(await workshop.history.firstSince(acts[nth]!.at - 1)).toBe(acts[nth]!.at);
    }
    expect(await workshop.history.firstSince(acts[36]!.at)).toBeNull();
    await workshop.backup.restore(bench([]));
    expect(await workshop.history.firstSince(0)).toBeNull();
  });
});
