"use client";

import { Select } from "@/ui/Select";
import { useState } from "react";
import { toast } from "sonner";
import { ZONES, zoneInfo, type ZoneId } from "@/core/anatomy";
import { usualHides, type Look } from "@/core/look";
import {
  PIECE_KIND_KEYS,
  PIECE_KINDS,
  PieceSchema,
  READY_STEPS,
  type FreeStep,
  type Piece,
  type PieceKind,
} from "@/core/piece";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { AskedInBrief } from "./AskedInBrief";
import { BuildListCard } from "./BuildListCard";
import { PieceForm } from "./PieceForm";
import { StepForm } from "./StepForm";
import { ThingsInOrder } from "./ThingsInOrder";

/** An id for a new thing of a look that nothing in it has. */
function freeId(look: Look, stem: string): string {
  const taken = new Set([...look.layers, ...look.pieces, ...look.steps].map(({ id }) => id));
  let id = stem;
  for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`;
  return id;
}

const OWN_STEP: Omit<FreeStep, "id"> = {
  name: "Something else",
  when: "late",
  minutes: 3,
  by: "painter",
  needs: "",
  notes: "",
};

/** What is worn with the look and what is done at the chair besides painting: in which order, by whom, how long, held by what, built of what and when. */
export function PiecesChapter() {
  const { look, apply, store } = useWorking();
  const first = look.pieces[0] ?? look.steps[0];
  const [chosen, setChosen] = useState<string | null>(first?.id ?? null);
  const piece = look.pieces.find(({ id }) => id === chosen) ?? null;
  const step = look.steps.find(({ id }) => id === chosen) ?? null;
  const add = (kind: PieceKind) => {
    const { label, usualMm, buys } = PIECE_KINDS[kind];
    const fresh = PieceSchema.parse({
      id: freeId(look, kind),
      kind,
      name: label.charAt(0).toUpperCase() + label.slice(1),
      source: buys ? "bought" : "made",
      measureMm: usualMm,
      hides: usualHides(kind),
    });
    apply({ op: "putPiece", piece: fresh });
    setChosen(fresh.id);
  };
  const addStep = (name: string) => {
    const usual = READY_STEPS.find((ready) => ready.name === name) ?? OWN_STEP;
    const id = freeId(look, "step");
    apply({ op: "putStep", step: { ...usual, id } });
    setChosen(id);
  };
  const told = (name: string) => {
    toast(`${name} removed`, {
      action: { label: "Undo", onClick: () => store.temporal.getState().undo() },
    });
  };
  const isEmpty = !look.pieces.length && !look.steps.length;
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h2 className="text-2xl">Pieces</h2>
          <p className="muted">
            What is worn and what else is done at the chair: hair, lenses, lashes, ears, teeth, wig.
          </p>
        </div>
        <div className="flex flex-wrap gap-3">
          <Select
            aria-label="Add a piece"
            className="!w-48"
            value={null}
            options={PIECE_KIND_KEYS}
            labelOf={(kind) => PIECE_KINDS[kind].label}
            onChange={add}
            none="add a piece"
          />
          <Select
            aria-label="Add a step"
            className="!w-56"
            value={null}
            options={[...READY_STEPS.map(({ name }) => name), OWN_STEP.name]}
            labelOf={(name) => name}
            onChange={addStep}
            none="add a step"
          />
        </div>
      </div>
      <AskedInBrief onAdd={add} />
      {isEmpty ? (
        <div className="mt-5">
          <Empty title="Nothing worn yet">
            <p>
              Add what goes on besides paint: ears, lashes, lenses, teeth, a wig or a headpiece.
              Each gets its minutes, its glue and its place in the plan, and what you build gets its
              days.
            </p>
          </Empty>
        </div>
      ) : (
        <div className="mt-4 flex flex-col gap-4">
          <ThingsInOrder chosen={chosen} onChoose={setChosen} />
          {piece && (
            <ChosenPiece
              key={piece.id}
              piece={piece}
              onRemove={() => {
                apply({ op: "removePiece", id: piece.id });
                told(piece.name);
              }}
            />
          )}
          {step && (
            <StepForm
              key={step.id}
              step={step}
              onPut={(next) => apply({ op: "putStep", step: next })}
              onRemove={() => {
                apply({ op: "removeStep", id: step.id });
                told(step.name);
              }}
            />
          )}
        </div>
      )}
    </div>
  );
}

/** A piece with its days of building and what it hides. */
function ChosenPiece({ piece, onRemove }: { piece: Piece; onRemove: () => void }) {
  const { look, context, prediction, apply } = useWorking();
  const put = (next: Piece) => apply({ op: "putPiece", piece: next });
  const toggle = (zone: ZoneId) =>
    put({
      ...piece,
      hides: piece.hides.includes(zone)
        ? piece.hides.filter((id) => id !== zone)
        : [...piece.hides, zone],
    });
  return (
    <div className="grid gap-5 lg:grid-cols-[1fr_20rem]">
      <div className="flex min-w-0 flex-col gap-4">
        <PieceForm key={piece.id} piece={piece} onPut={put} onRemove={onRemove} />
        <BuildListCard piece={piece} onPut={put} />
      </div>
      <section aria-label="What it hides" className="self-start">
        <h3 className="text-lg">What it hides</h3>
        <p className="muted mb-2 text-sm">
          Touch the areas that lie under it: nobody sees what is painted there.
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
            title={`${look.name}; under ${piece.name}: ${piece.hides.length} areas`}
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
          aria-label="Another area"
          className="mt-2 w-full"
          value={null}
          none="another area"
          options={ZONES.map(({ id }) => id).filter((id) => !piece.hides.includes(id))}
          labelOf={(id) => zoneInfo(id).label}
          onChange={toggle}
        />
      </section>
    </div>
  );
}
