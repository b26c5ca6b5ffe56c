import { frameSizes } from '@/core/builds/build';
import { rivetSpots, type PlateQuestion } from '@/core/rigs/cast-plate';
import type { GradedWeight } from '@/core/rigs/graded-weights';
import { layRig } from '@/core/rigs/lay-rig';
import { isLine, type Rig, type RigPiece } from '@/core/rigs/rig';
import type { RigCut } from '@/core/rigs/cuts-of-rig';
import type { Board, BoardMark, BoardStrip } from '@/data/exchange/board/board';
import { inchMarkText } from '@/text/inch-text';
import { numberText } from '@/text/number-text';
import { lengthText, massText } from '@/text/words';
import type { WrittenIn } from '@/text/written-in';

const STRIP_MM = 26;
const mm = (value: number) => Number(value.toFixed(3));
/** What stands beside a mark: millimeters bare, as on a ruler; inches as on a rule. */
const onBoard = (mark: number, length: 'mm' | 'in') =>
  length === 'mm' ? numberText(mark, 5) : inchMarkText(mark);
const NOTES = [
  'Check the bar with a ruler. Glue the strips on a board, cross on cross where they are cut, and varnish them.',
];

/** A board to cut and to set by: a line for every cut length, and one where each part of the rig lies. */
export function markBoard(title: string, rig: Rig, cuts: readonly RigCut[], length: 'mm' | 'in'): Board {
  const laid = layRig(rig);
  const lies = laid.items.filter(({ item }) => !isLine(item.part.gauge));
  const byLength = new Map<number, string[]>();
  for (const { cutMm, name } of cuts) {
    const names = byLength.get(cutMm) ?? [];
    if (!names.includes(name)) byLength.set(cutMm, [...names, name]);
  }
  const cutMarks: BoardMark[] = [...byLength].map(([atMm, names]) => {
    return { atMm, label: `${onBoard(atMm, length)} ${names.join(', ')}`, isLong: true };
  });
  const zero: BoardMark = { atMm: 0, label: 'stop', isLong: true };
  const strips: BoardStrip[] = [
    {
      caption: 'Where it lies: eyes on the long lines',
      heightMm: STRIP_MM,
      paths: [],
      lengthMm: mm(laid.lengthMm),
      marks: lies.map(({ item, fromMm }) => ({
        atMm: mm(fromMm),
        label: `${onBoard(fromMm, length)} ${item.part.name}`,
        isLong: item.part.gauge.as === 'hook',
      })),
    },
    ...(cutMarks.length > 0
      ? [
          {
            caption: 'Cut to',
            heightMm: STRIP_MM,
            paths: [],
            lengthMm: Math.max(...cutMarks.map(({ atMm }) => atMm)),
            marks: [zero, ...cutMarks.sort((a, b) => a.atMm - b.atMm)],
          },
        ]
      : []),
  ];
  return { title, subtitle: 'Mark board', strips, notes: NOTES };
}

/** A gauge for weights in cord: the cord’s length, its seals, and how far the shot stands for each weight. */
export function beadGauge(
  title: string,
  set: readonly GradedWeight[],
  sealMm: number,
  { mass, length }: WrittenIn,
): Board {
  return {
    title,
    subtitle: 'Gauge for weights in cord',
    notes: NOTES,
    strips: set.map(({ targetG, shots, cordMm, massG }) => ({
      heightMm: 16,
      paths: [],
      lengthMm: mm(cordMm),
      caption:
        targetG === massG
          ? `${shots} shot, ${massText(massG, mass)}`
          : `${massText(targetG, mass)}: ${shots} shot, comes to ${massText(massG, mass)}`,
      marks: [
        { atMm: 0, label: 'end', isLong: true },
        { atMm: mm(sealMm), label: 'seal', isLong: false },
        { atMm: mm(cordMm - sealMm), label: 'fill to', isLong: false },
        { atMm: mm(cordMm), label: lengthText(cordMm, length), isLong: true },
      ],
    })),
  };
}

/** Where a feeder and its plate are drilled: the plate’s outline, a cross and a circle for each rivet. */
export function drillPattern(title: string, plate: PlateQuestion, length: 'mm' | 'in'): Board {
  const { form, longMm, wideMm, holes, holeMm } = plate;
  const isRound = form === 'round';
  const acrossMm = isRound ? longMm : wideMm;
  const [middle, half, r] = [longMm / 2, acrossMm / 2, mm(holeMm / 2)];
  const [long, side] = [mm(longMm), mm(half)];
  const outline = isRound
    ? `M0 0A${side} ${side} 0 1 1 ${long} 0A${side} ${side} 0 1 1 0 0Z`
    : `M0 ${-side}L${long} ${-side}L${long} ${side}L0 ${side}Z`;
  const size = isRound
    ? `${lengthText(longMm, length)} across`
    : `${lengthText(longMm, length)} × ${lengthText(wideMm, length)}`;
  const spots = rivetSpots(longMm, holes).map((x) => mm(middle + x));
  return {
    title,
    subtitle: 'Drill pattern',
    notes: ['Center-punch the crosses. Clamp it, never hold it by hand. Eye protection.'],
    strips: [
      {
        caption: `Plate ${size}, holes ${lengthText(holeMm, length)}`,
        lengthMm: long,
        heightMm: mm(acrossMm + 10),
        marks: spots.map((atMm, nth) => ({ atMm, label: `hole ${nth + 1}`, isLong: true })),
        paths: [
          outline,
          ...spots.flatMap((x) => [
            `M${mm(x - 3)} 0L${mm(x + 3)} 0`,
            `M${mm(x - r)} 0A${r} ${r} 0 1 1 ${mm(x + r)} 0A${r} ${r} 0 1 1 ${mm(x - r)} 0`,
          ]),
        ],
      },
    ],
  };
}

/** How a wire is bent: straight first with a mark for the bend, then as it is to lie. */
export function bendPattern(frame: RigPiece): Board {
  const { upperMm, lowerMm, spreadDeg } = frameSizes({ frame });
  const turn = (spreadDeg * Math.PI) / 180;
  const rise = upperMm * Math.sin(turn);
  const reach = Math.max(lowerMm, upperMm * Math.cos(turn));
  return {
    title: frame.name,
    subtitle: 'Bend pattern',
    notes: ['Lay the wire on the lines after every bend. Cut ends fly: eye protection.'],
    strips: [
      {
        caption: 'Straight: bend at the line',
        lengthMm: mm(lowerMm + upperMm),
        heightMm: 14,
        paths: [],
        marks: [
          { atMm: 0, label: 'head', isLong: true },
          { atMm: mm(lowerMm), label: `bend ${numberText(spreadDeg, 3)}°`, isLong: true },
          { atMm: mm(lowerMm + upperMm), label: 'cut', isLong: true },
        ],
      },
      {
        caption: 'As it is to lie',
        lengthMm: mm(reach),
        heightMm: mm(rise + 12),
        marks: [],
        paths: [
          `M0 ${mm(rise / 2)}L${mm(lowerMm)} ${mm(rise / 2)}`,
          `M0 ${mm(rise / 2)}L${mm(upperMm * Math.cos(turn))} ${mm(-rise / 2)}`,
        ],
      },
    ],
  };
}
