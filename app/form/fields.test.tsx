import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { AmountInput } from "./AmountInput.tsx";
import { CheckInput } from "./CheckInput.tsx";
import { ChoiceInput } from "./ChoiceInput.tsx";
import { ConflictNotice } from "./ConflictNotice.tsx";
import { FileInput } from "./FileInput.tsx";
import { PickCell } from "./PickInput.tsx";
import { RecordForm } from "./RecordForm.tsx";
import { TextInput } from "./TextInput.tsx";

beforeEach(() => {
  vi.stubGlobal("fetch", async () => new Response());
  return () => vi.unstubAllGlobals();
});

/** Draws fields in a form that keeps no draft. */
const inForm = (fields: React.ReactNode, own: object = {}) =>
  renderPage(
    <RecordForm draftForm={null} submitLabel="Save" {...own}>
      {fields}
    </RecordForm>,
  );
const sent = async (page: ReturnType<typeof renderPage>) => {
  await userEvent.click(screen.getByRole("button", { name: "Save" }));
  await waitFor(() => expect(page.posted).toHaveLength(1));
  return page.posted[0]?.fields;
};
const refused = (fields: object, errors: object) => ({ unsaved: { fields, errors } });

describe("a text field", () => {
  it("has its hint below it, and its error in its place", () => {
    inForm(<TextInput name="waist" label="Waist" hint="Where it bends." />);
    expect(screen.getByText("Where it bends.")).toBeTruthy();
  });

  it("that was refused keeps what was typed, says what was expected, and has the cursor", async () => {
    inForm(
      <TextInput name="waist" label="Waist" hint="Where it bends." />,
      refused({ waist: "wide" }, { waist: "Expected a length, but got “wide”." }),
    );
    const field = screen.getByLabelText<HTMLInputElement>("Waist");
    expect(field.value).toBe("wide");
    expect(field.getAttribute("aria-invalid")).toBe("true");
    expect(screen.getByText("Expected a length, but got “wide”.")).toBeTruthy();
    expect(screen.queryByText("Where it bends.")).toBeNull();
    await waitFor(() => expect(document.activeElement).toBe(field));
  });

  it("tells back how it understands what is typed, over an error that no longer fits", async () => {
    const echo = (text: string) => `read as ${text.length}`;
    inForm(<TextInput name="waist" label="Waist" echo={echo} />, refused({ waist: "wide" }, { waist: "Not that." }));
    expect(screen.getByText("Not that.")).toBeTruthy();
    await userEvent.type(screen.getByLabelText("Waist"), "r");
    expect(screen.getByText("read as 5")).toBeTruthy();
    expect(screen.queryByText("Not that.")).toBeNull();
  });
});

describe("an amount", () => {
  const field = () => screen.getByLabelText<HTMLInputElement>("Pinch");
  const press = (what: string) => userEvent.click(screen.getByRole("button", { name: `Pinch: ${what}` }));

  it("is set by one hand: a millimetre, or five", async () => {
    inForm(<AmountInput name="pinch" label="Pinch" unit="mm" />);
    await press("five more");
    await press("more");
    await press("less");
    expect(field().value).toBe("5");
  });

  it("is never below nothing", async () => {
    inForm(<AmountInput name="pinch" label="Pinch" unit="mm" />);
    await press("less");
    expect(field().value).toBe("");
  });

  it("goes on from what was typed, with a comma too, in sixteenths of an inch", async () => {
    inForm(<AmountInput name="pinch" label="Pinch" unit="in" />, { start: { pinch: "0,5" } });
    await press("more");
    expect(field().value).toBe("0.5625");
    expect(screen.queryByRole("button", { name: "Pinch: five more" })).toBeNull();
  });
});

