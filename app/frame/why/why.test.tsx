import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { type Explanation, term } from "../../../core/explain/index.ts";
import { renderPage } from "../../testing/renderPage.tsx";
import { UnitContext } from "../units/UnitContext.tsx";
import { Why, WhyProvider } from "./WhyDrawer.tsx";

const body = term("body", "length");

describe("a number that opens its formula", () => {
  const explanation: Explanation = {
    title: "Waist, garment girth",
    formula: "G = B / (1 + u · s)",
    terms: [
      body("B", "waist, body, snug", 742, "sheet of 30 Sep 2026"),
      term("setting", "ratio")("u", "share of stretch", 0.22, "settings as shipped"),
      term("cloth", "ratio")("s", "usable stretch", 0.62, "swatch test"),
    ],
    result: { value: 653, unit: "length" },
    notes: ["Rounded to 1 mm."],
    cautions: ["Red marks that stay: take it off."],
    others: [{ name: "Fixed cut", value: 642 }],
  };
  const opened = async (unit: "cm" | "in" = "cm") => {
    renderPage(
      <UnitContext.Provider value={{ unit, inchStep: 8 }}>
        <WhyProvider>
          <Why explain={() => explanation} label="Waist, garment girth">
            65.3
          </Why>
        </WhyProvider>
      </UnitContext.Provider>,
    );
    await userEvent.click(screen.getByRole("button", { name: "65.3 Waist, garment girth: show the formula" }));
    return within(await screen.findByRole("dialog", { name: "Where this number comes from" }));
  };

  it("shows the formula, the same with the job's own numbers, and the result", async () => {
    const sheet = await opened();
    expect(sheet.getByText("G = B / (1 + u · s)")).toBeTruthy();
    expect(sheet.getByText(/^= 74\.2 cm \/ \(1 \+ 0\.22/)).toBeTruthy();
    expect(sheet.getByText("= 65.3 cm")).toBeTruthy();
  });

  it("tells of each term what it is, of which kind and where it comes from", async () => {
    const sheet = await opened();
    expect(sheet.getByText("waist, body, snug")).toBeTruthy();
    expect(sheet.getByText("body · sheet of 30 Sep 2026")).toBeTruthy();
    expect(sheet.getByText("setting · settings as shipped")).toBeTruthy();
    expect(sheet.getByText("cloth · swatch test")).toBeTruthy();
  });

  it("adds notes, cautions and what the other schools give, in the unit shown", async () => {
    const sheet = await opened("in");
    expect(sheet.getByText("= 25 3/4 in")).toBeTruthy();
    expect(sheet.getByRole("alert").textContent).toContain("take it off");
    expect(sheet.getByText("Fixed cut").parentElement?.textContent).toBe("Fixed cut25 1/4 in");
  });

  it("is closed again by its button", async () => {
    const sheet = await opened();
    await userEvent.click(sheet.getByRole("button", { name: "Close" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
  });

  it("that has no formula yet opens nothing", async () => {
    renderPage(
      <WhyProvider>
        <Why explain={() => null} label="Waist">
          —
        </Why>
      </WhyProvider>,
    );
    await userEvent.click(screen.getByRole("button"));
    expect(screen.queryByRole("dialog")).toBeNull();
  });
});
