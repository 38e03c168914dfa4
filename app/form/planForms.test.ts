import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { copyOf, SHIPPED_EASE_SETTINGS, type ShippedStyleId, type Style, styleOf } from "../../core/ease/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import { temporaryStore } from "../../data/testing/index.ts";
import { styleFields, zoneField } from "../styles/style/styleFields.ts";
import { readStyle } from "../styles/style/styleForm.server.ts";
import { likedFields, likedLengthField, widthField } from "../wearers/garment/likedFields.ts";
import { readLiked } from "../wearers/garment/likedForm.server.ts";
import { cutField, settingsFields, shareField, tableField } from "../workshop/settings-ease/easeSettingsFields.ts";
import { readSettings } from "../workshop/settings-ease/easeSettingsForm.server.ts";
import { errorsOf } from "./errorsOf.ts";
import { numberText } from "./numberText.ts";

it("writes a number for its field without digits that are only rounding", () => {
  expect([numberText(0.28 * 100), numberText(0.1 + 0.2), numberText(12)]).toEqual(["28", "0.3", "12"]);
});

describe("the form of the habits", () => {
  const shipped = settingsFields(SHIPPED_EASE_SETTINGS, SHIPPED_CLOTH_SETTINGS);

  it("gives back the settings it was filled from", () => {
    expect(readSettings(shipped)).toEqual({ ok: true, ease: SHIPPED_EASE_SETTINGS, cloth: SHIPPED_CLOTH_SETTINGS });
  });

  it("leaves out a share that is empty, and drops an empty row of the table", () => {
    const read = readSettings({
      ...shipped,
      [shareField("brief", "waist")]: "",
      [tableField(5, "stretch")]: "",
      [tableField(5, "reduction")]: "",
    });
    if (!read.ok) throw new Error("Expected settings.");
    expect(read.ease.shares.brief).not.toHaveProperty("waist");
    expect(read.ease.percentTable).toHaveLength(5);
  });

  it.each([
    [shareField("swim", "hip"), "130", "Expected a share for swim at the hip, 0 to 100, but got “130”."],
    [
      cutField("leg", "stretchy"),
      "",
      "Expected millimetres a quarter at the leg, -100 to 100, but the field is empty.",
    ],
    [tableField(2, "stretch"), "20", "Expected more than 25 %, the row above, but got less."],
    ["sizeStep", "1.5", "Expected a number of sizes, 0 to 10, whole, but got “1.5”."],
  ])("says beside %s what is wrong with %j", (name, text, message) => {
    const read = readSettings({ ...shipped, [name]: text });
    expect(read.ok ? {} : read.errors).toEqual({ [name]: message });
  });
});

describe("the form of a style", () => {
  const own = { ...copyOf(styleOf("onePiece") as Style & { id: ShippedStyleId }), id: 1, version: 1 };

  it("gives back the style it was filled from", () => {
    const { id: _id, version: _version, basedOn: _basedOn, ...value } = own;
    expect(readStyle(styleFields(own))).toEqual({ ok: true, value });
  });

  it("needs a zone, and says what is wrong beside each field", () => {
    const none = Object.fromEntries(own.zones.map((zone) => [zoneField(zone), ""]));
    const wrong = (other: Record<string, string>) =>
      Object.keys(errorsOf(readStyle({ ...styleFields(own), ...other }))).toSorted();
    expect(wrong({ ...none, mostPressure: "6", "drop.front": "half a metre" })).toEqual(["drop.front", "mostPressure"]);
    expect(wrong(none)).toEqual(["form"]);
  });
});

describe("the form of a garment that fits", () => {
  const fields = {
    name: "Grey brief",
    measuredOn: "2026-10-01",
    [widthField("waist")]: "32,9",
    unit: "cm",
    direction: "across",
  };
  const read = async (own: Record<string, string> = {}) => {
    const { store } = await temporaryStore();
    await store.cloths.add({ ...SAMPLE_CLOTH, name: "Heron jersey" });
    return readLiked({ ...fields, ...own }, { cloths: store.cloths, today: "2026-11-25" });
  };

  it("reads widths and lengths in any unit, and the cloth by its name", async () => {
    const read1 = await read({ cloth: "heron jersey", [likedLengthField("strap")]: "13 in", usable: "70" });
    expect(read1).toMatchObject({
      ok: true,
      value: { clothId: 1, usable: 0.7, widthsMm: { waist: 329 }, lengthsMm: { strap: 330.2 } },
    });
  });

  it("gives back the garment it was filled from", async () => {
    const first = await read({ cloth: "heron jersey" });
    if (!first.ok) throw new Error("Expected a garment.");
    const again = await read(
      likedFields({ ...first.value, id: 1, wearerId: 1, version: 1 }, "Heron jersey") as Record<string, string>,
    );
    expect(again).toEqual(first);
  });

  it.each([
    [{ name: "" }, "name"],
    [{ measuredOn: "2027-01-01" }, "measuredOn"],
    [{ cloth: "no such cloth" }, "cloth"],
    [{ usable: "0" }, "usable"],
    [{ [widthField("waist")]: "" }, widthField("waist")],
    [{ [widthField("waist")]: "32 x" }, widthField("waist")],
    [{ [likedLengthField("strap")]: "9 m" }, likedLengthField("strap")],
  ])("refuses %j beside the field %s", async (own, name) => {
    const answer = await read(own as Record<string, string>);
    expect(answer.ok ? [] : Object.keys(answer.errors)).toEqual([name]);
  });
});
