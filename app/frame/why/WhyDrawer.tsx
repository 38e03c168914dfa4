import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import Typography from "@mui/material/Typography";
import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import { type Explanation, type NumberKind, substitute, type Term } from "../../../core/explain/index.ts";
import { useLengths } from "../units/UnitContext.tsx";
import { writeNumber } from "./writeNumber.ts";

const WhyContext = createContext<(explanation: Explanation) => void>(() => undefined);

/** Holds the drawer in which every computed number of the page opens its formula. */
export function WhyProvider({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState<Explanation | null>(null);
  const show = useMemo(() => (explanation: Explanation) => setOpen(explanation), []);
  return (
    <WhyContext.Provider value={show}>
      {children}
      <Drawer
        anchor="right"
        open={open !== null}
        onClose={() => setOpen(null)}
        slotProps={{
          paper: {
            sx: { width: "min(440px, 100vw)", p: 3 },
            role: "dialog",
            "aria-label": "Where this number comes from",
          },
        }}
      >
        {open ? <WhySheet explanation={open} onClose={() => setOpen(null)} /> : null}
      </Drawer>
    </WhyContext.Provider>
  );
}

/** A computed number as a button that opens its formula. */
export function Why({
  explain,
  children,
  label,
}: {
  explain: () => Explanation | null;
  children: ReactNode;
  label: string;
}) {
  const show = useContext(WhyContext);
  return (
    <button
      type="button"
      className="why"
      onClick={() => {
        const explanation = explain();
        if (explanation) show(explanation);
      }}
    >
      {children}
      <span className="unseen">{` ${label}: show the formula`}</span>
    </button>
  );
}

const KIND_WORDS: Readonly<Record<NumberKind, string>> = {
  body: "body",
  garment: "garment",
  cloth: "cloth",
  setting: "setting",
  finding: "finding",
  result: "computed",
};

function WhySheet({ explanation, onClose }: { explanation: Explanation; onClose: () => void }) {
  const lengths = useLengths();
  const write = (term: Term) => writeNumber(term.value, term.unit, lengths);
  const { result } = explanation;
  return (
    <>
      <Typography variant="h2" sx={{ mb: 2 }}>
        {lengths.told(explanation.title)}
      </Typography>
      <Box
        sx={{
          fontFamily: '"Besley Variable", Georgia, serif',
          bgcolor: "bench.sunken",
          p: 2,
          borderLeft: 4,
          borderColor: "secondary.main",
        }}
      >
        <div>{explanation.formula}</div>
        <Box sx={{ my: 0.5, color: "text.secondary" }}>
          = {substitute(explanation.formula, explanation.terms, write)}
        </Box>
        <Box sx={{ fontWeight: 700, fontSize: "1.2rem" }}>= {writeNumber(result.value, result.unit, lengths)}</Box>
      </Box>
      <Box component="dl" sx={{ my: 2, display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 2, rowGap: 1 }}>
        {explanation.terms.map((term) => (
          <TermRow key={term.symbol} term={term} written={write(term)} />
        ))}
      </Box>
      {explanation.notes.map((note) => (
        <Typography key={note} sx={{ mb: 1 }}>
          {lengths.told(note)}
        </Typography>
      ))}
      {(explanation.cautions ?? []).map((caution) => (
        <Alert key={caution} severity="warning" sx={{ mb: 1 }}>
          {lengths.told(caution)}
        </Alert>
      ))}
      {explanation.others.length > 0 ? (
        <>
          <Typography variant="h3" sx={{ mt: 2, mb: 0.5 }}>
            Under the other schools
          </Typography>
          {explanation.others.map(({ name, value }) => (
            <Box key={name} sx={{ display: "flex", justifyContent: "space-between" }}>
              <span>{name}</span>
              <strong>{writeNumber(value, result.unit, lengths)}</strong>
            </Box>
          ))}
        </>
      ) : null}
      <Button onClick={onClose} variant="outlined" sx={{ mt: 3, alignSelf: "flex-start" }}>
        Close
      </Button>
    </>
  );
}

function TermRow({ term, written }: { term: Term; written: string }) {
  const lengths = useLengths();
  return (
    <>
      <Box component="dt" sx={{ fontFamily: '"Besley Variable", Georgia, serif', fontWeight: 600 }}>
        {term.symbol}
      </Box>
      <Box component="dd" sx={{ m: 0 }}>
        <strong>{written}</strong> <span>{lengths.told(term.meaning)}</span>
        <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>
          {KIND_WORDS[term.kind]} · {lengths.told(term.source)}
        </Box>
      </Box>
    </>
  );
}
