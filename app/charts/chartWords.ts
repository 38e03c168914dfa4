import { type ChartDoubt, DOUBT_WORDS, ZONE_NAMES } from "../../core/ease/index.ts";

/** A doubt about a chart's columns in one sentence, with the numbers that raise it. */
export const doubtSentence = ({ id, zone, size, bodyMm, finishedMm }: ChartDoubt): string =>
  `${ZONE_NAMES[zone]}: ${DOUBT_WORDS[id]} At size ${size}, body ${bodyMm / 10} cm and finished ${finishedMm / 10} cm. Are body and finished changed over?`;
