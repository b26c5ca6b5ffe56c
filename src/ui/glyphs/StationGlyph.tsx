export type GlyphName =
  | 'ticket'
  | 'metal'
  | 'molds'
  | 'pour'
  | 'dress'
  | 'coat'
  | 'skirt'
  | 'build'
  | 'rig'
  | 'shelf'
  | 'cost'
  | 'water';

/** Our own small pictures, drawn on a 16 by 16 grid with a 1.5 stroke. */
const PATHS: Record<GlyphName, string> = {
  ticket: 'M4 2.5h8v11l-2-1.4-2 1.4-2-1.4-2 1.4zM6.2 5.5h3.6M6.2 8h3.6',
  metal: 'M2.5 4.5h11l-1.6 8H4.1zM5.6 8.2c1.6-1.2 3.2 1.2 4.8 0M2 4.5h12',
  molds: 'M2.5 4h11v8h-11zM8 4v2.2M10.2 8a2.2 2.2 0 1 1-4.4 0 2.2 2.2 0 0 1 4.4 0z',
  pour: 'M3 3.5h7.5v5.2a2 2 0 0 1-2 2H5a2 2 0 0 1-2-2zM10.5 4.5l2.7 1M13.2 5.5v5M13.2 12.6v.9',
  dress: 'M4.2 14L8 7.6 11.8 14M8 7.6L6.1 5C5.2 3.8 5.9 2.4 7.3 2M8 7.6L9.9 5c.9-1.2.2-2.6-1.2-3M6.7 9.8h2.6',
  coat: 'M5.5 2h5M8 2v2.4M8 4.4c2.4 2.6 3.8 4.4 3.8 6.2a3.8 3.8 0 0 1-7.6 0C4.2 8.8 5.6 7 8 4.4zM4.6 9.4h6.8',
  skirt:
    'M8 2v2.6M6.2 4.8h3.6v1.8H6.2zM6.4 6.8C5.6 9.4 4.4 11.6 2.6 13.4M8 6.8V14M9.6 6.8c.8 2.6 2 4.8 3.8 6.6',
  build:
    'M2.6 11.2L5 13.4M3.8 12.3L11 4.6M11 4.6a1.6 1.6 0 1 1 2.2-2.2M3.8 12.3h7.4M11.2 12.3c1.2-1.4 2.4-1.4 3 0-.6 1.4-1.8 1.4-3 0z',
  rig: 'M2 3.2h3.4M7.6 3.2a1.1 1.1 0 1 1-2.2 0 1.1 1.1 0 0 1 2.2 0zM7.6 3.2H11M11 3.2v6.6a2.6 2.6 0 1 1-5.2 0V8.6M5.8 8.6L4.4 10M3 3.2v3.4',
  shelf: 'M2.5 3h11v10h-11zM2.5 8h11M6.2 3v5M9.8 8v5',
  cost: 'M2.4 5.2h11.2v6.4H2.4zM2.4 5.2L8 2.4l5.6 2.8M5.4 8.4h5.2M8 11.6v2.2',
  water:
    'M1.6 6.4c1.6-1.6 3.2-1.6 4.8 0s3.2 1.6 4.8 0c1.2-1.2 2.2-1.4 3.2-.8M1.6 10.6c1.6-1.6 3.2-1.6 4.8 0s3.2 1.6 4.8 0c1.2-1.2 2.2-1.4 3.2-.8M8 1.8v2.4',
};

export function StationGlyph({ name, size = 16 }: { name: GlyphName; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" focusable="false">
      <path
        d={PATHS[name]}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
