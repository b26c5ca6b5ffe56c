export type GlyphName = 'ticket' | 'metal' | 'molds' | 'pour' | 'dress' | 'shelf';

/** Our own small pictures, drawn on a 16 by 16 grid with a 1.5 stroke. */
const PATHS: Record<GlyphName, string> = {
  ticket: 'M4 2.5h8v11l-2-1.4-2 1.4-2-1.4-2 1.4zM6.2 5.5h3.6M6.2 8h3.6',
  metal: 'M2.5 4.5h11l-1.6 8H4.1zM5.6 8.2c1.6-1.2 3.2 1.2 4.8 0M2 4.5h12',
  molds: 'M2.5 4h11v8h-11zM8 4v2.2M10.2 8a2.2 2.2 0 1 1-4.4 0 2.2 2.2 0 0 1 4.4 0z',
  pour: 'M3 3.5h7.5v5.2a2 2 0 0 1-2 2H5a2 2 0 0 1-2-2zM10.5 4.5l2.7 1M13.2 5.5v5M13.2 12.6v.9',
  dress: 'M3 13l5.2-5.2M8.2 7.8L12.6 2.6M8.2 7.8l5.2 1M3.4 3.4l2.2 4.4M10.6 13.4h2.9',
  shelf: 'M2.5 3h11v10h-11zM2.5 8h11M6.2 3v5M9.8 8v5',
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
