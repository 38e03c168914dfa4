/** Postures and breaths that many measures share. */
export const STANDING = "Standing upright, weight on both feet, arms hanging.";
export const FEET_APART = "Standing, feet a hand apart.";
export const SEATED = "Seated upright on a hard chair, feet flat.";
export const QUIET = "Breathing quietly, read at the end of a breath out.";
export const BREATHED_IN = "Breathed in fully and held.";
export const ANY_BREATH = "Breathing quietly.";
