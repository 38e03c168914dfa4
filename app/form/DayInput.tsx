import CalendarMonthIcon from "@mui/icons-material/CalendarMonth";
import IconButton from "@mui/material/IconButton";
import InputAdornment from "@mui/material/InputAdornment";
import Popover from "@mui/material/Popover";
import TextField from "@mui/material/TextField";
import { lazy, Suspense, useRef, useState } from "react";
import { formatDay, parseDay } from "../../core/units/index.ts";
import { useFieldState } from "./FormState.tsx";
import { FIELD_BELOW } from "./TextInput.tsx";

/** The calendar is heavy, and rarely opened: it is loaded with its first use. */
const Calendar = lazy(() => import("./Calendar.tsx"));

/** Whether a day is in the future is for the server to say. */
const ANY_DAY = "9999-12-31";

const isoOf = (text: string): string => {
  const day = parseDay(text, ANY_DAY);
  return day.ok ? day.value : text;
};

/** A day, typed in any way that can be read or picked from a calendar; shown one way, and sent as an ISO date. */
export function DayInput({ name, label }: { name: string; label: string }) {
  const { value, error } = useFieldState(name);
  const [text, setText] = useState(formatDay(value));
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const sent = useRef<HTMLInputElement>(null);
  const put = (typed: string) => {
    // Before the form hears of it: its draft reads what is sent, and React would write it only after.
    if (sent.current) sent.current.value = isoOf(typed);
    setText(typed);
  };
  const pick = (day: string) => {
    put(formatDay(day));
    setAnchor(null);
    sent.current?.dispatchEvent(new Event("input", { bubbles: true }));
  };
  const open = (
    <InputAdornment position="end">
      <IconButton
        aria-label={`${label}: pick from a calendar`}
        size="small"
        edge="end"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <CalendarMonthIcon fontSize="small" />
      </IconButton>
    </InputAdornment>
  );
  return (
    <>
      <input ref={sent} type="hidden" name={name} value={isoOf(text)} />
      <TextField
        id={`field-${name}`}
        label={label}
        value={text}
        error={error !== undefined}
        helperText={error}
        autoComplete="off"
        onChange={(event) => put(event.target.value)}
        onBlur={() => setText(formatDay(isoOf(text)))}
        sx={FIELD_BELOW}
        slotProps={{ input: { endAdornment: open } }}
      />
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: "bottom", horizontal: "right" }}
        transformOrigin={{ vertical: "top", horizontal: "right" }}
      >
        <Suspense fallback={null}>
          <Calendar day={isoOf(text)} onPick={pick} />
        </Suspense>
      </Popover>
    </>
  );
}
