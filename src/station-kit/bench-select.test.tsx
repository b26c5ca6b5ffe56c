/** @jest-environment ./tests/support/browser-environment.ts */
import { act, screen } from '@testing-library/react';
import { Profiler, type ReactNode } from 'react';
import { renderBench } from '../../tests/support/render-bench';
import { until } from '../../tests/support/until';
import { useBench, useBenchSelect } from './BenchProvider';

function Blocks() {
  return <p>{useBenchSelect(({ molds }) => molds.length)} blocks</p>;
}

function Level() {
  return <p>{useBenchSelect(({ levels }) => levels.get('hook-2-0') ?? 0)} hooks</p>;
}

function All() {
  return <p>{useBench().view.levels.size} levels</p>;
}

function Bins() {
  return <p>{useBench().view.bins.length} bins</p>;
}

describe('useBenchSelect', () => {
  it('draws a component anew only when what it shows is another', async () => {
    const drawn: string[] = [];
    const counted = (id: string, part: ReactNode) => (
      <Profiler id={id} onRender={(of) => drawn.push(of)}>
        {part}
      </Profiler>
    );
    const { workshop } = await renderBench(
      <>
        {counted('blocks', <Blocks />)}
        {counted('level', <Level />)}
        {counted('all', <All />)}
        {counted('bins', <Bins />)}
      </>,
    );
    drawn.length = 0;
    await act(async () => void (await workshop.shelf.move('hook-2-0', 'taken', 3, 'by hand')));
    await until(() => screen.queryByText('207 hooks') !== null);
    expect(drawn.filter((id) => id === 'level')).toHaveLength(1);
    expect(drawn).not.toContain('blocks');
    expect(drawn).not.toContain('bins');
    expect(drawn).toContain('all');
  });
});
