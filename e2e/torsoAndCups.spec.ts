import { expect, expectAccessible, kept, test } from "./test.ts";

test("a long torso: the trunk is compared, placed, and every layer under it ticked", async ({ page }) => {
  await page.goto("/jobs/4/torso");
  const trunk = page.getByRole("region", { name: "The trunk loop" });
  await expect(trunk.getByText("The pattern is 39 mm too short in the trunk.")).toBeVisible();
  await expect(trunk.getByRole("img", { name: /^Trunk, back: .*back below the waist \+17.8 mm/ })).toBeVisible();
  await expectAccessible(page);

  await trunk.getByRole("button", { name: /Difference: show the formula/ }).click();
  const why = page.getByRole("dialog", { name: "Where this number comes from" });
  await expect(why).toContainText("Δ = N − P");
  await why.getByRole("button", { name: "Close" }).click();

  const placements = trunk.getByRole("list", { name: "Placements" });
  await expect(placements.getByRole("checkbox")).toHaveCount(9);
  for (const box of await placements.getByRole("checkbox").all()) await box.check();
  await trunk.getByRole("button", { name: "Keep the ticks" }).click();
  await expect(page.getByRole("link", { name: /Torso.*\+39 mm, placed/ })).toBeVisible();

  // What is typed shows at once, and is ticked anew once it is kept.
  await kept(page, "145", trunk.getByLabel("Whole loop, cm"));
  await expect(trunk.getByText("The pattern is 29 mm too short in the trunk.")).toBeVisible();
  await expect(trunk.getByText("As typed; not kept yet.")).toBeVisible();
  await page.reload();
  await expect(trunk.getByLabel("Whole loop, cm")).toHaveValue("145");
  await trunk.getByRole("button", { name: "Keep the change" }).click();
  await expect(trunk.getByText("As typed; not kept yet.")).toBeHidden();
  await expect(page.getByRole("link", { name: /Torso.*linked to tick/ })).toBeVisible();

  await trunk.getByRole("radio", { name: "half front, half back" }).check();
  await expect(placements.getByText(/^Front: cut apart and spread 14\.\d mm/)).toBeVisible();
});

test("the loop comes from a graded pattern or from a body wrap, and a slip in it is told beside the field", async ({
  page,
}) => {
  await page.goto("/jobs/4/torso");
  const trunk = page.getByRole("region", { name: "The trunk loop" });
  await trunk.getByRole("radio", { name: "a graded pattern" }).check();
  await trunk.getByLabel("Whole loop, cm").fill("150");
  await expect(trunk.getByText(/Compared body to body/)).toBeVisible();
  await trunk.getByLabel("Drawn shorter by, %").fill("4");
  await expect(trunk.getByText(/Compared body to body/)).toBeHidden();
  await trunk.getByLabel("Whole loop, cm").fill("long");
  await trunk.getByRole("button", { name: "Keep the change" }).click();
  await expect(trunk.getByText(/Expected a length such as .*“long” cannot be read/).first()).toBeVisible();
  await expect(trunk.getByLabel("Whole loop, cm")).toHaveValue("long");

  await trunk.getByRole("radio", { name: "a body wrap" }).check();
  await trunk.getByLabel("Body wrap", { exact: true }).selectOption({ label: "First wrap, standing" });
  await expect(trunk.getByRole("definition").filter({ hasText: "155.3 cm" })).toBeVisible();
  // What cannot be read waits in a field that a wrap has no use for: it holds nothing up.
  await trunk.getByRole("button", { name: "Keep the change" }).click();
  await expect(trunk.getByText("As typed; not kept yet.")).toBeHidden();
});

