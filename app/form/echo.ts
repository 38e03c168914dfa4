import { parseForce, parseSwatchLength } from "../../core/units/index.ts";

/** Says a typed reading back as it was understood; null while it cannot be read, or there is nothing to add. */
export type Echo = (text: string) => string | null;

const NEWTON_PER_KG = 9.80665;

/** A load in newtons, and how heavy that is: `= 200.00 N, as heavy as 20.39 kg`. */
export const echoForce: Echo = (text) => {
  const read = parseForce(text);
  return read.ok ? `= ${read.value.toFixed(2)} N, as heavy as ${weight(read.value / NEWTON_PER_KG)}` : null;
};

const weight = (kg: number): string => (kg < 1 ? `${Math.round(kg * 1000)} g` : `${kg.toFixed(2)} kg`);

/** A length of a swatch in millimetres: `= 161.9 mm`. */
export const echoSwatchLength: Echo = (text) => {
  const read = parseSwatchLength(text);
  return read.ok ? `= ${Number(read.value.toFixed(1))} mm` : null;
};
