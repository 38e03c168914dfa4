import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { barButtonStyle } from "./barButton.ts";

interface Shortcut {
  readonly key: string;
  readonly does: string;
}

const EVERYWHERE: readonly Shortcut[] = [
  { key: "?", does: "this list" },
  { key: "b", does: "to the bench" },
  { key: "w", does: "to the wearers" },
  { key: "k", does: "to the cloths" },
  { key: "f", does: "to all findings" },
  { key: "u", does: "switch cm and inches" },
  { key: "/", does: "into the search field" },
];

const ADDRESSES: Readonly<Record<string, string>> = { b: "/", w: "/wearers", k: "/cloths", f: "/findings" };

const JOB_STEPS = ["", "/body", "/cloth", "/ease", "/pattern", "/prototypes"] as const;

const JOB_LETTERS: Readonly<Record<string, string>> = {
  t: "/torso",
  c: "/cups",
  s: "/band",
  x: "/changes",
  z: "/zones",
  h: "/history",
};

const IN_A_JOB: readonly Shortcut[] = [
  { key: "1 – 6", does: "overview, body, cloth, ease plan, pattern, prototypes of this job" },
  { key: "t, c, s", does: "torso, cups, straps and band of this job" },
  { key: "x, z, h", does: "changes to cut, zone by zone, history of this job" },
];

/** The keyboard shortcuts and the list of them. Keys work outside of fields only. */
export function Shortcuts() {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { jobId } = useParams();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const address = addressOf(event.key, jobId);
      if (address) void navigate(address);
      else if (event.key === "?") setOpen(true);
      else if (event.key === "u") document.getElementById("unit-switch")?.click();
      else if (event.key === "/") document.querySelector<HTMLElement>("input[type=search]")?.focus();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate, jobId]);
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-label="Keyboard shortcuts"
        sx={barButtonStyle}
        onClick={() => setOpen(true)}
      >
        ?
      </Box>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "auto 1fr", gap: "8px 20px", m: 0 }}>
            {[...EVERYWHERE, ...IN_A_JOB].map(({ key, does }) => (
              <Box key={key} sx={{ display: "contents" }}>
                <Box component="dt" sx={{ fontWeight: 700 }}>
                  {key}
                </Box>
                <Box component="dd" sx={{ m: 0 }}>
                  {does}
                </Box>
              </Box>
            ))}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

function addressOf(key: string, jobId: string | undefined): string | undefined {
  const step = jobId ? (JOB_STEPS[Number(key) - 1] ?? JOB_LETTERS[key]) : undefined;
  return step === undefined ? ADDRESSES[key] : `/jobs/${jobId}${step}`;
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    // In an open choice a letter looks for an answer.
    target.closest("[role=combobox], [role=listbox]") !== null);
