import type { StretchStep } from "../../core/ease/index.ts";

/** Tones of Stenz's strain scale; the marks, not the tones, carry the meaning. */
export type StretchTones = Readonly<Record<StretchStep, string>>;

/** Colours of one scheme, as contrast-checked pairs of ground and ink. */
export interface Scheme {
  readonly ground: string;
  readonly sheet: string;
  readonly sunken: string;
  readonly ink: string;
  readonly inkSoft: string;
  readonly line: string;
  readonly mulberry: string;
  readonly onMulberry: string;
  readonly thread: string;
  readonly onThread: string;
  readonly caution: string;
  readonly cautionGround: string;
  readonly good: string;
  readonly skin: string;
  readonly hair: string;
  readonly stretch: StretchTones;
}

/** By day: cool bench grey, ink, mulberry for what one does, thread-green for what the garment is. */
export const LIGHT: Scheme = {
  ground: "#eceeed",
  sheet: "#fbfcfb",
  sunken: "#f2f4f3",
  ink: "#221b24",
  inkSoft: "#5b535e",
  line: "#cfd3d1",
  mulberry: "#6f2450",
  onMulberry: "#ffffff",
  thread: "#14605c",
  onThread: "#ffffff",
  caution: "#8a4100",
  cautionGround: "#fbeedd",
  good: "#1d5f35",
  skin: "#f4efec",
  hair: "#ddd2d2",
  stretch: {
    slack: "#f2f4f3",
    resting: "#d9e8e5",
    light: "#a9d0ca",
    held: "#62a49d",
    drawn: "#b56a94",
    broken: "#6f2450",
  },
};

/** For evening work: the same hues on a dark ground. */
export const DARK: Scheme = {
  ground: "#171418",
  sheet: "#211c22",
  sunken: "#1b171c",
  ink: "#f1ebf0",
  inkSoft: "#b9aeb8",
  line: "#453b45",
  mulberry: "#e6a2c6",
  onMulberry: "#37112a",
  thread: "#86cfc8",
  onThread: "#07302d",
  caution: "#f2b879",
  cautionGround: "#3a2a18",
  good: "#93d3a5",
  skin: "#2b252b",
  hair: "#453a43",
  stretch: {
    slack: "#211c22",
    resting: "#274240",
    light: "#2f625e",
    held: "#3f8a84",
    drawn: "#a85c88",
    broken: "#e6a2c6",
  },
};
