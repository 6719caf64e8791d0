"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { layOut, panGrams, type Pan, PaletteSchema, type PaletteFields } from "@/core/kit";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import { useShelf } from "@/shared/shelf/useShelf";
import type { PaletteWork } from "@/server/palettes";
import { Page } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useSaved } from "@/ui/saver/useSaved";
import { arrangePans, ORDER_KEYS } from "./arrangePans";
import { Mixes } from "./Mixes";
import { PanPanel } from "./PanPanel";
import { PaletteBar } from "./PaletteBar";
import { PaletteBoard } from "./PaletteBoard";
import { PaletteSize } from "./PaletteSize";

const readPalette = (value: unknown): PaletteFields | null => {
  const read = PaletteSchema.safeParse(value);
  return read.success ? read.data : null;
};

/** A palette on the table: pans in their real sizes, moved by hand or keys; what is in each; labels; and what it all can mix. */
export function PalettePage({ work }: { work: PaletteWork }) {
  const say = useSay();
  const { palette, job } = work;
  const { items: products } = useShelf(work.shelf);
  const { id } = palette;
  const first = useMemo(() => {
    const { id: _, version, ...value } = palette;
    return { version, value };
  }, [palette]);
  const saved = useSaved<PaletteFields>(
    first,
    {
      // The name that drafts in browsers have had since before it was called a palette.
      key: `tray.${id}`,
      url: `/api/palettes/${id}`,
      body: (version, fields) => ({ version, fields }),
    },
    readPalette,
  );
  const { value, change, saver, history } = saved;
  const [chosen, setChosen] = useState<string | null>(palette.pans[0]?.id ?? null);
  const byId = useMemo(() => new Map(products.map((product) => [product.id, product])), [products]);
  const putPans = (pans: readonly Pan[]) => change({ ...value, pans: [...pans] });
  useHotkeys("mod+z", history.undo, { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", history.redo, { preventDefault: true });
  const placed = useMemo(() => layOut(value), [value]);
  const over = placed.filter(({ fits }) => !fits);
  const pan = value.pans.find((entry) => entry.id === chosen) ?? null;
  const filled = useMemo(() => {
    const sums = new Map<string, number>();
    for (const { pan: at, delta } of work.fills)
      if (at) sums.set(at.panId, (sums.get(at.panId) ?? 0) + delta);
    return sums;
  }, [work.fills]);
  const holds = value.pans.reduce((sum, entry) => sum + panGrams(entry.pan), 0);
  return (
    <Page
      title={value.name || "Palette"}
      lead={job ? `Packed for ${job.lookName}.` : "Pans in their real sizes."}
      action={
        <PutAway
          url={`/api/palettes/${id}/archived`}
          name={value.name || "it"}
          then="/shelf/palettes"
        />
      }
    >
      <ShelfTabs />
      {saved.draft && <DraftFound onRestore={saved.restore} onDiscard={saved.discard} />}
      <div className="mb-3 flex flex-wrap items-end gap-3 text-sm">
        <PaletteSize value={value} change={change} />
        <SaveStatus
          state={saved.state}
          name={value.name}
          onMine={() => void saver.overwrite()}
          onTheirs={() => {
            saver.discard();
            window.location.reload();
          }}
        />
      </div>
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <section aria-label="The palette" className="card-plain p-3">
          <PaletteBar
            trayId={id}
            usual={palette.pans.at(-1)?.pan ?? "half"}
            orders={ORDER_KEYS.filter((key) => key !== "work" || job)}
            history={history}
            onAdd={(pan) => {
              putPans([...value.pans, pan]);
              setChosen(pan.id);
            }}
            onArrange={(order) => putPans(arrangePans(value.pans, order, byId, job?.order))}
          />
          <PaletteBoard
            palette={value}
            placed={placed}
            products={byId}
            chosen={chosen}
            onChoose={setChosen}
            onMove={putPans}
            onEmpty={(panId) => putPans(value.pans.filter((entry) => entry.id !== panId))}
          />
          <p className="mt-2 text-sm">
            {value.pans.length === 1 ? "One pan" : `${value.pans.length} pans`}, room for{" "}
            {say.mass(holds)} of paint.
            {over.length > 0 && (
              <strong>
                {" "}
                {over.length === 1 ? "One does" : `${over.length} do`} not fit: take one out, or a
                larger palette.
              </strong>
            )}{" "}
            <span className="muted">Drag a pan, or press Alt with an arrow.</span>
          </p>
        </section>
        {pan ? (
          <PanPanel
            key={pan.id}
            trayId={id}
            pan={pan}
            products={products}
            filled={filled.get(pan.id) ?? 0}
            today={work.today}
            saved={saved.state.kind === "saved"}
            onChange={(next) =>
              putPans(value.pans.map((entry) => (entry.id === pan.id ? next : entry)))
            }
            onRemove={() => {
              putPans(value.pans.filter((entry) => entry !== pan));
              setChosen(null);
            }}
          />
        ) : (
          <section className="card-plain p-4 text-sm">
            {value.pans.length
              ? "Choose a pan to say what is in it."
              : "Put a pan in, and say what goes into it."}
          </section>
        )}
      </div>
      {job && (
        <p className="mt-3 text-sm">
          <Link className="link" href={`/looks/${job.lookId}/${job.jobId}/kit`}>
            To the chapter Palette of {job.lookName}
          </Link>
        </p>
      )}
      <Mixes pans={value.pans} products={byId} />
    </Page>
  );
}
