'use client';

import type { CavityForm } from '@/core/solids/forms/definition';
import { roundLength } from '@/core/units/round-figure';
import { apart, column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { numberText as n } from '@/text/number-text';
import type { MetalBin } from '@/records/bin';
import type { ReadMesh } from '@/workers/protocol';
import { lengthText, lotText, markText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { plateSheet } from '@/station-kit/print/cavity-plate';
import { designDraft, type CastDraft } from '@/model/molds/cast-question';
import { drawnSolid, formOf, styleOf, workOut, type Design, type Shape } from '@/model/molds/design';
import { DesignBodies } from './DesignBodies';
import { DesignFigures } from './DesignFigures';
import { FORM_KEYS, FormRail, FROM_STL, OWN_PROFILE } from '@/ui/mold-design/FormRail';
import { FreezeForm } from './FreezeForm';
import { ProfileEditor } from '@/ui/mold-design/ProfileEditor';
import { PutOnBlock } from './PutOnBlock';
import { SectionDrawing } from '@/ui/mold-design/SectionDrawing';
import { OnTheBottom, type TrailerWish } from '@/ui/mold-design/OnTheBottom';
import { StlReader } from './StlReader';
import { JobFailure } from '@/station-kit/JobFailure';
import { useStudy } from '@/station-kit/poses/use-study';
import { WishFields, type WishDraft } from './WishFields';
import { solvedWorking } from '@/station-kit/figures/design-working';
import { Figure } from '@/ui/figure/Figure';
import styles from './design.module.css';

const FIRST_PROFILE = [
  [0, 0],
  [2, 4],
  [7, 6],
  [13, 5],
  [20, 2.5],
  [24, 0],
] as const;

interface DesignBoardProps {
  readonly targetG: number;
  readonly metalId: string;
  /** A half outline that was brought along, along and off the axis, mm; null where none was. */
  readonly profile: readonly (readonly [number, number])[] | null;
  readonly onSaved: (moldId: string) => void;
}

/** How large a form usually is, in round figures of the maker's own unit. */
const usualSizes = (form: CavityForm, length: 'mm' | 'in'): Readonly<Record<string, number>> =>
  Object.fromEntries(form.fields.map(({ key, usual }) => [key, roundLength(usual, length)]));

/** A new cavity: a form, a weight, a metal; what size it must be, how it behaves, and what to take away. */
export function DesignBoard({ targetG, metalId, profile, onSaved }: DesignBoardProps) {
  const sentence = useSentence();
  const { view } = useBench();
  const units = useUnits();
  const { mass, length } = units;
  const [key, setKey] = useState<string>(profile ? OWN_PROFILE : (FORM_KEYS[0] ?? ''));
  const [sizes, setSizes] = useState<Readonly<Record<string, Readonly<Record<string, number>>>>>({});
  const [points, setPoints] = useState<readonly (readonly [number, number])[]>(profile ?? FIRST_PROFILE);
  const [mesh, setMesh] = useState<{ file: File; name: string; mesh: ReadMesh } | null>(null);
  const [wish, setWish] = useState<WishDraft>({ targetG, metalId, hookId: null, pinMm: null, vary: 'depth' });
  const [behind, setBehind] = useState<TrailerWish>({ tailMm: roundLength(60, length), liftG: null });
  const { tailMm, liftG } = behind;
  const [open, setOpen] = useState<'freeze' | 'block' | null>(null);
  const [cast, setCast] = useState<{ key: string; metalId: string; draft: CastDraft } | null>(null);

  const form = key === OWN_PROFILE || key === FROM_STL ? null : formOf(key);
  const shape = useMemo((): Shape | null => {
    if (form) return { kind: 'form', form, sizes: { ...usualSizes(form, length), ...sizes[form.key] } };
    if (key === OWN_PROFILE) return { kind: 'profile', points };
    return mesh ? { kind: 'mesh', name: mesh.name, mesh: mesh.mesh } : null;
  }, [form, key, sizes, points, mesh, length]);
  const metal = view.metals.find(({ id }) => id === wish.metalId) ?? view.metals[0];
  const hook = wish.hookId === null ? null : (view.hooks.get(wish.hookId) ?? null);
  const outcome = useMemo(
    () =>
      shape && metal && wish.targetG !== null && wish.targetG > 0
        ? workOut(shape, { targetG: wish.targetG, metal, hook, pinMm: wish.pinMm, vary: wish.vary })
        : null,
    [shape, metal, hook, wish],
  );
  const design = outcome?.ok ? outcome.value : null;
  const style = shape ? findStyle(styleOf(shape, hook)) : undefined;
  const eyeAt = style?.isHooked ? style.eyeAt : 0.3;
  const eyeMm = eyeAt * (design?.lengthMm ?? 0);
  const trailer = liftG !== null && tailMm !== null ? { liftG, lengthMm: tailMm } : null;
  const study = useStudy(
    shape ?? { kind: 'profile', points },
    design,
    metal?.shrinkLinear ?? 0,
    design && metal ? { densityGcm3: metal.densityGcm3, hook, eyeMm, trailer } : null,
  );
  if (!metal) return <p>No metal on the shelf yet. Put a lot there first: a cavity is cut for a metal.</p>;

  const choose = (next: string) => {
    setKey(next);
    setWish({ ...wish, vary: next === 'disc' ? 'depth' : 'scale' });
  };
  const drawn = design?.solid ?? (shape ? drawnSolid(shape) : null);
  const title = `${form?.name ?? (mesh && key === FROM_STL ? mesh.name : 'My profile')} ${wish.targetG === null ? '' : markText(wish.targetG, mass)}`;
  const told = form?.fields.find((field) => field.key === wish.vary);

  const sheet = design && plateSheet({ title, design, form, metal, units });
  // What was said of gate and mold belongs to one form in one metal.
  const draft =
    cast?.key === key && cast.metalId === metal.id
      ? cast.draft
      : designDraft(form?.way ?? 'printed', design, metal);

  return (
    <>
      <FormRail chosen={key} onChoose={choose} />
      <div className={apart(20, styles.board)}>
        <WishFields
          wish={wish}
          onWish={(change) => setWish({ ...wish, ...change })}
          form={form}
          sizes={form ? { ...usualSizes(form, length), ...sizes[form.key] } : {}}
          onSize={(field, mm) => {
            if (form && mm !== null) setSizes({ ...sizes, [form.key]: { ...sizes[form.key], [field]: mm } });
          }}
          solved={design?.sizes ?? null}
        />
        <div className={column(14)}>
          {key === OWN_PROFILE ? <ProfileEditor points={points} onChange={setPoints} /> : null}
          {key === FROM_STL ? (
            <StlReader onRead={(file, read) => setMesh({ file, name: file.name, mesh: read })} />
          ) : null}
          {outcome && !outcome.ok ? <p className="stop">{sentence(outcome.problem)}</p> : null}
          {design ? <Solved design={design} metal={metal} field={told ?? null} /> : null}
          {drawn ? (
            <SectionDrawing
              solid={drawn}
              centroidMm={design?.centroidMm ?? 0}
              hook={hook}
              eyeAt={eyeAt}
              pinMm={wish.pinMm}
              name={title}
            />
          ) : null}
          {design ? (
            <DesignFigures
              design={design}
              onTime={() => setOpen('freeze')}
              metal={metal}
              study={study}
              dragCoefficient={form?.dragCoefficient ?? 0.5}
            />
          ) : null}
          <JobFailure job={study.job} />
          {design ? (
            <OnTheBottom {...{ study, hook, eyeMm, trailer }} wish={behind} onWish={setBehind} />
          ) : null}
          {design ? (
            <DesignBodies
              name={title}
              design={design}
              file={key === FROM_STL ? (mesh?.file ?? null) : null}
              metal={metal}
              hook={hook}
              eyeMm={eyeMm}
              pinMm={wish.pinMm}
              modulusMm={study.body?.modulusMm ?? null}
              draft={draft}
              onDraft={(next) => setCast({ key, metalId: metal.id, draft: next })}
              sheet={sheet}
            />
          ) : null}
          {design ? (
            <Button type="primary" onClick={() => setOpen('block')}>
              Put it on a block
            </Button>
          ) : null}
        </div>
      </div>
      {open === 'freeze' ? (
        <FreezeForm modulusMm={study.body?.modulusMm ?? null} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'block' && design && shape ? (
        <PutOnBlock
          design={design}
          title={title}
          way={form?.way ?? 'printed'}
          cavity={{ style: styleOf(shape, hook), nominalG: wish.targetG ?? design.finishedG, hook, draft }}
          onClose={() => setOpen(null)}
          onSaved={onSaved}
        />
      ) : null}
    </>
  );
}

interface SolvedProps {
  readonly design: Design;
  readonly metal: MetalBin;
  /** The one size that gave way; null where all of it was scaled. */
  readonly field: { readonly key: string; readonly label: string } | null;
}

/** The size that answers, and what it makes. */
function Solved({ design, metal, field }: SolvedProps) {
  const { mass, length } = useUnits();
  return (
    <p className={wrap(0, styles.solved)} role="status">
      <Figure working={solvedWorking(design, metal, field, { mass, length })}>
        {field
          ? `${field.label} ${lengthText(design.sizes[field.key] ?? 0, length)}`
          : `Length ${lengthText(design.lengthMm, length)}`}
      </Figure>
      <span className="quiet">
        {field ? '' : `scaled ${n(design.scale, 4)} times; `}makes {massText(design.finishedG, mass)} of{' '}
        {lotText(metal.name)}, its {metal.shrinkLinear < 0 ? 'swell' : 'shrink'} in it
      </span>
    </p>
  );
}
