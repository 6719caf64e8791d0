"use client";

import { minutesWords } from "@/core/text/words";
import { ask } from "@/shared/ask";
import { useState } from "react";
import { useFormContext } from "react-hook-form";
import { BriefSchema, USUAL_BRIEF, type Brief } from "@/core/brief";
import { STAND_IN } from "@/core/people";
import { inWeather, judgeHours, worstHour, type HourJudged } from "@/core/wear";
import { useSay } from "@/shared/say/useSay";

interface Told {
  readonly service: string;
  readonly hours: readonly HourJudged[];
  readonly worst: HourJudged;
}

/** The weather service's hours of the job, each by what it does to paint, and the worst of them taken into the brief. */
export function FromForecast({ at }: { at: "" | "brief." }) {
  const say = useSay();
  const { getValues, setValue } = useFormContext();
  const [told, setTold] = useState<Told | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const askForecast = async () => {
    const typed = (at === "" ? getValues() : getValues("brief")) as Brief;
    if (!typed.place || !typed.curtainAt) {
      setProblem("A place and a curtain say which hours to ask for.");
      return;
    }
    setBusy(true);
    const answer = await ask(
      "POST /api/devices/forecast",
      {},
      { place: typed.place, at: typed.curtainAt },
    );
    setBusy(false);
    if (!answer.ok) {
      setTold(null);
      setProblem(`${answer.refusal.title} ${answer.refusal.detail ?? ""}`);
      return;
    }
    // A field that is still wrong must not stop the weather: hours are judged by what is right.
    const parsed = BriefSchema.safeParse(typed);
    const brief: Brief = parsed.success
      ? parsed.data
      : { ...USUAL_BRIEF, hoursWorn: typed.hoursWorn || USUAL_BRIEF.hoursWorn };
    const hours = judgeHours(answer.value.hours, typed.curtainAt, brief, STAND_IN);
    const worst = worstHour(hours);
    if (!worst) {
      setProblem("The forecast does not reach those hours.");
      return;
    }
    setProblem(null);
    setTold({ service: answer.value.service, hours, worst });
    const { airDegC, rh, air, sun, wet } = inWeather(brief, worst.hour);
    for (const [key, value] of Object.entries({ airDegC, rh, air, sun, wet }))
      setValue(`${at}${key}`, value, { shouldDirty: true, shouldValidate: true });
  };
  return (
    <div className="sm:col-span-2 lg:col-span-3">
      <button type="button" className="btn" onClick={() => void askForecast()} disabled={busy}>
        {busy ? "Asking …" : "Use the worst hour forecast"}
      </button>
      {problem && (
        <p role="alert" className="mt-2 border-l-4 border-base-content pl-3 text-sm">
          {problem}
        </p>
      )}
      {told && (
        <div className="mt-3 overflow-x-auto">
          <table className="w-full text-sm">
            <caption className="muted mb-1 text-left">
              Hours it is worn, by the {told.service}. The worst for paint, at{" "}
              {say.clock(told.worst.hour.at)}, is in the brief.
            </caption>
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col" className="py-1">
                  Hour
                </th>
                <th scope="col">Air</th>
                <th scope="col">Humidity</th>
                <th scope="col">Wind</th>
                <th scope="col">Sky</th>
                <th scope="col">Wear of bare water colour</th>
                <th scope="col">A coat dries in</th>
              </tr>
            </thead>
            <tbody>
              {told.hours.map((entry) => (
                <tr
                  key={entry.hour.at}
                  className={`border-b rule ${entry === told.worst ? "font-bold" : ""}`}
                >
                  <th scope="row" className="py-1 text-left font-[inherit]">
                    {say.clock(entry.hour.at)}
                    {entry === told.worst && " worst"}
                  </th>
                  <td>{say.degrees(entry.hour.airDegC)}</td>
                  <td>{entry.hour.rh} %</td>
                  <td>{entry.hour.windMs} m/s</td>
                  <td>{entry.hour.rain ? "rain" : entry.hour.sun ? "sun" : "no sun"}</td>
                  <td>{Math.round((1 - Math.exp(-entry.hazard)) * 100)} % in the hour</td>
                  <td>
                    {Number.isFinite(entry.dryMinutes) ? minutesWords(entry.dryMinutes) : "never"}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
