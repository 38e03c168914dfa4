import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/");

it("lists the jobs, the newest first", async () => {
  const [title, ...jobs] = (await page()).headings();
  expect(title).toBe("Bench");
  expect(jobs).toEqual([
    "Cincher, refused",
    "Boned dress with a zip",
    "Underbust for the stage",
    "Bias slip for the window",
    "Soft brief, going in circles",
    "Race brief, four rounds",
    "Wired bra, first frame",
    "Soft bra, unequal sides",
    "Winter one-piece",
    "First brief for Wenna",
    "Lane-swimming bottom",
    "High-waisted brief",
  ]);
});

it("sends each job to what waits there", async () => {
  expect((await page()).links()).toMatchObject({
    "2 findings wait for your word": "/jobs/2/prototypes/1/fitting",
    "prototype 4 is made": "/jobs/7/prototypes",
    "being planned": "/jobs/3",
    "Where the work can hurt someone": "/care",
  });
});

it("tells of each job whom and what it is for, and from which cloth", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Brief for Maro Dellingefrom Dawn swim knit");
  expect(text).toContain("One-piece swimsuit for Ilva Thornbeckfrom Swim front, three layersno prototype yet");
});
