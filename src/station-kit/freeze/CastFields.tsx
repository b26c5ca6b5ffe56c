'use client';

import { GATE_SIDES, type GateSide } from '@/core/molds/gate-sides';
import { MOLD_KINDS, type MoldKind } from '@/core/molds/made-of';
import { moldMaterial, usualHeat, type CastDraft } from '@/model/molds/cast-question';
import type { MetalBin } from '@/records/bin';
import { GATE_NAMES } from '@/text/cast-words';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { PercentField } from '@/ui/unit-field/PercentField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { useBench } from '../BenchProvider';

interface CastFieldsProps {
  readonly draft: CastDraft;
  readonly metal: MetalBin;
  readonly onDraft: (draft: CastDraft) => void;
  readonly onMetal: ((metalId: string) => void) | undefined;
}

const MOST_POT_C = 900;
/** Where vents usually are, a share of the body from the nose. */
const VENTS: readonly (readonly [at: number, label: string])[] = [
  [0.02, 'at the nose'],
  [0.5, 'in the middle'],
  [0.98, 'at the tail'],
];
const ventKey = (vents: readonly number[]) => vents.map((at) => at.toFixed(2)).join(' ');
const ventsText = (vents: readonly number[]) =>
  `${vents.map((at) => `${Math.round(at * 100)} %`).join(' and ')} from the nose`;

/** What the casting is poured of, into what, how warm, and where the metal comes in. */
export function CastFields({ draft, metal, onDraft, onMetal }: CastFieldsProps) {
  const { view } = useBench();
  const { gate, vents } = draft;
  const set = (change: Partial<CastDraft>) => onDraft({ ...draft, ...change });
  const setGate = (change: Partial<CastDraft['gate']>) => set({ gate: { ...gate, ...change } });
  const isAlong = gate.side === 'above' || gate.side === 'below';
  return (
    <>
      {onMetal ? (
        <ChoiceField
          label="Metal"
          value={metal.id}
          options={view.metals.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id) => id !== null && onMetal(id)}
        />
      ) : null}
      <QuantityField
        label="Metal poured at"
        of="temperature"
        value={draft.pouredC}
        least={100}
        most={MOST_POT_C}
        onChange={(pouredC) => pouredC !== null && set({ pouredC })}
      />
      <ChoiceField
        label="Mold of"
        value={draft.of}
        options={MOLD_KINDS.map((kind) => ({ value: kind, label: moldMaterial(kind).name }))}
        onChange={(of) => of !== null && set({ of: of as MoldKind, ...usualHeat(metal, of as MoldKind) })}
      />
      <QuantityField
        label="Mold warmed to"
        of="temperature"
        value={draft.blockC}
        least={0}
        most={400}
        onChange={(blockC) => blockC !== null && set({ blockC })}
      />
      <ChoiceField
        label="Gate"
        value={gate.side}
        options={GATE_SIDES.map((side) => ({ value: side, label: GATE_NAMES[side] }))}
        onChange={(side) => side !== null && setGate({ side: side as GateSide })}
      />
      {isAlong ? (
        <PercentField
          label="Gate along the body, from the nose"
          value={gate.at}
          most={1}
          onChange={(at) => at !== null && setGate({ at })}
        />
      ) : null}
      {gate.side === 'open' ? null : (
        <>
          <QuantityField
            label="Gate width"
            of="drill"
            value={gate.wideMm}
            least={0.5}
            most={30}
            onChange={(wideMm) => wideMm !== null && setGate({ wideMm })}
          />
          <QuantityField
            label="Gap between the halves"
            of="length"
            value={draft.gapMm}
            least={0.001}
            most={2}
            onChange={(gapMm) => gapMm !== null && set({ gapMm })}
          />
          <ChoiceField
            label="Vent"
            value={vents.length === 0 ? null : ventKey(vents)}
            none="none"
            options={[
              ...VENTS.map(([at, label]) => ({ value: ventKey([at]), label })),
              ...(vents.length > 0 && !VENTS.some(([at]) => ventKey([at]) === ventKey(vents))
                ? [{ value: ventKey(vents), label: ventsText(vents) }]
                : []),
            ]}
            onChange={(key) => set({ vents: key === null ? [] : key.split(' ').map(Number) })}
          />
        </>
      )}
    </>
  );
}
