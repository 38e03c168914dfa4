const DIGITS = "₀₁₂₃₄₅₆₇₈₉";

/** Writes a whole number, 0 or more, in subscript digits, to number like terms of a formula: `L₁`, `L₁₂`. */
export const subscript = (number: number): string => [...String(number)].map((digit) => DIGITS[Number(digit)]).join("");
