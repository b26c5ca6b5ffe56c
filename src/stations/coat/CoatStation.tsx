'use client';

import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { Station } from '@/ui/frame/Station';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { useBench } from '@/station-kit/BenchProvider';
import { CoatSlip } from './CoatSlip';
import { ColorsPart } from './ColorsPart';
import { HeatersForm } from './HeatersForm';
import { HeatPart } from './HeatPart';
import { PowdersPart } from './PowdersPart';
import { RackPart } from './RackPart';
import { useInAddress } from '@/station-kit/use-in-address';

type Part = 'heat' | 'rack' | 'colors' | 'powders';

const TITLES: Record<Part, readonly [title: string, sub: string]> = {
  heat: ['Heat', 'how long in the heat, how long the dip stays possible'],
  rack: ['Rack and cure', 'what hangs where, how hot, how long, when it comes out'],
  colors: ['Colors', 'recipes, made once, called by name from tickets'],
  powders: ['Powders', 'what the jars hold, and what is used of them'],
};

const PARTS: { value: Part; label: string }[] = [
  { value: 'heat', label: 'Heat' },
  { value: 'rack', label: 'Rack' },
  { value: 'colors', label: 'Colors' },
  { value: 'powders', label: 'Powders' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

/** Powder on hot metal: heat, rack, cure, colors and jars. */
export function CoatStation() {
  const { view } = useBench();
  const preferences = usePreferences();
  const [part, setPart] = useInAddress<Part>('part', PART_NAMES, 'rack');
  const [isSetting, setSetting] = useState(false);
  const [title, sub] = TITLES[part];
  return (
    <Station
      title={title}
      part={PARTS.find(({ value }) => value === part)?.label}
      sub={sub}
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        <>
          <Segmented<Part> aria-label="What to do" value={part} options={PARTS} onChange={setPart} />
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
