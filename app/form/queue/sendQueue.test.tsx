import "fake-indexeddb/auto";
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { renderPage } from "../../testing/renderPage.tsx";
import { QueueNotice } from "./QueueNotice.tsx";
import { SendQueueProvider, useSendQueue } from "./SendQueue.tsx";
import { sendingStore } from "./sendingStore.ts";
import type { Sent } from "./sendWaiting.ts";

/** What the server answers, one after the other; `null` is a network that is not there. The last counts on. */
let answers: (readonly [status: number, body?: object] | null)[];
/** What reached the network, in order. */
let sent: { address: string; note: string; key: string }[];
/** What became of each form that was handed in. */
let became: Sent[];

beforeEach(() => {
  [answers, sent, became] = [[[200]], [], []];
  vi.stubGlobal("fetch", async (address: string, { body }: { body: FormData }) => {
    sent.push({ address, note: String(body.get("note")), key: String(body.get("key")) });
    const answer = answers.length > 1 ? answers.shift() : answers[0];
    if (!answer) throw new TypeError("Failed to fetch");
    return new Response(JSON.stringify(answer[1] ?? {}), { status: answer[0] });
  });
});
afterEach(async () => {
  vi.unstubAllGlobals();
  for (const { key } of await sendingStore.all()) await sendingStore.drop(key);
});

function Bench() {
  const { send, sendings, drop } = useSendQueue();
  const put = (note: string) =>
    void send({ address: "/send", fields: { note }, photo: null, told: note }).then((one) => became.push(one));
  return (
    <>
      <QueueNotice />
      {["one", "two"].map((note) => (
        <button key={note} type="button" onClick={() => put(note)}>
          {note}
        </button>
      ))}
      <ul>
        {sendings.map((sending) => (
          <li key={sending.key}>
            {sending.told}: {sending.refused ? Object.values(sending.refused).join() : "waits"}
            <button type="button" onClick={() => void drop(sending)}>
              give up
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

const draw = () =>
  renderPage(
    <SendQueueProvider>
      <Bench />
    </SendQueueProvider>,
  );

const online = () => window.dispatchEvent(new Event("online"));

describe("what is handed in at a fitting", () => {
  it("goes out at once while the network is there, and is forgotten here", async () => {
    draw();
    await userEvent.click(screen.getByText("one"));
    await waitFor(() => expect(became).toEqual([{ state: "kept" }]));
    expect(sent).toEqual([{ address: "/send", note: "one", key: expect.stringMatching(/^[0-9a-f]{32}$/) }]);
    expect(await sendingStore.all()).toEqual([]);
  });

  it("waits on this browser's disk without a network, is told of, and goes out in order with the same key", async () => {
    answers = [null];
    draw();
    await userEvent.click(screen.getByText("one"));
    await userEvent.click(screen.getByText("two"));
    await waitFor(() => expect(became).toEqual([{ state: "waiting" }, { state: "waiting" }]));
    expect(screen.getByRole("status").textContent).toContain("2 entries are not sent yet.");
    expect((await sendingStore.all()).map(({ told }) => told)).toEqual(["one", "two"]);
    const [first] = sent;
    sent = [];
    answers = [[200]];
    online();
    await waitFor(async () => expect(await sendingStore.all()).toEqual([]));
    expect(sent.map(({ note }) => note)).toEqual(["one", "two"]);
    expect(sent[0]?.key).toBe(first?.key);
    expect(screen.queryByRole("status")).toBeNull();
  });

  it.each([
    ["the server fails", 503],
    ["the device has to sign in again", 401],
    ["too much was asked at once", 429],
  ])("is tried again where %s, and nothing overtakes it", async (_why, status) => {
    answers = [[status]];
    draw();
    await userEvent.click(screen.getByText("one"));
    await waitFor(() => expect(became).toHaveLength(1));
    await userEvent.click(screen.getByText("two"));
    await waitFor(() => expect(became).toHaveLength(2));
    expect(new Set(sent.map(({ note }) => note))).toEqual(new Set(["one"]));
  });

  it("comes back refused to the form that is still open, and does not stay in the queue", async () => {
    answers = [[400, { errors: { amount: "Expected an amount." } }]];
    draw();
    await userEvent.click(screen.getByText("one"));
    await waitFor(() => expect(became).toEqual([{ state: "refused", errors: { amount: "Expected an amount." } }]));
    expect(await sendingStore.all()).toEqual([]);
  });

  it("stays to be opened again where it is refused later, holds up nobody, and can be given up", async () => {
    answers = [null];
    draw();
    await userEvent.click(screen.getByText("one"));
    await userEvent.click(screen.getByText("two"));
    await waitFor(() => expect(became).toHaveLength(2));
    answers = [[400, { errors: { spot: "Expected a place." } }], [200]];
    online();
    await waitFor(() => expect(screen.getByRole("listitem").textContent).toContain("one: Expected a place."));
    await userEvent.click(screen.getByText("give up"));
    await waitFor(async () => expect(await sendingStore.all()).toEqual([]));
  });

  it("is forgotten where what it belongs to was erased", async () => {
    answers = [[410]];
    draw();
    await userEvent.click(screen.getByText("one"));
    await waitFor(() => expect(became).toEqual([{ state: "gone" }]));
    expect(await sendingStore.all()).toEqual([]);
  });

  it("is sent the next time Stenz is opened", async () => {
    await sendingStore.add({
      key: "a".repeat(32),
      address: "/send",
      fields: { note: "left" },
      photo: null,
      told: "left",
      refused: null,
    });
    draw();
    await waitFor(() => expect(sent.map(({ note }) => note)).toEqual(["left"]));
    await waitFor(async () => expect(await sendingStore.all()).toEqual([]));
  });

  it("goes out at once, or comes back with the reason, where the browser keeps nothing", async () => {
    vi.spyOn(sendingStore, "add").mockRejectedValue(new Error("no storage"));
    draw();
    await userEvent.click(screen.getByText("one"));
    await waitFor(() => expect(became).toEqual([{ state: "kept" }]));
    answers = [null];
    await userEvent.click(screen.getByText("two"));
    await waitFor(() =>
      expect(became[1]).toMatchObject({
        state: "refused",
        errors: { form: expect.stringContaining("keeps nothing for later") },
      }),
    );
    vi.restoreAllMocks();
  });
});
