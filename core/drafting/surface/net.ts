import { apart, lengthThrough, type Place3 } from "./place.ts";

/**
 * A patch of a surface as a net of threads: columns from its seam to its far edge, which meet in one place at either end. Rows run along
 * the seam; the first lies on it, the last on the far edge.
 */
export interface Net {
  /** Places in the order of their columns: the first corner, each column from the seam out, the last corner. */
  readonly places: readonly Place3[];
  /** Columns without the two corners, and places of each. */
  readonly columns: number;
  readonly rows: number;
}

/** A thread of a net between two of its places. */
export interface Thread {
  readonly from: number;
  readonly to: number;
  readonly mm: number;
  /** Along the seam or the far edge: what is sewn keeps its length. */
  readonly edge: boolean;
}

/** Number of the place of a column (from 1) and a row (from 0); columns 0 and `columns + 1` are the corners. */
export const netPlace = ({ columns, rows }: Pick<Net, "columns" | "rows">, column: number, row: number): number => {
  if (column === 0) return 0;
  return column > columns ? 1 + columns * rows : 1 + (column - 1) * rows + row;
};

/**
 * A net between a seam and a far edge.
 * @param seam places along the seam and
 * @param far along the far edge, as many; their first and last are the corners, where both meet.
 * @param between places from one of the seam to its fellow, both among them, `rows` in all.
 */
export function netOf(
  seam: readonly Place3[],
  far: readonly Place3[],
  rows: number,
  between: (from: Place3, to: Place3, rows: number) => readonly Place3[],
): Net {
  const columns = seam.length - 2;
  const inner = seam.slice(1, -1).flatMap((from, at) => between(from, far[at + 1] ?? from, rows));
  const corners = [seam[0], seam.at(-1)].flatMap((corner) => (corner ? [corner] : []));
  return { places: [...corners.slice(0, 1), ...inner, ...corners.slice(1)], columns, rows };
}

/** Every thread of a net: along columns and rows, and crosswise both ways, so that it holds its shape. */
export function threadsOf(net: Net): Thread[] {
  const threads: Thread[] = [];
  const { columns, rows, places } = net;
  const add = (from: number, to: number, edge: boolean) => {
    const [a, b] = [places[from], places[to]];
    if (a && b && from !== to) threads.push({ from, to, mm: apart(a, b), edge });
  };
  for (let column = 0; column <= columns; column += 1) {
    for (let row = 0; row < rows; row += 1) {
      const [here, next] = [netPlace(net, column, row), netPlace(net, column + 1, row)];
      const corner = column === 0 || column === columns;
      // From a corner a thread runs to every place of the column beside it.
      add(here, next, row === 0 || row === rows - 1);
      if (row + 1 < rows && column > 0) add(here, netPlace(net, column, row + 1), false);
      if (row + 1 < rows && !corner) {
        add(here, netPlace(net, column + 1, row + 1), false);
        add(netPlace(net, column, row + 1), next, false);
      }
    }
  }
  return threads;
}

/** Places from one to another along a line on a surface, evenly by its length. @param steps fine enough to measure it by. */
export function evenly(line: (part: number) => Place3, count: number, steps = 3 * count): Place3[] {
  const fine = Array.from({ length: steps + 1 }, (_, at) => line(at / steps));
  const whole = lengthThrough(fine);
  const even = [line(0)];
  let [at, gone] = [0, 0];
  for (let place = 1; place < count - 1; place += 1) {
    const wanted = (whole * place) / (count - 1);
    while (at < steps) {
      const step = apart(fine[at] as Place3, fine[at + 1] as Place3);
      if (gone + step >= wanted) {
        even.push(line((at + (step === 0 ? 0 : (wanted - gone) / step)) / steps));
        break;
      }
      gone += step;
      at += 1;
    }
  }
  return [...even, line(1)];
}
