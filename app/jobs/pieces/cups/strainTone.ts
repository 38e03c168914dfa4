/** A strain of so much has its full tone. */
const FULL_TONE = 0.15;

/** How strongly a strain is toned, 0 to 1, and whether the cloth has to give there. */
export const strainTone = (strain: number): { readonly part: number; readonly gives: boolean } => ({
  part: Math.min(1, Math.abs(strain) / FULL_TONE),
  gives: strain < 0,
});
