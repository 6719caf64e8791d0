"use client";

import { Toolbar } from "@/ui/Toolbar";
import { Select } from "@/ui/Select";
import { Plus } from "lucide-react";
import { useState } from "react";
import { toast } from "sonner";
import { ZONES, zoneInfo, type ZoneId } from "@/core/anatomy";
import { usualHides } from "@/core/look";
import {
  PIECE_KIND_KEYS,
  PIECE_KINDS,
  PieceSchema,
  type Piece,
  type PieceKind,
} from "@/core/piece";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { BuildListCard } from "./BuildListCard";
import { PieceForm } from "./PieceForm";

/** Things made or bought and worn with the look: what they are built of and when, how large inside, how they sit to the paint, and what they hide. */
export function PiecesChapter() {
  const { look, context, prediction, apply, store } = useWorking();
  const [chosen, setChosen] = useState<string | null>(look.pieces[0]?.id ?? null);
  const piece = look.pieces.find(({ id }) => id === chosen) ?? look.pieces[0] ?? null;
  const add = (kind: PieceKind) => {
    const stem = PIECE_KINDS[kind].label;
    const taken = new Set(look.pieces.map(({ id }) => id));
    let id: string = kind;
    for (let n = 2; taken.has(id); n++) id = `${kind}-${n}`;
    const fresh = PieceSchema.parse({
      id,
      kind,
      name: stem.charAt(0).toUpperCase() + stem.slice(1),
      source: "made",
      measureMm: PIECE_KINDS[kind].usualMm,
      hides: usualHides(kind),
    });
    apply({ op: "putPiece", piece: fresh });
    setChosen(id);
  };
  const remove = (gone: Piece) => {
    apply({ op: "removePiece", id: gone.id });
    toast(`${gone.name} taken out`, {
      action: { label: "Undo", onClick: () => store.temporal.getState().undo() },
    });
  };
  const put = (next: Piece) => apply({ op: "putPiece", piece: next });
  const toggle = (zone: ZoneId) => {
    if (piece)
      put({
        ...piece,
        hides: piece.hides.includes(zone)
          ? piece.hides.filter((id) => id !== zone)
          : [...piece.hides, zone],
      });
  };
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h2 className="text-2xl">Pieces</h2>
          <p className="muted">
            What is made or bought and worn: built before the day, dry-fitted, and matched to the
            paint.
          </p>
        </div>
        <label className="flex items-center gap-2 text-sm">
          <Plus size={16} aria-hidden />
          Add
          <Select
            aria-label="Add a piece"
            className="!w-44"
            value={null}
            options={PIECE_KIND_KEYS}
            labelOf={(kind) => PIECE_KINDS[kind].label}
            onChange={add}
            none="which kind?"
          />
        </label>
      </div>
      {!piece ? (
        <div className="mt-5">
          <Empty title="No piece in this look">
            <p>
              A headpiece, horns, ears, scales, strands, tape brows or whiskers: add one and its
              days of building are counted back from the job.
            </p>
          </Empty>
        </div>
      ) : (
        <>
          {look.pieces.length > 1 && (
            <Toolbar
              label="Piece"
              className="mt-4"
              options={look.pieces}
              value={piece}
              keyOf={({ id }) => id}
              labelOf={({ name }) => name}
              onChange={({ id }) => setChosen(id)}
            />
          )}
          <div className="mt-4 grid gap-5 lg:grid-cols-[1fr_20rem]">
            <div className="flex min-w-0 flex-col gap-4">
              <PieceForm key={piece.id} piece={piece} onPut={put} onRemove={() => remove(piece)} />
              <BuildListCard piece={piece} onPut={put} />
            </div>
            <section aria-label="What it hides" className="self-start">
              <h3 className="text-lg">What it hides</h3>
              <p className="muted mb-2 text-sm">
                Touch the zones that lie under it: work there is for nobody.
              </p>
              <div className="overflow-hidden rounded-box bg-surround">
                <FaceFigure
                  id="hides"
                  look={look}
                  context={context}
                  prediction={prediction}
                  selected={piece.hides}
                  onZone={toggle}
                  guides={{ hat: false }}
                  title={`${look.name}; under ${piece.name}: ${piece.hides.length} zones`}
                  className="h-auto w-full"
                />
              </div>
              <ul className="mt-2 flex flex-wrap gap-1.5 text-sm">
                {ZONES.filter(({ id }) => piece.hides.includes(id)).map(({ id, label }) => (
                  <li key={id}>
                    <button
                      type="button"
                      className="btn btn-sm"
                      onClick={() => toggle(id)}
                      aria-label={`${label}: no longer hidden`}
                    >
                      {label} ×
                    </button>
                  </li>
                ))}
              </ul>
              <Select
                aria-label="Another zone"
                className="mt-2 w-full"
                value={null}
                none="another zone"
                options={ZONES.map(({ id }) => id).filter((id) => !piece.hides.includes(id))}
                labelOf={(id) => zoneInfo(id).label}
                onChange={toggle}
              />
            </section>
          </div>
        </>
      )}
    </div>
  );
}
