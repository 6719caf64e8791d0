"use client";

import { useSay } from "@/shared/say/useSay";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Alert } from "@/ui/Alert";
import { keysOf } from "@/core/keysOf";
import { Select } from "@/ui/Select";
import { plural } from "@/core/text/words";
import { Trash2 } from "lucide-react";
import { pieceMatch, readStack } from "@/core/look";
import {
  bevelDeg,
  BUILD_MATERIAL_KEYS,
  BUILD_MATERIALS,
  ConeSchema,
  developCone,
  FINISHES,
  innerRoundMm,
  PIECE_KINDS,
  wallMm,
  weightGrams,
  type Cone,
  type Piece,
} from "@/core/piece";
import { OnAndOff } from "./OnAndOff";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { Swatch } from "@/ui/Swatch";

const MOST_STEPS = 12;

const SOURCES = { made: "made here", bought: "bought or hired" } as const;

/** What a piece is, of what, how large, and how it sits to the face. */
export function PieceForm({
  piece,
  onPut,
  onRemove,
}: {
  piece: Piece;
  onPut: (piece: Piece) => boolean;
  onRemove: () => void;
}) {
  const say = useSay();
  const kind = PIECE_KINDS[piece.kind];
  const set = (values: Partial<Piece>) => onPut({ ...piece, ...values });
  return (
    <section aria-label={piece.name} className="card-plain p-4">
      <div className="grid gap-3 sm:grid-cols-2">
        <label className="text-sm">
          <span className="label-line">Name</span>
          <input
            type="text"
            maxLength={80}
            className="input w-full"
            value={piece.name}
            onChange={(event) => {
              if (event.target.value.trim()) set({ name: event.target.value });
            }}
          />
        </label>
        <label className="text-sm">
          <span className="label-line">It is</span>
          <Select
            className="w-full"
            value={piece.source}
            options={keysOf(SOURCES)}
            labelOf={(source) => SOURCES[source]}
            onChange={(source) => set({ source, done: 0 })}
          />
        </label>
        {piece.source === "bought" && (
          <LabelledNumber
            className="!w-36"
            label="Days until it comes"
            value={piece.leadDays}
            least={0}
            most={180}
            onChange={(value) => set({ leadDays: Math.round(value) })}
          />
        )}
      </div>
      <p className="mt-2 text-sm">{kind.chair.how}</p>
      <OnAndOff piece={piece} set={set} />
      {piece.source === "made" && <Builds piece={piece} set={set} />}
      <div className="mt-4 grid gap-3 sm:grid-cols-2">
        {kind.measure && (
          <div>
            <LabelledNumber
              className="!w-36"
              label={
                kind.measure === "head" ? "Head circumference (mm)" : "Base circumference (mm)"
              }
              value={piece.measureMm ?? kind.usualMm}
              least={20}
              most={1500}
              onChange={(value) => set({ measureMm: value })}
            />
            <p className="mt-1 text-sm">
              {piece.measureMm !== null && wallMm(piece) > 0 ? (
                <>
                  The coats take {say.number(wallMm(piece), 1)} mm from the inside: make the base{" "}
                  <strong>{Math.round(innerRoundMm(piece.measureMm, wallMm(piece)))} mm</strong>{" "}
                  around. <span className="muted">Each mm of wall takes 2π mm (PIECE-2).</span>
                </>
              ) : (
                "Nothing built on it yet takes room inside."
              )}
            </p>
          </div>
        )}
        <Match piece={piece} set={set} />
      </div>
      <ConePart piece={piece} set={set} />
      <label className="mt-3 block text-sm">
        <span className="label-line">Notes</span>
        <input
          type="text"
          maxLength={500}
          className="input w-full"
          value={piece.notes}
          onChange={(event) => set({ notes: event.target.value })}
        />
      </label>
      <button type="button" className="btn btn-sm mt-3" onClick={onRemove}>
        <Trash2 size={16} aria-hidden />
        Remove
      </button>
    </section>
  );
}

