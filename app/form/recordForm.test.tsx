import { fireEvent, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { sentDrafts } from "../testing/sentDrafts.ts";
import { DayInput } from "./DayInput.tsx";
import { useFieldState } from "./FormState.tsx";
import { RecordForm } from "./RecordForm.tsx";
import { AddRow } from "./rows/AddRow.tsx";
import { SortableRow } from "./rows/SortableRow.tsx";
import { SortableRows } from "./rows/SortableRows.tsx";
import { useRows } from "./rows/useRows.ts";
import { inRow, withRows } from "./rows/withRows.ts";
import { TextInput } from "./TextInput.tsx";

const drafts = sentDrafts();

const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

const named = (own: object = {}) => (
  <RecordForm draftForm="wearer:1" submitLabel="Save" hidden={{ version: 3 }} {...own}>
    <TextInput name="name" label="Name" />
    <TextInput name="notes" label="Notes" />
  </RecordForm>
);

/** A question that stands there only while the server asks it. */
function Asked() {
  const { error } = useFieldState("kind");
  return error ? <input name="kind" aria-label="Answer" /> : null;
}

describe("a form of a record", () => {
  it("starts from what is kept, and sends what stands in it with the version it was begun on", async () => {
    const { posted } = renderPage(named({ start: { name: "Ilva" } }));
    expect(field("Name").value).toBe("Ilva");
    await userEvent.type(field("Notes"), "High back.");
    await userEvent.click(screen.getByText("Save"));
    await waitFor(() => expect(posted).toHaveLength(1));
    expect(posted[0]?.fields).toEqual({ version: "3", name: "Ilva", notes: "High back." });
  });

  it("shows each message beside its field, keeps what was typed, and goes to the first that is wrong", () => {
    renderPage(
      named({ unsaved: { fields: { name: "", notes: "kept", version: "2" }, errors: { name: "Expected a name." } } }),
    );
    expect(screen.getByText("Expected a name.")).toBeDefined();
    expect(field("Notes").value).toBe("kept");
    expect(field("Name").getAttribute("aria-invalid")).toBe("true");
    expect(document.activeElement).toBe(field("Name"));
  });

  it("keeps its messages while it is handed in again: the same refusal must not look like none", async () => {
    const { posted } = renderPage(named({ unsaved: { fields: { name: "" }, errors: { name: "Expected a name." } } }));
    await userEvent.click(screen.getByText("Save"));
    await waitFor(() => expect(posted).toHaveLength(1));
    expect(screen.getByText("Expected a name.")).toBeDefined();
  });

  it("sends what was answered to a question, even where it waited for its draft", async () => {
    let draftKept = () => {};
    vi.stubGlobal("fetch", () => new Promise((resolve) => (draftKept = () => resolve(new Response()))));
    const asked = { fields: { name: "Ilva" }, errors: { kind: "Which kind?" } };
    const { posted } = renderPage(
      <RecordForm draftForm="wearer:1" submitLabel="Save" unsaved={asked}>
        <TextInput name="name" label="Name" />
        <Asked />
      </RecordForm>,
    );
    await userEvent.type(field("Answer"), "body");
    // The draft is on its way when it is handed in.
    await new Promise((resolve) => setTimeout(resolve, 300));
    await userEvent.click(screen.getByText("Save"));
    draftKept();
    await waitFor(() => expect(posted).toHaveLength(1));
    expect(posted[0]?.fields).toEqual({ name: "Ilva", kind: "body" });
  });

  it("sets an edit that met a newer one beside it, and saves over that one only when told", async () => {
    const theirs = { version: 9, rows: [{ name: "name", label: "Name", yours: "Mine", theirs: "Hers" }] };
    const { posted } = renderPage(named({ unsaved: { fields: { name: "Mine", version: "3" }, errors: {}, theirs } }));
    expect(screen.getByText("Hers")).toBeDefined();
    await userEvent.click(screen.getByText("Save mine over theirs"));
    await waitFor(() => expect(posted[0]?.fields).toMatchObject({ name: "Mine", version: "9" }));
  });

  it("hands the form to whoever sends it otherwise, and posts nothing itself", async () => {
    const onSend = vi.fn();
    const { posted } = renderPage(named({ onSend, start: { name: "Ilva" } }));
    await userEvent.click(screen.getByText("Save"));
    expect(onSend.mock.calls[0]?.[0].get("name")).toBe("Ilva");
    expect(posted).toEqual([]);
  });
});

describe("a half-filled form", () => {
  it("is sent once the typing rests, whole", async () => {
    renderPage(named());
    await userEvent.type(field("Name"), "Maro");
    await waitFor(() => expect(drafts).toHaveLength(1));
    expect(drafts[0]).toEqual({ version: "3", name: "Maro", notes: "", draftForm: "wearer:1" });
  });

  it("goes out at once when the page is left, and not again", async () => {
    renderPage(named());
    fireEvent.input(field("Name"), { target: { value: "Mar" } });
    window.dispatchEvent(new Event("pagehide"));
    window.dispatchEvent(new Event("pagehide"));
    expect(drafts.map(({ name }) => name)).toEqual(["Mar"]);
  });

  it("is not kept after it was handed in, nor where nothing is to be kept", async () => {
    const { posted } = renderPage(named());
    await userEvent.type(field("Name"), "Maro");
    fireEvent.submit(field("Name").form as HTMLFormElement);
    await waitFor(() => expect(posted).toHaveLength(1));
    // What was kept while it was typed, on a slow machine, was kept before.
    const before = drafts.length;
    window.dispatchEvent(new Event("pagehide"));
    expect(drafts.slice(before)).toEqual([]);
  });

  it("is on the server before the form is handed in, never after", async () => {
    const order: string[] = [];
    let arrive = () => {};
    vi.stubGlobal("fetch", (_: string, { body }: { body: URLSearchParams }) => {
      order.push(`draft of ${body.get("name")} sent`);
      return new Promise<Response>((resolve) => {
        arrive = () => {
          order.push("draft there");
          resolve(new Response());
        };
      });
    });
    const { posted } = renderPage(named(), () => void order.push("handed in"));
    await userEvent.type(field("Name"), "Wenna");
    await waitFor(() => expect(order).toContain("draft of Wenna sent"));
    await userEvent.click(screen.getByText("Save"));
    expect(posted).toEqual([]);
    arrive();
    await waitFor(() => expect(order.slice(-3)).toEqual(["draft of Wenna sent", "draft there", "handed in"]));
  });

  it("is taken up again, on the version it was begun on, and can be started afresh", async () => {
    const { posted } = renderPage(named({ draft: { name: "Half", version: "1" }, start: { name: "Whole" } }));
    expect(field("Name").value).toBe("Half");
    expect(document.querySelector<HTMLInputElement>("input[name=version]")?.value).toBe("1");
    await userEvent.click(screen.getByText("Start afresh"));
    await waitFor(() =>
      expect(posted[0]).toEqual({ address: "/drafts", fields: { draftForm: "wearer:1", intent: "drop" } }),
    );
  });
});

function Sizes() {
  const list = useRows("sizes");
  return (
    <SortableRows {...list} what="size">
      {list.rows.map((row) => (
        <SortableRow key={row.key} list={list} row={row} label={`size ${row.index + 1}`}>
          {({ handle, out }) => (
            <>
              {handle}
              <TextInput name={inRow("sizes", row.index, "name")} label={`Size ${row.index + 1}`} />
              {out}
            </>
          )}
        </SortableRow>
      ))}
      <AddRow list={list}>Another size</AddRow>
      <button type="button" onClick={() => list.move(0, 1)}>
        Swap
      </button>
    </SortableRows>
  );
}

describe("a list in a form", () => {
  const start = withRows({ "sizes[0].name": "36", "sizes[1].name": "38" }, "sizes", "name", 3);
  const draw = () =>
    renderPage(
      <RecordForm draftForm="chart:1" submitLabel="Save" start={start}>
        <Sizes />
      </RecordForm>,
    );
  const names = () => screen.getAllByLabelText<HTMLInputElement>(/^Size \d/).map(({ value }) => value);

  it("that was sent as something else has no rows, and its form is there all the same", () => {
    renderPage(
      <RecordForm
        draftForm="chart:1"
        submitLabel="Save"
        unsaved={{ fields: { "sizes.0.x": "-1" }, errors: { name: "No." } }}
      >
        <Sizes />
      </RecordForm>,
    );
    expect(screen.queryAllByLabelText(/^Size \d/)).toEqual([]);
    expect(screen.getByText("Another size")).toBeTruthy();
  });

  it("has rows added at its end, taken out, and moved with what stands in them", async () => {
    const { posted } = draw();
    expect(names()).toEqual(["36", "38", ""]);
    await userEvent.click(screen.getByText("Another size"));
    expect(names()).toEqual(["36", "38", "", ""]);
    await userEvent.type(field("Size 4"), "44");
    await userEvent.click(screen.getByLabelText("Take size 3 out"));
    expect(names()).toEqual(["36", "38", "44"]);
    await userEvent.click(screen.getByText("Swap"));
    expect(names()).toEqual(["38", "36", "44"]);
    expect(posted).toEqual([]);
    await userEvent.click(screen.getByText("Save"));
    await waitFor(() => expect(posted).toHaveLength(1));
    expect(posted[0]?.fields).toEqual({ "sizes[0].name": "38", "sizes[1].name": "36", "sizes[2].name": "44" });
  });

  it("is in the draft as it stands after a row was taken out", async () => {
    draw();
    await userEvent.click(screen.getByLabelText("Take size 1 out"));
    await waitFor(() => expect(drafts.at(-1)).toMatchObject({ "sizes[0].name": "38", "sizes[1].name": "" }));
    expect(drafts.at(-1)).not.toHaveProperty("sizes[2].name");
  });
});

describe("a day", () => {
  it("is shown one way, typed in any that can be read, and sent as an ISO date", async () => {
    const { posted } = renderPage(
      <RecordForm draftForm={null} submitLabel="Save" start={{ on: "2026-03-04" }}>
        <DayInput name="on" label="Fitted on" />
      </RecordForm>,
    );
    expect(field("Fitted on").value).toBe("4 Mar 2026");
    await userEvent.clear(field("Fitted on"));
    await userEvent.type(field("Fitted on"), "14.3.2026");
    await userEvent.tab();
    expect(field("Fitted on").value).toBe("14 Mar 2026");
    await userEvent.click(screen.getByText("Save"));
    await waitFor(() => expect(posted[0]?.fields).toEqual({ on: "2026-03-14" }));
  });
});