test("a body wrap is entered edge by edge, its seams compared and held against the tape", async ({ page }) => {
  await page.goto("/wearers/1");
  await page.getByRole("link", { name: "Wraps, cut off and flattened" }).click();
  await page.getByRole("link", { name: "Enter a wrap" }).click();
  await page.getByLabel("Name").fill("Second wrap");
  const edge = async (row: number, piece: string, length: string, counts: string, seam = "") => {
    await page.getByLabel(`Edge ${row}, piece`).fill(piece);
    await page.getByLabel(`Edge ${row}, length`).fill(length);
    await page.getByLabel(`Edge ${row}, counts to`).selectOption(counts);
    await page.getByLabel(`Edge ${row}, seam`).fill(seam);
  };
  await edge(1, "Front", "19", "waist");
  await page.getByLabel("Edge 1, stands for both sides").check();
  await edge(2, "Back", "19.5", "waist", "a");
  await page.getByLabel("Edge 2, stands for both sides").check();
  await edge(3, "Side", "tall", "none", "a");
  await page.getByRole("button", { name: "Keep this wrap" }).click();
  await expect(page.getByText(/“tall” cannot be read/)).toBeVisible();
  await page.getByLabel("Edge 3, length").fill("20");
  await page.getByRole("button", { name: "Keep this wrap" }).click();

  const table = page.getByRole("table", { name: "The wrap against the tape" });
  await expect(table.getByRole("row", { name: /Waist 77.0 cm/ })).toContainText("+28 mm");
  await expect(page.getByRole("list", { name: "Seams" })).toContainText("-5 mm".replace("-", "−"));
  await expectAccessible(page);
});

test("a top edge that sits lower has another girth and another elastic", async ({ page }) => {
  await page.goto("/jobs/1/torso");
  const rise = page.getByRole("region", { name: "Rises and top edge" });
  const elastic = rise.getByRole("button", { name: /Waist elastic, cut/ });
  const atTheWaist = await elastic.textContent();
  await rise.getByLabel("Below waist, front, mm").fill("60");
  await rise.getByLabel("Below waist, back, mm").fill("40");
  await expect(elastic).not.toHaveText(atTheWaist ?? "");
});

test("what a calculation was not measured for leads to a sheet that asks for it", async ({ page }) => {
  await page.goto("/jobs/4/cups");
  const cups = page.getByRole("region", { name: "Cup dimensions" });
  await expect(cups.getByText(/Not measured: .*Root width/)).toBeVisible();
  await cups.getByRole("link", { name: "Take them" }).click();
  await expect(page.getByLabel(/^Root width/).first()).toBeVisible();
});

test("cups of unequal sides: both remedies, room, a dart to scale, labels with their sisters", async ({ page }) => {
  await page.goto("/jobs/5/cups");
  const cups = page.getByRole("region", { name: "Cup dimensions" });
  await expect(cups.getByRole("img", { name: "left: projection 96 mm; right: projection 87 mm" })).toBeVisible();
  await expect(cups.getByRole("region", { name: "Two cups" })).toContainText("chosen");
  await cups.getByRole("radio", { name: "not decided" }).check();
  await expect(cups.getByText(/The sides differ: cut two cups/)).toBeVisible();
  await cups.getByRole("radio", { name: "cut the larger, pad the smaller" }).check();
  await expect(cups.getByRole("region", { name: "Cut the larger, pad the smaller" })).toContainText("161 cm³");
  await cups.getByRole("button", { name: "Keep the change" }).click();
  await expect(cups.getByRole("region", { name: "Cut the larger, pad the smaller" })).toContainText("chosen");

  const room = page.getByRole("region", { name: "Bust room" });
  await expect(room.getByText(/^Room is needed/)).toBeVisible();
  await room.getByText("The neckline plunges across the breast").click();
  await expect(room.getByText(/The plunging edge cuts across the tissue/)).toBeVisible();

  const dart = page.getByRole("region", { name: "A dart from a gape" });
  await expect(dart.getByText(/8 mm shorter than its neighbour/)).toBeVisible();
  await dart.getByLabel("Edge with the dart, mm").fill("214");
  await expect(dart.getByText(/shorter than its neighbour/)).toBeHidden();
  await dart.getByLabel("Gape at the edge, mm").fill("3/4 in");
  await expect(
    dart.getByRole("img", { name: /gape at the armhole of 19 mm, turned into a dart of 15 mm/ }),
  ).toBeVisible();
  await dart.getByLabel("Gape at the edge, mm").fill("300");
  await expect(dart.getByText(/Expected an amount above 0 and up to 150 mm/).first()).toBeVisible();

  const labels = page.getByRole("region", { name: "Labels" });
  await expect(labels.getByRole("row", { name: /the wearer’s/ })).toContainText("80G");
  await labels.getByRole("radio", { name: "Add four or five" }).check();
  await expect(labels.getByText(/The older rule/)).toBeVisible();
  await expectAccessible(page);
});

