'use client';

import { useUnits } from '@/ui/units/use-units';
import { line } from '@/ui/layout/layout';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  useSensor,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { HolderOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { memo, useMemo, type ReactNode } from 'react';
import { MOST_LAYERS, type SkirtLayerRecord } from '@/records/skirt';
import { amountOfText, placeText, shortName } from '@/text/skirt-words';
import { materialOf } from '@/model/skirts/skirt-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { newLayer, strandsOnShelf, withLayers, type SkirtDraft } from '@/model/skirts/skirt-draft';
import { LayerFields } from './LayerFields';
import { StrandSwatch } from '@/ui/skirt-drawing/StrandSwatch';
import styles from './skirt.module.css';

const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };
const HOW_TO_MOVE =
  'Space takes the layer in hand, arrow keys move it up and down, Space lays it there, Escape leaves it.';

interface LayerListProps {
  readonly draft: SkirtDraft;
  readonly onChange: (draft: SkirtDraft) => void;
  /** While a slider of a layer moves. */
  readonly onMove: (draft: SkirtDraft) => void;
  readonly openId: string | null;
  readonly onOpen: (id: string | null) => void;
}

/** The layers in tying order: dragged to change what lies outside, opened to change what they are. */
export const LayerList = memo(function LayerList(props: LayerListProps) {
  const { draft, onChange, onMove, openId, onOpen } = props;
  const { view, workshop } = useBench();
  const drag = useDragSensors();
  const keyboard = useSensor(KeyboardSensor, KEYBOARD);
  const sensors = useMemo(() => [...drag, keyboard], [drag, keyboard]);
  const { layers } = draft;
  // The same list while only what layers are changes: a slider moves no card.
  const idKey = layers.map(({ id }) => id).join('\n');
  const ids = useMemo(() => idKey.split('\n'), [idKey]);
  const set = (next: SkirtLayerRecord[]) => onChange(withLayers(draft, next, view));
  const withLayer = (layer: SkirtLayerRecord) => layers.map((each) => (each.id === layer.id ? layer : each));
  const end = ({ active, over }: DragEndEvent) => {
    const [from, to] = [active, over].map((each) => layers.findIndex(({ id }) => id === each?.id));
    if (from === undefined || to === undefined || from < 0 || to < 0 || from === to) return;
    set(arrayMove([...layers], from, to));
  };
  const nameOf = (id: UniqueIdentifier) => {
    const layer = layers.find((each) => each.id === id);
    const material = layer ? materialOf(layer, view) : null;
    return material ? shortName(material) : 'a layer';
  };
  const placeOf = (id: UniqueIdentifier | undefined) => layers.findIndex((each) => each.id === id) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Layer ${placeOf(active.id)}, ${nameOf(active.id)}, is in hand.`,
    onDragOver: ({ active, over }) =>
      over ? `${nameOf(active.id)} would be tied as number ${placeOf(over.id)}.` : undefined,
    onDragEnd: ({ active, over }) =>
      `${nameOf(active.id)} is tied as number ${placeOf(over?.id ?? active.id)}.`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
  };
  const add = () => {
    const materials = strandsOnShelf(view);
    const material = materials.find(({ id }) => !layers.some(({ binId }) => binId === id)) ?? materials[0];
    if (!material) return;
    const layer = newLayer(material, workshop.newId(), layers.at(-1));
    set([...layers, layer]);
    onOpen(layer.id);
  };
  return (
    <section aria-label="Layers, in tying order" className={styles.layers}>
      <h3>Layers, in tying order</h3>
      <DndContext
        id="skirt-layers"
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={{ announcements, screenReaderInstructions: { draggable: HOW_TO_MOVE } }}
        onDragEnd={end}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol>
            {layers.map((layer, index) => (
              <LayerCard
                key={layer.id}
                layer={layer}
                place={index + 1}
                isOpen={layer.id === openId}
                onOpen={onOpen}
                fields={
                  layer.id === openId ? (
                    <LayerFields
                      layer={layer}
                      place={index + 1}
                      atShare={draft.collar.atShare}
                      layers={layers}
                      onChange={(next) => set(withLayer(next))}
                      onMove={(next) => onMove({ ...draft, layers: withLayer(next) })}
                      onRemove={
                        layers.length > 1
                          ? () => {
                              set(layers.filter(({ id }) => id !== layer.id));
                              onOpen(null);
                            }
                          : null
                      }
                    />
                  ) : null
                }
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <Button type="link" onClick={add} disabled={layers.length >= MOST_LAYERS} className={styles.addLayer}>
        + layer
      </Button>
    </section>
  );
});

interface LayerCardProps {
  readonly layer: SkirtLayerRecord;
  readonly place: number;
  readonly isOpen: boolean;
  readonly onOpen: (id: string | null) => void;
  readonly fields: ReactNode;
}

/** A layer in the list; drawn anew only where it changes. */
const LayerCard = memo(function LayerCard({ layer, place, isOpen, onOpen, fields }: LayerCardProps) {
  const { view } = useBench();
  const { length } = useUnits();
  const material = materialOf(layer, view);
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: layer.id,
  });
  const name = material ? shortName(material) : 'a material gone';
  const says = [
    `${amountOfText(layer.amount, length, material?.form)}, ${placeText(layer.place)}`,
    ...(layer.isShort ? ['cut short'] : []),
    ...(layer.isForward ? [] : ['tied back']),
  ].join(', ');
  return (
    <li
      ref={setNodeRef}
      className={styles.layer}
      data-open={isOpen}
      data-dragging={isDragging}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <div className={styles.layerHead}>
        <button
          type="button"
          className={line(10, styles.layerName)}
          aria-expanded={isOpen}
          onClick={() => onOpen(isOpen ? null : layer.id)}
        >
          <StrandSwatch material={material} />
          <span>
            <strong>{name}</strong>
            <small>{says}</small>
          </span>
        </button>
        <button
          type="button"
          className={styles.grip}
          {...attributes}
          {...listeners}
          aria-label={`Move layer ${place}, ${name}`}
        >
          <HolderOutlined aria-hidden="true" />
        </button>
      </div>
      {fields}
    </li>
  );
});
