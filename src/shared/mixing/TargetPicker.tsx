"use client";

import { Alert } from "@/ui/Alert";
import { useState } from "react";
import { toast } from "sonner";
import type { PictureColour } from "@/core/colour";
import { useWorker } from "@/shared/workers/useWorker";
import { Swatch } from "@/ui/Swatch";
import type { MixingWorker } from "@/workers/mixing";
import { Meter, type Held } from "./Meter";
import { pixelsOf } from "./picture";
import { mixingWorker } from "./useMixSearch";

interface TargetPickerProps {
  value: string | null;
  onChange: (hex: string | null) => void;
  held: readonly Held[];
}

/** The colour that is wanted: typed, picked, taken from a picture, or read by the meter. */
export function TargetPicker({ value, onChange, held }: TargetPickerProps) {
  const worker = useWorker<MixingWorker>(mixingWorker);
  const [typed, setTyped] = useState(value ?? "");
  const [colours, setColours] = useState<readonly PictureColour[]>([]);
  const put = (hex: string) => {
    setTyped(hex);
    onChange(/^#[0-9a-f]{6}$/i.test(hex) ? hex.toLowerCase() : null);
  };
  const fromPicture = async (file: File | undefined) => {
    if (!file) return;
    const url = URL.createObjectURL(file);
    try {
      const { data } = await pixelsOf(url);
      setColours(await worker.ask((api) => api.coloursOf(data, 8)));
    } catch {
      toast("That picture can't be read. A JPEG, PNG or WebP can.");
    } finally {
      URL.revokeObjectURL(url);
    }
  };
  const wrong = typed !== "" && !/^#[0-9a-f]{6}$/i.test(typed);
  return (
    <div className="flex flex-col gap-3">
      <div className="flex items-end gap-2">
        <span className="rounded bg-surround p-1">
          <input
            type="color"
            aria-label="Colour wanted, picker"
            value={value ?? "#888888"}
            onChange={(event) => put(event.target.value)}
            className="h-9 w-12 cursor-pointer"
          />
        </span>
        <label className="flex-1">
          <span className="label-line">Colour wanted</span>
          <input
            type="text"
            spellCheck={false}
            placeholder="#c06a3a"
            className="input"
            value={typed}
            aria-invalid={wrong}
            onChange={(event) => put(event.target.value.trim())}
          />
        </label>
      </div>
      {wrong && <Alert>a colour like #a0c4de</Alert>}
      <label className="text-sm">
        <span className="label-line">or from a picture</span>
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          className="file-input file-input-sm w-full"
          onChange={(event) => void fromPicture(event.target.files?.[0])}
        />
      </label>
      {colours.length > 0 && (
        <ul aria-label="Colours of the picture" className="flex flex-wrap gap-1.5">
          {colours.map((swatch) => (
            <li key={swatch.hex}>
              <button
                type="button"
                className="rounded border rule p-0.5 hover:border-base-content"
                aria-label={`Take ${swatch.hex}, ${Math.max(1, Math.round(swatch.share * 100))} % of the picture${swatch.accent ? ", an accent" : ""}`}
                onClick={() => put(swatch.hex)}
              >
                <Swatch hex={swatch.hex} size={34} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <Meter held={held} onRead={(hex) => put(hex)} />
    </div>
  );
}
