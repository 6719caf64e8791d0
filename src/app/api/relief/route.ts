import { readRoute } from "@/server/problem";
import { reliefPicture } from "@/server/relief";

/** Light and shade of a figure, laid over its colours. */
export const GET = readRoute((query) => reliefPicture(query));
