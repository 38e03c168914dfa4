import {
  type Bettered,
  better,
  type CutShape,
  type KeptLayout,
  keptOf,
  type Table,
} from "../../../core/layout/index.ts";

/** What is searched: pieces on a table, for so long. */
export interface AskedSearch {
  readonly shapes: readonly CutShape[];
  readonly table: Table;
  readonly seconds: number;
}

/** How far a search has come. */
export interface SearchedSo {
  readonly best: NonNullable<KeptLayout>;
  readonly lengthMm: number;
  readonly tried: number;
  readonly seconds: number;
  /** True where it has ended: the time is up, or none can be shorter. */
  readonly ended: boolean;
  readonly least: boolean;
}

/** So often it is told how far it is, ms. */
const TOLD_EVERY_MS = 200;

self.onmessage = ({ data: { shapes, table, seconds } }: MessageEvent<AskedSearch>) => {
  const began = performance.now();
  let told = began;
  let last: Bettered | null = null;
  const tell = (now: number, ended: boolean) => {
    if (!last) return;
    const { layout, tried, least } = last;
    const so: SearchedSo = {
      ...{ best: keptOf(layout), lengthMm: layout.lengthMm, tried, least, ended },
      seconds: (now - began) / 1000,
    };
    self.postMessage(so);
  };
  // The seed is the time: another search tries other orders.
  for (const one of better(shapes, table, Math.floor(Date.now()))) {
    const first = last === null;
    last = one;
    const now = performance.now();
    if (now - began > seconds * 1000) break;
    if (!first && now - told < TOLD_EVERY_MS) continue;
    told = now;
    tell(now, false);
  }
  tell(performance.now(), true);
};
