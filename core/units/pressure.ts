/** Kilopascals in one millimetre of mercury (conventional value). */
const KPA_PER_MMHG = 0.133322;

/** Converts a pressure for the reader who thinks in mmHg. */
export const toMmHg = (pressureKpa: number): number => pressureKpa / KPA_PER_MMHG;
