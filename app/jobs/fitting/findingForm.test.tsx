import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { styleOf } from "../../../core/ease/index.ts";
import { placeOf, spotsOf } from "../../../core/fitting/index.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { renderPage } from "../../testing/renderPage.tsx";
import { FindingForm } from "./FindingForm.tsx";
import type { FindingStart } from "./findingStart.ts";

const BRIEF = spotsOf(styleOf("brief"));

beforeEach(() => {
  vi.stubGlobal("fetch", async () => new Response());
  Element.prototype.scrollIntoView = () => undefined;
  return () => vi.unstubAllGlobals();
});

/** What the form handed in, and whether it was closed. */
let handedIn: Fields[];
let closed: boolean;

function draw(start: Partial<FindingStart> = {}, answer: Unsaved | null = null) {
  [handedIn, closed] = [[], false];
  renderPage(
    <FindingForm
      fittingId={3}
      spots={BRIEF}
      start={{ place: null, finding: null, ...start }}
      draft={undefined}
      unsaved={undefined}
      onClose={() => {
        closed = true;
      }}
      onSend={async (fields) => {
        handedIn.push(fields);
        return answer;
      }}
    />,
  );
}

const pick = (legend: string, answer: string) =>
  userEvent.click(within(screen.getByRole("group", { name: legend })).getByRole("radio", { name: answer }));
const offered = (legend: string) =>
  within(screen.getByRole("group", { name: legend }))
    .getAllByRole("radio")
    .map((radio) => radio.parentElement?.parentElement?.textContent);
const put = () => userEvent.click(screen.getByRole("button", { name: "Put it on the record" }));

describe("a finding put by a tap", () => {
  it("has its place filled in, and offers the places near it first", () => {
    draw({ place: placeOf("hip", "left", "back") });
    expect(offered("Where")).toHaveLength(4);
    expect(
      within(screen.getByRole("group", { name: "Where" })).getByRole<HTMLInputElement>("radio", { name: "hip" })
        .checked,
    ).toBe(true);
    expect(screen.getByRole<HTMLInputElement>("radio", { name: "wearer's left" }).checked).toBe(true);
  });

  it("can be somewhere else after all", async () => {
    draw({ place: placeOf("hip", "left", "back") });
    await userEvent.click(screen.getByRole("button", { name: "elsewhere …" }));
    expect(offered("Where")).toHaveLength(BRIEF.length);
    expect(screen.queryByRole("button", { name: "elsewhere …" })).toBeNull();
  });

  it("sends the place of the tap with what was said", async () => {
    const place = placeOf("waist", "right", "front");
    draw({ place });
    await pick("What is seen", "loose");
    await userEvent.type(screen.getByLabelText("Pinch"), "24");
    await put();
    await waitFor(() => expect(handedIn).toHaveLength(1));
    expect(handedIn[0]).toMatchObject({
      ...{ intent: "finding", fitting: "3", spot: "waist", side: "right", kind: "loose", amount: "24", view: "front" },
      ...{ x: place.x.toFixed(4), y: place.y.toFixed(4) },
    });
    await waitFor(() => expect(closed).toBe(true));
  });
});

describe("a finding put by name", () => {
  it("asks first where, then what is seen there, and only what can be", async () => {
    draw();
    expect(offered("Where")).toHaveLength(BRIEF.length);
    expect(screen.queryByRole("group", { name: "What is seen" })).toBeNull();
    await pick("Where", "waist");
    expect(offered("What is seen")).toEqual(expect.arrayContaining(["loose", "tight", "rides"]));
    expect(offered("What is seen")).not.toContain("cup empty");
  });

  it("asks for what a kind reads, and says how it is read", async () => {
    draw();
    await pick("Where", "waist");
    await pick("What is seen", "loose");
    expect(screen.getByText(/Pinch up the spare cloth without stretching it/)).toBeTruthy();
    expect(screen.getByLabelText("That is the depth of the fold: it counts twice")).toBeTruthy();
    await pick("What is seen", "tight");
    expect(screen.getByLabelText("Gap to comfort")).toBeTruthy();
    expect(screen.getByLabelText("Allowance to let out")).toBeTruthy();
    expect(screen.queryByLabelText(/depth of the fold/)).toBeNull();
    await pick("What is seen", "seam popped");
    expect(screen.queryByLabelText("Gap to comfort")).toBeNull();
    expect(screen.getByRole("group", { name: "Which thread broke" })).toBeTruthy();
  });

  it("is shown on a view its place can be seen from", async () => {
    draw();
    await pick("Where", "small of the back");
    await pick("Side", "both sides");
    await pick("What is seen", "pools");
    await put();
    await waitFor(() => expect(handedIn[0]).toMatchObject({ spot: "smallOfBack", view: "back" }));
  });
});

describe("a finding that was refused", () => {
  it("keeps what was said, and tells what was expected", async () => {
    const fields = { spot: "waist", side: "both", kind: "loose", amount: "lots" };
    draw(
      { place: placeOf("waist", "both", "front") },
      { fields, errors: { amount: "Expected an amount, but got “lots”." } },
    );
    await pick("What is seen", "loose");
    await userEvent.type(screen.getByLabelText("Pinch"), "lots");
    await put();
    expect(await screen.findByText("Expected an amount, but got “lots”.")).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>("Pinch").value).toBe("lots");
    expect(closed).toBe(false);
  });

  it("can be left", async () => {
    draw();
    await userEvent.click(screen.getByRole("button", { name: "Leave it" }));
    expect(closed).toBe(true);
    expect(handedIn).toEqual([]);
  });
});
