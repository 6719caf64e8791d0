import "server-only";
import { createEvents, type EventAttributes } from "ics";
import { causeWords, touchUps } from "@/core/advice";
import { reactionPlan, safetyNotes, wearForecast, zoneWords } from "@/core/look";
import { buildList } from "@/core/piece";
import { removalOf, type CallPlan } from "@/core/plan";
import { shiftMinutes } from "@/core/schedule";
import { callOf } from "./callOf";
import type { DatedJob } from "./calls";
import { textPdf } from "./textPdf";

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
    const left = steps.filter(({ done }) => !done);
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
              `By forecast less than ${job.context.house.numbers.touchUpShare} % is whole there, from ${causeWords(walk)}.`,
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

/** What each artist does when, a page an artist, to hang beside the mirror. @throws Problem */
export async function callSheet(date: string): Promise<{ body: Uint8Array; name: string }> {
  const { plan, jobs, settings } = await callOf(date);
  const out = textPdf(`Call ${date}`, "usual");
  const withheld = plan.withheld.map(({ jobId, stops }) => {
    const job = jobs.find(({ id }) => id === jobId);
    const who = job ? `${job.look.name} on ${job.person.name}` : jobId;
    return `STOP: ${who} is not planned. ${stops.map(({ rule, message }) => `${message} (${rule})`).join(" ")}`;
  });
  const writeWithheld = () => {
    for (const words of withheld) out.write(words, { bold: true, before: 0.4 });
  };
  if (!plan.placed.length) {
    out.write(`Call sheet, ${date}`, { bold: true, times: 1.6 });
    writeWithheld();
  }
  const artists = [...new Set(plan.placed.map(({ artist }) => artist))].sort((a, b) => a - b);
  artists.forEach((artist, i) => {
    if (i) out.newPage();
    out.write(`Call sheet, ${date}: ${plan.hands[artist] ?? ""}`, {
      bold: true,
      times: 1.6,
    });
    if (plan.startAt)
      out.write(`The call begins at ${plan.startAt.slice(11, 16)}.`, { before: 0.3 });
    writeWithheld();
    const own = new Set(
      plan.placed.filter((entry) => entry.artist === artist).map(({ performer }) => performer),
    );
    for (const job of jobs.filter(({ id }) => own.has(id))) {
      const notes = safetyNotes(job.look, job.context)
        .filter(({ kind }) => kind !== "reaction")
        .map(({ text }) => text);
      out.write(`${job.person.name}: ${notes.join(" ")}`, { bold: true, before: 0.3 });
    }
    for (const { performer, chair, layer, start, end } of stretches(plan, artist)) {
      const job = jobs.find(({ id }) => id === performer);
      const name = job?.look.layers.find(({ id }) => id === layer)?.name ?? layer;
      const at = (minutes: number) =>
        plan.startAt
          ? shiftMinutes(plan.startAt, Math.round(minutes)).slice(11, 16)
          : `${Math.round(minutes)} min`;
      out.write(
        `${at(start)} to ${at(end)}  ${job?.person.name ?? performer}, ${chair < 0 ? "own mirror" : `chair ${chair + 1}`}: ${name}`,
        { before: 0.25 },
      );
    }
    out.write(reactionPlan(settings), { before: 0.8 });
    out.write(
      "The labels of the products and the advice of licensed professionals come before this sheet.",
      { before: 1 },
    );
  });
  return { body: await out.save(), name: `call-${date}.pdf` };
}

interface Stretch {
  readonly performer: string;
  readonly chair: number;
  readonly layer: string;
  readonly start: number;
  end: number;
}

/** An artist's work without a break on one layer of one face is one line of the sheet. */
function stretches(plan: CallPlan, artist: number): Stretch[] {
  const lines: Stretch[] = [];
  for (const { performer, chair, task, start, end } of plan.placed.filter(
    (entry) => entry.artist === artist,
  )) {
    const [layer = task] = task.split("/");
    const last = lines.at(-1);
    if (last && last.performer === performer && last.layer === layer) last.end = end;
    else lines.push({ performer, chair, layer, start, end });
  }
  return lines;
}
