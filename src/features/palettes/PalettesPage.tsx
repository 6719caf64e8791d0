"use client";

import { ask } from "@/shared/ask";
import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { oneOrMore } from "@/core/text/words";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { layOut, PANS, TRAYS, type Palette, type PaletteKey } from "@/core/kit";
import type { Product } from "@/core/paint";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import { panHex, panName } from "@/shared/palettes/panLook";
import { PanPicture } from "@/shared/palettes/PanPicture";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

/** Palettes that were laid out, each from above; and a new one of a real size. */
export function PalettesPage({
  palettes,
  products,
}: {
  palettes: readonly Palette[];
  products: readonly Product[];
}) {
  const router = useRouter();
  const byId = useMemo(() => new Map(products.map((product) => [product.id, product])), [products]);
  const [size, setSize] = useState<PaletteKey>("hand");
  const begin = async () => {
    const { label, width, height } = TRAYS[size];
    const answer = await ask(
      "POST /api/palettes",
      {},
      {
        name: `New ${label}`,
        width,
        height,
        pans: [],
      },
    );
    if (!answer.ok) return toast(answer.refusal.detail ?? answer.refusal.title);
    router.push(`/shelf/palettes/${answer.value.id}`);
  };
  const asked = (
    <div className="flex flex-wrap items-end gap-2">
      <label className="text-sm">
        <span className="label-line">Size</span>
        <Select
          className="!w-60"
          value={size}
          options={keysOf(TRAYS)}
          labelOf={(key) => `${TRAYS[key].label}, ${TRAYS[key].width} × ${TRAYS[key].height} mm`}
          onChange={setSize}
        />
      </label>
      <button type="button" className="btn btn-primary" onClick={() => void begin()}>
        New palette
      </button>
    </div>
  );
  return (
    <Page
      title="Shelf"
      lead="Palettes as they are laid out, in real sizes."
      action={palettes.length ? asked : undefined}
    >
      <ShelfTabs />
      {palettes.length === 0 ? (
        <Empty title="No palette yet">
          <p>
            Lay pans out in a palette of a real size, print its labels, and see what it can mix. The
            chapter Palette of a look proposes the fewest pans for it.
          </p>
          {asked}
        </Empty>
      ) : (
        <ul aria-label="Palettes" className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {palettes.map((palette) => {
            const scale = Math.min(300 / palette.width, 170 / palette.height);
            return (
              <li key={palette.id} className="card-plain flex flex-col gap-2 p-3">
                <Link className="link text-lg font-semibold" href={`/shelf/palettes/${palette.id}`}>
                  {palette.name}
                </Link>
                <div
                  aria-hidden
                  className="relative self-start rounded border-2 border-base-content/70 bg-base-200"
                  style={{ width: palette.width * scale, height: palette.height * scale }}
                >
                  {layOut(palette)
                    .filter(({ fits }) => fits)
                    .map((placed) => (
                      <span
                        key={placed.pan.id}
                        className="absolute"
                        style={{ left: placed.x * scale, top: placed.y * scale }}
                      >
                        <PanPicture
                          placed={placed}
                          hex={panHex(placed.pan, byId)}
                          round={PANS[placed.pan.pan].round}
                          scale={scale}
                          name=""
                        />
                      </span>
                    ))}
                </div>
                <p className="muted text-sm">
                  {palette.width} × {palette.height} mm, {oneOrMore(palette.pans.length, "pan")}:{" "}
                  {palette.pans
                    .slice(0, 4)
                    .map((pan) => panName(pan, byId))
                    .join(", ")}
                  {palette.pans.length > 4 && " and more"}
                </p>
              </li>
            );
          })}
        </ul>
      )}
    </Page>
  );
}
