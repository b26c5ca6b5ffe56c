'use client';

import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { PartField } from '@/station-kit/put-down/PartField';
import { useBench } from '@/station-kit/BenchProvider';
import type { DraftLine } from '@/model/tickets/ticket-draft';
import { versionText } from '@/model/versions/version-text';

interface DressFieldsProps {
  readonly line: DraftLine;
  readonly onChange: (change: Partial<DraftLine>) => void;
}

/** What a line's heads wear: a skirt, and with it another guard or collar than the recipe has. */
export function DressFields({ line, onChange }: DressFieldsProps) {
  const { view } = useBench();
  const newest = view.skirts.filter(
    (skirt) =>
      skirt.id === line.skirtId ||
      (!skirt.retired &&
        view.skirts.every(({ family, version }) => family !== skirt.family || version <= skirt.version)),
  );
  return (
    <>
      <ChoiceField
        label="Skirt"
        value={line.skirtId ?? null}
        none="none"
        options={newest
          .map((skirt) => ({ value: skirt.id, label: versionText(skirt) }))
          .sort((a, b) => a.label.localeCompare(b.label))}
        onChange={(skirtId) => onChange({ skirtId, guardBinId: null, collarBinId: null })}
      />
      {line.skirtId ? (
        <>
          <PartField
            label="Guard"
            value={line.guardBinId}
            none="as the recipe"
            as="guard"
            onChange={(guardBinId) => onChange({ guardBinId })}
          />
          <PartField
            label="Collar"
            value={line.collarBinId}
            none="as the recipe"
            as="collar"
            onChange={(collarBinId) => onChange({ collarBinId })}
          />
          <PartField
            label="Trailer"
            value={line.trailerBinId ?? null}
            none="none"
            as="trailer"
            onChange={(trailerBinId) => onChange({ trailerBinId })}
          />
        </>
      ) : null}
    </>
  );
}
