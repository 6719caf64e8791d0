import "server-only";
import { z } from "zod";
import { reactionPlan, safetyNotes, workName, zoneWords, type Look } from "@/core/look";
import { regionOf, type CallPlan } from "@/core/plan";
import { chairThings } from "@/core/look";
import { shiftMinutes } from "@/core/schedule";
import { minutesWords, listed } from "@/core/text/words";
import { callOf } from "../callOf";
import { fieldErrors, invalid } from "../problem";
import { clockOf, paperOf, sayOf } from "./say";
import { openSheet, type Cell, type Sheet } from "./sheetPdf";

export const CallSheetSchema = z
  .object({
    by: z.enum(["artist", "performer"]).default("artist"),
    paper: z.enum(["a4", "letter"]).optional(),
  })
  .strict();

/** Every area is named. */
const ALL = 200;

type Called = Awaited<ReturnType<typeof callOf>>;

/** One line of a sheet: what one artist does to one performer without a break, as long as a clock shows. */
interface Line {
  readonly performer: string;
  readonly chair: number;
  readonly work: { readonly id: string; readonly regions: Set<string> }[];
  readonly start: number;
  end: number;
}

const isShown = ({ start, end }: Line) => Math.round(end) > Math.round(start);

/** The work in lines: each layer of each face is one, and what takes no minute goes into the line beside it. */
export function linesOf(placed: CallPlan["placed"]): Line[] {
  const lines: Line[] = [];
  for (const { performer, chair, task, start, end, load = 0 } of placed) {
    const [id = task, , region = ""] = task.split("/");
    const last = lines.at(-1);
    const known = last?.performer === performer && last.work.find((own) => own.id === id);
    if (last && known) {
      known.regions.add(region);
      last.end = end;
    } else if (last?.performer === performer && !isShown(last)) {
      last.work.push({ id, regions: new Set([region]) });
      last.end = end;
    } else
      lines.push({
        performer,
        chair,
        work: [{ id, regions: new Set([region]) }],
        start: start - load,
        end,
      });
  }
  // What is left at the end of a face joins the line before it.
  return lines.reduce<Line[]>((kept, line) => {
    const before = kept.at(-1);
    if (!isShown(line) && before?.performer === line.performer) {
      before.work.push(...line.work);
      before.end = line.end;
    } else kept.push(line);
    return kept;
  }, []);
}

/** "Cloud base on forehead, cheeks and chin": the areas of a layer where it is painted now, all of them. */
function workWords(look: Look, { id, regions }: Line["work"][number]): Cell {
  const layer = look.layers.find((own) => own.id === id);
  // What is misted or glued on in one go is one task, whatever it lies on.
  const isAtOnce = layer?.role === "seal" || layer?.role === "attach";
  const here = layer?.zones.filter((zone) => isAtOnce || regions.has(regionOf(zone))) ?? [];
  const zones = here.length ? here : (layer?.zones ?? []);
  return {
    text: workName(look, id),
    under: zones.length ? zoneWords(zones, ALL) : listed([...regions].filter(isPlace)),
  };
}

/** Where hair and costume are scheduled says nothing. */
const isPlace = (region: string): boolean => region !== "upper face";

const notesOf = ({ look, context }: Called["jobs"][number]): string =>
  safetyNotes(look, context)
    .filter(({ kind }) => kind !== "reaction")
    .map(({ text }) => text)
    .join(" ");

const chairWords = (chair: number): string => (chair < 0 ? "own mirror" : `chair ${chair + 1}`);

function withheld(sheet: Sheet, { plan, jobs }: Called): void {
  for (const { jobId, stops } of plan.withheld) {
    const job = jobs.find(({ id }) => id === jobId);
    const who = job ? `${job.look.name} on ${job.person.name}` : jobId;
    const why = stops.map(({ rule, message }) => `${message} (${rule})`).join(" ");
    sheet.write(`STOP: ${who} is not planned. ${why}`, { bold: true, before: 0.4 });
  }
}

const foot = (sheet: Sheet, { settings }: Called): void => {
  sheet.write(reactionPlan(settings), { before: 0.8 });
  sheet.write(
    "The labels of the products and the advice of licensed professionals come before this sheet.",
    { before: 0.6 },
  );
};

