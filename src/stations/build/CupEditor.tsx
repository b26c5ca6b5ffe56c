'use client';

import { PercentField } from '@/ui/unit-field/PercentField';
import { useUnits } from '@/ui/units/use-units';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { sizeText } from '@/text/words';
import { apart, column, stack, wrap } from '@/ui/layout/layout';
import { Button, ColorPicker } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { PlasticAdded, PlasticColor, PlasticRecord } from '@/records/plastic';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import { Cup } from './Cup';
import { CupSwatch } from './CupSwatch';
import { WentIn } from './WentIn';
import {
  amountOf,
  plasticProblems,
  SPOONS,
  withTwoColors,
  type PlasticDraft,
} from '@/model/plastics/plastic-draft';
import styles from './plastic.module.css';
import { inBackground } from '@/station-kit/in-background';

interface CupEditorProps {
  readonly draft: PlasticDraft;
  readonly onChange: (draft: PlasticDraft) => void;
  readonly onKept: (plastic: PlasticRecord) => void;
}

/** The cup: what goes in, step by step, the color so far, and the drop that was one too many. */
export function CupEditor({ draft, onChange, onKept }: CupEditorProps) {
  const { view, workshop } = useBench();
  const problems = plasticProblems(draft, view.plastics);
  const setColor = (index: number, to: Partial<PlasticColor>) =>
    onChange({
      ...draft,
      colors: draft.colors.map((color, at) => (at === index ? { ...color, ...to } : color)),
    });
  const isTwo = draft.colors.length === 2;
  const isBarred = problems.name !== null || problems.colors !== null;
  return (
    <section className={column(14)} aria-label="The cup">
      <div className={apart(14, styles.benchHead)}>
        <TextField
          label="Called"
          value={draft.name}
          most={80}
          placeholder="Weir green"
          problem={problems.name}
          onChange={(name) => onChange({ ...draft, name })}
        />
        <Segmented
          aria-label="Colors"
          value={isTwo ? 'two' : 'one'}
          options={[
            { value: 'one', label: 'One color' },
            { value: 'two', label: 'Two, laid together' },
          ]}
          onChange={(next) => onChange(withTwoColors(draft, next === 'two'))}
        />
        <Segmented
          aria-label="Plastic"
          value={draft.plastic}
          options={[
            { value: 'soft', label: 'Soft' },
            { value: 'stretch', label: 'Stretchy' },
          ]}
          onChange={(plastic) => onChange({ ...draft, plastic: plastic as PlasticDraft['plastic'] })}
        />
      </div>
      <div className={styles.swatch}>
        <CupSwatch
          colors={draft.colors}
          width={380}
          name={`${draft.name.trim() || 'The color'}, as a bait`}
        />
        <small>Color by how dyes take light, an estimate: trust the cup. Flake of its true size.</small>
      </div>
      {draft.colors.map((color, index) => (
        <CupColumn
          key={index}
          color={color}
          name={isTwo ? (index === 0 ? 'Back' : 'Belly') : 'Cup'}
          isTwo={isTwo}
          onShare={(share) =>
            onChange({
              ...draft,
              colors: draft.colors.map((each, at) => ({
                ...each,
                splitShare: at === index ? share : Math.round((1 - share) * 100) / 100,
              })),
            })
          }
          onChange={(to) => setColor(index, to)}
        />
      ))}
      <div className={styles.hands}>
        <Button
          type="primary"
          disabled={isBarred}
          onClick={() => {
            const { id, ...plastic } = draft;
            inBackground(workshop.plastics.keep({ ...plastic, name: plastic.name.trim() }, id).then(onKept));
          }}
        >
          {draft.id === null ? 'Keep the color' : 'Keep it as it is now'}
        </Button>
        {problems.colors ? <span className="quiet">{problems.colors}</span> : null}
      </div>
    </section>
  );
}

const DYES: readonly (readonly [string, string])[] = [
  ['Leaf green', '#4f7a2a'],
  ['Brown', '#6b4a2a'],
  ['Black', '#22242a'],
  ['Blue', '#3b5878'],
  ['Red', '#a3261f'],
  ['Yellow', '#e0b52c'],
  ['White', '#e8e6dc'],
];

