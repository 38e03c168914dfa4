import { useMemo } from "react";
import { type BonesWorking, bonesCalculation } from "../../../core/bones/index.ts";
import type { ClosedGarment } from "../../../core/calculation/index.ts";
import type { Draft } from "../../../core/drafting/index.ts";
import { type WearWorking, wearCalculation } from "../../../core/wear/index.ts";
import { NumberList } from "../calculation/NumberList.tsx";

interface TriedLacingProps {
  readonly closed: ClosedGarment;
  readonly draft: Draft;
  readonly bones: BonesWorking;
  readonly wear: WearWorking;
}

/** What a lacing comes to with a reduction as it is typed or tried: rows, lace, and how hard the pull that was read last would press. */
export function TriedLacing({ closed, draft, bones, wear }: TriedLacingProps) {
  const numbers = useMemo(() => {
    const laced = bonesCalculation.reckon(bones, {
      draft,
      closed,
      usable: null,
      source: "",
      skirtMm: null,
      skirtHip: null,
    });
    const worn = wearCalculation.reckon(wear, { closed, seams: null, isForm: false });
    const last = worn.pulls.at(-1);
    return [
      ...laced.numbers.filter(({ id }) => LACED.includes(id)),
      ...worn.numbers.filter(({ id }) => last && id === `pressure.${last.at}`),
    ];
  }, [closed, draft, bones, wear]);
  return closed.laced ? <NumberList label="Lacing" numbers={numbers} /> : null;
}

const LACED: readonly string[] = ["rows", "openGap", "lace"];
