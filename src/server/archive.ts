import "server-only";
import { z } from "zod";
import {
  ARCHIVE_KINDS,
  deleteArchived,
  listArchived,
  setArchived,
  StillUsed,
  type Archived,
  type ArchiveKind,
} from "@/store";
import { notFound, Problem } from "./problem";
import { studio } from "./studio";

export type { Archived, ArchiveKind } from "@/store";

/** Everything that is out of sight, the latest first. */
export const archive = async (): Promise<Archived[]> => listArchived(await studio());

const kindOf = (kind: string): ArchiveKind => {
  const known = ARCHIVE_KINDS.find((entry) => entry === kind);
  if (!known) throw notFound("archive");
  return known;
};

export const RestoreSchema = z.object({ archived: z.literal(false) }).strict();

/** Brings something back. @throws Problem */
export async function restore(kind: string, id: string): Promise<void> {
  await setArchived(await studio(), kindOf(kind), id, false);
}

export const DeleteSchema = z.object({ forGood: z.literal(true) }).strict();

/** Deletes something archived for good. A person is deleted from their own card, where it is said what goes. @throws Problem */
export async function deleteForGood(kind: string, id: string): Promise<void> {
  const known = kindOf(kind);
  if (known === "person") throw notFound("archive of people to delete from");
  try {
    await deleteArchived(await studio(), known, id);
  } catch (error) {
    if (!(error instanceof StillUsed)) throw error;
    throw new Problem({
      type: "urn:dermagraph:problem:still-used",
      title: "Its history still needs it.",
      status: 409,
      detail:
        "Records, stock movements or jobs refer to it, so it stays in the archive. Nothing was changed.",
    });
  }
}
