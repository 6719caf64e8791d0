"use client";

import Link from "next/link";
import { Printer, Redo2, Undo2 } from "lucide-react";
import { useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { hexToLab } from "@/core/colour";
import {
  byHue,
  layOut,
  panGrams,
  PANS,
  panWords,
  TRAYS,
  type Pan,
  type PanKey,
  TraySchema,
  type TrayFields,
} from "@/core/kit";
import { material } from "@/core/paint";
import { ShelfTabs } from "@/parts/shelf/ShelfTabs";
import { useShelf } from "@/parts/shelf/useShelf";
import { panHex } from "@/parts/trays/panLook";
import type { TrayWork } from "@/server/trays";
import { NumberInput } from "@/ui/NumberInput";
import { gramsWords } from "@/ui/format";
import { Page } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";
import { DraftFound } from "@/ui/saver/DraftFound";
import { SaveStatus } from "@/ui/saver/SaveStatus";
import { useSaved } from "@/ui/saver/useSaved";
import { Mixes } from "./Mixes";
import { PanPanel } from "./PanPanel";
import { TrayBoard } from "./TrayBoard";

/** Orders that pans are put in at one stroke. */
const ORDERS = {
  work: "by working order",
  hue: "by colour",
  light: "from light to dark",
  kind: "by kind",
} as const;
type Order = keyof typeof ORDERS;

const readTray = (value: unknown): TrayFields | null => {
  const read = TraySchema.safeParse(value);
  return read.success ? read.data : null;
};

/** A tray on the table: pans in their real sizes, moved by hand or keys; what is in each; labels; and what it all can mix. */
export function TrayPage({ work }: { work: TrayWork }) {
  const { tray, job } = work;
  const { items: products } = useShelf(work.shelf);
  const { id } = tray;
  const first = useMemo(() => {
    const { id: _, version, ...value } = tray;
    return { version, value };
  }, [tray]);
  const saved = useSaved<TrayFields>(
    first,
    {
      key: `tray.${id}`,
      url: `/api/trays/${id}`,
      body: (version, fields) => ({ version, fields }),
    },
    readTray,
  );
  const { value, change, saver, history } = saved;
  const [chosen, setChosen] = useState<string | null>(tray.pans[0]?.id ?? null);
  const byId = useMemo(() => new Map(products.map((product) => [product.id, product])), [products]);
  const put = change;
  const putPans = (pans: readonly Pan[]) => put({ ...value, pans: [...pans] });
  useHotkeys("mod+z", history.undo, { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", history.redo, { preventDefault: true });
  const placed = useMemo(() => layOut(value), [value]);
  const over = placed.filter(({ fits }) => !fits);
  const [size, setSize] = useState<PanKey>(tray.pans.at(-1)?.pan ?? "half");
  const add = () => {
    const pan: Pan = { id: crypto.randomUUID(), pan: size, parts: [] };
    putPans([...value.pans, pan]);
    setChosen(pan.id);
  };
  const arrange = (order: Order) => {
    const first = (pan: Pan) => byId.get(pan.parts[0]?.productId ?? "");
    const lab = (pan: Pan) => hexToLab(panHex(pan, byId) ?? "#808080");
    const place = (pan: Pan) =>
      Math.min(
        ...pan.parts.map(({ productId }) => {
          const at = job?.order.indexOf(productId) ?? -1;
          return at < 0 ? 999 : at;
        }),
        999,
      );
    const kind = (pan: Pan) => {
      const product = first(pan);
      return product ? material(product.material).label : "~";
    };
    putPans(
      [...value.pans].sort((a, b) =>
        order === "work"
          ? place(a) - place(b)
          : order === "hue"
            ? byHue(lab(a), lab(b))
            : order === "light"
              ? lab(b)[0] - lab(a)[0]
              : kind(a).localeCompare(kind(b)),
      ),
    );
  };
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
      title={value.name || "Tray"}
      lead={job ? `Packed for ${job.lookName}.` : "Pans in their real sizes."}
      action={
        <PutAway url={`/api/trays/${id}/archived`} name={value.name || "it"} then="/shelf/trays" />
      }
    >
      <ShelfTabs />
      {saved.draft && <DraftFound onRestore={saved.restore} onDiscard={saved.discard} />}
      <div className="mb-3 flex flex-wrap items-end gap-3 text-sm">
        <label className="w-56">
          <span className="label-line">Name</span>
          <input
            type="text"
            className="input"
            value={value.name}
            onChange={(event) => change({ ...value, name: event.target.value })}
          />
        </label>
        <label>
          <span className="label-line">Width, mm</span>
          <NumberInput
            least={40}
            most={800}
            unit="mm"
            className="!w-24"
            value={value.width}
            onChange={(width) => put({ ...value, width })}
          />
        </label>
        <label>
          <span className="label-line">Height, mm</span>
          <NumberInput
            least={40}
            most={800}
            unit="mm"
            className="!w-24"
            value={value.height}
            onChange={(height) => put({ ...value, height })}
          />
        </label>
        <label>
          <span className="label-line">or a usual size</span>
          <select
            className="select !w-52"
            value=""
            onChange={(event) => {
              const next = TRAYS[event.target.value as keyof typeof TRAYS];
              if (next) put({ ...value, width: next.width, height: next.height });
            }}
          >
            <option value="">choose</option>
            {Object.entries(TRAYS).map(([key, entry]) => (
              <option key={key} value={key}>
                {entry.label}, {entry.width} × {entry.height} mm
              </option>
            ))}
          </select>
        </label>
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
        <section aria-label="The tray" className="card-plain p-3">
          <div className="mb-3 flex flex-wrap items-end gap-2 text-sm">
            <label>
              <span className="label-line">Pan</span>
              <select
                className="select select-sm !w-52"
                value={size}
                onChange={(event) => setSize(event.target.value as PanKey)}
              >
                {(Object.keys(PANS) as PanKey[]).map((key) => (
                  <option key={key} value={key}>
                    {panWords(key)}
                  </option>
                ))}
              </select>
            </label>
            <button type="button" className="btn btn-sm btn-primary" onClick={add}>
              Put a pan in
            </button>
            <label>
              <span className="label-line">Order</span>
              <select
                className="select select-sm !w-44"
                value=""
                onChange={(event) => {
                  if (event.target.value) arrange(event.target.value as Order);
                }}
              >
                <option value="">as it lies</option>
                {(Object.keys(ORDERS) as Order[])
                  .filter((key) => key !== "work" || job)
                  .map((key) => (
                    <option key={key} value={key}>
                      {ORDERS[key]}
                    </option>
                  ))}
              </select>
            </label>
            <button
              type="button"
              className="btn btn-sm"
              onClick={history.undo}
              disabled={!history.canUndo}
            >
              <Undo2 size={16} aria-hidden />
              Undo
            </button>
            <button
              type="button"
              className="btn btn-sm"
              onClick={history.redo}
              disabled={!history.canRedo}
            >
              <Redo2 size={16} aria-hidden />
              Redo
            </button>
            <span className="flex-1" />
            <a
              className="btn btn-sm"
              href={`/api/trays/${id}/labels?paper=a4`}
              target="_blank"
              rel="noreferrer"
            >
              <Printer size={16} aria-hidden />
              Labels, A4
            </a>
            <a
              className="btn btn-sm"
              href={`/api/trays/${id}/labels?paper=letter`}
              target="_blank"
              rel="noreferrer"
            >
              Letter
            </a>
          </div>
          <TrayBoard
            tray={value}
            placed={placed}
            products={byId}
            chosen={chosen}
            onChoose={setChosen}
            onMove={putPans}
            onEmpty={(panId) => putPans(value.pans.filter((entry) => entry.id !== panId))}
          />
          <p className="mt-2 text-sm">
            {value.pans.length === 1 ? "One pan" : `${value.pans.length} pans`}, room for{" "}
            {gramsWords(holds)} of paint.
            {over.length > 0 && (
              <strong>
                {" "}
                {over.length === 1 ? "One does" : `${over.length} do`} not fit: take one out, or a
                larger tray.
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
          <Link className="link" href={`/looks/${job.lookId}/${job.jobId}/tray`}>
            To the chapter Tray of {job.lookName}
          </Link>
        </p>
      )}
      <Mixes pans={value.pans} products={byId} />
    </Page>
  );
}
