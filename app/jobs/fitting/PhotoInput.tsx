import { FileInput } from "../../form/FileInput.tsx";

/** A photo to go with what is written down; the camera opens on a tablet. */
export const PhotoInput = () => (
  <FileInput label="Photo, if wanted" name="photo" accept="image/jpeg,image/png" capture="environment" />
);
