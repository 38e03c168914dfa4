import { select } from "d3-selection";
import { type ZoomBehavior, zoom, zoomIdentity } from "d3-zoom";
import { type RefObject, useEffect, useRef } from "react";

/** How near and how far a drawing is looked at. */
const REACH: [number, number] = [1, 12];

/** One press on a button comes nearer by this. */
const STEP = 1.5;

/** What the buttons beside a drawing do. */
export interface ZoomSteps {
  readonly nearer: () => void;
  readonly farther: () => void;
  readonly whole: () => void;
  /** Moves what is shown, in parts of its width and height. */
  readonly pan: (across: number, down: number) => void;
}

/** Wheel with Ctrl and two fingers zoom, a mouse drags: the page is still scrolled by the wheel and one finger alone. */
function takes(event: Event): boolean {
  if (event instanceof WheelEvent) return event.ctrlKey;
  if (typeof TouchEvent !== "undefined" && event instanceof TouchEvent) return event.touches.length >= 2;
  return event instanceof MouseEvent ? event.button === 0 : true;
}

/** Lets a drawing be zoomed and panned: the group in it is moved, its own places stay. */
export function useZoom(svg: RefObject<SVGSVGElement | null>, group: RefObject<SVGGElement | null>): ZoomSteps {
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  useEffect(() => {
    const [outer, inner] = [svg.current, group.current];
    if (!outer || !inner) return;
    const own = zoom<SVGSVGElement, unknown>()
      .scaleExtent(REACH)
      .filter(takes)
      .on("zoom", ({ transform }: { readonly transform: { toString(): string } }) =>
        inner.setAttribute("transform", transform.toString()),
      );
    behaviour.current = own;
    const selection = select(outer).call(own).on("dblclick.zoom", null);
    return () => {
      selection.on(".zoom", null);
    };
  }, [svg, group]);
  const act = (doing: (own: ZoomBehavior<SVGSVGElement, unknown>, outer: SVGSVGElement) => void) => {
    if (behaviour.current && svg.current) doing(behaviour.current, svg.current);
  };
  return {
    nearer: () => act((own, outer) => own.scaleBy(select(outer), STEP)),
    farther: () => act((own, outer) => own.scaleBy(select(outer), 1 / STEP)),
    whole: () => act((own, outer) => own.transform(select(outer), zoomIdentity)),
    pan: (across, down) =>
      act((own, outer) => {
        const { width, height } = outer.viewBox.baseVal;
        own.translateBy(select(outer), across * width, down * height);
      }),
  };
}