function CupColumn({
  color,
  name,
  isTwo,
  onShare,
  onChange,
}: {
  readonly color: PlasticColor;
  readonly name: string;
  readonly isTwo: boolean;
  readonly onShare: (share: number) => void;
  readonly onChange: (to: Partial<PlasticColor>) => void;
}) {
  const { workshop } = useBench();
  const { length } = useUnits();
  const [what, setWhat] = useState('Leaf green');
  const [hex, setHex] = useState('#4f7a2a');
  const [as, setAs] = useState<PlasticAdded['as']>('drops');
  const [sizeMm, setSizeMm] = useState(0.4);
  const add = (amount: number) =>
    onChange({
      added: [
        ...color.added,
        {
          id: workshop.newId(),
          name: what.trim() || 'color',
          as,
          amount,
          hex,
          sizeMm: as === 'flake' ? sizeMm : null,
          tooMuch: false,
        },
      ],
    });
  const last = color.added.at(-1);
  return (
    <div className={stack(20, styles.cupRow)} role="group" aria-label={name}>
      <Cup color={color} name={name} />
      <div className={stack(8, styles.stir)}>
        <div className={styles.stirFields}>
          {isTwo ? (
            <PercentField
              label={`${name}, share of the bait`}
              least={0.05}
              most={0.95}
              value={color.splitShare}
              onChange={(share) => share !== null && onShare(share)}
            />
          ) : null}
          <QuantityField
            label={`${name}, plastic`}
            of="volume"
            value={color.baseCm3}
            least={1}
            most={5000}
            onChange={(baseCm3) => baseCm3 !== null && onChange({ baseCm3 })}
            width={130}
          />
        </div>
        <div className={styles.stirFields}>
          <Segmented
            size="small"
            aria-label={`${name}, what goes in`}
            value={as}
            options={[
              { value: 'drops', label: 'Color' },
              { value: 'flake', label: 'Flake' },
            ]}
            onChange={(next) => {
              setAs(next as PlasticAdded['as']);
              setWhat(next === 'drops' ? 'Leaf green' : 'Black flake');
              setHex(next === 'drops' ? '#4f7a2a' : '#1d1d1d');
            }}
          />
          {as === 'drops' ? (
            <span className={styles.dyes} role="group" aria-label={`${name}, dyes`}>
              {DYES.map(([dye, dyeHex]) => (
                <button
                  key={dye}
                  type="button"
                  aria-label={dye}
                  aria-pressed={dye === what}
                  title={dye}
                  style={{ background: dyeHex }}
                  onClick={() => {
                    setWhat(dye);
                    setHex(dyeHex);
                  }}
                />
              ))}
            </span>
          ) : (
            <>
              <QuantityField
                label={`${name}, size of flake`}
                of="length"
                value={sizeMm}
                least={0.1}
                most={5}
                onChange={(size) => size !== null && setSizeMm(size)}
                width={130}
              />
              <span className={wrap(4)} role="group" aria-label={`${name}, usual sizes of flake`}>
                {FLAKE_MM.map((mm) => (
                  <Button
                    key={mm}
                    size="small"
                    type={mm === sizeMm ? 'default' : 'text'}
                    onClick={() => setSizeMm(mm)}
                  >
                    {sizeText(mm, length)}
                  </Button>
                ))}
              </span>
            </>
          )}
          <ColorPicker
            value={hex}
            disabledAlpha
            size="small"
            onChangeComplete={(next) => setHex(next.toHexString().slice(0, 7))}
          />
          <TextField label={`${name}, called`} value={what} most={60} onChange={setWhat} />
        </div>
        <div className={styles.addHands}>
          {(as === 'drops' ? [1, 2, 5] : SPOON_SIZES).map((amount) => (
            <Button key={amount} onClick={() => add(amount)}>
              + {as === 'drops' && amount === 1 ? 'a drop' : amountOf(amount, as === 'drops' ? as : SPOONS)}
            </Button>
          ))}
          <Button type="text" disabled={!last} onClick={() => onChange({ added: color.added.slice(0, -1) })}>
            Remove the last
          </Button>
        </div>
        <WentIn name={name} added={color.added} onChange={(added) => onChange({ added })} />
      </div>
    </div>
  );
}

/** Measuring spoons that there are, of a teaspoon. */
const SPOON_SIZES = [1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2];
/** Flake as it is sold, mm: .008 to .094 in. */
const FLAKE_MM = [0.2, 0.38, 0.64, 0.89, 1.02, 1.57, 2.39];
