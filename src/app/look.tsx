'use client';

import { App, ConfigProvider } from 'antd';
import { useSyncExternalStore, type ReactNode } from 'react';
import { usePreferences } from '@/station-kit/preferences-store';
import { antdTheme } from '@/ui/theme/antd-theme';

const STILL = '(prefers-reduced-motion: reduce)';

function watchStill(tell: () => void): () => void {
  const query = window.matchMedia(STILL);
  query.addEventListener('change', tell);
  return () => query.removeEventListener('change', tell);
}

/** Dresses Ant Design's parts in this screen's look. */
export function Look({ children }: { children: ReactNode }) {
  const { look, isGloved } = usePreferences();
  const isStill = useSyncExternalStore(
    watchStill,
    () => window.matchMedia(STILL).matches,
    () => false,
  );
  return (
    <ConfigProvider theme={antdTheme(look, isGloved, isStill)} button={{ autoInsertSpace: false }}>
      <App component={false}>{children}</App>
    </ConfigProvider>
  );
}
