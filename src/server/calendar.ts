import "server-only";
import { createEvents, type EventAttributes } from "ics";
import { causeWords, touchUps } from "@/core/advice";
import { wearForecast, zoneWords } from "@/core/look";
import { buildList } from "@/core/piece";
import { removalOf } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import { callOf } from "./callOf";
import type { DatedJob } from "./calls";

const alarm = (minutes: number, description: string): EventAttributes["alarms"] => [
  { action: "display", description, trigger: { minutes, before: true } },
];

/** Days of building before a look is worn, as events of a whole day (PIECE-1). */
function buildsOf({ id, look, person, brief }: DatedJob): EventAttributes[] {
  const day = (iso: string): [number, number, number] => [
    Number(iso.slice(0, 4)),
    Number(iso.slice(5, 7)),
    Number(iso.slice(8, 10)),
  ];
  return look.pieces.flatMap((piece) => {
    const { steps } = buildList(piece, brief.curtainAt.slice(0, 10));
    const left = piece.worn === "worn" ? steps.filter(({ done }) => !done) : [];
    return [...new Set(left.map(({ on }) => on))].map((on): EventAttributes => ({
      uid: `${id}-${piece.id}-${on}@dermagraph`,
      start: day(on),
      duration: { days: 1 },
      title: `${piece.name} for ${look.name} on ${person.name}`,
      description: left
        .filter((step) => step.on === on)
        .map(
          ({ words, ready, aired }) =>
            `${words}${ready ? `, until ${ready}` : ""}${aired ? "; outdoors or well aired" : ""}`,
        )
        .join("; "),
      alarms: alarm(60, `Build: ${piece.name}`),
    }));
  });
}

type Moment = [number, number, number, number, number];
/** A moment as the calendar wants it, in UTC. */
function utc(iso: string): Moment {
  const at = new Date(iso);
  return [
    at.getUTCFullYear(),
    at.getUTCMonth() + 1,
    at.getUTCDate(),
    at.getUTCHours(),
    at.getUTCMinutes(),
  ];
}

/** A call as an iCalendar file (RFC 5545): painting, touch-ups and removal of each performer, with alarms. @throws Problem */
export async function callCalendar(date: string): Promise<{ body: string; name: string }> {
  const { plan, jobs } = await callOf(date);
  const isWithheld = new Set(plan.withheld.map(({ jobId }) => jobId));
  const events = [
    ...jobs.filter(({ id }) => !isWithheld.has(id)).flatMap(buildsOf),
    ...plan.performers.flatMap((performer): EventAttributes[] => {
      const job = jobs.find(({ id }) => id === performer.jobId);
      if (!job || !performer.sitsAt || !performer.paintedAt) return [];
      const event = (
        kind: string,
        startAt: string,
        endAt: string,
        title: string,
        description: string,
        before: number,
      ): EventAttributes => ({
        uid: `${job.id}-${kind}@dermagraph`,
        start: utc(startAt),
        startInputType: "utc",
        startOutputType: "utc",
        end: utc(endAt),
        endInputType: "utc",
        endOutputType: "utc",
        title,
        description,
        location: job.brief.place,
        alarms: alarm(before, title),
      });
      const { curtainAt, hoursWorn } = job.brief;
      const off = shiftMinutes(curtainAt, Math.round(hoursWorn * 60));
      return [
        event(
          "call",
          performer.sitsAt,
          performer.paintedAt,
          `Paint ${job.look.name} on ${job.person.name}`,
          `${performer.chair < 0 ? "At their own mirror" : `Chair ${performer.chair + 1}`}; painted by ${(performer.neededBy ?? performer.paintedAt).slice(11, 16)} at the latest.`,
          15,
        ),
        ...touchUps(wearForecast(job.look, job.context), hoursWorn, job.context.house).map(
          (walk, i) =>
            event(
              `touch-up-${i + 1}`,
              shiftMinutes(curtainAt, Math.round(walk.atHours * 60)),
              shiftMinutes(curtainAt, Math.round(walk.atHours * 60) + 5),
              `Touch up ${job.person.name}: ${zoneWords(walk.zones, 3)}`,
              `By forecast less than ${job.context.house.numbers.touchUpShare} % is intact there, from ${causeWords(walk)}.`,
              5,
            ),
        ),
        event(
          "removal",
          off,
          shiftMinutes(off, removalOf(job.look, job.context).minutes),
          `Take ${job.look.name} off ${job.person.name}`,
          removalOf(job.look, job.context)
            .steps.map(({ label, with: remover }) => `${label}: ${remover}`)
            .join("; "),
          10,
        ),
      ];
    }),
  ];
  const { error, value } = createEvents(events, {
    productId: "dermagraph",
    calName: `Call ${date}`,
  });
  if (error || !value) throw error ?? new Error("no calendar");
  return { body: value, name: `call-${date}.ics` };
}
