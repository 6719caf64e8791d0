"use client";

import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { useEffect, useState } from "react";
import { point, type Point } from "@/core/anatomy";
import { patchLight, readSwatchCard, type ReadSwatches } from "@/core/colour";
import { Swatch } from "@/ui/Swatch";
import { usePlaced } from "@/shared/photograph/usePlaced";

const PATCHES = {
  overWhite: "paint over white",
  overBlack: "paint over black",
  white: "bare white",
  black: "bare black",
  thick: "thick stroke",
  letDown: "1 in 10 of white",
} as const;
type Patch = keyof typeof PATCHES;
const KEYS = Object.keys(PATCHES) as Patch[];

/** What need not be on the card, and the patches that show it. */
const EXTRAS = {
  bare: { label: "Bare card", patches: ["white", "black"] },
  thick: { label: "Thick stroke", patches: ["thick"] },
  letDown: { label: "1 part in 10 of white", patches: ["letDown"] },
} as const satisfies Record<string, { label: string; patches: readonly Patch[] }>;
type Extra = keyof typeof EXTRAS;
type Laid = Readonly<Record<Extra, boolean>>;

/** Whether a patch is looked for: colour needs the bare card, strength the thick stroke too. */
function isLookedFor(patch: Patch, { bare, thick, letDown }: Laid): boolean {
  if (patch === "thick") return bare && thick;
  if (patch === "letDown") return bare && thick && letDown;
  return bare || patch.startsWith("over");
}
type Places = Readonly<Record<Patch, Point>>;

interface Photo {
  readonly url: string;
  readonly width: number;
  readonly height: number;
  readonly pixels: OffscreenCanvasRenderingContext2D;
}

/** Longest side a photograph is measured in, pixels. */
const LARGEST = 1200;
/** Side of a patch, as a share of the picture's longer side. */
const PATCH = 0.06;

const startPlaces = ({ width, height }: Photo): Places => ({
  overWhite: point(width * 0.35, height * 0.35),
  overBlack: point(width * 0.65, height * 0.35),
  white: point(width * 0.35, height * 0.75),
  black: point(width * 0.65, height * 0.75),
  thick: point(width * 0.15, height * 0.35),
  letDown: point(width * 0.15, height * 0.75),
});

