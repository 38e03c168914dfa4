import type { SvgIconComponent } from "@mui/icons-material";
import AdjustIcon from "@mui/icons-material/Adjust";
import ArrowForwardIcon from "@mui/icons-material/ArrowForward";
import CheckIcon from "@mui/icons-material/Check";
import RadioButtonUncheckedIcon from "@mui/icons-material/RadioButtonUnchecked";
import Box from "@mui/material/Box";
import { useEffect, useRef } from "react";
import { NavLink, useLocation } from "react-router";
import type { Step, StepState } from "../../../core/job/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

const STATE_WORDS: Readonly<Record<StepState, string>> = {
  done: "done",
  missing: "something missing",
  look: "wants another look",
  next: "next",
};

/** The order of the work, always in view: what is done, what is missing, what wants another look. */
export function StepRail({ jobId, steps }: { jobId: number; steps: readonly Step[] }) {
  const lengths = useLengths();
  const rail = useCurrentInView();
  const entries = [
    {
      id: "overview",
      key: "1",
      to: `/jobs/${jobId}`,
      name: "Overview",
      words: "where it stands",
      state: null,
      things: [],
    },
    ...steps.map((step) => ({ ...step, to: `/jobs/${jobId}/${step.id}` })),
  ];
  return (
    <Box ref={rail} component="nav" aria-label="Order of the work" sx={railStyle}>
      {entries.map(({ id, key, to, name, words, state, things }) => (
        <Box
          key={id}
          component={NavLink}
          to={to}
          end={id === "overview"}
          aria-keyshortcuts={key}
          title={things?.map((thing) => lengths.told(thing)).join("\n")}
          data-does={`${name.toLowerCase()} of this job`}
          sx={entryStyle}
        >
          <StateMark state={state} />
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ fontWeight: 650 }}>{name}</Box>
            <Box className={state === "missing" || state === "look" ? "asks" : "words"} sx={wordsStyle}>
              {lengths.told(words)}
            </Box>
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** Brings the step one is in into view where the rail is one line that is longer than the screen; the page itself stays where it is. */
function useCurrentInView() {
  const rail = useRef<HTMLElement>(null);
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: another address is another step
  useEffect(() => {
    const line = rail.current;
    const current = line?.querySelector<HTMLElement>(".active");
    if (line && current)
      line.scrollLeft = current.offsetLeft - line.offsetLeft - (line.clientWidth - current.clientWidth) / 2;
  }, [pathname]);
  return rail;
}

/** A mark a state: told apart by their shapes, not by their colours alone. */
const MARKS: Readonly<Record<StepState, { readonly Icon: SvgIconComponent; readonly color: string }>> = {
  done: { Icon: CheckIcon, color: "bench.good" },
  missing: { Icon: RadioButtonUncheckedIcon, color: "bench.inkSoft" },
  look: { Icon: AdjustIcon, color: "bench.caution" },
  next: { Icon: ArrowForwardIcon, color: "bench.mulberry" },
};

function StateMark({ state }: { state: StepState | null }) {
  if (!state) return <Box sx={{ width: 22, flex: "none" }} />;
  const { Icon, color } = MARKS[state];
  return <Icon titleAccess={STATE_WORDS[state]} sx={{ width: 22, height: 22, flex: "none", mt: "1px", color }} />;
}

const railStyle = {
  // On a tablet one line: the step one is in, and what is missing; the others by name.
  display: { xs: "flex", md: "grid" },
  gridTemplateColumns: "1fr",
  overflowX: "auto",
  scrollbarWidth: "thin",
  border: "1px solid",
  borderColor: "divider",
  bgcolor: "background.paper",
} as const;

const wordsStyle = {
  fontSize: "0.82rem",
  color: "text.secondary",
  whiteSpace: { xs: "nowrap", md: "normal" },
} as const;

const entryStyle = {
  display: "flex",
  flex: "none",
  "& .words": { display: { xs: "none", md: "block" } },
  "&.active .words": { display: "block" },
  gap: 1,
  alignItems: "flex-start",
  p: 1.25,
  color: "text.primary",
  textDecoration: "none",
  borderLeft: "4px solid transparent",
  "&:hover": { bgcolor: "bench.sunken" },
  "&.active": { borderColor: "primary.main", bgcolor: "bench.sunken" },
} as const;
