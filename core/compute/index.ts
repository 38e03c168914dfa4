import { bandKind } from "./band.ts";
import { blendKind } from "./blend.ts";
import type { ComputeKind } from "./computeKind.ts";
import { boneKind, corsetKind, gapShapeKind, laceKind, lacingKind, layersKind, panelsKind } from "./corset.ts";
import { bustRoomKind, dartKind, labelKind, wireKind } from "./cups.ts";
import { curveKind } from "./curve.ts";
import { easeKind } from "./ease.ts";
import { allowanceKind, gussetKind } from "./edges.ts";
import { elasticKind } from "./elastic.ts";
import { gradeKind } from "./grade.ts";
import { layupKind } from "./layup.ts";
import { learnShareKind } from "./learnShare.ts";
import { lengthKind } from "./length.ts";
import { parseKind } from "./parse.ts";
import { passOverKind } from "./passOver.ts";
import { proposalKind } from "./proposal.ts";
import { seamAdviceKind, seamKind, zigzagKind } from "./seams.ts";
import { torsoKind } from "./torso.ts";

/** Kinds of the scripting interface; any other answers `unsupported`. */
export const COMPUTE_KINDS: readonly ComputeKind[] = [
  parseKind,
  curveKind,
  layupKind,
  easeKind,
  lengthKind,
  passOverKind,
  gradeKind,
  torsoKind,
  bustRoomKind,
  dartKind,
  labelKind,
  bandKind,
  wireKind,
  proposalKind,
  learnShareKind,
  blendKind,
  allowanceKind,
  gussetKind,
  elasticKind,
  seamKind,
  zigzagKind,
  seamAdviceKind,
  corsetKind,
  lacingKind,
  panelsKind,
  layersKind,
  boneKind,
  laceKind,
  gapShapeKind,
];
