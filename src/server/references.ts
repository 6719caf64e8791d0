import "server-only";
import sharp from "sharp";
import { z } from "zod";
import { ReferenceSchema } from "@/core/look";
import {
  findReference,
  mustStand,
  putReference,
  referenceBytes,
  saveReference,
  setArchived,
} from "@/store";
import { notFound, Problem, invalid, type Takes } from "./problem";
import { newId, studio } from "./studio";

/** What may be sent, and how much of it. */
export const PICTURE_TYPES = ["image/jpeg", "image/png", "image/webp"] as const;
const LARGEST_BYTES = 12_000_000;
export const PICTURE: Takes = { types: PICTURE_TYPES, most: LARGEST_BYTES };
const LARGEST_PIXELS = 40_000_000;
/** Longest side that is kept, pixels: enough to read a palette and to look at. */
const KEPT_SIDE = 1600;

const KINDS = "urn:dermagraph:problem:";
const broken = () =>
  invalid([
    {
      field: "picture",
      message:
        "can't be read as a picture: the file is broken, or something else under a picture's name",
    },
  ]);

/**
 * A picture as it is kept: turned upright, no larger than it has to be, a plain JPEG with nothing written in it but its pixels.
 * @throws Problem 413, 415 or 400 with what is wrong in words
 */
export async function cleanPicture(
  bytes: Uint8Array,
  type: string,
): Promise<{ width: number; height: number; bytes: Uint8Array }> {
  if (!(PICTURE_TYPES as readonly string[]).includes(type))
    throw new Problem({
      type: `${KINDS}media-type`,
      title: "Send a JPEG, PNG or WebP picture.",
      status: 415,
      errors: [{ field: "picture", message: "must be a JPEG, PNG or WebP" }],
    });
  if (bytes.length > LARGEST_BYTES)
    throw new Problem({
      type: `${KINDS}too-large`,
      title: "That picture is too large.",
      status: 413,
      errors: [{ field: "picture", message: `at most ${LARGEST_BYTES / 1e6} MB` }],
    });
  if (!bytes.length) throw broken();
  const open = () => sharp(bytes, { limitInputPixels: LARGEST_PIXELS, failOn: "error" });
  let size: { width?: number; height?: number; format?: string };
  try {
    size = await open().metadata();
  } catch (error) {
    if (error instanceof Error && /pixel limit/i.test(error.message))
      throw new Problem({
        type: `${KINDS}too-large`,
        title: "That picture has too many pixels.",
        status: 413,
        errors: [{ field: "picture", message: `at most ${LARGEST_PIXELS / 1e6} million pixels` }],
      });
    throw broken();
  }
  if (!["jpeg", "png", "webp"].includes(size.format ?? "")) throw broken();
  if ((size.width ?? 0) * (size.height ?? 0) > LARGEST_PIXELS)
    throw new Problem({
      type: `${KINDS}too-large`,
      title: "That picture has too many pixels.",
      status: 413,
      errors: [{ field: "picture", message: `at most ${LARGEST_PIXELS / 1e6} million pixels` }],
    });
  try {
    const { data, info } = await open()
      .rotate()
      .resize(KEPT_SIDE, KEPT_SIDE, { fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .toColourspace("srgb")
      .jpeg({ quality: 88 })
      .toBuffer({ resolveWithObject: true });
    return { width: info.width, height: info.height, bytes: new Uint8Array(data) };
  } catch {
    throw broken();
  }
}

export async function takeReference(
  lookId: string,
  bytes: Uint8Array,
  type: string,
): Promise<{ id: string; width: number; height: number }> {
  const db = await studio();
  const picture = await cleanPicture(bytes, type);
  await mustStand(db, "look", lookId);
  const id = newId();
  await putReference(db, id, lookId, picture);
  return { id, width: picture.width, height: picture.height };
}

export const SaveReferenceSchema = z
  .object({ version: z.number().int().min(1), fields: ReferenceSchema })
  .strict();

export async function changeReference(
  id: string,
  { version, fields }: z.output<typeof SaveReferenceSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  const found = await findReference(db, id);
  if (!found) throw notFound("picture");
  return { version: await saveReference(db, id, version, found.reference, fields) };
}

export async function archiveReference(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "reference", id, archived);
}

export const pictureOf = async (id: string): Promise<Uint8Array | null> =>
  referenceBytes(await studio(), id);
