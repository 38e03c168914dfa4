import UploadFileIcon from "@mui/icons-material/UploadFile";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type ChangeEvent, useState } from "react";

interface FileInputProps {
  readonly label: string;
  /** Name it is sent under; none for a file that is only read here. */
  readonly name?: string;
  readonly accept: string;
  /** Asks a tablet for its camera. */
  readonly capture?: "environment";
  readonly onPick?: (file: File | undefined) => void;
  /** What is picked is sent at once: the field is ready for the next. */
  readonly sends?: boolean;
}

/** Picks one file: a button of the usual size, with the name of what was picked beside it. */
export function FileInput({ label, name, accept, capture, onPick, sends = false }: FileInputProps) {
  const [picked, setPicked] = useState("");
  const pick = ({ currentTarget }: ChangeEvent<HTMLInputElement>) => {
    const file = currentTarget.files?.[0];
    onPick?.(file);
    if (sends) currentTarget.value = "";
    else setPicked(file?.name ?? "");
  };
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, mb: 2, flexWrap: "wrap" }}>
      <Button
        component="label"
        // The field in it is what is reached and pressed; the label is only its look.
        {...{ role: undefined, tabIndex: -1 }}
        variant="outlined"
        startIcon={<UploadFileIcon />}
        sx={{
          position: "relative",
          "&:focus-within": { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: 2 },
        }}
      >
        {label}
        <Box
          component="input"
          type="file"
          name={name}
          accept={accept}
          capture={capture}
          onChange={pick}
          // Over the whole button and unseen, so that it is reached by keyboard and by drag like the field it is.
          sx={{ position: "absolute", inset: 0, width: "100%", height: "100%", opacity: 0, cursor: "pointer" }}
        />
      </Button>
      {sends ? null : (
        <Box component="span" sx={{ color: "text.secondary" }}>
          {picked || "No file picked yet."}
        </Box>
      )}
    </Box>
  );
}
