import {
  isMeasureCode,
  type MeasureCode,
  type MeasuredValue,
  measureOf,
  type Sheet,
  type Side,
  sidesOf,
  valueFromTakes,
} from "../../core/body/index.ts";
import { parseLength } from "../../core/units/index.ts";
import type { Repositories } from "../store.ts";
import type { DemoPerson, DemoSheet } from "./demoPerson.ts";
import { PEOPLE } from "./peopleData.ts";

/** Ids of a demo wearer and of their newest sheet. */
export interface DemoIds {
  readonly wearer: number;
  readonly sheet: number;
}

/** Ids of the demo's wearers, for its jobs. */
export type DemoPeople = Readonly<Record<keyof typeof PEOPLE, DemoIds>>;

/** The people and the form of the invented workshop with their sheets. */
export async function addPeople({ wearers, sheets }: Repositories): Promise<DemoPeople> {
  const ids: Partial<Record<keyof typeof PEOPLE, DemoIds>> = {};
  for (const key of Object.keys(PEOPLE) as (keyof typeof PEOPLE)[]) {
    const { name, kind, notes, allergies = "", sheets: own }: DemoPerson = PEOPLE[key];
    const wearer = await wearers.add({ name, kind, child: false, allergies, notes });
    let newest = 0;
    for (const { typed, ...head } of own)
      newest = await sheets.add({ ...head, wearerId: wearer, values: valuesOf(typed, head.unit) });
    ids[key] = { wearer, sheet: newest };
  }
  return ids as DemoPeople;
}

function valuesOf(typed: DemoSheet["typed"], unit: Sheet["unit"]): MeasuredValue[] {
  return Object.entries(typed).flatMap(([code, texts]) => {
    if (!isMeasureCode(code)) throw new Error(`The demo has no measure ${code}.`);
    const bySide = texts.split(" / ");
    return sidesOf(measureOf(code)).flatMap((side, index) => {
      const text = bySide[index];
      return text ? [demoValue(code, side, text, unit)] : [];
    });
  });
}

function demoValue(code: MeasureCode, side: Side, text: string, unit: Sheet["unit"]): MeasuredValue {
  const takes = text.split("; ").map((take) => {
    const parsed = parseLength(take, unit);
    if (!parsed.ok) throw new Error(parsed.problem.message);
    return { text: take, mm: parsed.value };
  });
  return valueFromTakes({ code, side }, takes);
}
