import { cardPicture } from "@/server/lookCards";
import { readRoute } from "@/server/problem";

/** A look as its card shows it. */
export const GET = readRoute((query, { id }: { id: string }) =>
  cardPicture(id, query.job ?? null, query.mark ?? null),
);
