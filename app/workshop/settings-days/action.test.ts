import { describe, expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";
import { ORIGIN, run } from "../../testing/routeModules.ts";

const HOURS = {
  ...{
    version: "1",
    zone: "Europe/Lisbon",
    day0: "9-13, 14:00–17:30",
    day5: "10:00-12:00",
    off: "24 Dec 2026\n2026-12-25",
  },
  remind: "90",
};

itActs([
  {
    does: "keeps the working hours",
    address: "/settings/days",
    right: HOURS,
    gives: "/settings/days",
    wrong: [
      [{ zone: "Europe/Nowhere" }, ["zone"]],
      [{ zone: "" }, ["zone"]],
      [{ day0: "nine to five" }, ["day0"]],
      [{ day0: "13:00-9:00" }, ["day0"]],
      [{ day0: "9:00-13:00, 12:00-14:00" }, ["day0"]],
      [{ day0: "9:00-25:00" }, ["day0"]],
      [{ off: "some day" }, ["off"]],
      [{ remind: "soon" }, ["remind"]],
    ],
    stale: 409,
  },
]);

describe("working hours", () => {
  it("are read as they are typed, a day off where nothing stands", async () => {
    const { store } = await demoStore();
    await postTo(store, "/settings/days", HOURS);
    expect((await store.settings.find("workHours")).value).toEqual({
      ...{ zone: "Europe/Lisbon", off: ["2026-12-24", "2026-12-25"], named: false, remindMin: 90, secret: null },
      week: [
        [
          [540, 780],
          [840, 1050],
        ],
        [],
        [],
        [],
        [],
        [[600, 720]],
        [],
      ],
    });
  });

  it("open the calendar to those who know its secret, while that is wished, and name nobody unless that is", async () => {
    const { store } = await demoStore();
    const calendar = async (secret: string) => {
      const request = new Request(new URL(`/days/calendar/${secret}.ics`, ORIGIN));
      const answer = await run("loader", store, request).catch(() => null);
      return answer instanceof Response && answer.ok ? answer.text() : "none";
    };
    expect(await calendar("x".repeat(32))).toBe("none");
    await postTo(store, "/settings/days", { ...HOURS, feed: "yes" });
    const secret = (await store.settings.find("workHours")).value?.secret ?? "";
    expect(secret.length).toBeGreaterThanOrEqual(32);
    const bare = await calendar(secret);
    expect(bare).toContain("SUMMARY:Fitting\r\n");
    expect(bare).toContain("TRIGGER:-PT90M");
    expect(bare).not.toMatch(/Dellinge|Lane-swimming|goggles/);
    expect(await calendar(`${secret.slice(0, -1)}_`)).toBe("none");
    await postTo(store, "/settings/days", { ...HOURS, version: "2", feed: "yes", named: "yes" });
    expect((await store.settings.find("workHours")).value?.secret).toBe(secret);
    expect((await calendar(secret)).replaceAll(/\r\n\s/g, "")).toContain("Fitting: Lane-swimming bottom");
    await postTo(store, "/settings/days", { ...HOURS, version: "3" });
    expect(await calendar(secret)).toBe("none");
  });
});
