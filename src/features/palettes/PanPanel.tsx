"use client";

import { ask } from "@/shared/ask";
import { unitOf } from "@/core/text/measures";
import { MeasureInput } from "@/shared/forms/MeasureInput";
import { useSay } from "@/shared/say/useSay";
import { Select } from "@/ui/Select";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { panGrams, PANS, panWords, type Pan, type PanKey } from "@/core/kit";
import { material, mediumOf, isProp } from "@/core/paint";
import { panHex, panName } from "@/shared/palettes/panLook";
import type { ShelfItem } from "@/server/shelf";
import { NumberInput } from "@/ui/NumberInput";
import { Swatch } from "@/ui/Swatch";

interface PanPanelProps {
  trayId: string;
  pan: Pan;
  products: readonly ShelfItem[];
  /** Grams put in so far. */ filled: number;
  today: string;
  /** Whether the palette is kept as it is on screen. */ saved: boolean;
  onChange: (pan: Pan) => void;
  onRemove: () => void;
}

const MOST_PARTS = 4;

/** What is in a pan: a paint, or a mix by parts; how much it holds, and how it is filled out of the pot. */
export function PanPanel({
  trayId,
  pan,
  products,
  filled,
  today,
  saved,
  onChange,
  onRemove,
}: PanPanelProps) {
  const say = useSay();
  const byId = new Map(products.map((product) => [product.id, product]));
  return (
    <section aria-label="The pan" className="card-plain flex flex-col gap-3 p-4 text-sm">
      <h2 className="flex items-center gap-3 text-lg">
        <Swatch hex={panHex(pan, byId)} size={40} />
        {panName(pan, byId)}
      </h2>
      <PanParts pan={pan} products={products} byId={byId} onChange={onChange} />
      <label>
        <span className="label-line">Size</span>
        <Select
          value={pan.pan}
          options={Object.keys(PANS) as PanKey[]}
          labelOf={(key) => panWords(key)}
          onChange={(chosen) => onChange({ ...pan, pan: chosen })}
        />
      </label>
      <p>
        Holds {say.mass(panGrams(pan.pan))};{" "}
        {filled > 0.05
          ? `${say.mass(filled)} in it by its history`
          : "nothing in it by its history"}
        .
      </p>
      {(pan.parts.length > 0 || filled > 0.05) && (
        <PanFilling {...{ trayId, pan, filled, today, saved }} />
      )}
      {pan.parts.map(({ productId }) => {
        const product = byId.get(productId);
        return (
          product && (
            <p key={productId} className="muted">
              {product.name}: {say.mass(product.left)} in all
              {product.expiry &&
                `, ${product.expiry.past ? "past its date" : "good until"} ${say.date(product.expiry.date)}`}
              {mediumOf(product.material) === "alcohol" &&
                ". Liquid alcohol colour may be dried into an empty pan (KIT-6)"}
              .
            </p>
          )
        );
      })}
      {filled > 0.05 && (
        <p className="muted">
          Before you take it out: weigh it as 0 g if its paint is gone, or the shelf counts it on.
        </p>
      )}
      <button type="button" className="btn btn-sm self-start" onClick={onRemove}>
        Take the pan out
      </button>
    </section>
  );
}

interface PanPartsProps {
  pan: Pan;
  products: readonly ShelfItem[];
  byId: ReadonlyMap<string, ShelfItem>;
  onChange: (pan: Pan) => void;
}

