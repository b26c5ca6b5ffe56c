import type { MetadataRoute } from 'next';

/** The same for everyone, so that it can be a file. */
export const dynamic = 'force-static';

/** What a phone or a bench computer needs to know to install Ruvek. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Ruvek',
    short_name: 'Ruvek',
    description: 'A bench companion for makers of fishing tackle.',
    id: '/ticket',
    start_url: '/ticket',
    display: 'standalone',
    background_color: '#f4f0e8',
    theme_color: '#f4f0e8',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
    shortcuts: [
      { name: 'Note on the water', url: '/water' },
      { name: 'Pour', url: '/pour' },
      { name: 'Shelf', url: '/shelf' },
    ],
  };
}
