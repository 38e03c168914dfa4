import { describe, expect, it } from "vitest";
import { lengthsInText } from "./lengthsInText.ts";

describe("lengths in a sentence", () => {
  it("follow the unit shown, and stay as they are in centimetres", () => {
    const told = "The pattern is 110 mm too short in the trunk.";
    expect(lengthsInText(told, "cm")).toBe(told);
    expect(lengthsInText(told, "in")).toBe("The pattern is 4 5/16 in too short in the trunk.");
  });

  it.each([
    ["within ± 3 mm", "within ±1/8 in"],
    ["over 40–60 mm", "over 1 9/16–2 3/8 in"],
    ["of 20 to 1000 mm", "of 13/16 to 39 3/8 in"],
    ["add up to 162.5 cm", "add up to 64 in"],
    ["−6 mm", "−1/4 in"],
    ["Rounded to 1 mm.", "Rounded to 0.04 in."],
  ])("%s", (metric, inches) => expect(lengthsInText(metric, "in")).toBe(inches));

  it.each(["but got “24 mm”", "1200 cm³ of volume", "4 N per cm of width", "about 3 mmHg", "5 N/m"])(
    "leaves %s alone: typed, or no length",
    (text) => expect(lengthsInText(text, "in")).toBe(text),
  );
});
