const DIGITS = "₀₁₂₃₄₅₆₇₈₉";

/** A whole number, 0 or more, as a subscript: 12 is ₁₂. Numbers the symbols of a formula that has any number of terms. */
export const subscript = (number: number): string => [...String(number)].map((digit) => DIGITS[Number(digit)]).join("");
