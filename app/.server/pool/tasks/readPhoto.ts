import { type Picture, readPicture } from "../../../../formats/pictures/picture.ts";
import type { Task } from "../task.ts";

/** A photograph as it is kept. */
export const readPhoto: Task<{ readonly bytes: Uint8Array }, Picture> = ({ bytes }) => readPicture(bytes);
