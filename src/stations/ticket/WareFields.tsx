'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { CountField } from '@/ui/unit-field/CountField';
import { DayField } from '@/ui/unit-field/DayField';
import { TextField } from '@/ui/unit-field/TextField';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { useBench } from '@/station-kit/BenchProvider';
import { boughtWares, isSoldAsBought } from '@/model/tickets/bought-wares';
import { inBackground } from '@/station-kit/in-background';
import { useTypical } from '@/station-kit/put-down/use-typical';
import type { DraftWare } from '@/model/tickets/ticket-draft';
import styles from './ticket.module.css';

interface WareFieldsProps {
  readonly ware: DraftWare;
  readonly place: number;
  readonly problems: { readonly of: string | null; readonly count: string | null } | null;
  readonly onChange: (ware: DraftWare) => void;
  readonly onRemove: () => void;
}

const KINDS = [
  { value: 'build', label: 'a bait' },
  { value: 'rig', label: 'a rig' },
  { value: 'skirt', label: 'loose skirts' },
];

/** A bait or a rig asked for, ready made: which, how many, by when. */
export function WareFields({ ware, place, problems, onChange, onRemove }: WareFieldsProps) {
  const { view, workshop } = useBench();
  const { take, withTypical } = useTypical(isSoldAsBought);
  const options = [
    ...newestByFamily(view.builds).map(({ family, name }) => ({ value: `build:${family}`, label: name })),
    ...newestByFamily(view.rigs).map(({ family, name }) => ({
      value: `rig:${family}`,
      label: `${name}, rig`,
    })),
    ...newestByFamily(view.skirts).map(({ family, name }) => ({
      value: `skirt:${family}`,
      label: `${name}, loose skirts`,
    })),
    ...boughtWares(view).map(({ id, name }) => ({ value: `bin:${id}`, label: `${name}, bought` })),
  ];
  const choose = async (of: string) => {
    const bin = await take(of);
    onChange({ ...ware, of: bin ? `bin:${bin.id}` : of });
  };
  return (
    <fieldset className={stack(14, styles.wareLine)} aria-label={`Bait or rig ${place}`}>
      {ware.says === undefined ? (
        <ChoiceField
          label="Bait or rig"
          value={ware.of}
          none="choose one"
          options={withTypical(options)}
          problem={problems?.of ?? null}
          onChange={(of) => (of === null ? onChange({ ...ware, of }) : inBackground(choose(of)))}
        />
      ) : (
        <>
          <ChoiceField
            label="It is"
            value={ware.of?.split(':')[0] ?? 'build'}
            options={KINDS}
            onChange={(kind) => onChange({ ...ware, of: `${kind}:${ware.of?.split(':')[1] ?? ''}` })}
          />
          <TextField
            label="To be called"
            value={ware.says}
            most={80}
            placeholder="Pond bait"
            problem={problems?.of ?? null}
            onChange={(says) => onChange({ ...ware, says })}
          />
        </>
      )}
      <CountField
        label="Count"
        value={ware.count}
        min={1}
        problem={problems?.count ?? null}
        onChange={(count) => onChange({ ...ware, count })}
      />
      <DayField label="Due" value={ware.dueOn} onChange={(dueOn) => onChange({ ...ware, dueOn })} />
      {ware.of === null ? (
        <Button type="text" onClick={() => onChange({ ...ware, of: `build:${workshop.newId()}`, says: '' })}>
          Not built yet? Say what it is to be called
        </Button>
      ) : ware.says === undefined ? null : (
        <Button type="text" onClick={() => onChange({ ...ware, of: null, says: undefined })}>
          Choose what there is
        </Button>
      )}
      <Button type="text" onClick={onRemove}>
        Remove
      </Button>
    </fieldset>
  );
}
