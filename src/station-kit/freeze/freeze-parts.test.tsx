/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen } from '@testing-library/react';
import type { CastFlaw } from '@/core/freezing/cast-flaws';
import { demoBench } from '@/demo/demo-bench';
import { judgeCasting } from '@/core/freezing/judge-casting';
import { pictureFreeze } from '@/core/freezing/picture-freeze';
import { freezeDrawing } from '@/drawing/freeze-section';
import { usualDraft } from '@/model/molds/cast-question';
import { FreezeSection } from '@/ui/freeze-drawing/FreezeSection';
import { ThinWalls } from '../cavity-design/ThinWalls';
import { ballOf, bodyOf, castingOf, settingOf } from '../../../tests/support/castings';
import { renderBench } from '../../../tests/support/render-bench';
import { BlockWarmth } from './BlockWarmth';
import { FlawList } from './FlawList';
import { PourHints } from './PourHints';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const [metal] = demo.bins.filter((bin) => bin.kind === 'metal');
const [mold] = demo.molds;
const blockC = demo.molds.find(({ id }) => id === 'block-c')!;

const casting = castingOf(bodyOf(ballOf(12)));
const setting = settingOf();
const picture = pictureFreeze(
  casting,
  setting,
  judgeCasting(casting, setting, { mostBricks: 6000, mostCells: 4000 }),
  1,
);
const HOLLOW: CastFlaw = {
  kind: 'hollow',
  atMm: [6, 0, 0],
  share: 0.01,
  shutAtMm: [6, 0, 8],
  isByGate: true,
  beforeS: 0.4,
};

describe('a freezing on the page', () => {
  it('is told in words, numbered as on the drawing', async () => {
    const flawed = { ...picture, flaws: [HOLLOW] };
    await renderBench(
      <>
        <FlawList picture={flawed} side="above" />
        <FreezeSection
          picture={flawed}
          drawing={freezeDrawing(flawed)}
          side="above"
          hook={null}
          atS={null}
          flaws={flawed.flaws}
          isWood={false}
          says="Ball, frozen"
        />
      </>,
    );
    expect(screen.getByRole('list', { name: 'What is likely to go wrong' })).toHaveTextContent(
      /The gate is solid 0\.4 s before the body/,
    );
    expect(screen.getByRole('group', { name: 'Ball, frozen' })).toHaveTextContent('1');
  });

  it('says so where nothing is wrong, and where nothing freezes', async () => {
    const { unmount } = await renderBench(<FlawList picture={{ ...picture, flaws: [] }} side="above" />);
    expect(screen.getByRole('status')).toHaveTextContent('No flaw expected');
    unmount();
    await renderBench(<FlawList picture={{ ...picture, feed: null }} side="above" />);
    expect(screen.getByRole('status')).toHaveTextContent('does not freeze');
  });
});

describe('a block’s evening', () => {
  it('lets the casting of any pour be frozen, the block as warm as then', async () => {
    const chosen: number[] = [];
    await renderBench(
      <BlockWarmth
        mold={mold!}
        cavity={mold!.cavities[0]!}
        metal={metal!}
        draft={usualDraft(mold!, null, null, metal!)}
        size={{ widthMm: 120, heightMm: 50, reachMm: 6 }}
        picture={picture}
        weighsG={500}
        onWeighs={() => undefined}
        onBlockC={(celsius) => chosen.push(celsius)}
      />,
    );
    const pours = screen.getAllByRole('button', { name: /^Freeze pour \d+/ });
    expect(pours).toHaveLength(24);
    fireEvent.click(pours[0]!);
    fireEvent.keyDown(pours[9]!, { key: 'Enter' });
    expect(chosen[0]).toBe(20);
    expect(chosen[1]).toBeGreaterThan(20);
  });

  it('names the cavity to fill first', async () => {
    await renderBench(<PourHints mold={blockC} metal={metal!} beatS={40} />);
    expect(screen.getByText(/Fill cavity 1 first, while the metal is hottest/)).toBeInTheDocument();
  });
});

describe('ThinWalls', () => {
  it('names what is too thin, and is quiet before anything was cut', async () => {
    const { unmount, container } = await renderBench(<ThinWalls walls={[]} />);
    expect(container.querySelector('[role="alert"], [role="status"]')).toBeNull();
    unmount();
    await renderBench(
      <ThinWalls
        walls={[
          { between: 'cavity and pins', mm: 1.2 },
          { between: 'cavity and outside', mm: 14 },
        ]}
      />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent('cavity and pins 1.2 mm');
    expect(screen.getByRole('alert')).not.toHaveTextContent('outside');
  });
});
