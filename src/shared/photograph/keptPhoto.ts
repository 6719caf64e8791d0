import type { Point } from "@/core/anatomy";
import { STAND_IN } from "@/core/people";
import type { PhotoPoints } from "@/core/photograph";

/** How the colours of a photograph are taken. */
export type BalanceBy = "taken" | "skin" | "card";

/** Somebody's photograph, kept in this browser alone: it is never sent to the studio, and is in none of its files. */
export interface KeptPhoto {
  readonly picture: Blob;
  readonly width: number;
  readonly height: number;
  /** Null until the face was found on it. */
  readonly points: PhotoPoints | null;
  /** Whether somebody has looked at every point and found it where it belongs. */
  readonly isChecked?: boolean;
  /** What was doubtful when the face was found: the picture small, dark, blurred, or the head turned. */
  readonly doubts?: readonly string[];
  readonly balance: BalanceBy;
  /** A grey or white card in the picture, pixels. */
  readonly card: Point;
}

const [NAME, STORE] = ["dermagraph-photographs", "faces"];

function opened(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const asked = indexedDB.open(NAME, 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE);
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(asked.error ?? new Error("this browser keeps no pictures"));
  });
}

async function within<T>(
  mode: IDBTransactionMode,
  act: (store: IDBObjectStore) => IDBRequest<T>,
): Promise<T> {
  const db = await opened();
  try {
    return await new Promise<T>((resolve, reject) => {
      const asked = act(db.transaction(STORE, mode).objectStore(STORE));
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error ?? new Error("this browser keeps no pictures"));
    });
  } finally {
    db.close();
  }
}

export const keptPhoto = async (personId: string): Promise<KeptPhoto | null> =>
  (await within<KeptPhoto | undefined>(
    "readonly",
    (store) => store.get(personId) as IDBRequest<KeptPhoto | undefined>,
  )) ?? null;

export const keepPhoto = async (personId: string, photo: KeptPhoto): Promise<void> => {
  await within("readwrite", (store) => store.put(photo, personId));
};

/** Deletes somebody's photograph; with the person it goes too. */
export const dropPhoto = async (personId: string): Promise<void> => {
  await within("readwrite", (store) => store.delete(personId));
};

/** Deletes every photograph this browser keeps. */
export const dropPhotos = async (): Promise<void> => {
  await within("readwrite", (store) => store.clear());
};

/** What the photograph of somebody painted is kept under, beside their own. */
export const paintedKey = (personId: string): string => `${personId} painted`;

/** Deletes photographs of people the studio has no more: they were deleted in another browser. */
export async function dropGonePhotos(): Promise<void> {
  const keys = (await within("readonly", (store) => store.getAllKeys())).map(String);
  const ofWhom = (key: string) => key.split(" ")[0] ?? "";
  const known = keys.filter((key) => ofWhom(key) !== STAND_IN.id);
  if (known.length === 0) return;
  const people = [...new Set(known.map(ofWhom))].join(",");
  const response = await fetch(`/api/gone?${new URLSearchParams({ people }).toString()}`);
  if (!response.ok) return;
  const gone = ((await response.json()) as { people: string[] }).people;
  for (const key of keys) if (gone.includes(ofWhom(key))) await dropPhoto(key);
}

/** Longest side a photograph is kept at, pixels: some three to a mm of a face that fills it. */
const LONGEST_PX = 1200;

/**
 * Reads a picture file, no larger than needed and without what a camera wrote into it.
 *
 * @throws Error with words for a person where it is no picture, or too small to see a face on
 */
export async function readPhoto(file: File): Promise<KeptPhoto> {
  const image = await createImageBitmap(file).catch(() => null);
  if (!image)
    throw new Error("This file is no picture that can be shown. Take a JPEG, PNG or WebP.");
  if (Math.min(image.width, image.height) < LEAST_PX)
    throw new Error(`This picture is too small: ${LEAST_PX} pixels across are the least.`);
  const share = Math.min(1, LONGEST_PX / Math.max(image.width, image.height));
  const [width, height] = [Math.round(image.width * share), Math.round(image.height * share)];
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("This browser gives no canvas to draw on.");
  context.drawImage(image, 0, 0, width, height);
  image.close();
  const picture = await canvas.convertToBlob({ type: "image/jpeg", quality: 0.92 });
  const card = { x: width * 0.1, y: height * 0.9 };
  return { picture, width, height, points: null, balance: "taken", card };
}
const LEAST_PX = 200;

/** Its pixels, for who measures or paints them. */
export async function pixelsOf({ picture, width, height }: KeptPhoto) {
  const image = await createImageBitmap(picture);
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) throw new Error("This browser gives no canvas to draw on.");
  context.drawImage(image, 0, 0, width, height);
  image.close();
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}
