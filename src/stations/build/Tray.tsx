'use client';

import { hasWords } from '@/core/numeric/has-words';
import { stack, wrap } from '@/ui/layout/layout';
import { useDraggable } from '@dnd-kit/core';
import { PlusOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import { findKind } from '@/core/builds/kinds';
import { findRole, type PartRoleId } from '@/core/parts/part-roles';
import { looseSkirt } from '@/model/bills/build-uses';
import { layersOf, materialOf } from '@/model/skirts/skirt-facts';
import { PutDown } from '@/station-kit/put-down/PutDown';
import { useBench } from '@/station-kit/BenchProvider';
import { amountText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import type { Skirt } from '@/records/skirt';
import { measuredParts, type BaitPart } from '@/model/baits/measured-parts';
import type { BuildDraft } from '@/model/baits/build-draft';
import { suitsKind } from './MissingPart';

import { partHex } from '@/station-kit/looks/look-of-build';
import { lengthOf, PartOutline } from '@/ui/bait-drawing/PartOutline';
import styles from './build.module.css';
import { versionText } from '@/model/versions/version-text';

interface TrayProps {
  readonly draft: BuildDraft;
  readonly onPut: (bin: BaitPart) => void;
  readonly onSkirt: (skirt: Skirt) => void;
}

/** What is dragged out of the tray: a part by its bin, or a skirt by its recipe. */
export type Dragged = { readonly binId: string } | { readonly skirtId: string };

const SKIRTS = 'skirts';
const READY: PartRoleId = 'skirt';
const TRAY_PX = 64;
const MOST_PX_PER_MM = 3;
/** More than a hand would look through: the rest is searched for. */
const MOST_PARTS = 60;

/** What of the shelf goes on this kind of bait: parts as they were measured, dragged onto it or put on by a press. */
export function Tray({ draft, onPut, onSkirt }: TrayProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const [role, setRole] = useState<PartRoleId | typeof SKIRTS | null>(null);
  const [search, setSearch] = useState('');
  const [adding, setAdding] = useState<PartRoleId | null>(null);
  const roles = rolesOf(draft);
  const isSearched = search.trim() !== '';
  const isSkirts = role === SKIRTS && findKind(draft.kind).takesSkirt && !isSearched;
  const inRoles = role !== null && role !== SKIRTS && roles.includes(role) ? role : (roles[0] ?? null);
  // Beside those tied here lie those that were bought in their band.
  const shown = isSkirts ? READY : inRoles;
  const parts = measuredParts(view).filter(
    ({ gauge, name, sort }) =>
      gauge !== null &&
      (isSearched
        ? [...roles, READY].includes(gauge.as) && hasWords(`${name} ${sort}`, search)
        : gauge.as === shown) &&
      suitsKind(draft.kind, gauge),
  );
  const tied = isSkirts ? view.skirts.filter(({ retired }) => !retired) : [];
  // One scale for all that lie there, so that they compare.
  const longest = Math.max(8, ...parts.flatMap(({ gauge }) => (gauge ? lengthOf(gauge) : [])));
  const scale = Math.min(MOST_PX_PER_MM, TRAY_PX / longest);
  return (
    <section className={stack(8)} aria-label="From the shelf">
      <h3>From the shelf</h3>
      <div className={wrap(4, styles.roles)} role="group" aria-label="Which parts">
        {roles.map((id) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === shown && !isSearched}
            onClick={() => {
              setRole(id);
              setSearch('');
            }}
          >
            {findRole(id).name}
          </button>
        ))}
        {findKind(draft.kind).takesSkirt ? (
          <button
            type="button"
            aria-pressed={isSkirts}
            onClick={() => {
              setRole(SKIRTS);
              setSearch('');
            }}
          >
            Skirt
          </button>
        ) : null}
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
        {tied.map((skirt) => (
          <TrayThing
            key={skirt.id}
            id={skirt.id}
            name={`Skirt, ${versionText(skirt)}`}
            note={`${view.levels.get(looseSkirt(skirt.id)) ?? 0} loose`}
            isOut={(view.levels.get(looseSkirt(skirt.id)) ?? 0) < 1}
            drawing={<Strands skirt={skirt} />}
            drags={{ skirtId: skirt.id }}
            onPut={() => onSkirt(skirt)}
          />
        ))}
        {parts.slice(0, MOST_PARTS).map((bin) => {
          const onHand = view.levels.get(bin.id) ?? 0;
          return (
            <TrayThing
              key={bin.id}
              id={bin.id}
              name={bin.name}
              note={`${amountText(onHand, bin, mass)} there${bin.condition === 'new' ? '' : `, ${bin.condition}`}`}
              isOut={onHand < 1}
              drawing={
                bin.gauge ? <PartOutline gauge={bin.gauge} hex={partHex(bin)} pxPerMm={scale} /> : null
              }
              drags={{ binId: bin.id }}
              onPut={() => onPut(bin)}
            />
          );
        })}
      </ul>
      {parts.length > MOST_PARTS ? (
        <p className="quiet">And {parts.length - MOST_PARTS} more: search by name or sort.</p>
      ) : null}
      {parts.length + tied.length === 0 ? (
        <p className="quiet">
          {isSearched ? 'No part here is called that.' : 'None of these on the shelf yet.'}
        </p>
      ) : null}
      {shown !== null ? (
        <Button size="small" icon={<PlusOutlined />} onClick={() => setAdding(shown)}>
          Put down a {findRole(shown).name.toLowerCase()}
        </Button>
      ) : null}
      {adding ? (
        <PutDown
          title={findRole(adding).name}
          suits={(kind) => kind.makes === 'part' && kind.as === adding && suitsKind(draft.kind, kind)}
          onClose={() => setAdding(null)}
          onAdded={(bin) => bin.kind === 'part' && onPut(bin)}
        />
      ) : null}
    </section>
  );
}

