'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { isEqual } from 'es-toolkit/predicate';
import { useMemo, useState } from 'react';
import type { MainColor } from '@/core/coats/color/main-colors';
import { proposeLayers } from '@/core/skirts/propose-layers';
import type { Skirt } from '@/records/skirt';
import { PartsStation } from '@/station-kit/PartsStation';
import { CardRunPart } from '@/station-kit/card-runs/CardRunPart';
import { PhotoColors } from '@/station-kit/photo/PhotoColors';
import { useBench } from '@/station-kit/BenchProvider';
import { BeginTying, type TyingWish } from './BeginTying';
import { BoardPart } from './BoardPart';
import { HeadsToTie } from './HeadsToTie';
import { draftOf, newLayer, newSkirt, strandsOnShelf, withShort } from '@/model/skirts/skirt-draft';
import { MaterialsPart } from './MaterialsPart';
import { OrderPart } from './OrderPart';
import { RecipePart } from './RecipePart';
import { SKIRT_RUNS } from './SkirtRuns';
import { SkirtSlip } from './SkirtSlip';
import { useRecipe } from './use-recipe';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

type Part = 'recipe' | 'board' | 'tie' | 'order' | 'materials';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'recipe', label: 'Recipe' },
  { value: 'board', label: 'Board' },
  { value: 'tie', label: 'Tie' },
  { value: 'order', label: 'Order' },
  { value: 'materials', label: 'Materials' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

const TEN = 10;
/** A proposed skirt is as full as the common school has it. */
const PROPOSED_TABS = 2.5;

/** Skirts: recipes drawn as they are made, a board of them, runs with a card, orders, what they are made of. */
export function SkirtStation() {
  const { view, workshop } = useBench();
  const tied = view.skirtById.get(view.tying?.skirtId ?? '') ?? null;
  const first = tied ?? view.skirtById.get(view.toTie[0]?.skirtId ?? '') ?? latestOf(view.skirts);
  const fallback = useMemo(() => (first ? draftOf(first) : null), [first]);
  const recipe = useRecipe(fallback);
  const [opensAt] = useState<Part>(view.tying ? 'tie' : 'recipe');
  const [part, setPart] = useInAddress('part', PART_NAMES, opensAt);
  const [count, setCount] = useState(TEN);
  const [chosenId, setChosenId] = useInHand('skirt');
  const [besideId, setBesideId] = useInHand('beside');
  const [isPhoto, setPhoto] = useState(false);
  const [wish, setWish] = useState<TyingWish | null>(null);
  const { draft, begin } = recipe;
  const begun = view.skirts.find(({ family, version }) => family === draft?.family && version === draft.from);
  // What is tied is a version that was kept, never one half changed.
  const isChanged = begun !== undefined && !isEqual(draftOf(begun), draft);

  const tabs = strandsOnShelf(view).filter(
    ({ id, form }) => form === 'tab' && (view.levels.get(id) ?? 0) > 0,
  );

  const take = (skirt: Skirt) => {
    begin(draftOf(skirt));
    setPart('recipe');
  };
  const tie = (skirt: Skirt, many: number) =>
    setWish({ skirt, count: many, headBinId: null, ticketId: null, lineId: null });
  const propose = (colors: readonly MainColor[]) => {
    const fresh = newSkirt(view, workshop.newId());
    const layers = proposeLayers(colors, tabs, PROPOSED_TABS).flatMap(
      ({ material: binId, tabs: amount, place, isShort }) => {
        const material = tabs.find(({ id }) => id === binId);
        if (!material) return [];
        const layer = newLayer(material, workshop.newId(), undefined);
        const laid = { ...layer, amount: { by: 'tabs' as const, tabs: amount }, place };
        return [withShort(laid, isShort, layer.lengthMm)];
      },
    );
    if (!fresh || layers.length === 0) return;
    begin({ ...fresh, layers });
    setPhoto(false);
    setPart('recipe');
  };

  return (
    <PartsStation<Part>
      heading={headingOf(part, draft, view.skirts.length > 0)}
      parts={PARTS}
      part={part}
      onTurn={setPart}
      actions={
        part === 'recipe' ? (
          <>
            {begun ? (
              <Button
                onClick={() => {
                  const others = newestByFamily(view.skirts).filter(({ family }) => family !== begun.family);
                  setChosenId(begun.id);
                  setBesideId(others[0]?.id ?? null);
                  setPart('board');
                }}
              >
                Compare
              </Button>
            ) : null}
            {begun ? (
              <Button
                type="primary"
                disabled={isChanged}
                title={isChanged ? 'Keep it as a new version first' : undefined}
                onClick={() => tie(begun, count)}
              >
                Tie {count}
              </Button>
            ) : null}
          </>
        ) : null
      }
      slip={
        <SkirtSlip
          draft={part === 'tie' && tied ? draftOf(tied) : draft}
          count={view.tying?.count ?? count}
        />
      }
    >
      {part === 'recipe' ? (
        <RecipePart
          recipe={recipe}
          count={count}
          onCount={setCount}
          onPhoto={() => setPhoto(true)}
          onKept={(id) => {
            setChosenId(id);
            setPart('board');
          }}
        />
      ) : null}
      {part === 'board' ? (
        <BoardPart
          chosenId={chosenId}
          onChoose={setChosenId}
          onChange={take}
          onTie={(skirt) => tie(skirt, count)}
          onFirst={() => setPart('recipe')}
          besideId={besideId}
          onBeside={setBesideId}
        />
      ) : null}
      {part === 'tie' ? (
        <CardRunPart
          kind={SKIRT_RUNS}
          onMake={tie}
          onFirst={() => setPart('recipe')}
          waiting={<HeadsToTie onTie={setWish} />}
        />
      ) : null}
      {part === 'order' ? <OrderPart /> : null}
      {part === 'materials' ? <MaterialsPart /> : null}
      {wish ? (
        <BeginTying
          wish={wish}
          onClose={() => setWish(null)}
          onBegun={() => {
            setWish(null);
            setPart('tie');
          }}
        />
      ) : null}
      {isPhoto ? (
        <Dialog open width={760} footer={null} title="A skirt from a photo" onCancel={() => setPhoto(false)}>
          <PhotoColors
            things={tabs}
            hint="Press a tab to begin with it alone, or let all the colors make a recipe, which you then change."
            onTake={(id) => {
              const fresh = newSkirt(view, workshop.newId());
              const material = view.binById.get(id);
              if (!fresh || material?.kind !== 'strand') return;
              begin({ ...fresh, layers: [newLayer(material, workshop.newId(), undefined)] });
              setPhoto(false);
              setPart('recipe');
            }}
            whole={{ label: 'A skirt of these colors', onTake: propose }}
          />
        </Dialog>
      ) : null}
    </PartsStation>
  );
}

/** The recipe kept last of those on the board. */
function latestOf(skirts: readonly Skirt[]): Skirt | null {
  return [...newestByFamily(skirts)].sort((a, b) => b.createdAt - a.createdAt)[0] ?? null;
}

function headingOf(
  part: Part,
  draft: ReturnType<typeof useRecipe>['draft'],
  hasSkirts: boolean,
): readonly [title: string, sub: string] {
  switch (part) {
    case 'recipe': {
      if (!draft) return ['Skirt', 'layers of strands, held at a collar'];
      const name = draft.name.trim() || 'A new skirt';
      const version = draft.from === null ? '' : `, from version ${draft.from}`;
      return [`${name}${version}`, ''];
    }
    case 'board':
      return ['Board', hasSkirts ? 'every recipe, as it hangs in the water' : 'empty yet'];
    case 'tie':
      return ['Tie', 'what waits, what to pull, one step at a time'];
    case 'order':
      return ['Order', 'a customer’s choices, piece by piece'];
    case 'materials':
      return ['Materials', 'tabs, hair, fur and sheets, and what is left of them'];
  }
}
