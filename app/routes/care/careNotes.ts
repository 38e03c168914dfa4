/** Where the work can hurt someone; each note also stands, in a line, where it matters. */
export const CARE_NOTES: readonly { readonly about: string; readonly text: string }[] = [
  {
    about: "Take it off at once",
    text: "Pain, numbness, tingling, breathlessness, faintness or heartburn in a garment: loosen it or take it off at once, and ask a clinician before trying again.",
  },
  {
    about: "Pressure",
    text: "Garments smaller than the body press on it. Limit the wearing time of anything firm; not for children, in pregnancy, or with trouble of circulation or skin without their clinician. Medical or post-surgical compression, lymphoedema and binders after surgery belong to a qualified fitter or clinician, not to this tool.",
  },
  {
    about: "Children",
    text: "No free cords or drawstrings at the neck; other limits differ by country. Follow the local code.",
  },
  {
    about: "Swimwear",
    text: "Ties can slip or catch. Dark thin cloth can turn sheer when wet and stretched: test it wet.",
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