function Builds({ piece, set }: { piece: Piece; set: (values: Partial<Piece>) => void }) {
  const { builds } = piece;
  const weight = weightGrams(piece);
  return (
    <fieldset className="mt-4">
      <legend className="label-line">Built of, in this order</legend>
      <ol className="flex flex-col gap-2">
        {builds.map((build, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 text-sm">
            <span className="muted w-5">{i + 1}</span>
            <Select
              aria-label={`Material ${i + 1}`}
              className="!w-56"
              value={build.material}
              options={BUILD_MATERIAL_KEYS}
              labelOf={(key) => BUILD_MATERIALS[key].label}
              onChange={(chosen) =>
                set({
                  builds: builds.with(i, {
                    ...build,
                    material: chosen,
                  }),
                })
              }
            />
            <NumberInput
              label={`Coats of ${BUILD_MATERIALS[build.material].label}`}
              least={1}
              most={8}
              whole
              className="!w-20"
              value={build.coats}
              onChange={(coats) => set({ builds: builds.with(i, { ...build, coats }) })}
            />
            {build.material === "other" && (
              <input
                type="text"
                maxLength={60}
                aria-label={`Name of material ${i + 1}`}
                placeholder="what it is"
                className="input !w-40"
                value={build.name ?? ""}
                onChange={(event) =>
                  set({ builds: builds.with(i, { ...build, name: event.target.value }) })
                }
              />
            )}
            <span>
              {plural(build.coats, "coat")}, until {BUILD_MATERIALS[build.material].ready}
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-label={`Remove ${BUILD_MATERIALS[build.material].label}`}
              onClick={() => set({ builds: builds.toSpliced(i, 1) })}
            >
              <Trash2 size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
      {builds.length < MOST_STEPS && (
        <Select
          aria-label="Add a material"
          className="mt-2 !w-56"
          value={null}
          options={BUILD_MATERIAL_KEYS}
          labelOf={(key) => BUILD_MATERIALS[key].label}
          onChange={(chosen) => {
            const material = chosen;
            set({ builds: [...builds, { material, coats: BUILD_MATERIALS[material].coats }] });
          }}
          none="add a material"
        />
      )}
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <LabelledNumber
          label="Size of one (cm²)"
          value={piece.areaCm2}
          least={1}
          most={20_000}
          onChange={(areaCm2) => set({ areaCm2 })}
        />
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={piece.testPiece}
            onChange={(event) => set({ testPiece: event.target.checked })}
          />
          One more to try it out
        </label>
        <p className="text-sm">
          {weight === null
            ? "Add its size and its weight is worked out."
            : `Weighs about ${weight < 10 ? "under 10" : Math.round(weight / 10) * 10} g.`}
        </p>
      </div>
      <p className="muted mt-1 text-xs">
        Keep these materials and their brushes off skin; sprays and foam outdoors or well ventilated
        (PIECE-5). Coats and waits are common practice, no published source; the label decides.
      </p>
    </fieldset>
  );
}

function Match({ piece, set }: { piece: Piece; set: (values: Partial<Piece>) => void }) {
  const say = useSay();
  const { look, context } = useWorking();
  const match = pieceMatch(readStack(look, context), piece);
  return (
    <div className="text-sm">
      <span className="label-line">Colour and finish, beside the face</span>
      <div className="flex flex-wrap items-center gap-2">
        <Swatch hex={piece.colour} size={36} />
        <input
          type="color"
          aria-label="Colour of the piece"
          className="h-10 w-14"
          value={piece.colour ?? "#808080"}
          onChange={(event) => set({ colour: event.target.value })}
        />
        <Select
          aria-label="Finish of the piece"
          className="!w-32"
          value={piece.finish}
          options={FINISHES}
          labelOf={(finish) => finish}
          onChange={(chosen) => set({ finish: chosen })}
        />
      </div>
      <p className="mt-1">
        {!piece.colour ? (
          "Pick its colour and it is compared with the ground of the face."
        ) : match ? (
          <>
            colour difference <strong>{say.number(match.dE, 1)}</strong> from {match.base}
            {match.verdict === "alike"
              ? ": nobody tells them apart"
              : match.verdict === "other"
                ? ": another colour on purpose"
                : ": told apart; match the face to the piece (PIECE-4)"}
            . Finish {match.sameFinish ? "agrees" : `${piece.finish} beside ${match.finish}`}.
          </>
        ) : (
          "No ground on the face to compare it with yet."
        )}
      </p>
    </div>
  );
}

const FIRST_CONE: Cone = { footMm: 40, topMm: 0, heightMm: 120, slopeDeg: 0 };

function ConePart({ piece, set }: { piece: Piece; set: (values: Partial<Piece>) => void }) {
  const { given } = useWorking();
  const { cone } = piece;
  const change = (values: Partial<Cone>) => {
    const next = ConeSchema.safeParse({ ...(cone ?? FIRST_CONE), ...values });
    if (next.success) set({ cone: next.data });
  };
  const shape = cone && shapeOf(cone);
  const url = (format: string) =>
    `/api/looks/${given.look.id}/pieces/${piece.id}?format=${format}&paper=a4`;
  return (
    <fieldset className="mt-4">
      <label className="flex min-h-10 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={cone !== null}
          onChange={(event) => set({ cone: event.target.checked ? FIRST_CONE : null })}
        />
        A cone to cut: a horn, a beak, a peak
      </label>
      {cone && (
        <>
          <div className="mt-1 flex flex-wrap gap-3">
            <LabelledNumber
              className="!w-36"
              label="Across the foot, mm"
              value={cone.footMm}
              least={10}
              most={400}
              onChange={(footMm) => change({ footMm })}
            />
            <LabelledNumber
              className="!w-36"
              label="Across the top, mm"
              value={cone.topMm}
              least={0}
              most={cone.footMm - 1}
              onChange={(topMm) => change({ topMm })}
            />
            <LabelledNumber
              className="!w-36"
              label="Height, mm"
              value={cone.heightMm}
              least={10}
              most={800}
              onChange={(heightMm) => change({ heightMm })}
            />
            <LabelledNumber
              className="!w-36"
              label="Slope it stands on, °"
              value={cone.slopeDeg}
              least={0}
              most={60}
              onChange={(slopeDeg) => change({ slopeDeg })}
            />
          </div>
          {shape ? (
            <p className="mt-2 text-sm">
              Slant {Math.round(shape.slantMm - shape.topSlantMm)} mm, a sector of{" "}
              {Math.round(shape.angleDeg)}°
              {cone.slopeDeg > 0 &&
                `; edges bevelled ${bevelDeg(cone.slopeDeg).standing}°, ${bevelDeg(cone.slopeDeg).mitred}° where two meet`}
              .{" "}
              <a className="link" href={url("pdf")} target="_blank" rel="noreferrer">
                Template 1:1 (PDF)
              </a>{" "}
              ·{" "}
              <a className="link" href={url("svg")} target="_blank" rel="noreferrer">
                SVG
              </a>
            </p>
          ) : (
            <Alert className="mt-2">
              The slope is steeper than the side of the cone: make it taller or the slope less.
            </Alert>
          )}
        </>
      )}
    </fieldset>
  );
}

function shapeOf(cone: Cone) {
  try {
    return developCone(cone);
  } catch {
    return null;
  }
}
