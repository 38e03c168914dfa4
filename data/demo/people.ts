import type { MeasureCode, Side } from "../../core/body/measure.ts";
import type { Sheet } from "../../core/body/sheet.ts";
import { parseLength } from "../../core/units/parseLength.ts";
import type { Repositories } from "../store.ts";

type Typed = readonly [code: MeasureCode, side: Side, text: string];

/** A sheet as the invented workshop typed it. */
function sheet(wearerId: number, head: Omit<Sheet, "id" | "wearerId" | "values">, typed: readonly Typed[]) {
  const values = typed.map(([code, side, text]) => {
    const parsed = parseLength(text, head.unit);
    if (!parsed.ok) throw new Error(parsed.problem.message);
    return { code, side, text, mm: parsed.value };
  });
  return { wearerId, ...head, values };
}

/** Ids of the demo's wearers' sheets, for its jobs. */
export interface DemoPeople {
  readonly ilva: { wearer: number; sheet: number };
  readonly maro: { wearer: number; sheet: number };
  readonly wenna: { wearer: number; sheet: number };
}

/** Three wearers and a form of the invented workshop, with a sheet each (Ilva has two). */
export async function addPeople({ wearers, sheets }: Repositories): Promise<DemoPeople> {
  const ilva = await wearers.add({
    name: "Ilva Thornbeck",
    kind: "person",
    child: false,
    allergies: "",
    notes: "Likes a close waist. No latex.",
  });
  const maro = await wearers.add({
    name: "Maro Dellinge",
    kind: "person",
    child: false,
    allergies: "",
    notes: "Swims lanes, three times a week.",
  });
  const wenna = await wearers.add({ name: "Wenna Paskell", kind: "person", child: false, allergies: "", notes: "" });
  await wearers.add({
    name: "Form Zwölf",
    kind: "form",
    child: false,
    allergies: "",
    notes: "Padded at the hip; does not breathe.",
  });

  await sheets.add(
    sheet(ilva, { takenOn: "2026-03-14", unit: "cm", tape: "snug", measuredBy: "Runa", notes: "" }, [
      ["waist", "single", "75.5"],
      ["high_hip", "single", "91.8"],
      ["hip", "single", "101.5"],
    ]),
  );
  const ilvaSheet = await sheets.add(
    sheet(ilva, { takenOn: "2026-09-30", unit: "cm", tape: "snug", measuredBy: "Runa", notes: "After the summer." }, [
      ["waist", "single", "74.2"],
      ["high_hip", "single", "90,5"],
      ["hip", "single", "100.8"],
      ["leg_edge", "left", "59.8"],
      ["leg_edge", "right", "60.4"],
      ["waist_to_hip", "single", "20.5"],
      ["crotch_front", "single", "31.8"],
      ["crotch_back", "single", "37.2"],
      ["crotch_depth", "single", "26.8"],
    ]),
  );
  const maroSheet = await sheets.add(
    sheet(maro, { takenOn: "2026-10-12", unit: "in", tape: "finger", measuredBy: "Runa", notes: "" }, [
      ["waist", "single", "33 1/4"],
      ["high_hip", "single", "38 3/8"],
      ["hip", "single", "41 1/2"],
      ["leg_edge", "left", "24 1/4"],
      ["leg_edge", "right", "24 7/8"],
      ["waist_to_hip", "single", "8 1/4"],
      ["crotch_front", "single", "13 1/8"],
      ["crotch_back", "single", "15 1/4"],
      ["crotch_depth", "single", "28 cm"],
    ]),
  );
  const wennaSheet = await sheets.add(
    sheet(wenna, { takenOn: "2026-11-20", unit: "cm", tape: "snug", measuredBy: "Wenna", notes: "Self-measured." }, [
      ["waist", "single", "68"],
      ["high_hip", "single", "84.5"],
      ["hip", "single", "93.2"],
      ["leg_edge", "left", "54.1"],
    ]),
  );
  return {
    ilva: { wearer: ilva, sheet: ilvaSheet },
    maro: { wearer: maro, sheet: maroSheet },
    wenna: { wearer: wenna, sheet: wennaSheet },
  };
}