describe("a choice", () => {
  const kinds = [
    { value: "person", label: "person" },
    { value: "form", label: "dress form" },
  ];

  it("sends the answer that is pressed", async () => {
    const page = inForm(<ChoiceInput name="kind" legend="Kind" choices={kinds} />);
    await userEvent.click(screen.getByRole("radio", { name: "dress form" }));
    expect(await sent(page)).toMatchObject({ kind: "form" });
  });

  it("sends nothing before somebody answered, where it must not be answered by default", async () => {
    const page = inForm(<ChoiceInput name="kind" legend="Kind" choices={kinds} unpicked />);
    expect(await sent(page)).not.toHaveProperty("kind");
  });

  it("starts from what is kept, and not from an answer it does not have", () => {
    inForm(<ChoiceInput name="kind" legend="Kind" choices={kinds} />, { start: { kind: "form" } });
    expect(screen.getByRole<HTMLInputElement>("radio", { name: "dress form" }).checked).toBe(true);
  });

  it("tells its error as one of the whole group", () => {
    inForm(
      <ChoiceInput name="kind" legend="Kind" choices={kinds} unpicked />,
      refused({}, { kind: "Expected a kind." }),
    );
    expect(within(screen.getByRole("group", { name: "Kind" })).getByRole("alert").textContent).toBe("Expected a kind.");
  });
});

describe("a tick", () => {
  it("sends yes where it is ticked, and nothing where it is not", async () => {
    const page = inForm(
      <>
        <CheckInput name="child">A child</CheckInput>
        <CheckInput name="folded">The fold</CheckInput>
      </>,
      { start: { folded: "yes" } },
    );
    await userEvent.click(screen.getByLabelText("A child"));
    await userEvent.click(screen.getByLabelText("The fold"));
    const fields = await sent(page);
    expect(fields).toMatchObject({ child: "yes" });
    expect(fields).not.toHaveProperty("folded");
  });
});

describe("a list that folds away in a cell", () => {
  it("starts from what is kept, or else from its first, and sends its word", async () => {
    const page = inForm(
      <>
        <PickCell name="a" label="Way 1" first="load" choices={["load", { value: "unload", label: "the way back" }]} />
        <PickCell name="b" label="Way 2" first="load" choices={["load", "unload"]} />
      </>,
      { start: { b: "unload" } },
    );
    await userEvent.selectOptions(screen.getByLabelText("Way 1"), "the way back");
    expect(await sent(page)).toMatchObject({ a: "unload", b: "unload" });
  });
});

describe("a file", () => {
  const file = new File(["waist;74"], "sheet.csv", { type: "text/csv" });

  it("is told by its name once it is picked", async () => {
    renderPage(<FileInput label="Choose a file" name="file" accept=".csv" />);
    expect(screen.getByText("No file picked yet.")).toBeTruthy();
    await userEvent.upload(screen.getByLabelText("Choose a file"), file);
    expect(screen.getByText("sheet.csv")).toBeTruthy();
  });

  it("that is sent at once leaves the field ready for the next", async () => {
    const picked: (string | undefined)[] = [];
    renderPage(<FileInput label="Add a photo" accept=".csv" sends onPick={(one) => picked.push(one?.name)} />);
    await userEvent.upload(screen.getByLabelText("Add a photo"), file);
    await userEvent.upload(screen.getByLabelText("Add a photo"), file);
    expect(picked).toEqual(["sheet.csv", "sheet.csv"]);
    expect(screen.queryByText(/picked/)).toBeNull();
  });
});

it("an edit that met a newer one is shown beside it, what differs in heavier type", () => {
  renderPage(
    <ConflictNotice
      rows={[
        { name: "notes", label: "Notes", yours: "mine", theirs: "theirs" },
        { name: "takenOn", label: "Taken on", yours: "2026-05-03", theirs: "2026-05-03" },
        { name: "supplier", label: "Supplier", yours: "", theirs: "Bram" },
      ]}
    />,
  );
  const rows = within(screen.getByRole("table")).getAllByRole("row");
  expect(rows.map(({ textContent }) => textContent)).toEqual([
    "Yours, not savedTheirs, saved",
    "Notesminetheirs",
    "Taken on3 May 20263 May 2026",
    "Supplier—Bram",
  ]);
});
