'use client';

import { SoundOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useCanSpeak, useSpoken } from '@/ui/use-speech';
import { setPreferences, usePreferences } from '../preferences-store';

/** Has the card read aloud, for who works with both hands and looks at them: each step as it comes, each count as it goes. */
export function SpeechSwitch({ text }: { readonly text: string }) {
  const { isSpoken } = usePreferences();
  const canSpeak = useCanSpeak();
  useSpoken(text, isSpoken && canSpeak);
  if (!canSpeak) return null;
  return (
    <Button
      size="small"
      icon={<SoundOutlined aria-hidden="true" />}
      type={isSpoken ? 'primary' : 'default'}
      aria-pressed={isSpoken}
      onClick={() => setPreferences({ isSpoken: !isSpoken })}
    >
      Read aloud
    </Button>
  );
}
