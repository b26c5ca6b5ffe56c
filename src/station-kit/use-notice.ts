'use client';

import { App } from 'antd';
import { useMemo } from 'react';
import { inBackground } from './in-background';

type Give = (text: string, seconds?: number) => void;

/** A short word over the page that goes by itself. */
export interface Notice {
  readonly info: Give;
  readonly success: Give;
  readonly warning: Give;
  readonly error: Give;
}

const USUAL_SECONDS = 3;

/** Gives notice of what was done, what to mind, what failed. */
export function useNotice(): Notice {
  const { message } = App.useApp();
  return useMemo(() => {
    const of =
      (type: keyof Notice): Give =>
      (content, duration = USUAL_SECONDS) =>
        inBackground(message.open({ type, content, duration }));
    return { info: of('info'), success: of('success'), warning: of('warning'), error: of('error') };
  }, [message]);
}
