'use client';

import { row, stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo } from 'react';
import { HEAD_STYLES } from '@/core/cavities/styles';
import { hookRank } from '@/core/units/hook-rank';
import { CountField } from '@/ui/unit-field/CountField';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { jigOf } from '@/station-kit/looks/jig-look';
import { MassField } from '@/ui/unit-field/MassField';
import { markText, temperatureText } from '@/text/words';
import { PartField } from '@/station-kit/put-down/PartField';
import { refusalsOfLine } from '@/station-kit/coats/refusals';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { OrderLine } from '@/model/tickets/order';
import styles from './order.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';

interface OrderLineFieldsProps {
  readonly line: OrderLine;
  readonly no: number;
  readonly onChange: (line: OrderLine) => void;
  readonly onRemove: () => void;
}

/** One piece as the customer chooses it, drawn large at rest and on a stop to show. */
export function OrderLineFields({ line, no, onChange, onRemove }: OrderLineFieldsProps) {
  const { view } = useBench();
  const { mass, temperature } = useUnits();
  const set = (change: Partial<OrderLine>) => onChange({ ...line, ...change });
  const skirt = view.skirtById.get(line.skirtId ?? '');
  const coat = view.coatById.get(line.coatId ?? '');
  const jig = useMemo(
    () => (skirt ? jigOf(skirt, view, { ...line, trailerBinId: line.trailerBinId ?? null }) : null),
    [skirt, line, view],
  );
  const refusals = refusalsOfLine(line, view, (celsius) => temperatureText(celsius, temperature));
  return (
    <section className={stack(12, styles.fields)} aria-label={`Piece ${no}`}>
      {jig ? (
        <div className={row(10)}>
          <SkirtDrawing
            name={`Piece ${no} at rest`}
            jig={jig}
            state={{ is: 'rest' }}
            view="side"
            pxPerMm={3.2}
            maxWidthPx={222}
          />
          <SkirtDrawing
            name={`Piece ${no} on a stop`}
            jig={jig}
            state={{ is: 'open', open: 1, pulse: 0 }}
            view="side"
            pxPerMm={1.8}
            maxWidthPx={138}
          />
        </div>
      ) : null}
      <div className={styles.grid}>
        <ChoiceField
          label="Skirt"
          value={line.skirtId}
          none="none"
          options={newestByFamily(view.skirts).map((each) => ({ value: each.id, label: versionText(each) }))}
          onChange={(skirtId) =>
            set({ skirtId, collarBinId: view.skirtById.get(skirtId ?? '')?.collar.binId ?? null })
          }
        />
        <ChoiceField
          label="Head color"
          value={line.coatId}
          none="none"
          options={view.coats
            .filter(({ retired }) => !retired)
            .map((each) => ({ value: each.id, label: each.name }))}
          onChange={(coatId) => set({ coatId })}
        />
        <PartField
          label="Guard"
          value={line.guardBinId}
          none="none"
          as="guard"
          onChange={(guardBinId) => set({ guardBinId })}
        />
        <PartField
          label="Collar"
          value={line.collarBinId}
          none="none"
          as="collar"
          onChange={(collarBinId) => set({ collarBinId })}
        />
        <PartField
          label="Trailer"
          value={line.trailerBinId ?? null}
          none="none"
          as="trailer"
          onChange={(trailerBinId) => set({ trailerBinId })}
        />
        <ChoiceField
          label="Head"
          value={line.style}
          options={HEAD_STYLES.filter(({ isHooked }) => isHooked).map(({ key, name }) => ({
            value: key,
            label: name,
          }))}
          onChange={(style) => style && set({ style })}
        />
        <MassField
          label="Weight"
          value={line.nominalG}
          write={(grams) => markText(grams, mass)}
          onChange={(nominalG) => nominalG !== null && nominalG > 0 && set({ nominalG })}
        />
        <ChoiceField
          label="Hook"
          value={line.hookBinId}
          none="none"
          options={[...view.hooks.values()]
            .sort((a, b) => (hookRank(a.size)?.rank ?? 0) - (hookRank(b.size)?.rank ?? 0))
            .map((hook) => ({ value: hook.id, label: hook.name }))}
          onChange={(hookBinId) => set({ hookBinId })}
        />
        <ChoiceField
          label="Metal"
          value={line.metalBinId}
          none="bought, or any there"
          options={view.metals.map((metal) => ({ value: metal.id, label: metal.name }))}
          onChange={(metalBinId) => set({ metalBinId })}
        />
        <CountField
          label="Pieces"
          value={line.count}
          min={1}
          onChange={(count) => count !== null && set({ count })}
        />
      </div>
      {refusals.map((why) => (
        <p key={why} role="alert" className="wrong">
          {coat?.name}: {why}
        </p>
      ))}
      <Button onClick={onRemove}>Take this piece out</Button>
    </section>
  );
}
