/** Where the work can hurt someone; each note also stands, in a line, where it matters. */
export const CARE_NOTES: readonly { readonly about: string; readonly text: string }[] = [
  {
    about: "Take it off at once",
    text: "Pain, numbness, tingling, breathlessness, faintness or heartburn in a garment: loosen it or take it off at once, and ask a clinician before trying again.",
  },
  {
    about: "Pressure",
    text: "Garments smaller than the body press on it. Mean pressures under 1.5 kPa are easy, from 1.5 snug, from 2.7 firm, over 4.0 stop; at leg, arm and neck stop from 2.7. Stenz never proposes one over 4.0. A mean hides the hip bone: local pressure is higher where the body is rounder. Limit the wearing time of anything firm; not for children, in pregnancy, or with trouble of circulation or skin without their clinician. Medical or post-surgical compression, lymphoedema and binders after surgery belong to a qualified fitter or clinician, not to this tool.",
  },
  {
    about: "Waist reduction and boned garments",
    text: "Pain, numbness, tingling, breathlessness, faintness, heartburn: loosen at once. Not in pregnancy, not for sleeping, not for children; with conditions of lung, heart, gut, spine or circulation ask a clinician first.",
  },
  {
    about: "Bands and wires",
    text: "A wire sits on the ribs, never on tissue. After breast surgery or during nursing follow clinical advice.",
  },
  {
    about: "Children",
    text: "No free cords or drawstrings at the neck; other limits differ by country. Follow the local code.",
  },
  {
    about: "Swimwear",
    text: "Ties and halters can slip or catch. Dark thin cloth can turn sheer when wet and stretched: test it wet.",
  },
  {
    about: "Skin",
    text: "Nickel in hooks and rings, latex in elastics, dyes: ask before the first fitting and note allergies on the wearer.",
  },
  {
    about: "At the bench",
    text: "Pins inside a garment being tried on; hot-cut or melted ends (fumes, burns: ventilate); rotary cutters; machine needles over wires and bones.",
  },
  {
    about: "Dignity and consent",
    text: "Ask before touching. Offer self-measuring and another person present. Keep no more than the job needs, export and erase on request, and follow the privacy law where the workshop is.",
  },
];
