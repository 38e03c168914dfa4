import Alert from "@mui/material/Alert";
import Typography from "@mui/material/Typography";
import { useMemo, useState } from "react";
import type { BonesWorking } from "../../../core/bones/index.ts";
import {
  asGarment,
  type ClosedRing,
  type CorsetFacts,
  type CorsetPlan,
  type CorsetReckoning,
  type CorsetWorking,
  closedRings,
  reckonCorset,
  withAmount,
} from "../../../core/corset/index.ts";
import { levelWidth } from "../../../core/drafting/index.ts";
import {
  type PieceFacts,
  type PiecesReckoning,
  type SetOptions,
  type TriedOn,
  triedPanels,
  triedTurn,
} from "../../../core/pieces/index.ts";
import type { WearWorking } from "../../../core/wear/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { ClosedShape } from "./ClosedShape.tsx";
import { LevelTable } from "./LevelTable.tsx";
import { PanelTable } from "./PanelTable.tsx";
import { TriedLacing } from "./TriedLacing.tsx";
import { TurnNotice } from "./TurnNotice.tsx";
import { UpperEdge } from "./UpperEdge.tsx";
import { WaistWhatIf } from "./WaistWhatIf.tsx";

interface ReductionProps {
  readonly jobId: number;
  /** As it is typed, with what it comes to. */
  readonly working: CorsetWorking;
  readonly reckoning: CorsetReckoning;
  readonly facts: CorsetFacts;
  readonly lacing: { readonly bones: BonesWorking; readonly wear: WearWorking };
  readonly panels: { readonly set: SetOptions; readonly usual: PieceFacts["usual"]; readonly version: number };
  readonly version: number;
}

/** What a reduction comes to, as it is typed or tried: levels, limits, shape, panels. */
export function Reduction({ jobId, working, reckoning, facts, lacing, panels, version }: ReductionProps) {
  const lengths = useLengths();
  const [tried, setTried] = useState<{ readonly of: CorsetWorking; readonly amount: number } | null>(null);
  // What is typed anew ends the trial.
  const trying = tried !== null && same(tried.of, working) ? tried.amount : null;
  const shown = useMemo(
    () => (trying === null ? reckoning : reckonCorset(withAmount(working, trying), facts)),
    [trying, reckoning, working, facts],
  );
  const { plan, numbers } = shown;
  const on: TriedOn = useMemo(() => ({ ...panels, body: facts.body }), [panels, facts.body]);
  const closed = useMemo(() => plan && asGarment(plan), [plan]);
  const drawn = useMemo(() => closed && triedPanels(on, closed), [closed, on]);
  if (!plan || !closed) return null;
  const turnWith = (amount: number): number | null => {
    const other = reckonCorset(withAmount(working, amount), facts).plan;
    return other && triedTurn(on, asGarment(other));
  };
  return (
    <>
      {trying !== null && shown.headline ? (
        <Typography sx={{ mb: 1, fontWeight: 700 }} aria-live="polite">
          Tried: {lengths.told(shown.headline)}
        </Typography>
      ) : null}
      {trying === null
        ? null
        : shown.warnings.map((warning) => (
            <Alert key={warning} severity="warning" sx={{ mb: 1.5 }}>
              {lengths.told(warning)}
            </Alert>
          ))}
      <WaistWhatIf
        working={working}
        plan={plan}
        version={version}
        tried={trying !== null}
        onTry={(amount) => setTried(amount === null ? null : { of: working, amount })}
      />
      <LevelTable plan={plan} numbers={numbers} />
      <NumberList label="Limits" numbers={numbers.filter(({ id }) => ["tightest", "loosest", "seated"].includes(id))} />
      {drawn ? <ClosedShape rings={ringsOf(plan, drawn)} /> : null}
      {drawn?.draft ? (
        <>
          <Typography variant="h3" sx={{ mb: 0.5 }}>
            Panels
          </Typography>
          <TurnNotice
            draft={drawn.draft}
            working={working}
            versions={{ corset: version, panels: panels.version }}
            turnWith={turnWith}
            amount={plan.amount}
          />
          <PanelTable draft={drawn.draft} numbers={drawn.numbers} />
          <UpperEdge draft={drawn.draft} />
          <TriedLacing closed={closed} draft={drawn.draft} {...lacing} />
          <Typography className="no-print" sx={{ mb: 2 }}>
            Shares, seams and edges are set where they are drawn:{" "}
            <TextLink to={`/jobs/${jobId}/pieces?draw=corsetPieces`}>Pieces</TextLink>.
          </Typography>
        </>
      ) : (
        drawn?.warnings.map((warning) => (
          <Alert key={warning} severity="warning" sx={{ mb: 1.5 }}>
            {lengths.told(warning)}
          </Alert>
        ))
      )}
    </>
  );
}

const same = (one: CorsetWorking, other: CorsetWorking): boolean => JSON.stringify(one) === JSON.stringify(other);

/** The levels as rings, with the panels where they could be drawn. */
function ringsOf(plan: CorsetPlan, { draft }: PiecesReckoning): ClosedRing[] {
  if (!plan.heights) return [];
  let downMm = 0;
  return closedRings(
    plan.levels.map(({ level, closedMm, bodyMm }, at) => {
      if (at > 0) downMm += plan.heights?.[level]?.side ?? 0;
      const panelsMm = (draft?.pieces ?? []).flatMap(({ levels }) => {
        const line = levels.find((one) => one.level === level);
        return line ? [levelWidth(line)] : [];
      });
      return { level, downMm, closedMm, bodyMm, panelsMm, gapMm: plan.gapMm };
    }),
  );
}
