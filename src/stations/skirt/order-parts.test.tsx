/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { readSkirtFile } from '@/records/skirt-file';
import { renderBench } from '../../../tests/support/render-bench';
import { useBench } from '@/station-kit/BenchProvider';
import { BeginTying } from './BeginTying';
import { CompareSkirts } from './CompareSkirts';
import { draftOf, type SkirtDraft } from '@/model/skirts/skirt-draft';
import { ImportSkirt } from './ImportSkirt';
import { KeepForm } from './KeepForm';
import { OrderPart } from './OrderPart';
import { exportSkirt, planImport } from '@/model/skirts/skirt-exchange';

beforeAll(() => {
  Element.prototype.scrollIntoView = () => undefined;
});
beforeEach(() => window.localStorage.clear());

const PERCH = 'skirt-reed-perch-3';

describe('an order', () => {
  it('is made piece by piece, counted, and written as a ticket', async () => {
    const { workshop } = await renderBench(<OrderPart />);
    const before = (await workshop.tickets.all()).length;
    const make = screen.getByText('Make the ticket').closest('button')!;
    expect(make).toBeDisabled();
    fireEvent.click(screen.getByText('the first piece'));
    fireEvent.change(screen.getByLabelText('Who orders'), { target: { value: 'Weir club' } });
    fireEvent.click(screen.getByText('another piece'));
    expect(within(screen.getByLabelText('Pieces', { selector: 'ul' })).getAllByRole('listitem')).toHaveLength(
      3,
    );
    expect(make).toBeEnabled();
    fireEvent.click(make);
    await screen.findByText(/^The ticket is written: \d+ pieces\.$/);
    const tickets = await workshop.tickets.all();
    expect(tickets).toHaveLength(before + 1);
    expect(tickets.find(({ buyer }) => buyer === 'Weir club')?.lines).toHaveLength(2);
  });
});

function Begin({ count }: { readonly count: number }) {
  const { view } = useBench();
  const skirt = view.skirtById.get(PERCH)!;
  return (
    <BeginTying
      wish={{ skirt, count, headBinId: null, ticketId: null, lineId: null }}
      onClose={jest.fn()}
      onBegun={jest.fn()}
    />
  );
}

describe('what is pulled for a run of skirts', () => {
  it('is short for too many, until another material stands for it', async () => {
    await renderBench(<Begin count={34} />);
    const begin = (await screen.findByText('Pull them and begin')).closest('button')!;
    expect(begin).toBeDisabled();
    const pull = screen.getByLabelText('Pull');
    const [short] = within(pull).getAllByText(/short\./);
    fireEvent.click(within(short!).getAllByRole('button')[0]!);
    expect(await screen.findByLabelText('With what stands for it')).toBeInTheDocument();
    fireEvent.click(screen.getByText('back to the recipe'));
    expect(screen.queryByLabelText('With what stands for it')).toBeNull();
  });

  it('begins with what is there', async () => {
    const { workshop } = await renderBench(<Begin count={2} />);
    const begin = (await screen.findByText('Pull them and begin')).closest('button')!;
    expect(begin).toBeEnabled();
    fireEvent.click(begin);
    await waitFor(async () =>
      expect((await workshop.tyings.all()).filter(({ state }) => state === 'tying')).toMatchObject([
        { skirtId: PERCH, count: 2, headBinId: null },
      ]),
    );
  });
});

function Beside() {
  const { view } = useBench();
  return (
    <CompareSkirts
      left={view.skirtById.get(PERCH)!}
      right={view.skirtById.get('skirt-roach-1')!}
      onClose={jest.fn()}
    />
  );
}

describe('two skirts side by side', () => {
  it('are drawn to one scale and differ where they do', async () => {
    await renderBench(<Beside />);
    const scales = screen.getAllByLabelText(/ at rest$/).flatMap((svg) => {
      const [, , box] = svg.getAttribute('viewBox')?.split(' ').map(Number) ?? [];
      return box ? [Number(svg.getAttribute('width')) / box] : [];
    });
    expect(scales).toHaveLength(2);
    expect(scales[0]).toBeCloseTo(scales[1]!, 9);
    const row = (name: string) => screen.getByText(name, { selector: 'th' }).closest('tr')!;
    expect(row('Fish an hour')).toHaveAttribute('data-differs', 'true');
    expect(row('Strands')).toHaveTextContent(/^Strands\d+(\.\d+)?\d+/);
  });
});

function Import({ isStrange }: { readonly isStrange: boolean }) {
  const { view } = useBench();
  const written = exportSkirt(view.skirtById.get(PERCH)!, view);
  const text = isStrange
    ? written.replace('"#5f6f35"', '"#112233"').replace(/Collar, [a-z ]+/, 'Collar, odd')
    : written;
  const reading = readSkirtFile(text);
  if (!reading.ok) throw new Error(reading.problem.code);
  return <ImportSkirt incoming={planImport(reading.file, view)} onKept={jest.fn()} onClose={jest.fn()} />;
}

describe('a recipe out of a file', () => {
  it('is all known where it came from', async () => {
    await renderBench(<Import isStrange={false} />);
    expect(await screen.findByText('All of it is known here.')).toBeInTheDocument();
  });

  it('names what is not on the shelf and what is left off, and puts an empty bin down for it', async () => {
    const { workshop } = await renderBench(<Import isStrange />);
    expect(await screen.findByText(/: not on this shelf, put down empty/)).toBeInTheDocument();
    expect(screen.getByText('Not known here, left off: Collar, odd.')).toBeInTheDocument();
    const before = (await workshop.shelf.bins()).length;
    fireEvent.click(screen.getByText('Keep it'));
    await waitFor(async () => expect(await workshop.shelf.bins()).toHaveLength(before + 1));
    expect((await workshop.skirts.all()).filter(({ name }) => name === 'Reed perch')).toHaveLength(4);
  });
});

function Keep({ onKept }: { readonly onKept: () => void }) {
  const { view } = useBench();
  const [draft, setDraft] = useState<SkirtDraft>(() => draftOf(view.skirtById.get(PERCH)!));
  return (
    <>
      <button
        type="button"
        onClick={() =>
          setDraft({ ...draft, layers: draft.layers.map((layer) => ({ ...layer, lengthMm: 300 })) })
        }
      >
        too long
      </button>
      <KeepForm draft={draft} onChange={setDraft} onBegin={jest.fn()} onKept={onKept} />
    </>
  );
}

describe('keeping a recipe', () => {
  it('wants a name of its own, warns of strands too short, and keeps the next version', async () => {
    const kept = jest.fn();
    const { workshop } = await renderBench(<Keep onKept={kept} />);
    const name = screen.getByLabelText('Called');
    fireEvent.change(name, { target: { value: '' } });
    expect(screen.getByText('Give it a name, such as Reed perch.')).toBeInTheDocument();
    fireEvent.change(name, { target: { value: 'Night eel' } });
    expect(screen.getByText(/There is a skirt Night eel already/)).toBeInTheDocument();
    fireEvent.change(name, { target: { value: 'Reed perch' } });
    fireEvent.click(screen.getByText('too long'));
    expect(within(screen.getByLabelText('To mind')).getAllByText(/strands of 130 mm/).length).toBeGreaterThan(
      0,
    );
    fireEvent.click(screen.getByText('Keep as a new version'));
    await waitFor(() => expect(kept).toHaveBeenCalled());
    const versions = (await workshop.skirts.all()).filter(({ family }) => family === 'reed-perch');
    expect(Math.max(...versions.map(({ version }) => version))).toBe(4);
  });
});
