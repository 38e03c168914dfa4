import type { PickedRecord } from "../../core/calculation/index.ts";
import { ownStyleNumber } from "../../core/ease/index.ts";
import type { FrozenPlan } from "../../core/fitting/index.ts";
import type { PrototypePieces } from "../../core/redraw/index.ts";
import { picksOf, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { OWN_STYLE } from "../../formats/job/jobDocument.ts";

/** What a job's file refers to by number. */
export type Referred = "cloth" | "test" | "finding" | "fitting" | "change" | "sheet" | "wrap";

/** Gives things another number: references of a file for ids on the way out, new ids for references on the way in. */
export interface Renumber {
  of(what: Referred, id: number): number;
  /** What own styles are called on the other side. */
  readonly ownStyle: string;
  /** The wearer on the other side. */
  readonly wearerId: number;
}

/** Numbers things from 1 in the order they are first named. */
export class Numbering implements Renumber {
  readonly ownStyle = OWN_STYLE;
  readonly wearerId = 1;
  readonly #numbers = new Map<Referred, Map<number, number>>();

  of(what: Referred, id: number): number {
    const numbers = this.#numbers.get(what) ?? new Map<number, number>();
    this.#numbers.set(what, numbers);
    const number = numbers.get(id) ?? numbers.size + 1;
    numbers.set(id, number);
    return number;
  }

  /** Everything of a sort that was named, with its number, in order. */
  all(what: Referred): { id: number; ref: number }[] {
    return [...(this.#numbers.get(what) ?? [])].map(([id, ref]) => ({ id, ref }));
  }
}

/** A frozen plan with everything it refers to under its other number. */
export function mapFrozen(frozen: FrozenPlan, number: Renumber): FrozenPlan {
  const { sheet, cloth, test, layers, changes, styleId, style, workings } = frozen;
  const styleOf = <Id extends string>(id: Id): Id => (ownStyleNumber(id) === null ? id : (number.ownStyle as Id));
  return {
    ...frozen,
    styleId: styleOf(styleId),
    style: { ...style, id: styleOf(style.id) },
    sheet: { ...sheet, id: number.of("sheet", sheet.id), wearerId: number.wearerId },
    cloth: { ...cloth, id: number.of("cloth", cloth.id) },
    test: {
      ...test,
      id: number.of("test", test.id),
      ...("clothId" in test ? { clothId: number.of("cloth", Number(test.clothId)) } : {}),
    },
    layers: layers.map((layer) => ({
      ...layer,
      clothId: number.of("cloth", layer.clothId),
      testId: number.of("test", layer.testId),
    })),
    changes: changes.map((change) => ({ ...change, changeId: number.of("change", change.changeId) })),
    workings: Object.fromEntries(
      (Object.keys(workings) as WorkingId[]).flatMap((id) => {
        const working = workings[id];
        return working ? [[id, mapWorking(id, working, number)] as const] : [];
      }),
    ) as Partial<Workings>,
  };
}

/** Pieces of a prototype with the changes they were redrawn by under their other number. */
export const mapPieces = (pieces: PrototypePieces, number: Renumber): PrototypePieces => ({
  ...pieces,
  steps: pieces.steps.map((step) => ({ ...step, changeId: number.of("change", step.changeId) })),
});

/** What a picked record is called in a file. */
const PICKED: Readonly<Record<PickedRecord, Referred>> = { elastic: "cloth", wrap: "wrap" };

/** A working with the elastics and wraps its fields pick under their other number. */
export function mapWorking<Id extends WorkingId>(id: Id, working: Workings[Id], number: Renumber): Workings[Id] {
  const renumbered: Record<string, unknown> = { ...working };
  for (const { name, of, id: picked } of picksOf(id, working)) renumbered[name] = number.of(PICKED[of], picked);
  return renumbered as unknown as Workings[Id];
}
