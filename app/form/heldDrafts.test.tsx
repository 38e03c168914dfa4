import "fake-indexeddb/auto";
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { heldDrafts } from "./heldDrafts.ts";
import { keepDraft, tellHeldDrafts } from "./keepDraft.ts";
import { RecordForm } from "./RecordForm.tsx";
import { TextInput } from "./TextInput.tsx";

/** What the server answers a draft with; null while it does not answer. */
let status: number | null;
/** Drafts it was told of. */
let told: Record<string, string>[];

beforeEach(() => {
  [status, told] = [200, []];
  vi.stubGlobal("fetch", async (_address: string, { body }: { body?: URLSearchParams } = {}) => {
    if (status === null) throw new TypeError("Failed to fetch");
    if (body) told.push(Object.fromEntries(body));
    return new Response(null, { status });
  });
});
afterEach(async () => {
  vi.unstubAllGlobals();
  for (const { draftForm } of await heldDrafts.all()) await heldDrafts.drop(draftForm);
});

it("holds a draft the server could not be told of, the last of each form, and tells it once it can", async () => {
  status = null;
  await keepDraft("wearer:1", { name: "Il" });
  await keepDraft("wearer:1", { name: "Ilva" });
  await keepDraft("job:2", { name: "Brief" });
  expect(await heldDrafts.find("wearer:1")).toEqual({ name: "Ilva" });
  expect(await tellHeldDrafts()).toBe(false);
  expect(await heldDrafts.all()).toHaveLength(2);
  status = 200;
  expect(await tellHeldDrafts()).toBe(true);
  expect(told).toEqual([
    { name: "Brief", draftForm: "job:2" },
    { name: "Ilva", draftForm: "wearer:1" },
  ]);
  expect(await heldDrafts.all()).toEqual([]);
  expect(await tellHeldDrafts()).toBe(false);
});

it.each([401, 429, 503])("holds a draft that was answered with %i: nobody has it yet", async (answer) => {
  status = answer;
  await keepDraft("wearer:1", { name: "Ilva" });
  expect(await heldDrafts.find("wearer:1")).toEqual({ name: "Ilva" });
});

it.each([200, 403, 413])("holds none that was answered with %i: it was kept, or is not to be", async (answer) => {
  status = answer;
  await keepDraft("wearer:1", { name: "Ilva" });
  expect(await heldDrafts.find("wearer:1")).toBeNull();
});

it("is what a form is taken up with, and is gone once that was handed in", async () => {
  await heldDrafts.hold({ draftForm: "wearer:1", fields: { name: "Ilva of the cellar", version: "3" } });
  const { posted } = renderPage(
    <RecordForm draftForm="wearer:1" start={{ name: "Ilva" }} submitLabel="Save" hidden={{ version: 4 }}>
      <TextInput name="name" label="Name" />
    </RecordForm>,
  );
  const field = () => screen.getByLabelText<HTMLInputElement>("Name");
  expect(field().value).toBe("Ilva");
  await waitFor(() => expect(field().value).toBe("Ilva of the cellar"));
  expect(screen.getByText(/^Taken up where you left off/)).toBeDefined();
  await userEvent.click(screen.getByText("Save"));
  await waitFor(() => expect(posted).toHaveLength(1));
  // It starts from what it was begun on: a newer save is not overwritten unseen.
  expect(posted[0]?.fields).toEqual({ version: "3", name: "Ilva of the cellar" });
  await waitFor(async () => expect(await heldDrafts.find("wearer:1")).toBeNull());
  await waitFor(() => expect(screen.queryByText(/^Taken up where you left off/)).toBeNull());
});
