'use client';

import { Button, Collapse } from 'antd';
import { useCallback, useDeferredValue, useState } from 'react';
import { findHold } from '@/core/skirts/holds';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '../shared';
import { findProblems, newSkirt, recipeOf } from './draft';
import { FullnessScale } from './FullnessScale';
import { HoldFields } from './HoldFields';
import { LayerList } from './LayerList';
import { PlaceDial } from './PlaceDial';
import { ShownOnFields } from './ShownOnFields';
import { SkirtPanes } from './SkirtPanes';
import { TakesPanel } from './TakesPanel';
import type { Recipe } from './use-recipe';
import styles from './skirt.module.css';

interface RecipePartProps {
  readonly recipe: Recipe;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly onPhoto: () => void;
  readonly onKept: (id: string) => void;
}

/** The studio: layers on the left, the skirt at rest and open, where it lies, how full it is, what it takes. */
export function RecipePart({ recipe, count, onCount, onPhoto, onKept }: RecipePartProps) {
  const { view, workshop } = useBench();
  const { draft, change, begin } = recipe;
  const [openId, setOpenId] = useState<string | null>(null);
  // What is not drawn strand by strand may follow a slider a moment later.
  const calm = useDeferredValue(draft);
  const swap = useCallback(
    (from: string, to: string) => {
      if (!calm) return;
      const layers = calm.layers.map((layer) => (layer.binId === from ? { ...layer, binId: to } : layer));
      change({ ...calm, layers });
    },
    [calm, change],
  );
  if (!draft) {
    return (
      <div className={styles.empty}>
        <p>
          No recipe is on the bench. A skirt is layers of strands held at a collar; begin one from the shelf,
          or take one from the board.
        </p>
        <Button
          type="primary"
          disabled={newSkirt(view, '') === null}
          onClick={() => begin(newSkirt(view, workshop.newId()))}
        >
          New skirt
        </Button>
        {newSkirt(view, '') === null ? (
          <p>Nothing to tie with lies on the shelf yet: put tabs, hair or fur down under Materials.</p>
        ) : null}
      </div>
    );
  }
  const problems = findProblems(draft, view);
  const keep = async () => {
    if (problems.name || problems.layers) return;
    const kept = await workshop.skirts.keep(recipeOf(draft));
    begin(null);
    onKept(kept.id);
  };
  return (
    <div className={styles.studio}>
      <div className={styles.left}>
        <LayerList draft={draft} onChange={change} openId={openId} onOpen={setOpenId} />
        <div className={styles.studioHands}>
          <Button size="small" onClick={recipe.stepBack} disabled={!recipe.canStepBack}>
            One change back
          </Button>
          <Button size="small" onClick={() => begin(newSkirt(view, workshop.newId()))}>
            New skirt
          </Button>
          <Button size="small" onClick={onPhoto}>
            From a photo
          </Button>
        </div>
        <PlaceDial draft={calm ?? draft} />
      </div>
      <div className={styles.middle}>
        <SkirtPanes draft={draft} />
        <div className={styles.under}>
          <FullnessScale draft={calm ?? draft} />
          <TakesPanel draft={calm ?? draft} count={count} onCount={onCount} onSwap={swap} />
        </div>
        {problems.cautions.length > 0 ? (
          <ul className={styles.cautions} aria-label="To mind">
            {problems.cautions.map((why) => (
              <li key={why}>{why}</li>
            ))}
          </ul>
        ) : null}
        <Collapse
          className={styles.more}
          ghost
          items={[
            {
              key: 'hold',
              label: `Held by: ${findHold(draft.hold).name}`,
              children: <HoldFields draft={draft} onChange={change} />,
            },
            {
              key: 'on',
              label: 'Drawn on: head, hook, color, guard, rattle, trailer',
              children: (
                <ShownOnFields value={draft.shownOn} onChange={(shownOn) => change({ ...draft, shownOn })} />
              ),
            },
          ]}
        />
        <form
          className={styles.keep}
          aria-label="Keep the recipe"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <TextField
            label="Called"
            value={draft.name}
            most={80}
            placeholder="Reed perch"
            problem={problems.name}
            onChange={(name) => change({ ...draft, name })}
          />
          <TextField
            label="Prey"
            value={draft.prey}
            most={120}
            placeholder="young perch, in weed"
            onChange={(prey) => change({ ...draft, prey })}
          />
          <TextField
            label="Note"
            value={draft.note}
            most={500}
            onChange={(note) => change({ ...draft, note })}
          />
          <Button type="primary" htmlType="submit" disabled={Boolean(problems.name ?? problems.layers)}>
            {draft.family === null ? 'Keep it' : 'Keep as a new version'}
          </Button>
          <Button onClick={() => begin(null)}>Let it go</Button>
        </form>
      </div>
    </div>
  );
}
