import { changeStatus } from "../change/changeStatus.ts";
import { needsWord } from "../change/jobChanges.ts";
import type { FitCheck } from "../finding/checks.ts";
import type { Finding, Fitting } from "../fitting.ts";
import type { Prototype } from "./prototype.ts";

/** What stands between a job and its sign-off. */
export interface SignOffState {
  /** The prototype that is signed off: the last. Null where none was made. */
  readonly prototype: Prototype | null;
  readonly fitted: boolean;
  /** Findings of the last prototype without any word, of all that nobody has decided on. */
  readonly undecided: readonly Finding[];
  /** Findings of the last prototype that were decided and are not in any prototype yet: they stay as they are. */
  readonly uncut: readonly Finding[];
  readonly waiting: readonly Finding[];
  /** Findings whose change was cut and never judged. */
  readonly unjudged: readonly Finding[];
  /** Checks of the style's list not tried on the last prototype. */
  readonly untried: readonly FitCheck[];
  /** Checks that failed on it. */
  readonly failed: readonly FitCheck[];
  /** True where nothing of it asks for a word on why. */
  readonly clean: boolean;
}

/** Looks at everything that a sign-off asks for: no open finding without a word on why, and the checks done. */
export function signOffState(
  prototypes: readonly Prototype[],
  fittings: readonly Fitting[],
  checks: readonly FitCheck[],
): SignOffState {
  const prototype = prototypes.at(-1) ?? null;
  const findings = fittings.flatMap((fitting) => fitting.findings);
  const own = fittings.filter(({ prototypeId }) => prototypeId === prototype?.id);
  const outcome = (check: FitCheck) =>
    own.flatMap((fitting) => fitting.checks).findLast((one) => one.check === check.id)?.outcome ?? "notTried";
  const withStatus = (status: ReturnType<typeof changeStatus>) =>
    findings.filter((finding) => changeStatus(finding) === status);
  const state = {
    prototype,
    fitted: own.length > 0,
    undecided: findings.filter(needsWord),
    uncut: withStatus("decided"),
    waiting: withStatus("waiting"),
    unjudged: withStatus("cut"),
    untried: checks.filter((check) => outcome(check) === "notTried"),
    failed: checks.filter((check) => outcome(check) === "fail"),
  };
  const asks = [state.undecided, state.uncut, state.waiting, state.unjudged, state.untried, state.failed];
  return { ...state, clean: asks.every((list) => list.length === 0) };
}
