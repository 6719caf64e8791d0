"use client";

import { useSay } from "@/shared/say/useSay";
import { Select } from "@/ui/Select";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { LAMP_KEYS, LAMPS, labFromReflectance, type LampKey, underLampOf } from "@/core/colour";
import {
  hexOf,
  MEANT_APART,
  readEdges,
  readStack,
  seeEdge,
  separationFix,
  type SeenEdge,
} from "@/core/look";
import { separationLine } from "@/core/vision";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Swatch } from "@/ui/Swatch";

const SIGNS = {
  visible: ["●", "reads"],
  marginal: ["◐", "just reads"],
  lost: ["○", "merges"],
} as const;

/** Neighbouring colours two by two, as the chosen seat sees them, and the line that keeps apart what merges. */
export function Separation() {
  const { look, context, prediction, apply, undo } = useWorking();
  const { nearestM, farthestM } = context.brief;
  const say = useSay();
  const [metres, setMetres] = useState(farthestM);
  const [lamp, setLamp] = useState<LampKey>("D65");
  const edges = useMemo(() => readEdges(look, context, prediction), [look, context, prediction]);
  const seen = useMemo(
    () => edges.map((edge) => seeEdge(edge, { distanceM: metres, lamp })),
    [edges, metres, lamp],
  );
  const names = [...new Set(seen.flatMap(({ a, b }) => [a.name, b.name]))];
  const colourOf = (name: string) => {
    const side = seen.flatMap(({ a, b }) => [a, b]).find((entry) => entry.name === name);
    return side && underLampOf(side.colour, side.glow ?? null, lamp);
  };
  const between = (a: string, b: string) =>
    seen
      .filter(
        (edge) =>
          (edge.a.name === a && edge.b.name === b) || (edge.a.name === b && edge.b.name === a),
      )
      .sort((x, y) => x.ratio - y.ratio)[0];
  const merging = seen.filter(
    (edge) => edge.kind !== "pair" && edge.verdict === "lost" && edge.deltaE >= MEANT_APART,
  );
  const seats = [...new Set([0.6, nearestM, 3, 12, farthestM])]
    .filter((m) => m <= Math.max(farthestM, 0.6))
    .sort((a, b) => a - b);
  return (
    <section aria-label="Tone separation">
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <h3 className="flex-1 text-xl">Do neighbours stay apart?</h3>
        <label className="text-sm">
          Seat
          <Select
            className="ml-2 !w-32"
            value={metres}
            options={seats}
            labelOf={(m) =>
              m === 0.6 ? "mirror" : `${say.distance(m)}${m === farthestM ? ", last" : ""}`
            }
            onChange={setMetres}
          />
        </label>
        <label className="text-sm">
          Light
          <Select
            className="ml-2 !w-32"
            value={lamp}
            options={LAMP_KEYS}
            labelOf={(key) => LAMPS[key].label}
            onChange={setLamp}
          />
        </label>
      </div>
      {names.length === 0 ? (
        <p className="muted text-sm">One colour, nothing beside it.</p>
      ) : (
        <div className="relative overflow-x-auto">
          <table className="border-collapse text-xs">
            <caption className="sr-only">Neighbouring colours two by two</caption>
            <thead>
              <tr>
                <td />
                {names.slice(0, -1).map((name) => (
                  <th
                    key={name}
                    scope="col"
                    className="max-w-20 px-1.5 pb-1 text-left align-bottom font-semibold"
                  >
                    <Swatch
                      hex={colourOf(name) ? hexOf(colourOf(name) as Float64Array, lamp) : null}
                      size={22}
                    />
                    <span className="block">{name}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {names.slice(1).map((row, i) => (
                <tr key={row} className="border-t rule">
                  <th
                    scope="row"
                    className="px-1.5 py-1.5 text-left font-semibold whitespace-nowrap"
                  >
                    <Swatch
                      hex={colourOf(row) ? hexOf(colourOf(row) as Float64Array, lamp) : null}
                      size={22}
                    />{" "}
                    {row}
                  </th>
                  {names.slice(0, -1).map((column, k) => {
                    const edge = k <= i ? between(row, column) : undefined;
                    return (
                      <td key={column} className="px-1.5 py-1.5">
                        {edge && (
                          <span className={edge.verdict === "lost" ? "font-bold" : ""}>
                            <span aria-hidden>{SIGNS[edge.verdict][0]}</span>{" "}
                            {SIGNS[edge.verdict][1]}
                            {edge.partedBy ? ", parted" : ""}
                          </span>
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {merging.length > 0 && (
        <ul aria-label="Merging" className="mt-3 flex flex-col">
          {merging.map((edge) => (
            <Merging
              key={edge.key}
              edge={edge}
              {...{ metres, lamp }}
              onMend={(fix, label) => {
                if (apply(fix)) toast(label, { action: { label: "Undo", onClick: undo } });
              }}
            />
          ))}
        </ul>
      )}
      <p className="muted mt-2 text-xs">
        Luminance contrast against the eye&apos;s sensitivity (Mannos and Sakrison 1974) and colour
        with its lower cut-off (S-CIELAB spreads); thresholds for a moving face are common practice,
        no published source.
      </p>
    </section>
  );
}

function Merging({
  edge,
  metres,
  lamp,
  onMend,
}: {
  edge: SeenEdge;
  metres: number;
  lamp: LampKey;
  onMend: (fix: NonNullable<ReturnType<typeof separationFix>>["fix"], label: string) => void;
}) {
  const { look, context } = useWorking();
  const say = useSay();
  const mend = useMemo(
    () => separationFix(readStack(look, context), edge, metres),
    [look, context, edge, metres],
  );
  const [a, b] = [labFromReflectance(edge.a.colour), labFromReflectance(edge.b.colour)];
  // No plain line, darker or lighter, is seen where only what is fluorescent is.
  const isGlow = lamp === "ultraviolet";
  const advice = isGlow ? null : separationLine(a, b, metres, edge.widthMm);
  return (
    <li className="flex flex-wrap items-center gap-3 border-t rule py-2 text-sm">
      <span className="min-w-0 flex-1">
        <strong>{edge.a.name}</strong> and <strong>{edge.b.name}</strong> merge from{" "}
        {say.distance(metres)}
        {edge.kind === "mark" ? `, drawn ${Math.round(edge.widthMm * 10) / 10} mm wide` : ""}.
        {advice && ` A ${advice.tone} line, ${advice.minWidthMm} mm or wider, keeps them apart.`}
        {isGlow && " Only fluorescent paint keeps them apart in this light."}
      </span>
      {mend && !isGlow && (
        <button
          type="button"
          className="btn btn-sm h-auto py-1.5"
          onClick={() => onMend(mend.fix, mend.fixLabel)}
        >
          {mend.fixLabel}
        </button>
      )}
    </li>
  );
}
