import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { CheckId, CheckOutcome, CheckResult, FitCheck } from "../../../core/fitting/index.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { startTimer } from "./timers/timerStore.ts";
import { clock, useTimers } from "./timers/useTimers.ts";

interface FitChecksProps {
  readonly checks: readonly FitCheck[];
  readonly done: readonly CheckResult[];
  /** Those written down and not yet sent. */
  readonly waiting: readonly CheckResult[];
  readonly fittingId: number;
  readonly address: string;
  readonly fixed: boolean;
  readonly onSend: (fields: Fields) => Promise<Unsaved | null>;
}

const OUTCOMES: readonly { readonly id: CheckOutcome; readonly words: string }[] = [
  { id: "pass", words: "good" },
  { id: "fail", words: "not good" },
  { id: "notTried", words: "not tried" },
];

/** The style's own check list: each good, not good or not tried; timed ones with a clock. */
export function FitChecks({ checks, done, waiting, fittingId, address, fixed, onSend }: FitChecksProps) {
  const timers = useTimers();
  const [wrong, setWrong] = useState("");
  const say = async (check: CheckId, outcome: CheckOutcome, note: string) => {
    const was = outcomeOf(check, done, waiting);
    const refused = await onSend({ intent: "check", fitting: String(fittingId), check, outcome, note, was });
    setWrong(refused ? Object.values(refused.errors).join(" ") : "");
  };
  const tried = checks.filter(({ id }) => outcomeOf(id, done, waiting) !== "notTried").length;
  return (
    <Box component="section" aria-label="Checks" sx={{ mb: 4 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Checks{" "}
        <Box component="span" sx={{ fontFamily: "body1.fontFamily", fontSize: "0.95rem", color: "text.secondary" }}>
          {tried} of {checks.length} done
        </Box>
      </Typography>
      {wrong ? (
        <Alert severity="error" sx={{ mb: 1 }}>
          {wrong}
        </Alert>
      ) : null}
      {checks.map((check) => {
        const timer = timers.find(({ id }) => id === timerId(fittingId, check.id));
        return (
          <CheckRow
            key={check.id}
            check={check}
            outcome={outcomeOf(check.id, done, waiting)}
            note={done.find((one) => one.check === check.id)?.note ?? ""}
            leftS={timer?.leftS ?? null}
            fixed={fixed}
            onTime={(seconds) =>
              startTimer({
                id: timerId(fittingId, check.id),
                label: check.name,
                href: address,
                endsAt: Date.now() + seconds * 1000,
              })
            }
            onSay={(outcome, note) => void say(check.id, outcome, note)}
          />
        );
      })}
    </Box>
  );
}

const timerId = (fittingId: number, check: string): string => `fitting ${fittingId}, ${check}`;

const outcomeOf = (id: string, done: readonly CheckResult[], waiting: readonly CheckResult[]): CheckOutcome =>
  (waiting.findLast(({ check }) => check === id) ?? done.find(({ check }) => check === id))?.outcome ?? "notTried";

interface CheckRowProps {
  readonly check: FitCheck;
  readonly outcome: CheckOutcome;
  readonly note: string;
  readonly leftS: number | null;
  readonly fixed: boolean;
  readonly onTime: (seconds: number) => void;
  readonly onSay: (outcome: CheckOutcome, note: string) => void;
}

function CheckRow({ check, outcome, note, leftS, fixed, onTime, onSay }: CheckRowProps) {
  const [typed, setTyped] = useState(note);
  const { id, name, how, seconds } = check;
  return (
    <Box sx={{ borderTop: 1, borderColor: "divider", py: 1 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
        <Box sx={{ flex: 1, minWidth: 180 }}>
          <strong>{name}</strong>
          <Box sx={{ color: "text.secondary", fontSize: "0.88rem" }}>{how}</Box>
        </Box>
        {seconds === null || fixed ? null : (
          <Button variant="outlined" onClick={() => onTime(seconds)} sx={{ minWidth: 96 }}>
            {leftS === null ? `Time ${clock(seconds)}` : leftS === 0 ? "Over" : clock(leftS)}
          </Button>
        )}
        <Box component="fieldset" disabled={fixed} sx={{ border: 0, p: 0, m: 0, display: "flex", gap: 0.5 }}>
          <legend className="unseen">{name}</legend>
          {OUTCOMES.map(({ id: value, words }) => (
            <Button
              key={value}
              variant={outcome === value ? "contained" : "outlined"}
              color={value === "fail" ? "warning" : "primary"}
              aria-pressed={outcome === value}
              onClick={() => onSay(value, typed)}
              sx={{ px: 1.25 }}
            >
              {words}
            </Button>
          ))}
        </Box>
      </Box>
      {outcome === "fail" ? (
        <TextField
          id={`check-note-${id}`}
          placeholder="What was seen"
          value={typed}
          disabled={fixed}
          hiddenLabel
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => {
            if (typed !== note) onSay(outcome, typed);
          }}
          slotProps={{ htmlInput: { "aria-label": `${name}: what was seen` } }}
          sx={{ mt: 0.75 }}
        />
      ) : null}
    </Box>
  );
}
