import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useEffect, useState } from "react";
import { useLocation, useNavigate, useParams } from "react-router";
import { type KeyBindingMap, tinykeys } from "tinykeys";
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
  { key: "d", does: "to the days" },
  { key: "f", does: "to all findings" },
  { key: "u", does: "switch cm and inches" },
  { key: "/", does: "into the search field" },
];

const ADDRESSES: Readonly<Record<string, string>> = { b: "/", w: "/wearers", k: "/cloths", d: "/days", f: "/findings" };

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
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the page's own keys come and go with its address.
  useEffect(() => {
    const go = (address: string) => () => void navigate(address);
    const bindings: Record<string, () => void> = {
      "?": () => setOwn(shortcutsOnPage()),
      u: () => document.getElementById("unit-switch")?.click(),
      "/": () => document.querySelector<HTMLElement>("input[type=search]")?.focus(),
      ...Object.fromEntries(Object.entries(ADDRESSES).map(([key, address]) => [key, go(address)])),
      ...(jobId
        ? Object.fromEntries(Object.entries(JOB_LETTERS).map(([key, page]) => [key, go(`/jobs/${jobId}${page}`)]))
        : {}),
      ...Object.fromEntries(shortcutsOnPage().map(({ key }) => [key, () => elementOf(key)?.click()])),
    };
    return tinykeys(window, outsideOfFields(bindings));
  }, [navigate, jobId, pathname]);
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

const elementOf = (key: string): HTMLElement | undefined => onPage().find((element) => keyOf(element) === key);

/** Signs that some keyboards have above another: there they come with the shift key. */
const SIGNS = ["?", "/"];

/** Keys that work wherever nothing is being typed. */
function outsideOfFields(bindings: Readonly<Record<string, () => void>>): KeyBindingMap {
  const when = (act: () => void) => (event: KeyboardEvent) => {
    if (isTyping(event.target)) return;
    event.preventDefault();
    act();
  };
  return Object.fromEntries(
    Object.entries(bindings).flatMap(([key, act]) =>
      SIGNS.includes(key)
        ? [
            [key, when(act)],
            [`Shift+${key}`, when(act)],
          ]
        : [[key, when(act)]],
    ),
  );
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    // In an open choice a letter looks for an answer.
    target.closest("[role=combobox], [role=listbox]") !== null);
