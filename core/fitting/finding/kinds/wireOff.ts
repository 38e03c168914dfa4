import { type FindingKind, remedy } from "./findingKind.ts";

const HOW: Readonly<Record<string, { readonly name: string; readonly why: string }>> = {
  tissue: {
    name: "Take a larger wire and raise the channel",
    why: "It sits on tissue: the wire is too small or stands too high at the side. It belongs on the ribs, round the breast.",
  },
  pokes: {
    name: "Lengthen the channel at the underarm",
    why: "It pokes: the wire is too long for its channel, or lacks its spring allowance. The channel goes up at the underarm, with the wing and the cup piece that meet it.",
  },
  floats: {
    name: "Widen the bridge or narrow the wire",
    why: "It floats off the ribs: bridge width and wire do not agree, or the cup is too small.",
  },
};

/** Where the channel lies well, it is the wire that is too long. */
const shorterWire = (takeMm: number | null) =>
  remedy({
    id: "shorter-wire",
    on: "wire",
    name: "Take a shorter wire",
    pieces: "wire",
    line: "wire, tip to tip",
    amountMm: takeMm === null ? null : -takeMm,
    why: "Where channel and cup sit well: a wire of the next size down, or this one shortened and capped anew. No line moves.",
  });

/** A wire that does not lie where it belongs. */
export const wireOff: FindingKind = {
  id: "wire_off",
  name: "Wire off its place",
  sees: "The wire sits on tissue, pokes or floats.",
  spots: ["wire", "gore"],
  amount: {
    name: "How far",
    howToRead: "How far it is from where it belongs, or out of its channel.",
    needed: false,
    canBeFolded: false,
  },
  fields: [
    {
      id: "how",
      label: "The wire",
      type: "choice",
      choices: [
        { value: "tissue", label: "sits on tissue" },
        { value: "pokes", label: "pokes" },
        { value: "floats", label: "floats" },
      ],
      needed: true,
    },
  ],
  effect: "reshape",
  strain: "free",
  answer({ takeMm, detail }) {
    const how = HOW[String(detail.how)];
    return {
      remedies: how
        ? [
            remedy({
              id: `wire-${String(detail.how)}`,
              on: "wire",
              name: how.name,
              pieces: "cradle, bridge",
              line: "wire channel",
              amountMm: takeMm,
              why: how.why,
            }),
            ...(detail.how === "pokes" ? [shorterWire(takeMm)] : []),
          ]
        : [],
      cautions: [
        "A wire sits on the ribs, never on tissue; after breast surgery or during nursing follow clinical advice.",
      ],
    };
  },
};
