import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { heldDrafts } from "../../form/heldDrafts.ts";
import { dropKeptPages, keptStores } from "../../offline/keptPages.ts";
import { useVisitor } from "./VisitorContext.ts";

const WORDS = {
  whole: "the whole workshop",
  fittings: "fittings only",
  look: "may look, not change",
} as const;

/** On a paired device: what it is called, what it may do, whether it goes on without a network, and the way out. */
export function VisitorMark({ keepsNone }: { keepsNone: boolean }) {
  const { role, name } = useVisitor();
  if (role === "machine" || role === "nobody") return null;
  return (
    <Box className="no-print" sx={markStyle}>
      <span>
        <strong>{name}</strong>: {WORDS[role]}
        {keepsNone
          ? ". Its browser does not trust this address: it keeps no pages for when Stenz does not answer."
          : ""}
      </span>
      {/* Whoever signs out where no server answers leaves nothing behind either. */}
      <Form method="post" action="/sign-out" onSubmit={leaveNothing}>
        <Button type="submit" size="small" sx={{ whiteSpace: "nowrap" }}>
          Sign out
        </Button>
      </Form>
    </Box>
  );
}

/** Drops what this browser holds of the workshop; what was put down at a fitting waits on, or it would be lost. */
function leaveNothing(): void {
  void dropKeptPages(keptStores()).catch(() => undefined);
  void heldDrafts.dropAll().catch(() => undefined);
}

const markStyle = {
  ...{ display: "flex", alignItems: "center", justifyContent: "space-between", gap: 2 },
  ...{ px: { xs: 1.5, md: 3 }, py: 0.25, fontSize: "0.9rem" },
  ...{ bgcolor: "bench.sunken", borderBottom: 1, borderColor: "divider" },
} as const;
