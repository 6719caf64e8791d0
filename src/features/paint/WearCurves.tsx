"use client";

import { minutesWords } from "@/core/text/words";
import { Select } from "@/ui/Select";
import type { ApexOptions } from "apexcharts";
import { useMemo, useState } from "react";
import {
  judgedZones,
  partOf,
  WEAR_PARTS,
  weakestOf,
  type AdviceGroup,
  type PaintSystem,
} from "@/core/advice";
import type { ZoneId } from "@/core/anatomy";
import type { Brief } from "@/core/brief";
import { isWaterColour, type AuxiliaryKey } from "@/core/paint";
import type { Person } from "@/core/people";
import type { House } from "@/core/rules";
import { HAZARD_WORDS, survival, zoneWear, type ZoneWear } from "@/core/wear";
import { Chart } from "@/shared/charts/Chart";

/** Parts a group is looked at by: of the face as a painter speaks of them, of other groups the zones they are judged by. */
const partsOf = (group: AdviceGroup, brief: Brief): Readonly<Record<string, readonly ZoneId[]>> =>
  group === "face"
    ? WEAR_PARTS
    : Object.fromEntries(judgedZones(group, brief).map((zone) => [partOf(zone), [zone]]));

/** Options are told apart by their line. */
const DASHES = ["solid", "dashed", "dotted"] as const;
/** Points of a curve over the hours worn. */
const POINTS = 25;

/** The zone of a part that a kit gives out on first. */
function wearOf(
  { kit, group }: PaintSystem,
  zones: readonly ZoneId[],
  person: Person,
  brief: Brief,
  house: House,
): ZoneWear | undefined {
  const helpers = [
    kit.prep,
    isWaterColour(kit.base) ? kit.activate : null,
    kit.set,
    kit.seal,
  ].filter((key): key is AuxiliaryKey => key !== null);
  return weakestOf(
    zones.map((zone) =>
      zoneWear({
        zone,
        type: kit.base,
        helpers,
        person,
        brief,
        house,
        onPiece: group === "prosthetic",
      }),
    ),
  );
}

/** A line across the curves at a share that is still whole. */
const across = (y: number, text: string) => ({
  y,
  borderColor: "currentColor",
  strokeDashArray: 3,
  label: {
    text,
    borderColor: "transparent",
    style: { background: "transparent", color: "currentColor" },
  },
});

/** How the curves are drawn over the hours worn. */
const curveOptions = (hoursWorn: number, house: House): ApexOptions => ({
  chart: {
    toolbar: { show: false },
    zoom: { enabled: false },
    animations: { enabled: false },
    background: "transparent",
    fontFamily: "inherit",
    foreColor: "currentColor",
  },
  // Told apart by dash and mark, not by colour: colour on this page is paint.
  colors: ["currentColor", "currentColor", "currentColor"],
  stroke: { width: 2.5, dashArray: [0, 7, 2], curve: "straight" },
  markers: { size: 0 },
  xaxis: {
    type: "numeric",
    min: 0,
    max: hoursWorn,
    tickAmount: Math.min(8, Math.max(2, Math.round(hoursWorn))),
    labels: { formatter: (value) => `${Math.round(Number(value) * 10) / 10} h` },
    tooltip: { enabled: false },
  },
  yaxis: {
    min: 0,
    max: 100,
    tickAmount: 4,
    labels: { formatter: (value) => `${Math.round(value)} %` },
  },
  annotations: {
    yaxis: [
      across(house.numbers.touchUpShare, "touch up"),
      across(house.numbers.failureShare, "gone too far"),
    ],
  },
  grid: { borderColor: "rgba(128,128,128,0.35)" },
  legend: { position: "bottom", horizontalAlign: "left", markers: { size: 0 } },
  tooltip: {
    theme: "dark",
    x: { formatter: (value) => `after ${minutesWords(value * 60)}` },
    y: { formatter: (value) => `${value} % whole` },
  },
});

interface WearTableProps {
  options: readonly PaintSystem[];
  parts: Readonly<Record<string, readonly ZoneId[]>>;
  /** The part whose curves are shown. */
  part: string;
  person: Person;
  brief: Brief;
  house: House;
}

/** Hours to the first touch-up, part by part, and what wears it. */
function WearTable({ options, parts, part, person, brief, house }: WearTableProps) {
  return (
    <table className="w-full text-sm">
      <caption className="muted mb-1 text-left text-xs">
        First touch-up by part, and what wears it: where less than {house.numbers.touchUpShare} % is
        whole.
      </caption>
      <thead>
        <tr className="border-b-2 border-base-content text-left">
          <th scope="col" className="py-1">
            Part
          </th>
          {options.map((option, i) => (
            <th key={option.id} scope="col" className="py-1 pl-3">
              {DASHES[i]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {Object.keys(parts).map((key) => (
          <tr key={key} className={`border-b rule ${key === part ? "font-bold" : ""}`}>
            <th scope="row" className="py-1 text-left font-[inherit]">
              {key}
            </th>
            {options.map((option) => {
              const wear = wearOf(option, parts[key] ?? [], person, brief, house);
              return (
                <td key={option.id} className="py-1 pl-3">
                  {!wear || wear.touchUpHours >= brief.hoursWorn ? (
                    "holds"
                  ) : (
                    <>
                      {minutesWords(wear.touchUpHours * 60)}
                      <span className="muted block text-xs font-normal">
                        {partOf(wear.zone)}, {HAZARD_WORDS[wear.cause]}
                      </span>
                    </>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How long each option stays whole, part by part: the curve of the part chosen, and the hours to the first touch-up of all. */
export function WearCurves({
  group,
  options,
  person,
  brief,
  house,
}: {
  group: AdviceGroup;
  options: readonly PaintSystem[];
  person: Person;
  brief: Brief;
  house: House;
}) {
  const parts = useMemo(() => partsOf(group, brief), [group, brief]);
  const names = Object.keys(parts);
  const [chosen, setPart] = useState("");
  const part = names.includes(chosen) ? chosen : (names[0] ?? "");
  const wears = useMemo(
    () =>
      options.map((option) => ({
        option,
        wear: wearOf(option, parts[part] ?? [], person, brief, house),
      })),
    [options, parts, part, person, brief, house],
  );
  const series = wears.flatMap(({ option, wear }, i) =>
    wear
      ? [
          {
            name: `${DASHES[i] ?? ""}: ${option.title}`,
            data: Array.from({ length: POINTS }, (_, i) => {
              const hours = (brief.hoursWorn * i) / (POINTS - 1);
              return {
                x: Math.round(hours * 100) / 100,
                y: Math.round(survival(wear, hours) * 1000) / 10,
              };
            }),
          },
        ]
      : [],
  );
  return (
    <section aria-label="How the options wear" className="card-plain mt-4 p-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h3 className="text-xl">How they wear</h3>
        <label className="flex items-center gap-2 text-sm">
          Part
          <Select
            aria-label="Part"
            className="!w-36"
            value={part}
            options={names}
            labelOf={(key) => key}
            onChange={setPart}
          />
        </label>
      </div>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
        <div aria-hidden>
          <Chart
            type="line"
            height={280}
            series={series}
            options={curveOptions(brief.hoursWorn, house)}
          />
        </div>
        <div className="overflow-x-auto">
          <WearTable {...{ options, parts, part, person, brief, house }} />
        </div>
      </div>
    </section>
  );
}
