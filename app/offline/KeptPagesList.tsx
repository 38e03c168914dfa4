import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { type KeptPage, keptPages, keptStores } from "./keptPages.ts";
import { whenWords } from "./whenWords.ts";

/** So many of them are shown: those opened last. */
const SHOWN = 30;

/** The pages this device keeps, each opened whole. */
export function KeptPagesList() {
  const [pages, setPages] = useState<readonly KeptPage[] | null>(null);
  useEffect(() => {
    keptPages(keptStores()).then(setPages, () => setPages([]));
  }, []);
  if (pages === null) return null;
  if (pages.length === 0)
    return (
      <Typography>
        None yet. A device keeps the bench and the pages of jobs as they are opened, where it came by a safe address: on
        the machine itself, or over TLS with a certificate it trusts.
      </Typography>
    );
  return (
    <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0, borderTop: 1, borderColor: "divider" }}>
      {pages.slice(0, SHOWN).map(({ path, title, madeAt }) => (
        <Box component="li" key={path} sx={rowStyle}>
          <a href={path}>{title.replace(/ · Stenz$/, "")}</a>
          <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
            as at {whenWords(madeAt)}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

const rowStyle = {
  ...{ display: "flex", justifyContent: "space-between", gap: 2, py: 1, borderBottom: 1, borderColor: "divider" },
  "& a": { color: "primary.main", fontWeight: 600 },
} as const;