/** A page an artist: who sits in which chair when, and what is painted on them. */
function byArtist(sheet: Sheet, called: Called, date: string): void {
  const { plan, jobs } = called;
  const at = (minutes: number) =>
    plan.startAt
      ? clockOf(shiftMinutes(plan.startAt, Math.round(minutes)))
      : `${Math.round(minutes)} min`;
  const artists = [...new Set(plan.placed.map(({ artist }) => artist))].sort((a, b) => a - b);
  if (!artists.length) {
    sheet.write(`Call sheet, ${date}`, { bold: true, times: 1.9 });
    withheld(sheet, called);
  }
  artists.forEach((artist, i) => {
    if (i) sheet.newPage();
    sheet.write(`Call sheet, ${date}: ${plan.hands[artist] ?? ""}`, { bold: true, times: 1.9 });
    if (plan.startAt) sheet.write(`The call begins at ${clockOf(plan.startAt)}.`, { before: 0.3 });
    withheld(sheet, called);
    const placed = plan.placed.filter((entry) => entry.artist === artist);
    const lines = linesOf(placed);
    for (const job of jobs.filter(({ id }) => lines.some(({ performer }) => performer === id))) {
      const mine = lines.filter(({ performer }) => performer === job.id);
      const own = plan.performers.find(({ jobId }) => jobId === job.id);
      sheet.heading(`${job.person.name}: ${job.look.name}`);
      sheet.write(
        [
          chairWords(own?.chair ?? 0),
          own?.neededBy && `needed by ${clockOf(own.neededBy)}`,
          `curtain ${clockOf(job.brief.curtainAt)}`,
          own?.paintedAt && `painted and dry by ${clockOf(own.paintedAt)}`,
          own && own.late > 0 && `${minutesWords(own.late)} LATE`,
        ]
          .filter(Boolean)
          .join(" · "),
      );
      sheet.write(notesOf(job), { bold: true, before: 0.2 });
      sheet.table(
        [
          { head: "From", share: 10 },
          { head: "To", share: 10 },
          { head: "", share: 4, box: true },
          { head: "Work and areas", share: 76 },
        ],
        mine.map((line) => [
          at(line.start),
          at(line.end),
          "",
          {
            text: line.work.map((work) => workWords(job.look, work).text).join(", then "),
            under: line.work.map((work) => workWords(job.look, work).under).join("; "),
            isStrong: true,
          },
        ]),
      );
    }
    foot(sheet, called);
  });
}

/** One page for the performers: who sits when, and until when they are needed; and what each brings and has said. */
function byPerformer(sheet: Sheet, called: Called, date: string): void {
  const { plan, jobs } = called;
  sheet.write(`Who sits when, ${date}`, { bold: true, times: 1.9 });
  withheld(sheet, called);
  const clock = (moment: string | null) => (moment ? clockOf(moment) : "no time");
  sheet.table(
    [
      { head: "Sits down", share: 12 },
      { head: "", share: 4, box: true },
      { head: "Who", share: 22 },
      { head: "Look", share: 22 },
      { head: "Where", share: 14 },
      { head: "With", share: 20 },
      { head: "Dry by", share: 11 },
      { head: "Needed by", share: 12 },
      { head: "Curtain", share: 10 },
    ],
    plan.performers.flatMap((own) => {
      const job = jobs.find(({ id }) => id === own.jobId);
      if (!job) return [];
      return [
        [
          { text: clock(own.sitsAt), isStrong: true },
          "",
          { text: job.person.name, isStrong: true },
          job.look.name,
          chairWords(own.chair),
          listed(own.artists.map((artist) => plan.hands[artist] ?? "")),
          clock(own.paintedAt),
          {
            text: clock(own.neededBy),
            under: own.late > 0 ? `${minutesWords(own.late)} late` : "",
          },
          clockOf(job.brief.curtainAt),
        ],
      ];
    }),
  );
  for (const own of plan.performers) {
    const job = jobs.find(({ id }) => id === own.jobId);
    if (!job) continue;
    sheet.heading(job.person.name);
    sheet.write(notesOf(job), { bold: true });
    const theirs = chairThings(job.look, job.context).filter(({ by }) => by === "performer");
    sheet.write(
      [
        "Come with clean, dry, moisturised skin, in clothes that open in front.",
        theirs.length && `You put in yourself: ${listed(theirs.map(({ name }) => name))}.`,
      ]
        .filter(Boolean)
        .join(" "),
      { before: 0.2 },
    );
  }
  foot(sheet, called);
}

/** The sheets of a day's call, by artist or for the performers. @throws Problem */
export async function callSheet(
  date: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const asked = CallSheetSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const called = await callOf(date);
  const paper = asked.data.paper ?? paperOf(called.settings);
  const sheet = openSheet(`Call ${date}`, {
    paper,
    foot: `Call of ${date}`,
    say: sayOf(called.settings),
  });
  (asked.data.by === "artist" ? byArtist : byPerformer)(sheet, called, date);
  return { body: await sheet.save(), name: `call-${date}-${asked.data.by}.pdf` };
}
