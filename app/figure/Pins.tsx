import { FIELD, type FigureView, type Place } from "../../core/figure/index.ts";
import { type Finding, findingKindOf } from "../../core/fitting/index.ts";

/** A finding as a pin: its number, its kind, its place. */
export interface Pin {
  readonly label: string;
  readonly kind: Finding["kind"];
  readonly view: FigureView;
  readonly x: number;
  readonly y: number;
}

const RADIUS = 9;

/**
 * Pins on one view. The head's form tells what it asks for without colour: round for too much, square for too little, a
 * peak for what has moved, cut corners for what is noted.
 */
export function Pins({ pins, view }: { pins: readonly Pin[]; view: FigureView }) {
  return pins
    .filter((pin) => pin.view === view)
    .map(({ label, kind, x, y }) => (
      <g key={`${label} ${x} ${y}`} transform={`translate(${x * FIELD.width} ${y * FIELD.height})`}>
        <PinHead kind={kind} />
        <text
          textAnchor="middle"
          y={isPeak(kind) ? 6 : 4.5}
          fontSize={12}
          fontWeight={750}
          fill="var(--stz-palette-bench-onMulberry)"
        >
          {label}
        </text>
      </g>
    ));
}

/** True for what has moved, or has the wrong shape. */
const isPeak = (kind: Finding["kind"]): boolean => ["move", "reshape"].includes(findingKindOf(kind).effect);

/** The place where a finding is about to be put. */
export function PendingPin({ place, view }: { place: Place | null; view: FigureView }) {
  if (place?.view !== view) return null;
  return (
    <g transform={`translate(${place.x * FIELD.width} ${place.y * FIELD.height})`}>
      <circle
        r={RADIUS + 2}
        fill="none"
        stroke="var(--stz-palette-bench-mulberry)"
        strokeWidth={2.2}
        strokeDasharray="4 3"
      />
      <path d="M -4 0 h 8 M 0 -4 v 8" stroke="var(--stz-palette-bench-mulberry)" strokeWidth={2.2} />
    </g>
  );
}

function PinHead({ kind }: { kind: Finding["kind"] }) {
  const look = {
    fill: "var(--stz-palette-bench-mulberry)",
    stroke: "var(--stz-palette-bench-sheet)",
    strokeWidth: 1.5,
  };
  const { effect } = findingKindOf(kind);
  if (effect === "removal") return <circle r={RADIUS} {...look} />;
  if (effect === "addition") return <rect x={-RADIUS} y={-RADIUS} width={2 * RADIUS} height={2 * RADIUS} {...look} />;
  if (isPeak(kind)) return <path d={`M 0 ${-RADIUS - 4} L ${RADIUS + 4} ${RADIUS} H ${-RADIUS - 4} Z`} {...look} />;
  const cut = RADIUS - 4;
  return (
    <path
      d={`M ${-cut} ${-RADIUS} H ${cut} L ${RADIUS} ${-cut} V ${cut} L ${cut} ${RADIUS} H ${-cut} L ${-RADIUS} ${cut} V ${-cut} Z`}
      {...look}
    />
  );
}
