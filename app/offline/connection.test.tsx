import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { renderPage } from "../testing/renderPage.tsx";
import { ConnectionNotice } from "./ConnectionNotice.tsx";
import { lookForServer, onReached } from "./connection.ts";
import { isNetworkFailure } from "./LostView.tsx";
import { SENT_LATER } from "./useHeldForm.ts";

/** Whether the server answers. */
let up: boolean;
/** What reached each form's own handler. */
let handedIn: string[];

beforeEach(() => {
  [up, handedIn] = [true, []];
  localStorage.clear();
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"], shouldAdvanceTime: true });
  vi.stubGlobal("fetch", async () => {
    if (!up) throw new TypeError("Failed to fetch");
    return new Response();
  });
});
afterEach(async () => {
  up = true;
  lookForServer();
  await act(() => vi.advanceTimersByTimeAsync(5000));
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const noted = (name: string) => (event: { preventDefault(): void }) => {
  event.preventDefault();
  handedIn.push(name);
};

function Bench() {
  return (
    <>
      <ConnectionNotice />
      <form method="post" aria-label="record" onSubmit={noted("record")}>
        <button type="submit">Save</button>
        <button type="submit" name="__intent__">
          Add a row
        </button>
      </form>
      <form method="post" aria-label="finding" {...{ [SENT_LATER]: "" }} onSubmit={noted("finding")}>
        <button type="submit">Put</button>
      </form>
      <form method="get" aria-label="search" onSubmit={noted("search")}>
        <button type="submit">Search</button>
      </form>
    </>
  );
}

const lose = async () => {
  up = false;
  await act(async () => lookForServer());
  await screen.findByText(/^Without a connection to Stenz since \d\d:\d\d\.$/);
};
const press = (name: string) => fireEvent.click(screen.getByText(name));

it("says nothing while the server answers, and holds nothing back", async () => {
  renderPage(<Bench />);
  await act(async () => lookForServer());
  for (const name of ["Save", "Put", "Search"]) press(name);
  expect(handedIn).toEqual(["record", "finding", "search"]);
  expect(screen.queryByRole("status")).toBeNull();
});

it("says since when the server does not answer, also after the page was opened again, until it does", async () => {
  localStorage.setItem("stenz-lost-at", new Date(2026, 10, 24, 8, 15).toISOString());
  renderPage(<Bench />);
  up = false;
  await act(async () => lookForServer());
  await screen.findByText("Without a connection to Stenz since 24 Nov, 08:15.");
  up = true;
  let reached = 0;
  const noLonger = onReached(() => (reached += 1));
  await act(() => vi.advanceTimersByTimeAsync(4500));
  await waitFor(() => expect(screen.queryByRole("status")).toBeNull());
  expect(reached).toBe(1);
  expect(localStorage.getItem("stenz-lost-at")).toBeNull();
  noLonger();
});

it("holds back what would be lost, and says so; the queue, searches and rows of a form go on", async () => {
  renderPage(<Bench />);
  await lose();
  for (const name of ["Put", "Search", "Add a row"]) press(name);
  expect(handedIn).toEqual(["finding", "search", "record"]);
  expect(screen.queryByRole("alert")).toBeNull();
  press("Save");
  expect(handedIn).toHaveLength(3);
  expect((await screen.findByRole("alert")).textContent).toContain("Not saved. What you typed stays in the form");
});

it("tells a server that does not answer from a fault of a page", () => {
  for (const words of ["Failed to fetch", "NetworkError when attempting to fetch resource.", "Load failed"])
    expect(isNetworkFailure(new TypeError(words))).toBe(true);
  expect(isNetworkFailure(new TypeError("Cannot read properties of undefined"))).toBe(false);
  expect(isNetworkFailure(new Error("Failed to fetch"))).toBe(false);
});
