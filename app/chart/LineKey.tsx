/** What each line of a chart is: its dashes beside its words. */
export interface KeyLine {
  readonly words: string;
  readonly dash: string;
  readonly ink: string;
}

/** The key under a chart. */
export function LineKey({ lines }: { lines: readonly KeyLine[] }) {
  return (
    <ul
      style={{
        display: "flex",
        flexWrap: "wrap",
        gap: "2px 18px",
        listStyle: "none",
        padding: 0,
        margin: "4px 0 0",
        fontSize: "0.85rem",
      }}
    >
      {lines.map(({ dash, words, ink }) => (
        <li key={words}>
          <svg width={34} height={8} aria-hidden="true" style={{ verticalAlign: "middle", marginRight: 6 }}>
            <path d="M 0 4 H 34" stroke={ink} strokeWidth={2.4} strokeDasharray={dash} />
          </svg>
          {words}
        </li>
      ))}
    </ul>
  );
}
