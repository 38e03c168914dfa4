import Box from "@mui/material/Box";
import { NavLink } from "react-router";
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
  const entries = [
    { id: "overview", key: "1", to: `/jobs/${jobId}`, name: "Overview", words: "where it stands", state: null },
    ...steps.map((step) => ({ ...step, to: `/jobs/${jobId}/${step.id}` })),
  ];
  return (
    <Box component="nav" aria-label="Order of the work" sx={railStyle}>
      {entries.map(({ id, key, to, name, words, state }) => (
        <Box
          key={id}
          component={NavLink}
          to={to}
          end={id === "overview"}
          aria-keyshortcuts={key}
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

/** Done is a closed stitch, missing an open one, another look a doubled one. */
function StateMark({ state }: { state: StepState | null }) {
  if (!state) return <Box sx={{ width: 22, flex: "none" }} />;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={STATE_WORDS[state]}
      viewBox="0 0 22 22"
      sx={{ width: 22, flex: "none", mt: "1px" }}
    >
      {state === "done" ? (
        <path d="M3 12 l5 5 l11 -12" fill="none" stroke="var(--stz-palette-bench-good)" strokeWidth={3} />
      ) : null}
      {state === "missing" ? (
        <circle
          cx={11}
          cy={11}
          r={7}
          fill="none"
          stroke="var(--stz-palette-bench-inkSoft)"
          strokeWidth={2}
          strokeDasharray="4 3.3"
        />
      ) : null}
      {state === "look" ? (
        <>
          <circle cx={11} cy={11} r={8} fill="none" stroke="var(--stz-palette-bench-caution)" strokeWidth={2} />
          <circle cx={11} cy={11} r={3} fill="var(--stz-palette-bench-caution)" />
        </>
      ) : null}
      {state === "next" ? (
        <path
          d="M4 11 h12 m-5 -5 l5 5 l-5 5"
          fill="none"
          stroke="var(--stz-palette-bench-mulberry)"
          strokeWidth={2.6}
        />
      ) : null}
    </Box>
  );
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
