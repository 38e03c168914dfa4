import { POSITION_NAMES } from "./position.ts";
import type { Gave, Look, SeamVerdict } from "./seamStretch.ts";
import type { SeamSetup } from "./setup.ts";
import { stitchOf } from "./stitches/index.ts";
import { threadOf } from "./thread.ts";

/** A verdict in a word or two. */
export const VERDICT_WORDS: Readonly<Record<SeamVerdict, string>> = {
  fail: "too weak",
  pass: "holds",
  strong: "as far as the cloth",
};

/** How a seam looks, in words. */
export const LOOK_WORDS: Readonly<Record<Look, string>> = {
  balanced: "balanced",
  loopsTop: "loops toward the top",
  loopsUnder: "loops toward the underside",
  tunnelled: "tunnelled",
  wavy: "wavy",
  puckered: "puckered",
  skipped: "skipped stitches",
};

/** What gave, in words. */
export const GAVE_WORDS: Readonly<Record<Gave, string>> = {
  nothing: "nothing",
  cloth: "the cloth would go no further",
  skipped: "a skipped stitch",
  leftNeedle: "left needle thread",
  middleNeedle: "middle needle thread",
  rightNeedle: "right needle thread",
  upperLooper: "upper looper thread",
  lowerLooper: "lower looper thread",
  bobbin: "bobbin thread",
};

/** A set-up in a few lines, as it is read at the machine. */
export function setupWords(setup: SeamSetup): string[] {
  const { machine, stitch, needleKind, needleSize, threads, lengthMm, widthMm, differential, foot, layers } = setup;
  const size = [
    `length ${lengthMm} mm`,
    ...(widthMm === null ? [] : [`width ${widthMm} mm`]),
    ...(differential === null ? [] : [`differential ${differential}`]),
    ...(foot ? [`foot: ${foot}`] : []),
    ...(setup.fedStretched ? ["fed slightly stretched"] : []),
  ];
  return [
    `${machine}: ${stitch} ${stitchOf(stitch).name}; needle ${needleKind} ${needleSize}`,
    size.join(", "),
    threads
      .map(({ position, kind, tension }) => {
        const dial = tension === null ? "" : ` at ${tension}`;
        return `${POSITION_NAMES[position]} ${threadOf(kind).name}${dial}`;
      })
      .join("; "),
    `${layers} ${layers === 1 ? "layer" : "layers"}, ${setup.direction}`,
  ];
}
