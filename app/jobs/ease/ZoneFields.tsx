import type { EaseChoice, ZonePlan } from "../../../core/ease/index.ts";
import type { PlanColumn } from "./columns.ts";
import type { ExplainPlan } from "./PlanTable.tsx";

/** One zone of the plan, with what was chosen for it. */
export interface ZoneDetailProps {
  readonly plan: ZonePlan;
  readonly columns: readonly PlanColumn[];
  readonly choice: EaseChoice;
  readonly version: number;
  readonly explain: ExplainPlan;
}

/** The hidden fields of a change to a zone. */
export function ZoneFields({ zone, version, intent = "zone" }: { zone: string; version: number; intent?: string }) {
  return (
    <>
      <input type="hidden" name="intent" value={intent} />
      <input type="hidden" name="version" value={version} />
      <input type="hidden" name="zone" value={zone} />
      <input type="hidden" name="shown" value={zone} />
    </>
  );
}
