import { expect, it } from "vitest";
import type { Term } from "./explanation.ts";
import { substitute } from "./substitute.ts";

const term = (symbol: string, value: number): Term => ({
  symbol,
  meaning: "",
  value,
  unit: "ratio",
  kind: "cloth",
  source: "",
});
const write = ({ value }: Term) => String(value);

it("puts numbers for symbols on the right-hand side only", () => {
  expect(substitute("G = B / (1 + u · s)", [term("B", 742), term("u", 0.22), term("s", 0.62)], write)).toBe(
    "742 / (1 + 0.22 · 0.62)",
  );
});

it("does not let a symbol eat into a longer one", () => {
  expect(substitute("x = L₁ / L + share", [term("L", 2), term("L₁", 3), term("s", 9)], write)).toBe("3 / 2 + share");
});

it("leaves a formula without terms as it is", () => expect(substitute("a = b", [], write)).toBe("b"));
