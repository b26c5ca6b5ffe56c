'use client';

import { useDraggable } from '@dnd-kit/core';
import { PlusOutlined } from '@ant-design/icons';
import { Input } from 'antd';
import { useState } from 'react';
import { findKind } from '@/core/builds/kinds';
import { findRole, isOnWire, type PartRoleId } from '@/core/builds/part-roles';
import type { PartBin } from '@/records/bin';
import { useBench } from '../shared';
import { measuredParts, type BuildDraft } from './draft';
import { partHex } from './facts';
import { PartOutline, sizeOf } from './PartOutline';
import styles from './build.module.css';

interface TrayProps {
  readonly draft: BuildDraft;
  readonly onPut: (bin: PartBin) => void;
}

const TRAY_PX = 64;
const MOST_PX_PER_MM = 3;

/** What of the shelf goes on this kind of bait: parts as they were measured, dragged onto it or put on by a press. */
export function Tray({ draft, onPut }: TrayProps) {
  const { view } = useBench();
  const [role, setRole] = useState<PartRoleId | null>(null);
  const [search, setSearch] = useState('');
  const roles = rolesOf(draft);
  const shown = role !== null && roles.includes(role) ? role : (roles[0] ?? null);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const parts = measuredParts(view).filter(
    ({ gauge, name, sort }) =>
      gauge !== null &&
      (words.length > 0
        ? roles.includes(gauge.as) && words.every((word) => `${name} ${sort}`.toLowerCase().includes(word))
        : gauge.as === shown) &&
      suits(draft, gauge),
  );
  // One scale for all that lie there, so that they compare.
  const longest = Math.max(8, ...parts.flatMap(({ gauge }) => (gauge ? sizeOf(gauge)[0] : [])));
  const scale = Math.min(MOST_PX_PER_MM, TRAY_PX / longest);
  return (
    <section className={styles.tray} aria-label="From the shelf">
      <h3>From the shelf</h3>
      <div className={styles.roles} role="group" aria-label="Which parts">
        {roles.map((id) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === shown && words.length === 0}
            onClick={() => {
              setRole(id);
              setSearch('');
            }}
          >
            {findRole(id).name}
          </button>
        ))}
      </div>
      <Input
        aria-label="Search parts"
        placeholder="name or sort"
        allowClear
        size="small"
        value={search}
        onChange={({ target }) => setSearch(target.value)}
      />
      <ul className={styles.trayList}>
        {parts.map((bin) => (
          <TrayPart key={bin.id} bin={bin} pxPerMm={scale} onPut={() => onPut(bin)} />
        ))}
      </ul>
      {parts.length === 0 ? (
        <p className="quiet">
          {words.length > 0
            ? 'No part here is called that.'
            : 'None was measured yet. Measure some under Parts.'}
        </p>
      ) : null}
    </section>
  );
}

/** The roles that a kind has a place for, the arm's first. */
function rolesOf({ kind }: BuildDraft): PartRoleId[] {
  const { arm, slots } = findKind(kind);
  const hung: PartRoleId[] = arm ? ['blade', ...(arm.hasEnd ? (['swivel', 'ring'] as const) : [])] : [];
  return [...new Set([...(arm?.takes ?? []), ...hung, ...slots.flatMap(({ takes }) => takes)])];
}

/** Winged blades turn on the wire, plates hang in an eye, all others on a clevis or swivel; wires are bent for a kind. */
function suits({ kind }: BuildDraft, gauge: NonNullable<PartBin['gauge']>): boolean {
  const { arm } = findKind(kind);
  if (gauge.as === 'frame') return gauge.bend === arm?.shape;
  if (gauge.as !== 'blade') return true;
  if (!arm) return gauge.form === 'plate';
  return gauge.form !== 'plate' && isOnWire(gauge) === arm.takes.includes('blade');
}

interface TrayPartProps {
  readonly bin: PartBin;
  readonly pxPerMm: number;
  readonly onPut: () => void;
}

function TrayPart({ bin, pxPerMm, onPut }: TrayPartProps) {
  const { view } = useBench();
  const { setNodeRef, listeners, attributes, isDragging } = useDraggable({
    id: `tray ${bin.id}`,
    data: { binId: bin.id },
  });
  const onHand = view.levels.get(bin.id) ?? 0;
  return (
    <li className={styles.trayPart} data-dragging={isDragging}>
      <div ref={setNodeRef} {...attributes} {...listeners} tabIndex={-1} aria-label={`Drag ${bin.name}`}>
        {bin.gauge ? <PartOutline gauge={bin.gauge} hex={partHex(bin)} pxPerMm={pxPerMm} /> : null}
        <span>
          {bin.name}
          <small data-none={onHand < 1}>
            {onHand} there{bin.condition === 'new' ? '' : `, ${bin.condition}`}
          </small>
        </span>
      </div>
      <button type="button" aria-label={`Put on ${bin.name}`} onClick={onPut}>
        <PlusOutlined />
      </button>
    </li>
  );
}
