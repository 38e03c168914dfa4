import { useEffect, useRef, useState } from "react";
import { fetchPrint } from "./fetchPrint.ts";

/** How far a print has come. */
export type Printing =
  | { readonly at: "rest" }
  /** Pages that have arrived, of how many; null while that is not told. */
  | { readonly at: "under-way"; readonly done: number; readonly all: number | null }
  | { readonly at: "failed"; readonly sentence: string };

/**
 * Fetches a print page by page and gives it as a file when it is whole: a garment of many papers says how far it is.
 * @returns how far it is, and what starts it; leaving the page stops it.
 */
export function usePrinting() {
  const [printing, setPrinting] = useState<Printing>({ at: "rest" });
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const print = async (address: string) => {
    stop.current?.abort();
    const asked = new AbortController();
    stop.current = asked;
    setPrinting({ at: "under-way", done: 0, all: null });
    try {
      const { file, name } = await fetchPrint(address, asked.signal, (done, all) =>
        setPrinting({ at: "under-way", done, all }),
      );
      give(file, name);
      setPrinting({ at: "rest" });
    } catch {
      if (!asked.signal.aborted)
        setPrinting({
          at: "failed",
          sentence: "Expected the print whole, but the connection ended before it was: print it again.",
        });
    }
  };
  return { printing, print };
}

/** Gives a file to be kept, as a link to one would. */
function give(file: Blob, name: string): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
