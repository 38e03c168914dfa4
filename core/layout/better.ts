import { type Laid, layerOn } from "./bottomLeft.ts";
import { type Copy, type CutShape, copiesOf, sizeOfShape } from "./cutShape.ts";
import { boxFill, byArea, fillInOrder, type Layout, leastLength, turnsOn } from "./fill.ts";
import type { Table } from "./roll.ts";
import { seededChance } from "./seededChance.ts";

/** The best layout so far, and how many were tried. */
export interface Bettered {
  readonly layout: Layout;
  readonly tried: number;
  /** True where none can be shorter. */
  readonly least: boolean;
}

/** Worse orders are gone on with by chance, less and less: at first where they are longer by this part. */
const [HOT, COLD] = [0.02, 0.0005];

/** Cooled down after so many trials a piece, then heated again from the best. */
const TRIALS_A_PIECE = 60;

/** Two layouts that reach as far are told apart by how near to the start their pieces lie: so much of the difference counts. */
const CROWDING = 0.05;

/**
 * Better and better layouts of the same pieces: their order is changed, piece by piece, and each order laid as near to the start as
 * it goes. Ends where none can be shorter; else whoever asks stops. The same seed gives the same layouts.
 *
 * @yields after each trial; nothing where a piece does not fit.
 */
export function* better(shapes: readonly CutShape[], table: Table, seed: number): Generator<Bettered, void> {
  const layer = layerOn(table);
  const [chance, turns, least] = [seededChance(seed), turnsOn(table), leastLength(shapes, table)];
  const copies = copiesOf(shapes);
  if (copies.length === 0) return;
  let tried = 0;
  let best: Layout | null = null;
  const done = () => best !== null && best.lengthMm <= least + 0.5;
  const told = (): Bettered => ({ layout: best as Layout, tried, least: done() });
  const take = (layout: Layout) => {
    tried += 1;
    if (!best || layout.lengthMm < best.lengthMm - 1e-6) best = layout;
  };
  const boxes = boxFill(shapes, table);
  if (!boxes.ok) return;
  take(boxes.value);
  yield told();
  let order: Copy[] | null = null;
  for (const start of STARTS) {
    const asked = start(copies);
    for (const turn of turns.length > 1 ? [[false], turns] : [turns]) {
      const laid = fillInOrder(layer, asked, turn);
      if (!laid) return;
      if (order === null || laid.lengthMm < (best as unknown as Layout).lengthMm) order = asked;
      take(laid);
      yield told();
      if (done()) return;
    }
  }
  let steps: Step[] = stepsOf(order ?? copies, layer.empty);
  let laid = layTo(steps, 0, layer, turns);
  if (!laid) return;
  const many = TRIALS_A_PIECE * copies.length;
  for (let at = 0; copies.length > 1; at += 1) {
    const heat = HOT * (COLD / HOT) ** ((at % many) / many);
    const { next, from } = changed(steps, chance);
    const trial = layTo(next, from, layer, turns);
    if (trial) {
      take(trial);
      const worse = (scoreOf(trial) - scoreOf(laid)) / least;
      if (worse <= 0 || chance() < Math.exp(-worse / heat)) [steps, laid] = [next, trial];
    }
    yield told();
    if (done()) return;
  }
}

/** Orders to begin with: the largest, the longest, the widest first. */
const STARTS: readonly ((copies: readonly Copy[]) => Copy[])[] = [
  byArea,
  (copies) => copies.toSorted((a, b) => sizeOfShape(b.shape).lengthMm - sizeOfShape(a.shape).lengthMm),
  (copies) => copies.toSorted((a, b) => sizeOfShape(b.shape).widthMm - sizeOfShape(a.shape).widthMm),
];

/** A piece of an order, with the table as it was before. */
interface Step {
  readonly copy: Copy;
  /** Held to one way round; null where either will do. */
  readonly turned: boolean | null;
  before: Laid;
}

const stepsOf = (copies: readonly Copy[], empty: Laid): Step[] =>
  copies.map((copy) => ({ copy, turned: null, before: empty }));

/** Lays an order from one of its pieces on: those before lie as they lay. */
function layTo(steps: Step[], from: number, layer: ReturnType<typeof layerOn>, turns: readonly boolean[]): Laid | null {
  let on: Laid = steps[from]?.before ?? layer.empty;
  for (let at = from; at < steps.length; at += 1) {
    const step = steps[at] as Step;
    step.before = on;
    const laid =
      layer.lay(on, step.copy, step.turned === null ? turns : [step.turned]) ?? layer.lay(on, step.copy, turns);
    if (!laid) return null;
    on = laid;
  }
  return on;
}

/** An order with two pieces exchanged, one taken elsewhere, or one turned the other way. */
function changed(steps: readonly Step[], chance: () => number): { next: Step[]; from: number } {
  const next = steps.map((step) => ({ ...step }));
  const pick = () => Math.floor(chance() * next.length);
  const [first, second, how] = [pick(), pick(), chance()];
  const [from, to] = first < second ? [first, second] : [second, first];
  if (how < 0.4) [next[from], next[to]] = [next[to] as Step, next[from] as Step];
  else if (how < 0.8) {
    const [taken] = next.splice(first, 1);
    next.splice(second, 0, taken as Step);
  } else {
    const one = next[first] as Step;
    next[first] = { ...one, turned: one.turned === null ? chance() < 0.5 : null };
    return withStart(next, steps, first);
  }
  return withStart(next, steps, from);
}

/** What was laid before the first piece that changed still lies there. */
function withStart(next: Step[], steps: readonly Step[], from: number): { next: Step[]; from: number } {
  const own = next[from];
  if (own) next[from] = { ...own, before: (steps[from] as Step).before };
  return { next, from };
}

/** How far a layout reaches, and a little of how far its pieces do, by their areas. */
function scoreOf({ lengthMm, placed }: Layout): number {
  let [sum, all] = [0, 0];
  for (const { shape, x } of placed) {
    sum += shape.areaMm2 * (x + sizeOfShape(shape).lengthMm);
    all += shape.areaMm2;
  }
  return lengthMm + (CROWDING * sum) / all;
}
