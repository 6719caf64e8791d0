"use client";

import { ask } from "@/shared/ask";
import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { oneOrMore } from "@/core/text/words";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { layOut, PANS, TRAYS, type Tray, type TrayKey } from "@/core/kit";
import type { Product } from "@/core/paint";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import { panHex, panName } from "@/shared/trays/panLook";
import { PanPicture } from "@/shared/trays/PanPicture";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

/** Trays that were laid out, each from above; and a new one of a real size. */
export function TraysPage({
  trays,
  products,
}: {
  trays: readonly Tray[];
  products: readonly Product[];
}) {
  const router = useRouter();
  const byId = useMemo(() => new Map(products.map((product) => [product.id, product])), [products]);
  const [size, setSize] = useState<TrayKey>("hand");
  const begin = async () => {
    const { label, width, height } = TRAYS[size];
    const answer = await ask(
      "POST /api/trays",
      {},
      {
        name: `New ${label}`,
        width,
        height,
        pans: [],
      },
    );
    if (!answer.ok) return toast(answer.refusal.detail ?? answer.refusal.title);
    router.push(`/shelf/trays/${answer.value.id}`);
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
        New tray
      </button>
    </div>
  );
  return (
    <Page
      title="Shelf"
      lead="Palettes as they are laid out, in real sizes."
      action={trays.length ? asked : undefined}
    >
      <ShelfTabs />
      {trays.length === 0 ? (
        <Empty title="No tray yet">
          <p>
            Lay pans out in a tray of a real size, print its labels, and see what it can mix. The
            chapter Tray of a look proposes the fewest pans for it.
          </p>
          {asked}
        </Empty>
      ) : (
        <ul aria-label="Trays" className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {trays.map((tray) => {
            const scale = Math.min(300 / tray.width, 170 / tray.height);
            return (
              <li key={tray.id} className="card-plain flex flex-col gap-2 p-3">
                <Link className="link text-lg font-semibold" href={`/shelf/trays/${tray.id}`}>
                  {tray.name}
                </Link>
                <div
                  aria-hidden
                  className="relative self-start rounded border-2 border-base-content/70 bg-base-200"
                  style={{ width: tray.width * scale, height: tray.height * scale }}
                >
                  {layOut(tray)
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
                  {tray.width} × {tray.height} mm, {oneOrMore(tray.pans.length, "pan")}:{" "}
                  {tray.pans
                    .slice(0, 4)
                    .map((pan) => panName(pan, byId))
                    .join(", ")}
                  {tray.pans.length > 4 && " and more"}
                </p>
              </li>
            );
          })}
        </ul>
      )}
    </Page>
  );
}
