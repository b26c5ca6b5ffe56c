import { slotVerdict, type SlotVerdict } from '@/core/tickets/takes-hook';
import { useBench } from '@/station-kit/BenchProvider';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import type { DraftCavity } from './mold-draft';

const SAYS: Readonly<Record<SlotVerdict, string>> = {
  lies: 'lies in it',
  loose: 'lies loose: metal runs out along it',
  thick: 'is too thick: the halves stand open',
  short: 'is too short: its bend lies in the block',
};
const MOST_SAID = 6;

interface SlotFieldsProps {
  readonly cavity: DraftCavity;
  readonly onChange: (change: Partial<DraftCavity>) => void;
}

/** The slot of a cavity by measure, and how the hooks of the shelf lie in it: packets of one size differ. */
export function SlotFields({ cavity, onChange }: SlotFieldsProps) {
  const { view } = useBench();
  const { slot } = cavity;
  const said = [...view.hooks.values()].flatMap((hook) => {
    const verdict = slotVerdict(cavity, hook);
    const isNamed = cavity.hookSizes.includes(hook.size);
    return verdict !== null && (isNamed || verdict === 'lies') ? [`${hook.name} ${SAYS[verdict]}`] : [];
  });
  return (
    <>
      <QuantityField
        label="Slot, wide"
        of="length"
        least={0.2}
        most={20}
        isOptional
        value={slot?.wireMm ?? null}
        hint={slot ? undefined : 'measured, hooks go by it and not by their names'}
        onChange={(wireMm) =>
          onChange({ slot: wireMm === null ? undefined : { wireMm, edgeMm: slot?.edgeMm ?? null } })
        }
      />
      {slot ? (
        <QuantityField
          label="Eye’s seat to the edge"
          of="length"
          least={0.5}
          most={300}
          isOptional
          value={slot.edgeMm}
          hint={
            said.length > 0 ? `${said.slice(0, MOST_SAID).join('; ')}.` : 'No hook of the shelf lies in it.'
          }
          onChange={(edgeMm) => onChange({ slot: { ...slot, edgeMm } })}
        />
      ) : null}
    </>
  );
}
