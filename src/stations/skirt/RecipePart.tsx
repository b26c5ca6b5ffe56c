'use client';

import { Nothing } from '@/ui/frame/Nothing';
import { isStrand } from '@/reference/typical/suits';
import { typicalThing } from '@/model/stock/typical-things';
import { TypicalBait } from '@/station-kit/empty/TypicalBait';
import { inBackground } from '@/station-kit/in-background';
import { useUnits } from '@/ui/units/use-units';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { apart, column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useCallback, useDeferredValue, useState, type ReactNode } from 'react';
import { useBench } from '@/station-kit/BenchProvider';
import { newSkirt, type SkirtDraft } from '@/model/skirts/skirt-draft';
import { FullnessScale } from './FullnessScale';
import { KeepForm } from './KeepForm';
import { LayerList } from './LayerList';
import { MoreFields } from './MoreFields';
import { PlaceDial } from './PlaceDial';
import { SkirtPanes } from './SkirtPanes';
import { TakesPanel } from './TakesPanel';
import type { Recipe } from './use-recipe';
import styles from './skirt.module.css';

const TYPICAL_SKIRT = [['ready-skirt', '2 1/2']] as const;

interface RecipePartProps {
  readonly recipe: Recipe;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly onPhoto: () => void;
  readonly onKept: (id: string) => void;
}

/** The studio: layers on the left, the skirt at rest and open, where it lies, how full it is, what it takes. */
export function RecipePart(props: RecipePartProps) {
  const { recipe, onPhoto } = props;
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const { draft, begin } = recipe;
  if (!draft) {
    const fresh = newSkirt(view, workshop.newId());
    const withTypical = async () => {
      const [bin] = await workshop.shelf.layOut([typicalThing(['tab', '5'], length).bin]);
      const begun = bin ? newSkirt({ bins: [...view.bins, bin] }, workshop.newId()) : null;
      if (begun) begin(begun);
    };
    return (
      <>
        {fresh === null ? (
          <PutDownHere
            of="skirt"
            drawing={<TypicalBait kind="dressed-jig" besides={TYPICAL_SKIRT} />}
            other={<Button onClick={() => inBackground(withTypical())}>Begin with typical tabs</Button>}
            says="Nothing to tie with lies on the shelf yet: put tabs, hair, fur or a sheet down, and a skirt begins with it."
            mend="Put a material down"
            suits={isStrand}
          />
        ) : (
          <Nothing
            says="No recipe is on the bench. A skirt is layers of strands held at a collar; begin one from the shelf, or take one from the board."
            mend="New skirt"
            onMend={() => begin(fresh)}
          />
        )}
      </>
    );
  }
  return (
    <Studio
      {...props}
      draft={draft}
      hands={
        <>
          <Button size="small" onClick={recipe.stepBack} disabled={!recipe.canStepBack}>
            Undo change
          </Button>
          <Button size="small" onClick={() => begin(newSkirt(view, workshop.newId()))}>
            New skirt
          </Button>
          <Button size="small" onClick={onPhoto}>
            From a photo
          </Button>
        </>
      }
    />
  );
}

interface StudioProps extends RecipePartProps {
  readonly draft: SkirtDraft;
  readonly hands: ReactNode;
}

/** The recipe on the bench. While a slider moves only the drawings follow; the rest waits until it stands. */
function Studio({ recipe, draft, hands, count, onCount, onKept }: StudioProps) {
  const { change: changeFor, begin } = recipe;
  const [openId, setOpenId] = useState<string | null>(null);
  const [moving, setMoving] = useState<SkirtDraft | null>(null);
  const change = useCallback(
    (next: SkirtDraft) => {
      setMoving(null);
      changeFor(next);
    },
    [changeFor],
  );
  const swap = useCallback(
    (from: string, to: string) => {
      const layers = draft.layers.map((layer) => (layer.binId === from ? { ...layer, binId: to } : layer));
      change({ ...draft, layers });
    },
    [draft, change],
  );
  const drawn = moving ?? draft;
  const calm = useDeferredValue(drawn);
  return (
    <div className={apart(24, styles.studio)}>
      <div className={column(16)}>
        <LayerList draft={draft} onChange={change} onMove={setMoving} openId={openId} onOpen={setOpenId} />
        <div className={wrap(6)}>{hands}</div>
        <PlaceDial draft={draft} />
      </div>
      <div className={column(16, styles.middle)}>
        <SkirtPanes draft={drawn} />
        <div className={apart(24, styles.under)}>
          <FullnessScale draft={calm} />
          <TakesPanel draft={draft} count={count} onCount={onCount} onSwap={swap} />
        </div>
        <MoreFields draft={draft} onChange={change} onMove={setMoving} />
        <KeepForm draft={draft} onChange={change} onBegin={begin} onKept={onKept} />
      </div>
    </div>
  );
}
