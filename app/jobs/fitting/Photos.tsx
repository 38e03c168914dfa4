import Box from "@mui/material/Box";

/** Small pictures that open large. */
export function Photos({ jobId, photos }: { jobId: number; photos: readonly number[] }) {
  if (photos.length === 0) return null;
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 1 }}>
      {photos.map((id, index) => (
        <a key={id} href={`/jobs/${jobId}/photos/${id}`} target="_blank" rel="noreferrer">
          <Box
            component="img"
            src={`/jobs/${jobId}/photos/${id}`}
            alt={`Photo ${index + 1}, taken at the fitting`}
            sx={{ height: 96, maxWidth: 160, objectFit: "cover", border: 1, borderColor: "divider", display: "block" }}
          />
        </a>
      ))}
    </Box>
  );
}
