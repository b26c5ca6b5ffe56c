'use client';

import { findSightKind } from '@/core/outline/kinds';
import type { SightKindId } from '@/core/outline/kinds/definition';
import type { ToldPart } from '@/core/outline/read-part';
import { mayBeIn, nearestBins, otherSizes, type NearBin } from '@/model/stock/measured-on-mat';
import { isCastIn, isPart, isStrand } from '@/reference/typical/suits';
import type { ThingKind } from '@/reference/typical/thing-kind';
import type { Bin } from '@/records/bin';
import { stack } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { PutDownButton } from '../put-down/PutDownButton';
import { toldText } from './told-text';

const NEAREST = 3;

/** Which of the commonly sold things a part of a kind may be. */
const suiting = (kind: SightKindId) => (thing: ThingKind) => {
  if (kind === 'hook') return isCastIn(thing) || (thing.makes === 'part' && thing.as === 'hook');
  if (kind === 'strands') return isStrand(thing) || (thing.makes === 'part' && thing.as === 'skirt');
  const { roles } = findSightKind(kind);
  return thing.makes === 'part' ? roles.length === 0 || roles.includes(thing.as) : isPart(thing);
};

interface ThingBinProps {
  readonly told: ToldPart;
  readonly binId: string | null;
  readonly onBin: (binId: string | null) => void;
}

/** The bin that a part's sizes are for: which it is most alike, and what the bin says otherwise. */
export function ThingBin({ told, binId, onBin }: ThingBinProps) {
  const { view } = useBench();
  const { length } = useUnits();
  const may = view.bins.filter((bin) => mayBeIn(told.kind, bin));
  const near = nearestBins(told, view.bins);
  const nearIds = new Set(near.map(({ bin }) => bin.id));
  const others = may.filter(({ id }) => !nearIds.has(id));
  const option = ({ id, name }: Bin) => ({ value: id, label: name });
  const chosen = binId === null ? undefined : view.binById.get(binId);
  const differs = chosen ? otherSizes(told, chosen) : [];
  const nearest = near.find(({ bin }) => bin.id !== binId);
  return (
    <div className={stack(8)}>
      <ChoiceField
        label="Its sizes are for"
        value={binId}
        none="no bin yet"
        options={[
          ...(near.length > 0
            ? [{ label: 'Most alike first', options: near.map(({ bin }) => option(bin)) }]
            : []),
          ...(others.length > 0 ? [{ label: 'No sizes known yet', options: others.map(option) }] : []),
        ]}
        onChange={onBin}
      />
      <div>
        <PutDownButton
          size="small"
          mend="Put a new bin down for it"
          suits={suiting(told.kind)}
          onAdded={({ id }) => onBin(id)}
        />
      </div>
      {differs.length > 0 ? (
        <ul className={stack(2)} aria-label="What the bin says otherwise">
          {differs.map(({ size, known }) => (
            <li key={size.id}>
              {size.label} {toldText(size, length)}, where the bin says{' '}
              {toldText({ unit: size.unit, value: known }, length)}
            </li>
          ))}
        </ul>
      ) : null}
      {chosen && differs.length > 0 && nearest && isAlike(nearest) ? (
        <p className="quiet">It is as large as your {nearest.bin.name}.</p>
      ) : null}
      {chosen ? null : <Nearest near={near.slice(0, NEAREST)} onBin={onBin} />}
    </div>
  );
}

/** No size differs by more than measuring can be off. */
const isAlike = ({ farthest: { size, known } }: NearBin) => Math.abs(known - size.value) <= size.off;

function Nearest({
  near,
  onBin,
}: {
  readonly near: readonly NearBin[];
  readonly onBin: (binId: string) => void;
}) {
  const { length } = useUnits();
  if (near.length === 0) return null;
  return (
    <ul className={stack(2)} aria-label="Which of yours it may be">
      {near.map((each) => {
        const { bin, farthest } = each;
        const { label, unit } = farthest.size;
        return (
          <li key={bin.id}>
            <button type="button" className="link" onClick={() => onBin(bin.id)}>
              {bin.name}
            </button>{' '}
            <span className="quiet">
              {isAlike(each)
                ? 'every known size agrees'
                : `${label.toLowerCase()} ${toldText({ unit, value: farthest.known }, length)}`}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
