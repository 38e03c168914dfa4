import { Line } from "recharts";
import { chartInk, DASHES } from "./chartStyle.ts";
import type { KeyLine } from "./LineKey.tsx";

/** The dashes and inks of several lines, in the order they are given. */
export const inkedLines = (words: readonly string[]): KeyLine[] =>
  words.map((word, index) => ({
    words: word,
    dash: DASHES[index % DASHES.length] ?? "",
    ink: index % 2 === 0 ? chartInk.main : chartInk.second,
  }));

/** The lines themselves, each of the rows' value under its words, with a dot at every reading. */
export const drawnLines = (lines: readonly KeyLine[]) =>
  lines.map(({ words, dash, ink }) => (
    <Line
      key={words}
      dataKey={words}
      stroke={ink}
      strokeWidth={2.2}
      strokeDasharray={dash}
      dot={{ r: 4, fill: ink }}
      connectNulls
      isAnimationActive={false}
    />
  ));
