import { type Draft, type OperationCall, operate, saidAlone } from "../../drafting/index.ts";
import { cameTo, type Landing } from "../landing.ts";
import { type Drawn, instead } from "./rule.ts";

/** An amount is met to this, mm; so often it is bettered. */
const [MET_MM, TRIES] = [0.01, 14] as const;

/** An operation whose amount is found so that what is measured comes out as decided. */
export interface SolvedBy {
  /** What the operation is done on: a draft of one side, or of both alike. */
  readonly draft: Draft;
  readonly landing: Landing;
  readonly callOf: (amountMm: number) => OperationCall;
  /** What is done on paper where no amount comes to it. */
  readonly byHand: string;
}

/**
 * An operation with the amount at which what is measured of a piece differs by just what was decided (the secant method): an edge moved
 * square to itself, or trued after a wedge, does not grow by as much as it was moved.
 */
export function solvedBy({ draft, landing, callOf, byHand }: SolvedBy): Drawn {
  const { byMm } = landing;
  if (byMm === 0) return { calls: [], lands: [landing] };
  let problem = "";
  const came = (amountMm: number): number | null => {
    const done = operate(draft, [callOf(amountMm)]);
    if (!done.ok) problem = saidAlone(done.problem.message);
    return done.ok ? cameTo(draft, done.value.draft, landing) : null;
  };
  let [last, amount] = [{ amount: 0, off: -byMm }, byMm];
  for (let turn = 0; turn < TRIES; turn += 1) {
    const mm = came(amount);
    if (mm === null) break;
    const off = mm - byMm;
    if (Math.abs(off) <= MET_MM) return { calls: [callOf(amount)], lands: [landing] };
    if (off === last.off) break;
    const next = amount - (off * (amount - last.amount)) / (off - last.off);
    last = { amount, off };
    amount = next;
  }
  return instead(problem ? `${byHand} ${problem}` : byHand);
}