/** The roles that a kind has a place for, the arm's first. */
function rolesOf({ kind }: BuildDraft): PartRoleId[] {
  const { arm, slots } = findKind(kind);
  const beside = slots.flatMap(({ takes }) => takes).filter((id) => id !== READY);
  const hung: PartRoleId[] = arm ? ['blade', ...(arm.hasEnd ? (['swivel', 'ring'] as const) : [])] : [];
  return [...new Set([...(arm?.takes ?? []), ...hung, ...beside])];
}

interface TrayThingProps {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly isOut: boolean;
  readonly drawing: ReactNode;
  readonly drags: Dragged;
  readonly onPut: () => void;
}

function TrayThing({ id, name, note, isOut, drawing, drags, onPut }: TrayThingProps) {
  const { setNodeRef, listeners, attributes, isDragging } = useDraggable({ id: `tray ${id}`, data: drags });
  return (
    <li className={styles.trayPart} data-dragging={isDragging}>
      <div ref={setNodeRef} {...attributes} {...listeners} tabIndex={-1} aria-label={`Drag ${name}, ${note}`}>
        {drawing}
        <span>
          {name} <small data-none={isOut}>{note}</small>
        </span>
      </div>
      <button type="button" aria-label={`Put on ${name}`} onClick={onPut}>
        <PlusOutlined />
      </button>
    </li>
  );
}

const [STRANDS_WIDE, STRANDS_HIGH] = [64, 18];

/** A skirt's colors, each as broad as it has strands. */
function Strands({ skirt }: { readonly skirt: Skirt }) {
  const { view } = useBench();
  const layers = layersOf(skirt, view);
  const all = layers.reduce((so, { strands }) => so + strands, 0);
  const tops = layers.map((_, at) =>
    layers.slice(0, at).reduce((so, { strands }) => so + (strands / all) * STRANDS_HIGH, 0),
  );
  return (
    <svg width={STRANDS_WIDE} height={STRANDS_HIGH} aria-hidden="true">
      {layers.map(({ material, strands }, at) => (
        <rect
          key={at}
          y={tops[at]}
          width={STRANDS_WIDE}
          height={(strands / all) * STRANDS_HIGH}
          fill={materialOf({ binId: material }, view)?.hex ?? 'var(--lead)'}
        />
      ))}
    </svg>
  );
}
