import { strainTone } from "./strainTone.ts";

/** A small face of a cup in the tone of the strain that is left there. */
export function ToneFace({ points, strain }: { points: string; strain: number }) {
  const { gives, part } = strainTone(strain);
  return (
    <g>
      <polygon points={points} fill="var(--stz-palette-background-paper)" />
      <polygon
        points={points}
        fill={gives ? "var(--stz-palette-primary-main)" : "var(--stz-palette-bench-thread)"}
        fillOpacity={part * 0.8}
      />
    </g>
  );
}

/** The mark of a piece of a cup: the same on the breast and on the cloth. */
export function PatchMark({ at, number }: { at: string; number: number }) {
  return (
    <g transform={`translate(${at})`}>
      <circle r={8} fill="var(--stz-palette-background-paper)" stroke="var(--stz-palette-bench-ink)" />
      <text fontSize={11} textAnchor="middle" dominantBaseline="central" fontWeight={700}>
        {number}
      </text>
    </g>
  );
}
