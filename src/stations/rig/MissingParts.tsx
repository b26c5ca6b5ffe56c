'use client';

import { Button } from 'antd';
import { mayLie } from '@/core/rigs/choose-piece';
import { findRigKind } from '@/core/rigs/kinds';
import type { RigPlace } from '@/core/rigs/kinds/definition';
import type { RigFinding } from '@/core/rigs/rig-finding';
import type { RigPiece } from '@/core/rigs/rig';
import { typicalPlaces } from '@/model/rigs/typical-rig';
import { rigPieceOf } from '@/records/rig-piece';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { PutDownButton } from '@/station-kit/put-down/PutDownButton';
import { row } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { laidAnew, type RigDraft } from '@/model/rigs/rig-draft';

interface MissingPartsProps {
  readonly draft: RigDraft;
  readonly findings: readonly RigFinding[];
  readonly onChange: (draft: RigDraft) => void;
}

/** Whether a kind of thing may lie at a place. */
function suitsPlace({ takes, line }: RigPlace, kind: ThingKind): boolean {
  if (kind.makes === 'strand') return takes.includes('hair') && (kind.form === 'hair' || kind.form === 'fur');
  if (kind.makes !== 'part') return false;
  const { as, form, plastic, shape, bend } = kind;
  const gauge = { as, form, plastic, shape, bend, line: kind.line, sizes: {}, basis: 'guess' } as const;
  return mayLie({ binId: kind.id, name: kind.one, massG: null, gauge }, { takes, ...(line ? { line } : {}) });
}

/** What a rig has not yet: put down here, one by one, or all at once as such a rig usually has it. */
export function MissingParts({ draft, findings, onChange }: MissingPartsProps) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const missing = findings.flatMap((finding) => (finding.code === 'missing' ? finding.at : []));
  if (missing.length === 0) return null;
  const { places } = findRigKind(draft.kind);
  const take = (chosen: Readonly<Record<string, RigPiece>>) => onChange(laidAnew(draft, { chosen }, view));
  const layOut = async () => {
    const typical = Object.entries(typicalPlaces(draft, view, length));
    // The same thing at two places is one bin.
    const things = [...new Map(typical.map(([, thing]) => [thing.id, thing])).values()];
    const bins = await workshop.shelf.layOut(things.map(({ bin }) => bin));
    const pieces = new Map(things.map(({ id }, at) => [id, bins[at] ? rigPieceOf(bins[at]) : null]));
    take(
      Object.fromEntries(
        typical.flatMap(([place, { id }]) => {
          const piece = pieces.get(id);
          return piece ? [[place, piece]] : [];
        }),
      ),
    );
  };
  return (
    <div className={row(8)} role="group" aria-label="What it has not yet">
      <Button type="primary" onClick={() => inBackground(layOut())}>
        Lay out typical parts
      </Button>
      {places
        .filter(({ id }) => missing.includes(id))
        .map((place) => (
          <PutDownButton
            key={place.id}
            mend={`Put down: ${place.name.toLowerCase()}`}
            title={place.name}
            suits={(kind) => suitsPlace(place, kind)}
            onAdded={(bin) => {
              const piece = rigPieceOf(bin);
              if (piece) take({ [place.id]: piece });
            }}
          />
        ))}
    </div>
  );
}
