'use client';

import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { usePreferences } from '@/stations/shared';
import { antdTheme } from '@/ui/theme/antd-theme';

/** Dresses Ant Design's parts in this screen's look. */
export function Look({ children }: { children: ReactNode }) {
  const { look, isGloved } = usePreferences();
  return (
    <ConfigProvider theme={antdTheme(look, isGloved)} button={{ autoInsertSpace: false }}>
      <App component={false}>{children}</App>
    </ConfigProvider>
  );
}
