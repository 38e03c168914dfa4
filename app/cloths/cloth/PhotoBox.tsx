import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useFetcher } from "react-router";
import { FileInput } from "../../form/FileInput.tsx";

/** The photo of a cloth, if there is one: put, replaced, taken off. */
export function PhotoBox({ clothId, name, photoKey }: { clothId: number; name: string; photoKey: string | null }) {
  const fetcher = useFetcher<{ error?: string }>();
  const to = `/cloths/${clothId}/photo`;
  return (
    <Box component="section" aria-label="Photo" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Photo
      </Typography>
      {photoKey ? (
        <Box
          component="img"
          src={`${to}?${photoKey}`}
          alt={name}
          sx={{ maxWidth: "100%", maxHeight: 260, display: "block", mb: 1 }}
        />
      ) : null}
      {fetcher.data?.error ? (
        <Alert severity="error" sx={{ mb: 1 }}>
          {fetcher.data.error}
        </Alert>
      ) : null}
      <fetcher.Form method="post" action={to} encType="multipart/form-data">
        <FileInput label="Choose a photo" name="photo" accept="image/jpeg,image/png" />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button type="submit" variant="outlined">
            {photoKey ? "Replace it" : "Keep this photo"}
          </Button>
          {photoKey ? (
            <Button type="submit" name="intent" value="remove">
              Take it off
            </Button>
          ) : null}
        </Box>
      </fetcher.Form>
      <Typography color="text.secondary" sx={{ fontSize: "0.85rem", mt: 0.5 }}>
        JPEG or PNG up to 15 MB, kept at most 1600 pixels wide or high. Where and with what it was taken is not kept.
      </Typography>
    </Box>
  );
}
