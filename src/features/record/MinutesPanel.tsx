"use client";

import { useMemo } from "react";
import { houseMinutes } from "@/core/chair";
import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import type { Typed } from "./useRecordDraft";
import type { Sitting } from "./useSitting";

/** What was typed of a layer, else what the log of the chair says, to a tenth of a minute; null where neither does. */
export function tookMinutes(
  id: string,
  minutes: Typed["minutes"],
  sitting: Sitting | null,
): number | null {
  const typed = minutes[id];
  if (typed !== undefined) return typed;
  const logged = sitting?.steps.find(({ layerId }) => layerId === id)?.actualMinutes;
  return logged === undefined ? null : Math.round(logged * 10) / 10;
}

/** Hands-on minutes of each layer beside those of the house. */
export function MinutesTable({
  minutes,
  type,
  sitting,
}: {
  minutes: Typed["minutes"];
  type: (values: Partial<Typed>) => void;
  sitting: Sitting | null;
}) {
  const { look, context } = useWorking();
  const house = useMemo(() => houseMinutes(look, context), [look, context]);
  const planned = (id: string) =>
    sitting?.steps.find(({ layerId }) => layerId === id)?.plannedMinutes ?? house.get(id) ?? 0;
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full text-sm">
        <caption className="muted mb-1 text-left">
          Hands-on minutes,{" "}
          {sitting ? "from the chair log; correct anything that's wrong" : "where you timed them"}.
        </caption>
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            <th scope="col" className="py-1">
              Step
            </th>
            <th scope="col">House</th>
            <th scope="col">Took, min</th>
          </tr>
        </thead>
        <tbody>
          {look.layers.map(({ id, name }) => (
            <tr key={id} className="border-b rule">
              <th scope="row" className="py-1 text-left font-normal">
                {name}
              </th>
              <td>{minutesWords(planned(id))}</td>
              <td className="py-1">
                <NumberInput
                  least={0}
                  most={1440}
                  unit="min"
                  label={`Minutes of ${name}`}
                  className="input-sm !w-20"
                  value={tookMinutes(id, minutes, sitting)}
                  onChange={(took) => type({ minutes: { ...minutes, [id]: took } })}
                  onEmpty={() => type({ minutes: { ...minutes, [id]: null } })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** What the log of the chair says of a sitting, in a line. */
export function SittingLine({
  sitting: { log, steps },
  today,
}: {
  sitting: Sitting;
  today: string;
}) {
  const say = useSay();
  const sum = (of: (step: Sitting["steps"][number]) => number) =>
    minutesWords(steps.reduce((total, step) => total + of(step), 0));
  const apart = log.interruptions.reduce((total, { minutes }) => total + minutes, 0);
  return (
    <p className="mt-1 text-sm">
      From the chair&apos;s log of {say.day(log.begunAt ?? today)}
      {log.rehearsal && ", a rehearsal"}: {sum((step) => step.actualMinutes)} hands on for{" "}
      {sum((step) => step.plannedMinutes)} by default
      {log.interruptions.length > 0 && `, ${minutesWords(apart)} of interruptions apart`}.
      {log.notes.length > 0 && ` Notes: ${log.notes.map(({ text }) => text).join("; ")}.`}
    </p>
  );
}
