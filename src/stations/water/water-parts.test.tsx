/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { AnswersPart } from './AnswersPart';
import { LogPart } from './LogPart';
import { NotePart } from './NotePart';
import { ReplacePart } from './ReplacePart';
import { WaterStation } from './WaterStation';
import { WeightPart } from './WeightPart';

const mockCode = jest.fn<Promise<string | null>, [Blob]>();
const mockKeep = jest.fn<Promise<string | null>, [Blob]>();
jest.mock('@/station-kit/photo/pictures', () => ({
  codeIn: (file: Blob) => mockCode(file),
  keepsakeOf: (file: Blob) => mockKeep(file),
}));

function fill(label: string, value: string): void {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
  window.localStorage.clear();
});

describe('a note from the water', () => {
  it('wants its hours, and keeps what was tapped', async () => {
    let noted = 0;
    const { workshop } = await renderBench(<NotePart onNoted={() => (noted += 1)} />);
    const before = (await workshop.water.all()).length;
    press('Note it');
    expect((await screen.findAllByText(/^How long/)).length).toBeGreaterThan(0);
    fill('Hours', '1.5');
    press('fish: one more');
    press('fish: one more');
    press('fish: one less');
    press('lost: one more');
    fireEvent.click(within(screen.getByRole('group', { name: 'Lost to' })).getByText('snag'));
    fireEvent.click(within(screen.getByRole('group', { name: 'weight felt' })).getByText('too light'));
    fireEvent.click(within(screen.getByRole('group', { name: 'sky' })).getByText('rain'));
    fill('Fish lengths', 'long');
    press('Note it');
    expect(screen.getAllByText(/Lengths are numbers/).length).toBeGreaterThan(0);
    expect(noted).toBe(0);
    fill('Fish lengths', '42');
    fill('What was seen', 'Took on the drop');
    press('Note it');
    await waitFor(() => expect(noted).toBe(1));
    const all = await workshop.water.all();
    expect(all).toHaveLength(before + 1);
    expect(all.find(({ note }) => note === 'Took on the drop')).toMatchObject({
      hours: 1.5,
      fish: 1,
      lost: 1,
      fishMm: [420],
      feel: 'too-light',
      sky: 'rain',
      lostTo: [{ how: 'snag', count: 1 }],
    });
  });

  it('reads the bag, and says where a picture shows none', async () => {
    const { workshop } = await renderBench(<NotePart onNoted={() => undefined} />);
    const build = (await workshop.builds.all()).find(({ name }) => name === 'Dawn buzzer')!;
    const label = screen.getByLabelText('Picture of a bag label');
    const file = new File(['x'], 'bag.jpg', { type: 'image/jpeg' });
    mockCode.mockResolvedValueOnce(null);
    fireEvent.change(label, { target: { files: [file] } });
    expect(await screen.findByText(/^No code of this bench in that picture/)).toBeInTheDocument();
    mockCode.mockResolvedValueOnce(`ruvek:build/${build.id}`);
    fireEvent.change(label, { target: { files: [file] } });
    expect((await screen.findAllByText(`Dawn buzzer ${build.version}`)).length).toBeGreaterThan(0);
  });

  it('takes pictures along, and lets one be taken away', async () => {
    await renderBench(<NotePart onNoted={() => undefined} />);
    const field = screen.getByLabelText('Picture from the water');
    const file = new File(['x'], 'fish.jpg', { type: 'image/jpeg' });
    mockKeep.mockResolvedValueOnce('data:image/jpeg;base64,/9j/AAAA');
    fireEvent.change(field, { target: { files: [file] } });
    const kept = await screen.findByRole('button', { name: 'Picture 1, take away' });
    fireEvent.click(kept);
    expect(screen.queryByRole('button', { name: 'Picture 1, take away' })).toBeNull();
    mockKeep.mockResolvedValueOnce(null);
    fireEvent.change(field, { target: { files: [file] } });
    expect(await screen.findByText('That file is no picture this device can read.')).toBeInTheDocument();
  });
});

describe('what the notes say', () => {
  it('is laid side by side by what was asked for', async () => {
    await renderBench(<AnswersPart onFirst={() => undefined} />);
    const chart = () => screen.getByRole('table', { name: 'Fish an hour' });
    expect(within(chart()).getAllByRole('row').length).toBeGreaterThan(4);
    fireEvent.click(screen.getByRole('radio', { name: 'Weight' }));
    expect(within(chart()).getAllByText(/^\d+ to \d+ g/).length).toBeGreaterThan(1);
    expect(screen.getByRole('table', { name: 'Lost an hour by bottom' })).toBeInTheDocument();
    expect(screen.getByText('The next graded set')).toBeInTheDocument();
  });

  it('finds notes by any word, and takes one away', async () => {
    const { workshop } = await renderBench(<LogPart onFirst={() => undefined} />);
    fill('Search the notes', 'weir drop');
    const list = screen.getByRole('list');
    expect(within(list).getAllByRole('listitem')).toHaveLength(1);
    expect(screen.getByText('Took on the drop.')).toBeInTheDocument();
    const before = (await workshop.water.all()).length;
    fireEvent.click(screen.getByRole('button', { name: /^Take away the note of/ }));
    fireEvent.click(await screen.findByRole('button', { name: 'Take away' }));
    await waitFor(async () => expect(await workshop.water.all()).toHaveLength(before - 1));
    fill('Search the notes', 'nothing like it');
    expect(screen.getByText('No note says that. Search by fewer words.')).toBeInTheDocument();
  });
});

describe('which weight', () => {
  it('follows the current, and needs none in still water', async () => {
    await renderBench(<WeightPart />);
    const grams = () => screen.getByRole('status').textContent ?? '';
    const before = grams();
    fill('Current', '0.6');
    expect(grams()).not.toBe(before);
    fill('Current', '0');
    expect(screen.getByText('any weight')).toBeInTheDocument();
    fill('Current', '3');
    expect(screen.getByText(/^Over the heaviest that your molds give/)).toBeInTheDocument();
  });
});

describe('replacing', () => {
  it('writes one ticket for what was chosen', async () => {
    const said: string[] = [];
    const { workshop } = await renderBench(
      <ReplacePart onTicket={(text) => said.push(text)} onNote={() => undefined} />,
    );
    fireEvent.click(screen.getByText('this year'));
    const counts = screen.getAllByRole('textbox');
    for (const count of counts.slice(1)) {
      fireEvent.change(count, { target: { value: '0' } });
      fireEvent.blur(count);
    }
    fireEvent.change(counts[0]!, { target: { value: '7' } });
    fireEvent.blur(counts[0]!);
    press('Write the ticket');
    await waitFor(() => expect(said).toEqual(['A ticket for 7 pieces is written and in hand.']));
    const ticket = (await workshop.tickets.all()).at(-1)!;
    expect([...ticket.lines, ...ticket.wares].map(({ count }) => count)).toEqual([7]);
  });
});

describe('the water station', () => {
  it('turns between its parts', async () => {
    await renderBench(<WaterStation />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Water');
    fireEvent.click(screen.getByText('Which weight'));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Which weight');
    fireEvent.click(screen.getByText('Log'));
    expect(screen.getByLabelText('Search the notes')).toBeInTheDocument();
  });
});
