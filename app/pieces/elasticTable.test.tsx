import { cleanup, screen, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { NamedElastic } from "../../core/elastic/index.ts";
import { BRIEF_FACTS, SAMPLE_ELASTIC, sampleDraft } from "../../core/testing/index.ts";
import { renderPage } from "../testing/renderPage.tsx";
import { ElasticTable } from "./ElasticTable.tsx";

const brief = sampleDraft("brief", BRIEF_FACTS);
const stretch = { along: { front: 1, back: 1, side: 1 }, round: { waist: 740 / 640 } };
const draw = (elastic: NamedElastic | null) => {
  renderPage(<ElasticTable draft={brief} stretch={stretch} elastic={elastic} />);
  return screen.getByRole("table", { name: "Elastics of the pieces" });
};

describe("the elastics of drawn pieces", () => {
  it("say how hard each presses by the elastic that was chosen, in a word", () => {
    const row = within(draw(SAMPLE_ELASTIC)).getByRole("row", { name: /^waist/ });
    expect(row.textContent).toMatch(/\d\.\d, snug/);
    expect(screen.getByText(/presses as “Plush, 8 mm” was tested/)).toBeDefined();
  });

  it("say what it takes to tell it where none was chosen, or the one chosen was never loaded", () => {
    expect(within(draw(null)).queryByText("Presses, kPa")).toBeNull();
    expect(screen.getByText(/With an edge elastic chosen in the ease plan/)).toBeDefined();
    cleanup();
    draw({ ...SAMPLE_ELASTIC, widthMm: null, tested: { ...SAMPLE_ELASTIC.tested, forceN: null } });
    expect(screen.getByText(/once “Plush, 8 mm” is tested with loads/)).toBeDefined();
  });
});
