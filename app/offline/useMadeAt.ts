import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { lookForServer, onReached } from "./connection.ts";
import { askWorker, onWorkerTold } from "./workerLink.ts";

/** When the page in sight was made (ISO), where it came from what this device keeps; null where the server gave it. */
export function useMadeAt(): string | null {
  const { key } = useLocation();
  const [made, setMade] = useState<{ readonly at: string; readonly of: string } | null>(null);
  useEffect(
    () =>
      onWorkerTold((message) => {
        if (message.told !== "kept") return;
        lookForServer();
        if (message.madeAt !== null) setMade({ at: message.madeAt, of: key });
      }),
    [key],
  );
  useEffect(() => onReached(() => setMade(null)), []);
  useEffect(() => askWorker({ ask: "answered" }), []);
  return made?.of === key ? made.at : null;
}
