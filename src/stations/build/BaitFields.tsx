'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { Collapse } from 'antd';
import { frameSizes } from '@/core/builds/build';
import { BAIT_KINDS, findKind } from '@/core/builds/kinds';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import { HEAD_STYLES } from '@/core/cavities/styles';
import { reserveOf } from '@/core/builds/place-parts';
import { stingerReach } from '@/core/builds/stinger-lengths';
import { hasWiredHead } from '@/model/bills/build-uses';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { massText, sizeText } from '@/text/words';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { measuredParts } from '@/model/baits/measured-parts';
import { cutTo, slotted, swapAt, wearing } from '@/model/baits/put-on';
import { withKind, type BuildDraft } from '@/model/baits/build-draft';
import { DipFields } from '@/ui/bait-drawing/DipFields';
import { HeadField } from '@/station-kit/put-down/HeadField';
import { buildOf, headsFor } from '@/model/baits/bait-facts';
import styles from './build.module.css';
import { versionText } from '@/model/versions/version-text';

interface BaitFieldsProps {
  readonly draft: BuildDraft;
  readonly onChange: (draft: BuildDraft) => void;
}

/** What the drawing cannot be asked by hand: kind, head, color, skirt, wire, parts beside the arm. */
export function BaitFields({ draft, onChange }: BaitFieldsProps) {
  const { view } = useBench();
  const { length, mass } = useUnits();
  const kind = findKind(draft.kind);
  const build = buildOf(draft, view);
  const sizes = frameSizes(build);
  const { head } = draft;
  const parts = measuredParts(view);
  const skirts = view.skirts.filter(({ retired, id }) => !retired || id === draft.skirtId);
  const millimeters = (mm: number) => sizeText(mm, length);
  const isWired = hasWiredHead(draft, view);
  return (
    <Collapse
      ghost
      className={styles.more}
      items={[
        {
          key: 'more',
          label: 'Kind, head, skirt, wire and what is beside the arm',
          children: (
            <div className={styles.fieldGrid}>
              <ChoiceField
                label="Kind"
                value={draft.kind}
                options={BAIT_KINDS.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={(next) => next && onChange(withKind(draft, next as BaitKindId, view))}
              />
              {kind.arm ? (
                <ChoiceField
                  label="Wire"
                  value={draft.frameBinId}
                  none="no wire yet"
                  options={parts
                    .filter(({ gauge }) => gauge?.as === 'frame' && gauge.bend === kind.arm?.shape)
                    .map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(next) => {
                    const bin = parts.find(({ id }) => id === next);
                    onChange(bin ? swapAt(draft, 'frame', bin) : { ...draft, frameBinId: null, armMm: null });
                  }}
                />
              ) : null}
              {kind.arm ? (
                <QuantityField
                  label="Arm, cut to"
                  of="length"
                  least={10}
                  most={sizes.upperMm}
                  value={draft.armMm ?? sizes.upperMm}
                  hint={`comes ${millimeters(sizes.upperMm)}; its loop takes ${millimeters(reserveOf(build))}`}
                  onChange={(mm) =>
                    mm !== null && onChange({ ...draft, armMm: mm >= sizes.upperMm ? null : mm })
                  }
                />
              ) : null}
              {kind.arm ? (
                <QuantityField
                  label="Play that must stay"
                  of="length"
                  least={0}
                  most={50}
                  value={draft.minFreeMm}
                  onChange={(mm) => mm !== null && onChange({ ...draft, minFreeMm: mm })}
                />
              ) : null}
              {head && !isWired ? <HeadChoice draft={draft} onChange={onChange} /> : null}
              {head ? (
                <ChoiceField
                  label="Head"
                  value={head.style}
                  options={HEAD_STYLES.map(({ key, name }) => ({ value: key, label: name }))}
                  onChange={(style) => style && onChange({ ...draft, head: { ...head, style } })}
                />
              ) : null}
              {head && !isWired ? (
                <>
                  <MassField
                    label="Marked"
                    value={head.nominalG}
                    check={(grams) =>
                      grams <= 0 || grams > 5000
                        ? `A head weighs over 0, up to ${massText(5000, mass)}.`
                        : null
                    }
                    onChange={(nominalG) =>
                      nominalG !== null && onChange({ ...draft, head: { ...head, nominalG } })
                    }
                  />
                  <ChoiceField
                    label="Hook in it"
                    value={head.hookBinId}
                    none="any"
                    options={[...view.hooks.values()].map(({ id, name }) => ({ value: id, label: name }))}
                    onChange={(hookBinId) => onChange({ ...draft, head: { ...head, hookBinId } })}
                  />
                </>
              ) : null}
              {head ? (
                <ChoiceField
                  label="Color"
                  value={head.coatId}
                  none="bare"
                  options={view.coats.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(coatId) => onChange({ ...draft, head: { ...head, coatId } })}
                />
              ) : null}
              {kind.takesSkirt ? (
                <ChoiceField
                  label="Skirt"
                  value={draft.skirtId}
                  none="none"
                  options={skirts.map((skirt) => ({ value: skirt.id, label: versionText(skirt) }))}
                  onChange={(skirtId) => onChange(wearing(draft, skirtId))}
                />
              ) : null}
              {kind.slots
                .filter(({ id }) => id !== 'frame')
                .map(({ id, name, takes, isNeeded }) => (
                  <ChoiceField
                    key={id}
                    label={name}
                    value={draft.slots.find(({ slot }) => slot === id)?.binId ?? null}
                    none={isNeeded ? 'none yet' : 'none'}
                    options={parts
                      .filter(({ gauge }) => gauge !== null && takes.includes(gauge.as))
                      .map((bin) => ({ value: bin.id, label: bin.name }))}
                    onChange={(binId) =>
                      onChange(slotted(draft, id, parts.find((part) => part.id === binId) ?? null))
                    }
                  />
                ))}
              {draft.slots.some(({ slot }) => slot === 'trailer') ? (
                <DipFields dip={draft.dip} onChange={(dip) => onChange({ ...draft, dip })} />
              ) : null}
              {draft.slots.flatMap(({ slot, cutMm }) => {
                const name = kind.slots.find(({ id }) => id === slot)?.name;
                return cutMm === undefined || name === undefined ? (
                  []
                ) : (
                  <QuantityField
                    key={slot}
                    label={`${name}, cut to`}
                    of="length"
                    least={5}
                    most={2000}
                    value={cutMm}
                    hint={
                      slot === 'cord'
                        ? `hangs ${millimeters(stingerReach(cutMm))} behind its loop`
                        : undefined
                    }
                    onChange={(mm) => mm !== null && onChange(cutTo(draft, slot, mm))}
                  />
                );
              })}
            </div>
          ),
        },
      ]}
    />
  );
}

/** A head that lies on the shelf, cast or bought: its style, weight, hook and color are those of the bait then. */
function HeadChoice({ draft, onChange }: BaitFieldsProps) {
  const { view } = useBench();
  const [there] = headsFor(draft, view);
  return (
    <HeadField
      label="Head from the shelf"
      value={there?.id ?? null}
      none="none of these"
      suits={({ skirtId }) => skirtId === null || skirtId === draft.skirtId}
      onChange={(bin) => {
        if (!bin) return;
        const { style, nominalG, hookBinId, coatId, frameBinId } = bin;
        const framed = frameBinId === undefined ? {} : { frameBinId };
        onChange({ ...draft, ...framed, head: { style, nominalG, hookBinId, coatId } });
      }}
    />
  );
}
