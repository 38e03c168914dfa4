import { act, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { renderPage } from "../../../testing/renderPage.tsx";
import { TimerBar } from "./TimerBar.tsx";
import { dropTimer, readTimers, startTimer } from "./timerStore.ts";
import { clock } from "./useTimers.ts";

const NOW = Date.UTC(2026, 10, 26, 10, 0, 0);
const worn = (own: object = {}) => ({
  id: "fitting 3, wear",
  label: "30 minutes' wear",
  href: "/jobs/2/prototypes/1/fitting",
  endsAt: NOW + 30 * 60_000,
  ...own,
});

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers({ now: NOW, toFake: ["Date", "setInterval", "clearInterval"] });
});
afterEach(() => vi.useRealTimers());

const pass = (seconds: number) => void act(() => vi.advanceTimersByTime(seconds * 1000));

describe("timers of this browser", () => {
  it("are one for each thing that is timed: started again, it starts anew", () => {
    startTimer(worn());
    startTimer(worn({ id: "fitting 3, sit" }));
    startTimer(worn({ endsAt: NOW + 1 }));
    expect(readTimers().map(({ id, endsAt }) => [id, endsAt - NOW])).toEqual([
      ["fitting 3, sit", 30 * 60_000],
      ["fitting 3, wear", 1],
    ]);
    dropTimer("fitting 3, sit");
    expect(readTimers()).toHaveLength(1);
  });

  it.each(["", "no list", "{}", "7", "null"])("that were damaged to %j are none", (kept) => {
    localStorage.setItem("stenz-timers", kept);
    expect(readTimers()).toEqual([]);
  });
});

it("one of which a part is missing is none, and the others are kept", () => {
  const { href: _left, ...half } = worn({ id: "half" });
  localStorage.setItem("stenz-timers", JSON.stringify([half, worn(), { ...worn(), endsAt: "soon" }, null, 7]));
  expect(readTimers().map(({ id }) => id)).toEqual(["fitting 3, wear"]);
});

describe("on every page", () => {
  it("a running one says how long still, second by second, and leads to its fitting", () => {
    startTimer(worn());
    const { container } = renderPage(<TimerBar />);
    expect(container.textContent).toBe("30 minutes' wear: 30:00 left");
    pass(63);
    expect(container.textContent).toBe("30 minutes' wear: 28:57 left");
    expect(screen.getByRole("link").getAttribute("href")).toBe("/jobs/2/prototypes/1/fitting");
  });

  it("one that is over says so until it was seen", async () => {
    startTimer(worn({ endsAt: NOW + 120_000 }));
    renderPage(<TimerBar />);
    expect(screen.queryByRole("alert")).toBeNull();
    pass(120);
    expect(screen.getByRole("alert").textContent).toContain("The time is over: 30 minutes' wear");
    vi.useRealTimers();
    await userEvent.click(screen.getByRole("button", { name: "Seen" }));
    expect(screen.queryByRole("alert")).toBeNull();
    expect(readTimers()).toEqual([]);
  });

  it("one of half a minute needs no reminder: one waits for it", () => {
    startTimer(worn({ endsAt: NOW + 30_000 }));
    expect(renderPage(<TimerBar />).container.textContent).toBe("");
  });

  it("one started in another window is shown here too", () => {
    const { container } = renderPage(<TimerBar />);
    expect(container.textContent).toBe("");
    localStorage.setItem("stenz-timers", JSON.stringify([worn()]));
    act(() => void window.dispatchEvent(new Event("storage")));
    expect(container.textContent).toContain("30:00 left");
  });
});

it.each([
  [0, "0:00"],
  [27, "0:27"],
  [60, "1:00"],
  [1745, "29:05"],
  [3600, "60:00"],
])("%i seconds are %s", (seconds, shown) => expect(clock(seconds)).toBe(shown));
