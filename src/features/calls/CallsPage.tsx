"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useState } from "react";
import { REST_AFTER_DAYS, withoutRest } from "@/core/plan";
import type { Calls } from "@/server/calls";
import { Toolbar } from "@/ui/Toolbar";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { DayCall } from "./DayCall";

/** A day's jobs on one board: artists, chairs, who starts when, and what happens when somebody is late. */
export function CallsPage({ calls }: { calls: Calls }) {
  const say = useSay();
  const [date, setDate] = useState(calls.days[0]?.date ?? "");
  const day = calls.days.find((entry) => entry.date === date) ?? calls.days[0];
  return (
    <Page
      title="Calls"
      lead="Several performers, artists and chairs on one board, counted back from their curtains."
    >
      {!day ? (
        <Empty title="No dated job ahead">
          <p>A look&apos;s brief with a curtain puts it on the board of that day.</p>
          <Link href="/looks" className="btn btn-primary">
            To the looks
          </Link>
        </Empty>
      ) : (
        <>
          {calls.days.length > 1 && (
            <Toolbar
              label="Day"
              className="mb-4"
              options={calls.days}
              value={day}
              keyOf={({ date }) => date}
              labelOf={({ date }) => say.day(date)}
              onChange={({ date }) => setDate(date)}
            />
          )}
          <DayCall key={day.date} day={day} calls={calls} />
          <Rest calls={calls} />
        </>
      )}
      <p className="mt-6">
        <Link href="/booth" className="btn">
          Booth: a queue, a menu, and what to ask each child
        </Link>
      </p>
    </Page>
  );
}

/** Skin that is painted day after day wants a day without (TIME-5). */
function Rest({ calls }: { calls: Calls }) {
  const say = useSay();
  const series = withoutRest(
    calls.days.flatMap(({ date, jobs }) =>
      jobs.map(({ person }) => ({ personId: person.id, name: person.name, on: date })),
    ),
  );
  if (!series.length) return null;
  return (
    <ul aria-label="Rest days" className="mt-4 text-sm">
      {series.map(({ name, from, days }) => (
        <li key={name} className="border-l-4 border-base-content pl-3">
          <strong>
            {name} is painted {days} days running from {say.day(from)}.
          </strong>{" "}
          After {REST_AFTER_DAYS} days skin wants one without paint: plan it, and ask a professional
          about skin that stays red.{" "}
          <Link className="link" href="/rules#TIME-5">
            TIME-5
          </Link>
        </li>
      ))}
    </ul>
  );
}