/** Three strokes on one card, photographed: hiding of a coat, the colour itself, and how it tints. The picture stays in this browser. */
export function SwatchCard({ onTake }: { onTake: (read: ReadSwatches) => void }) {
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [places, setPlaces] = useState<Places | null>(null);
  const [laid, setLaid] = useState<Laid>({ bare: true, thick: true, letDown: true });
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(
    () => () => {
      if (photo) URL.revokeObjectURL(photo.url);
    },
    [photo],
  );
  const open = async (file: File | undefined) => {
    if (!file) return;
    const url = URL.createObjectURL(file);
    try {
      const image = new Image();
      image.src = url;
      await image.decode();
      const scale = Math.min(1, LARGEST / Math.max(image.naturalWidth, image.naturalHeight));
      const [width, height] = [
        Math.max(1, Math.round(image.naturalWidth * scale)),
        Math.max(1, Math.round(image.naturalHeight * scale)),
      ];
      const pixels = new OffscreenCanvas(width, height).getContext("2d", {
        willReadFrequently: true,
      });
      if (!pixels) throw new Error("no canvas");
      pixels.drawImage(image, 0, 0, width, height);
      const next = { url, width, height, pixels };
      setProblem(null);
      setPhoto(next);
      setPlaces(startPlaces(next));
    } catch {
      URL.revokeObjectURL(url);
      setProblem("This file is not a picture that can be shown. Take a JPEG, PNG or WebP.");
    }
  };
  let found: ReadSwatches | null = null;
  let refused: string | null = null;
  if (photo && places) {
    const side = Math.max(4, Math.round(Math.max(photo.width, photo.height) * PATCH));
    const light = (patch: Patch) =>
      patchLight(
        photo.pixels.getImageData(
          Math.max(0, Math.min(photo.width - side, Math.round(places[patch].x - side / 2))),
          Math.max(0, Math.min(photo.height - side, Math.round(places[patch].y - side / 2))),
          side,
          side,
        ).data,
      );
    try {
      const extras = KEYS.filter(
        (patch) => !patch.startsWith("over") && isLookedFor(patch, laid),
      ).map((patch) => [patch, light(patch)] as const);
      found = readSwatchCard({
        overWhite: light("overWhite"),
        overBlack: light("overBlack"),
        ...Object.fromEntries(extras),
      });
    } catch (error) {
      refused = error instanceof RangeError ? error.message : "These patches can't be measured.";
    }
  }
  return (
    <details className="rounded border rule p-3 text-sm sm:col-span-2 lg:col-span-3">
      <summary className="cursor-pointer font-semibold">
        Swatch it on one card: three strokes and a photograph
      </summary>
      <ol className="mt-2 list-decimal pl-5">
        <li>
          Take a card that is half white, half black. Lay one usual coat across both halves; leave
          some of each bare.
        </li>
        <li>On the white half lay a stroke so thick that no card shows through.</li>
        <li>Beside it a thick stroke of 1 part of the paint in 10 of a strong white.</li>
        <li>
          When it is dry, photograph it straight from above, in even daylight, without flash or
          shine.
        </li>
        <li>Put each square where its name says.</li>
      </ol>
      <label className="mt-2 block">
        <span className="label-line">Photograph of the card</span>
        <input
          type="file"
          accept="image/*"
          className="file-input w-full max-w-md"
          onChange={(event) => {
            void open(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {(problem ?? refused) && <Alert className="mt-2">{problem ?? `${refused ?? ""}.`}</Alert>}
      {photo && places && (
        <div className="mt-2 flex flex-col gap-2">
          <Card
            photo={photo}
            places={places}
            patches={KEYS.filter((patch) => isLookedFor(patch, laid))}
            onMove={(patch, to) => setPlaces({ ...places, [patch]: to })}
          />
          <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
            <legend className="float-left mr-4">In the picture too:</legend>
            {(Object.keys(EXTRAS) as Extra[]).map((extra) => (
              <label key={extra} className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={laid[extra]}
                  disabled={
                    !EXTRAS[extra].patches.every((patch) =>
                      isLookedFor(patch, { ...laid, [extra]: true }),
                    )
                  }
                  onChange={(event) => setLaid({ ...laid, [extra]: event.target.checked })}
                />
                {EXTRAS[extra].label}
              </label>
            ))}
          </fieldset>
          {found && <Found read={found} />}
          {found?.warnings.map((words) => (
            <p key={words} className="border-l-4 border-base-content/60 pl-2">
              {words}.
            </p>
          ))}
          <div className="flex gap-3">
            <button
              type="button"
              className="btn btn-primary"
              disabled={!found}
              onClick={() => {
                if (found) {
                  onTake(found);
                  setPhoto(null);
                }
              }}
            >
              {found?.colour ? "Use what the card says" : "Use this opacity"}
            </button>
            <button type="button" className="btn btn-ghost" onClick={() => setPhoto(null)}>
              Cancel
            </button>
          </div>
          <p className="muted text-xs">
            Luminance over black by luminance over white, in linear light (ISO 6504-3, contrast
            ratio; sRGB by IEC 61966-2-1); colours balanced by the bare card, strength by the film
            model. A camera is no meter: a strong colour may be a little off. The picture stays in
            this browser.
          </p>
        </div>
      )}
    </details>
  );
}

/** What the strokes came to. */
function Found({ read: { contrastRatio, colour, letDown, tint } }: { read: ReadSwatches }) {
  const say = useSay();
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-5 gap-y-1 text-base">
      <span>
        Contrast ratio <strong>{say.number(contrastRatio, 2)}</strong>.
      </span>
      {colour && (
        <span className="flex items-center gap-2">
          Colour <Swatch hex={colour} size={28} /> {colour}
        </span>
      )}
      {letDown && (
        <span className="flex items-center gap-2">
          In white <Swatch hex={letDown} size={28} /> {letDown}
        </span>
      )}
      {tint !== null && (
        <span>
          Strength in a mix <strong>{say.number(tint, 1)}</strong>.
        </span>
      )}
    </p>
  );
}

/** The photograph with its squares: dragged, or moved by arrow keys. */
function Card({
  photo,
  places,
  patches,
  onMove,
}: {
  photo: Photo;
  places: Places;
  patches: readonly Patch[];
  onMove: (patch: Patch, to: Point) => void;
}) {
  const { frame, hold, onKey } = usePlaced<Patch>(photo, places, onMove);
  const side = Math.max(photo.width, photo.height) * PATCH;
  return (
    <svg
      {...frame}
      className="max-h-[50dvh] w-full touch-none bg-surround"
      role="group"
      aria-label="Photograph with the patches"
    >
      <image href={photo.url} width={photo.width} height={photo.height} />
      {patches.map((patch) => {
        const { x, y } = places[patch];
        return (
          <g
            key={patch}
            role="button"
            tabIndex={0}
            aria-label={`${PATCHES[patch]}, ${Math.round(x)} across, ${Math.round(y)} down`}
            className="cursor-move"
            onKeyDown={(event) => onKey(event, patch)}
            onPointerDown={(event) => hold(event, patch)}
          >
            <rect
              x={x - side / 2}
              y={y - side / 2}
              width={side}
              height={side}
              fill="transparent"
              stroke="#fff"
              strokeWidth={side / 12}
            />
            <rect
              x={x - side / 2}
              y={y - side / 2}
              width={side}
              height={side}
              fill="none"
              stroke="#111"
              strokeWidth={side / 30}
            />
            <text
              x={x}
              y={y + side * 0.95}
              textAnchor="middle"
              fontSize={side * 0.38}
              fill="#fff"
              stroke="#111"
              strokeWidth={side / 16}
              paintOrder="stroke"
            >
              {PATCHES[patch]}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
