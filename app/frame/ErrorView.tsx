import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { LinkButton } from "./LinkButton.tsx";

/** The page for what is not there and for what went wrong; an unexpected error shows its reference. */
export function ErrorView({ status, detail }: { status: number; detail: unknown }) {
  const known =
    typeof detail === "object" && detail !== null
      ? (detail as { what?: string; reference?: string; message?: string })
      : {};
  const missing = status === 404;
  return (
    <Box sx={{ py: 6, maxWidth: 560 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        {missing
          ? `There is no such ${known.what ?? "page"}.`
          : status < 500
            ? "This cannot be read."
            : "Something went wrong here."}
      </Typography>
      <Typography sx={{ mb: 3 }}>
        {missing
          ? "The address may be mistyped, or what stood there was in another data file."
          : (known.message ??
            "Nothing was half-saved: an action is stored whole or not at all. Go back and try again; if it happens again, the reference below finds the cause in the log.")}
      </Typography>
      {known.reference ? (
        <Typography sx={{ mb: 3 }}>
          Reference <strong>{known.reference}</strong>
        </Typography>
      ) : null}
      <LinkButton to="/" variant="contained">
        To the bench
      </LinkButton>
    </Box>
  );
}
