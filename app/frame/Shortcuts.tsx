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

/** Pages of a job that stand in no rail. */
const JOB_LETTERS: Readonly<Record<string, string>> = { x: "/changes", z: "/zones", h: "/history" };

const IN_A_JOB: readonly Shortcut[] = [{ key: "x, z, h", does: "changes to cut, zone by zone, history of this job" }];

/** Whatever on the page says which key leads to it, such as the steps of the job's rail. */
const KEYED = "[aria-keyshortcuts]";

const onPage = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>(KEYED)];

const keyOf = (element: HTMLElement): string => element.getAttribute("aria-keyshortcuts") ?? "";

const shortcutsOnPage = (): Shortcut[] =>
  onPage().map((element) => ({ key: keyOf(element), does: element.dataset.does ?? element.textContent }));

/** The keyboard shortcuts and the list of them. Keys work outside of fields only. */
export function Shortcuts() {
  const [own, setOwn] = useState<readonly Shortcut[] | null>(null);
  const navigate = useNavigate();
  const { jobId } = useParams();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const address = addressOf(event.key, jobId);
      const there = onPage().find((element) => keyOf(element) === event.key);
      if (there) there.click();
      else if (address) void navigate(address);
      else if (event.key === "?") setOwn(shortcutsOnPage());
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
        onClick={() => setOwn(shortcutsOnPage())}
      >
        ?
      </Box>
      <Dialog open={own !== null} onClose={() => setOwn(null)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "auto 1fr", gap: "8px 20px", m: 0 }}>
            {[...EVERYWHERE, ...(own ?? []), ...(jobId ? IN_A_JOB : [])].map(({ key, does }) => (
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
          <Button onClick={() => setOwn(null)}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

function addressOf(key: string, jobId: string | undefined): string | undefined {
  const page = jobId ? JOB_LETTERS[key] : undefined;
  return page === undefined ? ADDRESSES[key] : `/jobs/${jobId}${page}`;
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    // In an open choice a letter looks for an answer.
    target.closest("[role=combobox], [role=listbox]") !== null);
