import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { FileInput } from "../../form/FileInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { Photos } from "./Photos.tsx";
import { shrinkPhoto } from "./shrinkPhoto.ts";

interface FittingPhotosProps {
  readonly jobId: number;
  readonly fittingId: number;
  readonly photos: readonly number[];
  readonly fixed: boolean;
  readonly onSend: (fields: Fields, photo: Blob) => Promise<Unsaved | null>;
}

/** Photos of the fitting as a whole; those of a finding stand with it. */
export function FittingPhotos({ jobId, fittingId, photos, fixed, onSend }: FittingPhotosProps) {
  const [wrong, setWrong] = useState("");
  const pick = async (file: File | undefined) => {
    if (!file) return;
    const refused = await onSend({ intent: "photo", fitting: String(fittingId) }, await shrinkPhoto(file));
    setWrong(refused ? Object.values(refused.errors).join(" ") : "");
  };
  if (fixed && photos.length === 0) return null;
  return (
    <Box component="section" aria-label="Photos" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Photos
      </Typography>
      <Photos jobId={jobId} photos={photos} />
      {fixed ? null : (
        <>
          {photos.length > 0 ? (
            <Form method="post">
              <input type="hidden" name="photo" value={photos.at(-1)} />
              <Button size="small" type="submit" name="intent" value="remove-photo">
                Take the last photo off
              </Button>
            </Form>
          ) : null}
          <FileInput
            label="Add a photo"
            accept="image/jpeg,image/png"
            capture="environment"
            sends
            onPick={(file) => void pick(file)}
          />
          {wrong ? (
            <Box role="alert" sx={{ color: "error.main" }}>
              {wrong}
            </Box>
          ) : null}
          <Typography color="text.secondary" sx={{ fontSize: "0.88rem", mt: 0.5 }}>
            Ask first. JPEG or PNG; made smaller, and nothing but the picture is kept, no place and no camera. Photos of
            a wearer go with her when she is erased.
          </Typography>
        </>
      )}
    </Box>
  );
}
