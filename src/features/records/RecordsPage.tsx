"use client";

import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useState } from "react";
import { zoneInfo } from "@/core/anatomy";
import { material } from "@/core/paint";
import { errorsOf, ratioOf, speedOf, type WornRecord } from "@/core/record";
import { learningMinutes } from "@/core/schedule";
import { Chart, PLAIN } from "@/shared/charts/Chart";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

/** What all records together say: how forecasts held, how minutes fell with repetition, how good the forecasts have been. */
export function RecordsPage({ records }: { records: readonly WornRecord[] }) {
  return (
    <Page
      title="Records"
      lead="What was forecast against what happened. Every record sharpens the next forecast."
      action={
        <Link href="/records/practice" className="btn">
          Practice
        </Link>
      }
    >
      {records.length === 0 ? (
        <Empty title="No records yet">
          <p>Once a look has been worn, log its timings and how it lasted on its Record tab.</p>
          <Link href="/looks" className="btn btn-primary">
            To the looks
          </Link>
        </Empty>
      ) : (
        <div className="grid gap-5 lg:grid-cols-2">
          <Minutes records={records} />
          <Errors records={records} />
          <Wear records={records} />
          <List records={records} />
        </div>
      )}
    </Page>
  );
}

function Minutes({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  const timed = records.filter((record) => ratioOf(record) !== null);
  const looks = [...new Map(timed.map(({ lookId, lookName }) => [lookId, lookName]))].sort(
    (a, b) =>
      timed.filter(({ lookId }) => lookId === b[0]).length -
      timed.filter(({ lookId }) => lookId === a[0]).length,
  );
  const [chosen, setChosen] = useState(looks[0]?.[0] ?? "");
  const own = timed
    .filter(({ lookId }) => lookId === chosen)
    .sort((a, b) => a.on.localeCompare(b.on));
  const house = own.at(-1)?.steps.reduce((sum, { plannedMinutes }) => sum + plannedMinutes, 0) ?? 0;
  const points = own.map((record, i) => ({
    x: i + 1,
    y: Math.round((ratioOf(record) ?? 1) * house * 10) / 10,
  }));
  const { curve, factor } = speedOf(records, chosen);
  const fitted = curve
    ? Array.from({ length: points.length + 1 }, (_, i) => ({
        x: i + 1,
        y: Math.round(learningMinutes(curve.first, i + 1, curve.rate) * house * 10) / 10,
      }))
    : [];
  return (
    <section aria-label="Minutes by repetition" className="card-plain p-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-xl">Minutes by repetition</h2>
        {looks.length > 0 && (
          <select
            aria-label="Look"
            className="select !w-44"
            value={chosen}
            onChange={(event) => setChosen(event.target.value)}
          >
            {looks.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        )}
      </div>
      {!points.length ? (
        <p className="mt-2 text-sm">
          Nothing timed yet: the chair logs minutes, or type them into a record.
        </p>
      ) : (
        <>
          <p className="text-sm">
            {curve ? (
              <>
                Each doubling of practice multiplies the minutes by{" "}
                <strong>{say.number(curve.rate, 2)}</strong>; the next is put at{" "}
                <strong>{minutesWords(factor * house)}</strong>, the default is{" "}
                {minutesWords(house)}.
              </>
            ) : (
              <>
                From three sittings on a curve is fitted. The last took{" "}
                {minutesWords(points.at(-1)?.y ?? 0)}, the default is {minutesWords(house)}.
              </>
            )}
          </p>
          <div aria-hidden>
            <Chart
              type="line"
              height={250}
              series={[
                { name: "hands-on minutes", data: points },
                ...(fitted.length ? [{ name: "fitted curve (Wright 1936)", data: fitted }] : []),
              ]}
              options={{
                ...PLAIN,
                stroke: { width: [0, 2.5], dashArray: [0, 6] },
                markers: { size: [6, 0], colors: ["currentColor"], strokeWidth: 0 },
                xaxis: {
                  type: "numeric",
                  min: 1,
                  max: Math.max(2, points.length + 1),
                  tickAmount: Math.max(1, points.length),
                  labels: { formatter: (value) => `${Math.round(Number(value))}` },
                  title: { text: "time painted" },
                  tooltip: { enabled: false },
                },
                yaxis: { min: 0, labels: { formatter: (value) => `${Math.round(value)} min` } },
              }}
            />
          </div>
          <ol className="sr-only">
            {own.map((record, i) => (
              <li key={record.id}>
                Time {i + 1}, {say.day(record.on)}: {minutesWords(points[i]?.y ?? 0)}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

function Errors({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  const errors = errorsOf(records);
  const series = (of: "wear" | "minutes") =>
    errors.flatMap(({ on, [of]: error }) =>
      error === null ? [] : [{ x: Date.parse(on), y: Math.round(error * 10) / 10 }],
    );
  const [wear, minutes] = [series("wear"), series("minutes")];
  const last = (list: readonly { y: number }[]) => list.at(-1)?.y;
  return (
    <section aria-label="How good the forecasts have been" className="card-plain p-4">
      <h2 className="text-xl">How good the forecasts have been</h2>
      <p className="text-sm">
        {[
          last(wear) !== undefined &&
            `The last wear forecast was out by about ${last(wear)} points per area`,
          last(minutes) !== undefined && `the minutes by ${last(minutes)} %`,
        ]
          .filter(Boolean)
          .join(", ") || "Nothing to compare yet"}
        . Measured against the default forecast, by day.
      </p>
      <div aria-hidden>
        <Chart
          type="line"
          height={250}
          series={[
            { name: "● wear, percent points", data: wear },
            { name: "■ minutes, %", data: minutes },
          ]}
          options={{
            ...PLAIN,
            stroke: { width: 2, dashArray: [0, 5] },
            markers: {
              size: 5,
              shape: ["circle", "square"],
              strokeWidth: 0,
              colors: ["currentColor"],
            },
            xaxis: { type: "datetime", tooltip: { enabled: false } },
            yaxis: { min: 0, labels: { formatter: (value) => `${Math.round(value)}` } },
          }}
        />
      </div>
      <ul className="sr-only">
        {errors.map(({ on, wear: w, minutes: m }) => (
          <li key={on + String(w) + String(m)}>
            {say.day(on)}: {w === null ? "no wear seen" : `wear off by ${Math.round(w)} points`},{" "}
            {m === null ? "not timed" : `minutes off by ${Math.round(m)} %`}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Wear({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  const seen = records.flatMap((record) =>
    record.wear.map((entry) => ({ ...entry, on: record.on, look: record.lookName })),
  );
  return (
    <section aria-label="Forecast against seen" className="card-plain p-4">
      <h2 className="text-xl">Wear: forecast against seen</h2>
      {!seen.length ? (
        <p className="mt-2 text-sm">No record says yet how a look lasted.</p>
      ) : (
        <>
          <p className="text-sm">On the line: as forecast. Below: it wore off sooner.</p>
          <div aria-hidden>
            <Chart
              type="line"
              height={270}
              series={[
                {
                  name: "seen",
                  data: seen
                    .map(({ forecastPercent, wholePercent }) => ({
                      x: forecastPercent,
                      y: wholePercent,
                    }))
                    .sort((a, b) => a.x - b.x),
                },
                {
                  name: "as forecast",
                  data: [
                    { x: 0, y: 0 },
                    { x: 100, y: 100 },
                  ],
                },
              ]}
              options={{
                ...PLAIN,
                stroke: { width: [0, 1.5], dashArray: [0, 4] },
                markers: { size: [7, 0], strokeWidth: 0, colors: ["currentColor"] },
                xaxis: {
                  type: "numeric",
                  min: 0,
                  max: 100,
                  tickAmount: 4,
                  labels: { formatter: (value) => `${Math.round(Number(value))} %` },
                  title: { text: "forecast whole" },
                  tooltip: { enabled: false },
                },
                yaxis: {
                  min: 0,
                  max: 100,
                  tickAmount: 4,
                  labels: { formatter: (value) => `${Math.round(value)} %` },
                },
              }}
            />
          </div>
          <ul className="mt-1 text-sm">
            {seen.map((entry, i) => (
              <li key={i} className="border-t rule py-1">
                {entry.look}, {say.day(entry.on)}: {zoneInfo(entry.zone).label},{" "}
                {material(entry.type).label}, {entry.wholePercent} % after {entry.afterHours} h,
                forecast {entry.forecastPercent} %
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function List({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  return (
    <section aria-label="All records" className="card-plain p-4">
      <h2 className="text-xl">All records</h2>
      <ul className="text-sm">
        {records.map((record) => {
          const ratio = ratioOf(record);
          return (
            <li key={record.id} className="border-t rule py-1.5">
              <Link
                className="link font-semibold"
                href={`/looks/${record.lookId}/${record.jobId ?? "anyone"}/record`}
              >
                {record.lookName}
              </Link>
              , {say.day(record.on)}
              {record.rehearsal && ", rehearsal"}
              {ratio !== null &&
                `: ${minutesWords(record.steps.reduce((sum, step) => sum + step.actualMinutes, 0))} hands on`}
              . {record.verdict}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
