import '@fontsource-variable/archivo/wdth.css';
import '@/ui/theme/fonts.css';
import '@/ui/theme/tokens.css';
import '@/ui/theme/base.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { PREFERENCES_KEY } from '@/data/device/preferences';
import { KeepApp } from './KeepApp';

export const metadata: Metadata = {
  title: { default: 'Ruvek', template: '%s · Ruvek' },
  description: 'A bench companion for makers of fishing tackle.',
  appleWebApp: { capable: true, title: 'Ruvek', statusBarStyle: 'default' },
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#f4f0e8' },
    { media: '(prefers-color-scheme: dark)', color: '#1b1f23' },
  ],
};

/** Sets the look before the first paint, so that a dark shed never sees a white flash. */
const EARLY_LOOK = `try{const p=JSON.parse(localStorage.getItem('${PREFERENCES_KEY}')||'{}');const d=document.documentElement.dataset;d.look=p.look==='shed'?'shed':'day';d.glove=p.isGloved===true?'on':'off'}catch{}`;

/** The mark that this answer's scripts carry; files have their scripts' own marks in their place. */
const nonceOf = async () =>
  process.env.RUVEK_EXPORT === '1' ? undefined : ((await headers()).get('x-nonce') ?? undefined);

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = await nonceOf();
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: EARLY_LOOK }} />
      </head>
      <body>
        <AntdRegistry>{children}</AntdRegistry>
        <KeepApp />
      </body>
    </html>
  );
}
