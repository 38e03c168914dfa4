import { formatDay } from "../units/index.ts";
import type { SwatchState, SwatchTest } from "./cloth.ts";
import type { ClothKind } from "./clothKind.ts";
import type { Direction } from "./direction.ts";
import { bags, evaluateTest, type TestResult } from "./evaluateTest.ts";
import type { ClothSettings } from "./settings.ts";

/** Which state of a swatch a garment is planned from, the first that was tested: it is cut from new cloth. */
const COUNTING_ORDER: readonly SwatchState[] = ["new", "washed", "worn", "wet"];

/** What the tests of a direction say together, each figure by the newest test that tells it. */
export interface Counting extends TestResult {
  /** The one its usable stretch comes from. */
  readonly test: SwatchTest;
  /** The one its curve comes from; null where none was pulled by load. */
  readonly curveTest: SwatchTest | null;
  /** The one growth and recovery were read at; null where none was. */
  readonly returnTest: SwatchTest | null;
  /** Why a newer test does not count for everything; null where it does. */
  readonly told: string | null;
}

/** A test with what it says on its own. */
interface Read {
  readonly test: SwatchTest;
  readonly result: TestResult;
}

/**
 * What counts of a direction: of the swatches in the first state of {@link COUNTING_ORDER} there is, the newest by day, then the one
 * entered last, for each figure that it tells. One that only says *at least* does not stand against one that found the end, and one
 * pulled by hand takes away no curve. Washed, worn and wet swatches show what becomes of the cloth; they count only where no new one
 * was pulled. Tests that cannot be read are passed over.
 */
export function countingTest(
  tests: readonly SwatchTest[],
  direction: Direction,
  kind: ClothKind,
  settings: ClothSettings,
): Counting | null {
  const there = tests.filter((test) => test.direction === direction && test.struck === null);
  const state = COUNTING_ORDER.find((known) => there.some((test) => test.state === known));
  const read = there
    .filter((test) => test.state === state)
    .toSorted(newestFirst)
    .flatMap((test): Read[] => {
      const result = evaluateTest(test, kind, settings);
      return result.ok ? [{ test, result: result.value }] : [];
    });
  const [newest] = read;
  if (!newest) return null;
  const decides = read.find(({ result }) => result.basis !== "last") ?? newest;
  const curved = decides.result.ladder ? decides : read.find(({ result }) => result.ladder !== null);
  const returned = decides.result.recovery !== null ? decides : read.find(({ result }) => result.recovery !== null);
  const { growth, recovery, recoveredAfter } = (returned ?? decides).result;
  return {
    ...decides.result,
    ...{ growth, recovery, recoveredAfter, willBag: bags({ growth, recovery, recoveredAfter }, settings) },
    ladder: curved?.result.ladder ?? null,
    test: decides.test,
    curveTest: curved?.test ?? null,
    returnTest: returned?.test ?? null,
    told: toldOf(newest, decides, curved),
  };
}

/** What a test says where nothing stands beside it. */
export const countingAlone = (test: SwatchTest, result: TestResult): Counting => ({
  ...{ ...result, test, told: null },
  curveTest: result.ladder ? test : null,
  returnTest: result.recovery === null ? null : test,
});

const newestFirst = (a: SwatchTest, b: SwatchTest): number => b.testedOn.localeCompare(a.testedOn) || b.id - a.id;

function toldOf(newest: Read, decides: Read, curved: Read | undefined): string | null {
  const day = ({ test }: Read) => `the test of ${formatDay(test.testedOn)}`;
  const curve = curved && curved !== decides ? ` Its curve is that of ${day(curved)}.` : "";
  if (decides !== newest)
    return `The newest test, ${formatDay(newest.test.testedOn)}, ended before the reference tension and says only “at least”: ${day(decides)} found the end, and decides.${curve}`;
  return curve ? `The newest test was pulled by hand alone.${curve}` : null;
}