/** The paints of a pan and their parts. */
function PanParts({ pan, products, byId, onChange }: PanPartsProps) {
  const offered = products.filter(
    (product) => product.colour && !isProp(product) && material(product.material).inPan,
  );
  const setPart = (i: number, part: Partial<Pan["parts"][number]>) =>
    onChange({
      ...pan,
      parts: pan.parts.map((entry, n) => (n === i ? { ...entry, ...part } : entry)),
    });
  const choices = (own: string) =>
    offered.filter(({ id }) => id === own || !pan.parts.some(({ productId }) => productId === id));
  const free = offered.find(({ id }) => !pan.parts.some(({ productId }) => productId === id));
  return (
    <>
      {pan.parts.map((part, i) => (
        <div key={part.productId} className="flex items-end gap-2">
          {pan.parts.length > 1 && (
            <label>
              <span className="label-line">Parts</span>
              <NumberInput
                least={1}
                most={20}
                whole
                className="!w-16"
                value={part.parts}
                onChange={(parts) => setPart(i, { parts })}
              />
            </label>
          )}
          <label className="min-w-0 flex-1">
            <span className="label-line">{pan.parts.length > 1 ? `Paint ${i + 1}` : "Paint"}</span>
            <select
              className="select"
              value={part.productId}
              onChange={(event) => setPart(i, { productId: event.target.value })}
            >
              {choices(part.productId).map((product) => (
                <option key={product.id} value={product.id}>
                  {product.name}, {material(product.material).label}
                </option>
              ))}
            </select>
          </label>
          <button
            type="button"
            className="btn btn-sm"
            aria-label={`Take ${byId.get(part.productId)?.name ?? "it"} out`}
            onClick={() => onChange({ ...pan, parts: pan.parts.filter((_, n) => n !== i) })}
          >
            Out
          </button>
        </div>
      ))}
      {pan.parts.length < MOST_PARTS &&
        free &&
        (pan.parts.length === 0 ? (
          <label>
            <span className="label-line">Paint</span>
            <select
              className="select"
              value=""
              onChange={(event) => {
                if (event.target.value)
                  onChange({ ...pan, parts: [{ productId: event.target.value, parts: 1 }] });
              }}
            >
              <option value="">empty</option>
              {offered.map((product) => (
                <option key={product.id} value={product.id}>
                  {product.name}, {material(product.material).label}
                </option>
              ))}
            </select>
          </label>
        ) : (
          <button
            type="button"
            className="btn btn-sm self-start"
            onClick={() =>
              onChange({ ...pan, parts: [...pan.parts, { productId: free.id, parts: 1 }] })
            }
          >
            Mix another in
          </button>
        ))}
    </>
  );
}

type PanFillingProps = Pick<PanPanelProps, "trayId" | "pan" | "filled" | "today" | "saved">;

/** Out of the pot into the pan, or what the scale finds in it. */
function PanFilling({ trayId, pan, filled, today, saved }: PanFillingProps) {
  const say = useSay();
  const router = useRouter();
  const room = Math.max(0, panGrams(pan.pan) - filled);
  const [grams, setGrams] = useState<number | null>(() => Math.round(room * 10) / 10);
  const write = async (kind: "refilled" | "weighed") => {
    if (grams === null) return;
    const answer = await ask(
      "POST /api/palettes/[id]/fill",
      { id: trayId },
      {
        panId: pan.id,
        kind,
        grams,
        on: today,
      },
    );
    toast(
      answer.ok
        ? kind === "weighed"
          ? `${say.mass(grams)} found in the pan`
          : `${say.mass(grams)} out of the pot and into the pan`
        : (answer.refusal.errors?.map(({ message }) => message).join("; ") ?? answer.refusal.title),
    );
    if (answer.ok) router.refresh();
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label>
        <span className="label-line">Amount ({unitOf("mass", say.manner.units).sign})</span>
        <MeasureInput
          measure="mass"
          least={0}
          step={0.1}
          className="!w-24"
          value={grams}
          onChange={setGrams}
          onEmpty={() => setGrams(null)}
          onWrong={() => setGrams(null)}
        />
      </label>
      <button
        type="button"
        className="btn"
        disabled={!saved || !pan.parts.length || !grams}
        onClick={() => void write("refilled")}
      >
        Fill it out of the pot
      </button>
      <button
        type="button"
        className="btn"
        disabled={!saved || grams === null}
        onClick={() => void write("weighed")}
      >
        Weighed: so much is in it
      </button>
    </div>
  );
}
