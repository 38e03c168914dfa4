import { itProposes } from "../../../testing/index.ts";

const stays = /^A mark that stays: not to be worn like this/;
const longer = { on: "elastic", name: "Let the edge elastic longer", pieces: "edge elastic" };

itProposes("digs", [
  {
    told: "nothing where no mark is left",
    found: { spot: "leg", amountMm: 8, detail: { mark: "none" } },
    remedies: [["watch", null, { on: "making" }]],
  },
  {
    told: "3 % of the stretched part where the mark goes",
    found: { spot: "leg", detail: { mark: "goes", stretched: 400 } },
    remedies: [["longer-elastic", 12, longer]],
  },
  {
    told: "5 % of it where the mark stays, and a caution",
    found: { spot: "waist", detail: { mark: "stays", stretched: 400 } },
    remedies: [["longer-elastic", 20, longer]],
    cautions: [stays],
  },
  {
    told: "what was tried before the per cent",
    found: { spot: "leg", amountMm: 9, detail: { mark: "goes", stretched: 400 } },
    remedies: [["longer-elastic", 9, { by: null }]],
  },
  {
    told: "no amount without either, and asks for the stretched part",
    found: { spot: "leg", detail: { mark: "goes" } },
    remedies: [["longer-elastic", null]],
    asks: [/^Give the stretched part/],
  },
  {
    told: "a longer strap, asking for the trunk loop first",
    found: { spot: "strap", amountMm: 6, detail: { mark: "goes" } },
    remedies: [["longer-elastic", 6, { name: "Lengthen the strap", pieces: "strap" }]],
    asks: [/^Strap: check the trunk loop first/],
  },
  {
    told: "a shorter wire, which never sits on tissue",
    found: { spot: "wire", amountMm: 6, detail: { mark: "stays" } },
    remedies: [["shorter-wire", -6, { on: "wire" }]],
    cautions: [stays, /on the ribs, never on tissue/],
  },
  {
    told: "a shorter bone",
    found: { spot: "boneEnd", amountMm: 6, detail: { mark: "goes" } },
    remedies: [["shorter-bone", -6, { on: "making", line: "end of the bone" }]],
  },
]);
