import Box from "@mui/material/Box";

/** A photo to go with what is written down; the camera opens on a tablet. */
export function PhotoInput() {
  return (
    <Box component="label" sx={{ display: "flex", gap: 1.5, alignItems: "center", mb: 1.5, flexWrap: "wrap" }}>
      <span>Photo, if wanted</span>
      <input type="file" name="photo" accept="image/jpeg,image/png" capture="environment" />
    </Box>
  );
}
