'use client';

import { spread, stack, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useMemo, useState } from 'react';
import { findHold } from '@/core/skirts/holds';
import { flaredShares, restShares } from '@/core/skirts/seen-shares';
import { skirtCardPdf } from '@/data/exchange/sheet/skirt-card';
import { numberText } from '@/text/number-text';
import type { Skirt } from '@/records/skirt';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { TextField } from '@/ui/unit-field/TextField';
import { amountOfText, placeText, shortName } from '@/text/skirt-words';
import { jigOf } from '@/station-kit/looks/jig-look';
import { layersOf, materialOf } from '@/model/skirts/skirt-facts';
import { saveFile } from '@/station-kit/save-file';
import { BoardDetail } from '@/ui/board/Board';
import { slug } from '@/text/slug';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { usePrint } from '@/station-kit/use-print';
import { versionsOf, waterSays } from '@/model/skirts/board';
import { composeCard } from '@/station-kit/print/skirt-card-of';
import { rateWorking } from '@/station-kit/figures/rate-working';
import { Figure } from '@/ui/figure/Figure';
import { ShareBar } from '@/ui/skirt-drawing/ShareBar';
import { exportSkirt } from '@/model/skirts/skirt-exchange';
import { WaterForm } from './WaterForm';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

interface SkirtDetailProps {
  readonly skirt: Skirt;
  readonly onVersion: (id: string) => void;
  readonly onChange: () => void;
  readonly onTie: () => void;
  /** Sets another beside it; null lets the maker point at it. */
  readonly onBeside: (id: string | null) => void;
}

/** One recipe of the board: drawn, its layers, its versions, what the water said, and what can be done with it. */
export function SkirtDetail({ skirt, onVersion, onChange, onTie, onBeside }: SkirtDetailProps) {
  const { view, workshop, carryOut } = useBench();
  const print = usePrint();
  const { length } = useUnits();
  const [note, setNote] = useState(skirt.note);
  const [isNoting, setNoting] = useState(false);
  const jig = useMemo(() => jigOf(skirt, view), [skirt, view]);
  const layers = useMemo(() => layersOf(skirt, view), [skirt, view]);
  const rest = restShares(layers, skirt.collar.diameterMm, 'side');
  const flared = flaredShares(layers);
  const versions = versionsOf(skirt.family, view.skirts);
  const before = versions.find(({ version }) => version === skirt.version - 1);
  const says = waterSays(new Set([skirt.id]), view);
  const all = waterSays(new Set(versions.map(({ id }) => id)), view);
  const fileName = `ruvek-skirt-${slug(versionText(skirt))}`;
  return (
    <BoardDetail name={versionText(skirt)}>
      <header>
        <h2>{skirt.name}</h2>
        <p className="quiet">{[skirt.prey, findHold(skirt.hold).name].filter(Boolean).join(' · ')}</p>
      </header>
      {versions.length > 1 ? (
        <Segmented
          size="small"
          aria-label="Version"
          value={skirt.id}
          options={[...versions]
            .reverse()
            .map(({ id, version }) => ({ value: id, label: `version ${version}` }))}
          onChange={(id) => onVersion(id)}
        />
      ) : null}
      {jig ? (
        <div className={spread(8)}>
          <SkirtDrawing
            name={`${versionText(skirt)} at rest`}
            jig={jig}
            state={{ is: 'rest' }}
            view="side"
            pxPerMm={3}
            maxWidthPx={300}
          />
          <SkirtDrawing
            name={`${versionText(skirt)} on a stop`}
            jig={jig}
            state={{ is: 'open', open: 1, pulse: 0 }}
            view="side"
            pxPerMm={1.7}
            maxWidthPx={180}
          />
        </div>
      ) : null}
      {rest.ok ? <ShareBar pose="rest" shares={rest.value} bins={view.binById} /> : null}
      {flared.ok ? <ShareBar pose="stop" shares={flared.value} bins={view.binById} /> : null}
      <ol className={stack(2, styles.layerWords)}>
        {skirt.layers.map((layer) => {
          const material = materialOf(layer, view);
          return (
            <li key={layer.id}>
              <i style={{ background: material?.hex }} aria-hidden="true" />
              {material ? shortName(material) : 'a material gone'}:{' '}
              {amountOfText(layer.amount, length, material?.form)}, {placeText(layer.place)}
              {layer.isShort ? ', cut short' : ''}
            </li>
          );
        })}
      </ol>
      <div className={wrap(8, styles.hands)}>
        <Button type="primary" onClick={onTie}>
          Tie some
        </Button>
        <Button onClick={onChange}>Change it</Button>
        <Button onClick={() => onBeside(null)}>Compare</Button>
        {before ? (
          <Button onClick={() => onBeside(before.id)}>Compare with version {before.version}</Button>
        ) : null}
        <Button onClick={() => saveFile(`${fileName}.json`, exportSkirt(skirt, view), 'application/json')}>
          Save as a file
        </Button>
        <Button
          onClick={() =>
            inBackground(
              print({
                file: fileName,
                make: (fonts) => skirtCardPdf(composeCard(skirt, view, length), fonts),
              }),
            )
          }
        >
          Print its card
        </Button>
        <Button onClick={() => inBackground(workshop.skirts.putAway(skirt.family, true))}>Put away</Button>
      </div>
      <section aria-label="Notes from the water" className={styles.water}>
        <h3>Notes from the water</h3>
        {says ? (
          <p>
            {says.counted === null ? null : (
              <strong>{numberText(says.counted, 2)} fish an hour as counted, </strong>
            )}
            {says.fish} fish in {numberText(says.hours, 3)} h{says.lost > 0 ? `, ${says.lost} lost` : ''}.
            With care, since few hours tell little:{' '}
            <Figure working={rateWorking('fish', 1, { count: says.fish, hours: says.hours, ...says.rate })}>
              {numberText(says.rate.perHour, 2)}
            </Figure>
            , nine in ten between {numberText(says.rate.low, 2)} and {numberText(says.rate.high, 2)}.
          </p>
        ) : (
          <p className="quiet">This version was not fished yet.</p>
        )}
        {all && versions.length > 1 && all.hours !== says?.hours ? (
          <p className="quiet">
            All versions: {all.fish} fish in {numberText(all.hours, 3)} h.
          </p>
        ) : null}
        {view.waterNotes
          .filter((each) => each.of?.id === skirt.id && each.note !== '')
          .map((each) => (
            <p key={each.id} className="quiet">
              {each.place}: {each.note}
            </p>
          ))}
        {isNoting ? (
          <WaterForm skirtId={skirt.id} onDone={() => setNoting(false)} />
        ) : (
          <Button size="small" onClick={() => setNoting(true)}>
            Add a note from the water
          </Button>
        )}
      </section>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(carryOut(workshop.skirts.note(skirt.id, note.trim())));
        }}
      >
        <TextField label="Note on this version" value={note} most={500} onChange={setNote} />
        {note.trim() !== skirt.note ? (
          <Button size="small" htmlType="submit">
            Keep the note
          </Button>
        ) : null}
      </form>
    </BoardDetail>
  );
}
