'use client';

import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { Station } from '@/ui/frame/Station';
import { setPreferences, useBench, usePreferences } from '../shared';
import { CoatSlip } from './CoatSlip';
import { ColorsPart } from './ColorsPart';
import { HeatersForm } from './HeatersForm';
import { HeatPart } from './HeatPart';
import { PowdersPart } from './PowdersPart';
import { RackPart } from './RackPart';

type Part = 'heat' | 'rack' | 'colors' | 'powders';

const TITLES: Record<Part, readonly [title: string, sub: string]> = {
  heat: ['Heat', 'how long in the heat, how long the dip stays possible'],
  rack: ['Rack and cure', 'what hangs where, how hot, how long, when it comes out'],
  colors: ['Colors', 'recipes, made once, called by name from tickets'],
  powders: ['Powders', 'what the jars hold, and what is used of them'],
};

/** Powder on hot metal: heat, rack, cure, colors and jars. */
export function CoatStation() {
  const { view } = useBench();
  const preferences = usePreferences();
  const [part, setPart] = useState<Part>('rack');
  const [isSetting, setSetting] = useState(false);
  const [title, sub] = TITLES[part];
  return (
    <Station
      title={title}
      sub={sub}
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        <>
          <Segmented<Part>
            aria-label="What to do"
            value={part}
            options={[
              { value: 'heat', label: 'Heat' },
              { value: 'rack', label: 'Rack' },
              { value: 'colors', label: 'Colors' },
              { value: 'powders', label: 'Powders' },
            ]}
            onChange={setPart}
          />
          <Button onClick={() => setSetting(true)}>Ovens and heat</Button>
        </>
      }
      slip={<CoatSlip />}
    >
      {part === 'heat' ? <HeatPart onSetUp={() => setSetting(true)} /> : null}
      {part === 'rack' ? <RackPart onSetUp={() => setSetting(true)} /> : null}
      {part === 'colors' ? <ColorsPart /> : null}
      {part === 'powders' ? <PowdersPart /> : null}
      {isSetting ? <HeatersForm heaters={view.heaters} onClose={() => setSetting(false)} /> : null}
    </Station>
  );
}
