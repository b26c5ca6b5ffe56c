'use client';

import { proseIn } from '@/text/prose-in';
import { findRole, type RoleSize } from '@/core/parts/part-roles';
import type { TypicalSize, ThingKind } from '@/reference/typical/thing-kind';
import { measureText } from '@/text/measure-text';
import { massText } from '@/text/words';
import { fields } from '@/ui/layout/layout';
import { MassField } from '@/ui/unit-field/MassField';
import { useUnits } from '@/ui/units/use-units';
import { MeasureField } from './MeasureField';
import type { ThingDraft } from './thing-draft';
import styles from './put-down.module.css';

interface MeasuredFieldsProps {
  readonly kind: ThingKind;
  readonly size: TypicalSize;
  readonly draft: ThingDraft;
  readonly onChange: (to: Partial<ThingDraft>) => void;
}

const LENGTH: RoleSize = { id: 'lengthMm', label: 'Length', unit: 'mm', most: 2000 };
const HOOK_SIZES: readonly RoleSize[] = [
  { ...LENGTH, label: 'Shank' },
  { id: 'gapeMm', label: 'Gape', unit: 'mm', most: 200 },
  { id: 'wireMm', label: 'Wire', unit: 'mm', most: 20 },
];

/** Which measures a kind has. */
function sizesOf(kind: ThingKind): readonly RoleSize[] {
  switch (kind.makes) {
    case 'part':
      return findRole(kind.as).sizes.filter(({ id }) => id !== 'hubMm' || kind.form === 'wing');
    case 'hook':
      return HOOK_SIZES;
    case 'strand':
      return [LENGTH];
    default:
      return [];
  }
}

/** What such a thing usually measures, dotted; what the maker measured of his own stands for it. */
export function MeasuredFields({ kind, size, draft, onChange }: MeasuredFieldsProps) {
  const units = useUnits();
  const sizes = sizesOf(kind);
  const hasMass = kind.makes === 'hook' || (kind.makes === 'part' && kind.unit === 'pieces');
  if (sizes.length === 0) return <p className="quiet">{proseIn(kind.source, units)}</p>;
  const typical = [
    ...sizes.flatMap(({ id, label, unit }) => {
      const value = size.sizes[id];
      return value === undefined ? [] : [`${label.toLowerCase()} ${measureText(unit, value, units)}`];
    }),
    ...(hasMass && size.massG !== null ? [`weighs ${massText(size.massG, units.mass)}`] : []),
  ];
  const set = (id: RoleSize['id'], value: number | null) => {
    const others = Object.fromEntries(Object.entries(draft.sizes).filter(([key]) => key !== id));
    onChange({ sizes: value === null ? others : { ...others, [id]: value } });
  };
  return (
    <details>
      <summary>
        <span className={styles.typical}>{typical.join(', ') || 'no measures yet'}</span> Measured yours?
      </summary>
      <p className="quiet">{proseIn(kind.source, units)}</p>
      <div className={fields(10, styles.fields)}>
        {sizes.map((role) => (
          <MeasureField
            key={`${size.key} ${role.id}`}
            role={role}
            typical={size.sizes[role.id]}
            value={draft.sizes[role.id] ?? null}
            onChange={(value) => set(role.id, value)}
          />
        ))}
        {hasMass ? (
          <MassField
            key={`${size.key} mass`}
            label="Weighs each"
            value={draft.massG}
            onChange={(massG) => onChange({ massG })}
          />
        ) : null}
      </div>
    </details>
  );
}
