/** Longest side of a photo that is kept, pixels: enough to see a fold. */
const LONGEST = 1600;

/** Quality of the smaller picture. */
const QUALITY = 0.85;

/** The photo picked in a form, made smaller; null where none was. */
export async function pickedPhoto(form: FormData): Promise<Blob | null> {
  const file = form.get("photo");
  return file instanceof File && file.size > 0 ? shrinkPhoto(file) : null;
}

/**
 * A photo as small as it needs to be, drawn anew so that nothing but the picture is left. What cannot be drawn is given
 * back as it came: the server looks at its content and says what is wrong with it.
 */
export async function shrinkPhoto(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return file;
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return (await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", QUALITY))) ?? file;
}
