import "server-only";
import { createHash } from "node:crypto";
import { reliefQuery, reliefRequest } from "@/core/anatomy/surface";
import { sheenOf, type Look } from "@/core/look";
import { contextOf, type StoredContext } from "@/core/record";
import { rememberBy } from "@/core/remember";
import { pictureOf } from "./relief";
import { heldThread } from "./threads/inThread";
import { PRINTED_VIEWS, type PrintedView } from "./threads/tasks";

/** A look on the person it is drawn on. */
export interface Drawn {
  readonly look: Look;
  readonly stored: StoredContext;
  /** From where; the face where nothing is said. */
  readonly view?: PrintedView;
}

/** Whatever would look the same has the same mark, and nothing else has. */
export const markOf = ({ look, stored, view = "face" }: Drawn): string =>
  createHash("sha256")
    .update(JSON.stringify(view === "face" ? [look, stored] : [look, stored, view]))
    .digest("hex")
    .slice(0, 16);

const draw = heldThread("lookPictureOf");

/** A look as a card shows it, with the form of its face. */
async function drawn(asked: Drawn): Promise<Uint8Array> {
  const context = contextOf(asked.stored);
  const shines = sheenOf(asked.look, context).size > 0;
  const { view = "face" } = asked;
  const requests = PRINTED_VIEWS[view].flatMap((chart) =>
    (["form", ...(shines ? ["gloss" as const] : [])] as const).map((what) =>
      reliefRequest(context.figure, chart, "above", what),
    ),
  );
  const reliefs = new Map<string, Uint8Array>();
  for (const request of requests) reliefs.set(reliefQuery(request), await pictureOf(request));
  return draw({ ...asked, view, reliefs });
}

/** Pictures kept: those of a few pages of looks. */
const MOST = 120;

/** The picture of a look, WebP, drawn once. */
export const lookPicture = rememberBy(MOST, markOf, drawn);