test("a wire too long for its channel, and a band solved from its pressure", async ({ page }) => {
  await page.goto("/jobs/6");
  await page.keyboard.press("s");
  await expect(page).toHaveURL(/\/jobs\/6\/band$/);
  await expect(page.getByText(/Allergies noted: nickel/)).toBeVisible();
  const wire = page.getByRole("region", { name: "The wire" });
  await expect(wire.getByRole("list", { name: "What to raise" })).toContainText(
    "The cup piece that meets it, right: raise 10 mm",
  );
  // The roots differ by 6 mm: each side its own wire, its own channel, its own raise.
  await wire.getByRole("radio", { name: "alike: one wire" }).check();
  await expect(wire.getByRole("list", { name: "What to raise" })).toContainText(
    "The cup piece that meets it: raise 8 mm",
  );
  await expect(wire.getByText(/roots of the two sides differ by 6 mm/)).toBeVisible();
  await expect(wire.getByLabel("Right: channel, mm")).toBeHidden();
  await wire.getByRole("radio", { name: "left and right apart" }).check();
  await expect(wire.getByText(/roots of the two sides differ/)).toBeHidden();
  for (const [label, text] of [
    ["channel", "250"],
    ["wire, along it", "224"],
    ["tips apart at rest", "130"],
    ["tips spring by", "5"],
  ] as const)
    await wire.getByLabel(`Right: ${label}, mm`).fill(text);
  await wire.getByRole("button", { name: "Keep the change" }).click();
  await expect(wire.getByText("As typed; not kept yet.")).toBeHidden();
  await expect(wire.getByRole("img", { name: /12 mm free, right/ })).toBeVisible();
  await expect(wire.getByRole("list", { name: "What to raise" })).toContainText("Cradle and wing, left: raise 8 mm");
  await expect(wire.getByRole("list", { name: "What to raise" })).not.toContainText("right");

  await wire.getByLabel("Left: wire, along it, mm").fill("228");
  await expect(wire.getByRole("list", { name: "What to raise" })).toBeHidden();
  await wire.getByLabel("Left: channel, mm").fill("0");
  await wire.getByRole("button", { name: "Keep the change" }).click();
  await expect(wire.getByText(/Expected an amount above 0 and up to 600 mm/).first()).toBeVisible();

  await page.goto("/jobs/6/band");
  const band = page.getByRole("region", { name: "The band" });
  await expectAccessible(page);
  await band.getByRole("radio", { name: "the pressure" }).check();
  await band.getByLabel("Mean pressure, kPa").fill("0.8");
  await expect(band.getByRole("row", { name: /Mean pressure/ })).toContainText("0.8 kPa");
  await band.getByLabel("Mean pressure, kPa").fill("5");
  await expect(band.getByText(/ask a qualified fitter/)).toBeVisible();
  await band.getByLabel("Mean pressure, kPa").fill("0.8");
  await band.getByRole("button", { name: "Keep the change" }).click();
  await expect(band.getByText("As typed; not kept yet.")).toBeHidden();
  await band.getByRole("button", { name: "Make it the underbust of the plan" }).click();
  await expect(band.getByRole("button", { name: "Make it the underbust of the plan" })).toBeHidden();
  await page.getByRole("link", { name: /done Ease plan/ }).click();
  await expect(page.getByRole("button", { name: /Underbust, garment girth, your own, chosen/ })).toBeVisible();
});
