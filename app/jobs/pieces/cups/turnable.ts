import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  Group,
  Line,
  LineBasicMaterial,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Scene,
  Vector3,
  WebGLRenderer,
} from "three";
import { OrbitControls } from "three/addons/controls/OrbitControls.js";
import type { CupSurface, Place3 } from "../../../../core/drafting/index.ts";
import { strainTone } from "./strainTone.ts";

/** Colours of the page as it is shown. */
export interface TurnableColours {
  readonly gives: string;
  readonly long: string;
  readonly none: string;
  readonly line: string;
}

/** Room between the cups of two sides, mm. */
const BETWEEN_MM = 70;

/** y goes up in space, and down on the cloth. */
const placed = ({ x, y, z }: Place3, turn: number) => new Vector3(turn * x, -y, z);

/**
 * Draws cups in space on a canvas, lit from above, to be turned with pointer, fingers or arrow keys.
 * @returns how it is taken away again.
 */
export function drawTurnable(
  canvas: HTMLCanvasElement,
  surfaces: readonly CupSurface[],
  colours: TurnableColours,
): () => void {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  const { clientWidth, clientHeight } = canvas;
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  renderer.setSize(clientWidth, clientHeight, false);
  const scene = new Scene();
  const light = new DirectionalLight("#ffffff", 2);
  light.position.set(-120, 260, 320);
  scene.add(light, new AmbientLight("#ffffff", 1.4), ...surfaces.map((one) => cupGroup(one, surfaces.length, colours)));
  const camera = new PerspectiveCamera(32, clientWidth / clientHeight, 10, 4000);
  camera.position.set(0, 90, surfaces.length > 1 ? 470 : 400);
  const controls = new OrbitControls(camera, canvas);
  controls.enablePan = false;
  controls.target.set(0, 0, 30);
  controls.update();
  const draw = () => renderer.render(scene, camera);
  controls.addEventListener("change", draw);
  canvas.tabIndex = 0;
  const turnBy = (event: KeyboardEvent) => {
    const step = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] }[event.key];
    if (!step) return;
    event.preventDefault();
    const way = camera.position.clone().sub(controls.target);
    way.applyAxisAngle(new Vector3(0, 1, 0), step[0] ?? 0);
    way.applyAxisAngle(new Vector3(1, 0, 0), -(step[1] ?? 0));
    camera.position.copy(controls.target).add(way);
    controls.update();
  };
  canvas.addEventListener("keydown", turnBy);
  draw();
  return () => {
    canvas.removeEventListener("keydown", turnBy);
    controls.dispose();
    renderer.dispose();
  };
}

/** An arrow key turns by so much, radians. */
const STEP = 0.12;

function cupGroup(surface: CupSurface, count: number, colours: TurnableColours): Group {
  const group = new Group();
  // The wearer's left is at our right.
  const turn = surface.side === "right" ? -1 : 1;
  if (count > 1) group.position.x = turn * BETWEEN_MM * 1.3;
  for (const { faces, border } of surface.patches) {
    group.add(facesMesh(faces, turn, colours));
    for (const line of [border.seam, border.root])
      group.add(
        new Line(
          new BufferGeometry().setFromPoints(line.map((place) => placed({ ...place, z: place.z + LIFTED_MM }, turn))),
          new LineBasicMaterial({ color: colours.line }),
        ),
      );
  }
  return group;
}

/** Lines lie so far before the surface that they are not hidden in it, mm. */
const LIFTED_MM = 0.6;

function facesMesh(faces: CupSurface["patches"][number]["faces"], turn: number, colours: TurnableColours): Mesh {
  const corners: number[] = [];
  const tones: number[] = [];
  for (const { places, strain } of faces) {
    const { part, gives } = strainTone(strain);
    const tone = new Color(colours.none).lerp(new Color(gives ? colours.gives : colours.long), part);
    // Two triangles, turned the same way whichever side it is of.
    for (const at of turn > 0 ? [0, 2, 1, 0, 3, 2] : [0, 1, 2, 0, 2, 3]) {
      const place = places[at];
      if (!place) continue;
      corners.push(...placed(place, turn).toArray());
      tones.push(tone.r, tone.g, tone.b);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(new Float32Array(corners), 3));
  geometry.setAttribute("color", new BufferAttribute(new Float32Array(tones), 3));
  geometry.computeVertexNormals();
  return new Mesh(geometry, new MeshLambertMaterial({ vertexColors: true, side: DoubleSide, flatShading: true }));
}
