'use client';

import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { cavityModulus } from '@/core/cavities/cavity-modulus';
import { hookFor } from '@/model/molds/cavity-facts';
import { cavityLoft, cavitySubject, usualDraft, type CastDraft } from '@/model/molds/cast-question';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { markText } from '@/text/words';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { TurnBodies } from '../bodies/TurnBodies';
import { blockSize } from './block-size';
import { BlockWarmth } from './BlockWarmth';
import { FreezeBoard } from './FreezeBoard';

interface FreezeCavityProps {
  readonly mold: Mold;
  /** Which of its cavities, from 0. */
  readonly index: number;
  readonly metal: MetalBin;
  readonly onCavity: (index: number) => void;
  readonly onMetal: (metalId: string) => void;
}

/** A cavity of a block, followed as its casting freezes; its gate and what the block is made of are kept with it. */
export function FreezeCavity({ mold, index, metal, onCavity, onMetal }: FreezeCavityProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const cavity = mold.cavities[index] ?? mold.cavities[0];
  const loft = useMemo(() => (cavity ? cavityLoft(cavity) : null), [cavity]);
  const hook = useMemo(() => (cavity ? hookFor(cavity, view.hooks) : null), [cavity, view.hooks]);
  const usual = useMemo(() => usualDraft(mold, cavity ?? null, loft, metal), [mold, cavity, loft, metal]);
  const [changed, setChanged] = useState<{ readonly of: string; readonly draft: CastDraft } | null>(null);
  const [weighsG, setWeighsG] = useState<number | null>(mold.heat?.weighsG ?? null);
  const subject = useMemo(
    () => (cavity ? cavitySubject(mold, cavity, hook, metal) : null),
    [mold, cavity, hook, metal],
  );
  const size = useMemo(() => blockSize(mold), [mold]);
  // What was changed belongs to one cavity in one metal.
  const of = `${mold.id} ${cavity?.id ?? ''} ${metal.id}`;
  const draft = changed?.of === of ? changed.draft : usual;
  const turned = JSON.stringify([draft.gate, draft.vents]);
  const spec = useMemo(() => {
    const [gate, vents] = JSON.parse(turned) as [CastDraft['gate'], number[]];
    return { hook, eyeMm: subject?.eyeMm ?? 0, pinMm: subject?.pinMm ?? null, gate, vents };
  }, [hook, subject, turned]);
  if (!cavity || !subject) {
    return <p role="alert">The shape of this cavity is not known, so its casting cannot be followed.</p>;
  }
  const mark = markText(cavity.nominalG, mass);
  const keep = () => {
    const { gate, vents, of: made, gapMm } = draft;
    const cavities = mold.cavities.map((each) =>
      each.id === cavity.id ? { ...each, gate: { ...gate, vents: [...vents] } } : each,
    );
    inBackground(workshop.molds.save({ ...mold, cavities, heat: { of: made, weighsG, gapMm } }));
  };
  const isKept =
    JSON.stringify([draft.gate, draft.vents, draft.of, draft.gapMm]) ===
      JSON.stringify([usual.gate, usual.vents, usual.of, usual.gapMm]) &&
    weighsG === (mold.heat?.weighsG ?? null);
  return (
    <FreezeBoard
      name={`${mold.name}, ${mark}`}
      subject={subject}
      metal={metal}
      draft={draft}
      onDraft={(next) => setChanged({ of, draft: next })}
      onMetal={onMetal}
      isUncut={mold.kind === 'board'}
      modulusMm={cavityModulus(cavity)}
      lead={
        <>
          <ChoiceField
            label="Cavity"
            value={String(index)}
            options={mold.cavities.map((each, at) => ({
              value: String(at),
              label: `${at + 1}, marked ${markText(each.nominalG, mass)}`,
            }))}
            onChange={(at) => at !== null && onCavity(Number(at))}
          />
          {isKept ? null : (
            <Button type="primary" onClick={keep}>
              Keep gate and mold
            </Button>
          )}
        </>
      }
    >
      {(picture) => (
        <>
          <TurnBodies
            name={`${mold.name}, ${mark}`}
            source={subject.source}
            spec={spec}
            coldScale={1 - metal.shrinkLinear}
          />
          {size && draft.of !== 'wood' && draft.of !== 'plaster' ? (
            <BlockWarmth
              mold={mold}
              cavity={cavity}
              metal={metal}
              onBlockC={(blockC) => setChanged({ of, draft: { ...draft, blockC } })}
              draft={draft}
              size={size}
              picture={picture}
              weighsG={weighsG}
              onWeighs={setWeighsG}
            />
          ) : null}
        </>
      )}
    </FreezeBoard>
  );
}
