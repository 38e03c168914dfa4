import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useActionData, useLoaderData } from "react-router";
import { describe, expect, it } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { sentDrafts } from "../testing/sentDrafts.ts";
import { RecordForm } from "./RecordForm.tsx";
import { TextInput } from "./TextInput.tsx";
import type { Unsaved } from "./unsaved.ts";

const drafts = sentDrafts();
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

const named = (own: object) => (
  <RecordForm draftForm="wearer:1" submitLabel="Save" hidden={{ version: 3 }} {...own}>
    <TextInput name="name" label="Name" />
    <TextInput name="notes" label="Notes" />
  </RecordForm>
);

describe("a form whose answer is on its way", () => {
  it("keeps what is typed while the answer is on its way, and refuses only what still stands as it was sent", async () => {
    let answer = (_: object) => {};
    function Page() {
      return named({ unsaved: useActionData<Unsaved>(), start: { name: "Ilva" } });
    }
    renderPage(<Page />, () => new Promise((resolve) => (answer = resolve)));
    await userEvent.type(field("Notes"), "lots");
    await userEvent.click(screen.getByText("Save"));
    await userEvent.clear(field("Notes"));
    await userEvent.type(field("Notes"), "30");
    answer({
      fields: { version: "3", name: "Ilva", notes: "lots" },
      errors: { notes: "Expected a length.", name: "Expected a whole name." },
    });
    expect(await screen.findByText("Expected a whole name.")).toBeDefined();
    expect(field("Notes").value).toBe("30");
    expect(screen.queryByText("Expected a length.")).toBeNull();
    // The draft is of what stands there now.
    await waitFor(() => expect(drafts.at(-1)?.notes).toBe("30"));
  });

  it("starts anew from a newer version of its record, with what was typed since it was handed in", async () => {
    let answer = (_: unknown) => {};
    let kept = { version: 3, notes: "" };
    function Page() {
      const { version, notes } = useLoaderData<typeof kept>();
      return named({ hidden: { version }, start: { name: "Ilva", notes } });
    }
    renderPage(
      <Page />,
      () => new Promise((resolve) => (answer = resolve)),
      () => kept,
    );
    await userEvent.type(await screen.findByLabelText("Notes"), "High back.");
    await userEvent.click(screen.getByText("Save"));
    await userEvent.clear(field("Name"));
    await userEvent.type(field("Name"), "Maro");
    kept = { version: 4, notes: "High back." };
    answer(null);
    await waitFor(() => expect(document.querySelector<HTMLInputElement>("[name=version]")?.value).toBe("4"));
    expect([field("Name").value, field("Notes").value]).toEqual(["Maro", "High back."]);
    await waitFor(() => expect(drafts.at(-1)).toMatchObject({ version: "4", name: "Maro" }));
  });
});
