import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronUp, GripVertical } from 'lucide-react';
import type { LaterArea } from '#core/route';

export const areaNames: Record<LaterArea, string> = {
  top: 'Roof and top',
  boot: 'Boot, trunk or bed',
  cabin: 'Cabin',
  engine: 'Engine bay',
  under: 'Underneath',
};

/** A finger must move so far before it drags, so that a tap stays a tap. CSS pixels. */
const DRAG_FROM_PX = 6;

/** What comes after the loop round the car, first to last: drag, or use the arrows. */
export function AreaOrder({
  areas,
  onAreas,
}: {
  areas: readonly LaterArea[];
  onAreas: (areas: LaterArea[]) => void;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (to >= 0 && to < areas.length) onAreas(arrayMove([...areas], from, to));
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id)
      move(areas.indexOf(active.id as LaterArea), areas.indexOf(over.id as LaterArea));
  };
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-bold text-soft">Then, after the loop round the car</legend>
      <DndContext sensors={sensors} onDragEnd={onDragEnd}>
        <SortableContext items={[...areas]} strategy={verticalListSortingStrategy}>
          <ol className="rounded-md border border-line">
            {areas.map((area, i) => (
              <AreaRow
                key={area}
                area={area}
                isFirst={i === 0}
                isLast={i === areas.length - 1}
                onMove={(by) => move(i, i + by)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </fieldset>
  );
}

function AreaRow({
  area,
  isFirst,
  isLast,
  onMove,
}: {
  area: LaterArea;
  isFirst: boolean;
  isLast: boolean;
  onMove: (by: 1 | -1) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: area });
  const name = areaNames[area];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-center border-line bg-sheet not-first:border-t ${isDragging ? 'relative z-10 border-t border-b shadow-md' : ''}`}
    >
      <button
        type="button"
        aria-label={`Drag ${name}`}
        className="grid size-12 touch-none cursor-grab place-items-center text-soft"
        {...attributes}
        {...listeners}
      >
        <GripVertical aria-hidden size={20} />
      </button>
      <span className="min-w-0 flex-1">{name}</span>
      <button
        type="button"
        aria-label={`${name}: earlier`}
        disabled={isFirst}
        onClick={() => onMove(-1)}
        className="grid size-12 place-items-center disabled:text-line"
      >
        <ChevronUp aria-hidden size={22} />
      </button>
      <button
        type="button"
        aria-label={`${name}: later`}
        disabled={isLast}
        onClick={() => onMove(1)}
        className="grid size-12 place-items-center disabled:text-line"
      >
        <ChevronDown aria-hidden size={22} />
      </button>
    </li>
  );
}
