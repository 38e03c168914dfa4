import type { ReactNode } from "react";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { ReckonedValue } from "./NumberList.tsx";

/** Cells that open their number by its name; a dash where there is none. */
export function numberCells(numbers: readonly Reckoned[]): (id: string) => ReactNode {
  const byId = new Map(numbers.map((number) => [number.id, number]));
  return (id) => {
    const number = byId.get(id);
    return number ? <ReckonedValue number={number} /> : "—";
  };
}
