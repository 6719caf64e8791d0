import "server-only";
import { z } from "zod";
import { causeWords, touchUps } from "@/core/advice";
import { packingList } from "@/core/kit";
import {
  hexOf,
  predict,
  safetyNotes,
  wearForecast,
  zoneWords,
  type Look,
  type LookContext,
} from "@/core/look";
import { makePlan, regionOf, type Plan, type Region } from "@/core/plan";
import { contextOf } from "@/core/record";
import { shiftMinutes } from "@/core/schedule";
import type { Say } from "@/core/text/say";
import { minutesWords, slug } from "@/core/text/words";
import { lookPicture } from "../lookPicture";
import { fieldErrors, invalid, notFound } from "../problem";
import { withhold } from "../safety";
import type { PrintedView } from "../threads/tasks";
import { loadWorkspace } from "../workspace";
import { clockOf, paperOf, sayOf } from "./say";
import { openSheet, type Printed, type Sheet } from "./sheetPdf";

export const JobSheetSchema = z
  .object({
    job: z.string().min(1).max(64).optional(),
    paper: z.enum(["a4", "letter"]).optional(),
    what: z.enum(["plan", "card"]).default("plan"),
  })
  .strict();

/** Every area is named: nobody looks up "and 7 more" with wet hands. */
const ALL = 200;

/** From which side a region is seen. */
const SEEN: Readonly<Partial<Record<Region, PrintedView>>> = {
  "back of the head": "backOfHead",
  ears: "leftProfile",
  torso: "bodyFront",
  arms: "bodyFront",
  hands: "bodyFront",
  legs: "bodyFront",
  feet: "bodyFront",
  back: "bodyBack",
};
const WORDS: Readonly<Record<PrintedView, string>> = {
  face: "front",
  backOfHead: "back of the head",
  leftProfile: "left side",
  rightProfile: "right side",
  bodyFront: "body, front",
  bodyBack: "body, back",
};

/** Sides that a look is worked on from: the face, and whatever else is painted. */
function viewsOf(look: Look): PrintedView[] {
  const regions = look.layers.flatMap(({ zones }) => zones.map(regionOf));
  return [...new Set<PrintedView>(["face", ...regions.map((region) => SEEN[region] ?? "face")])];
}

interface Asked {
  readonly look: Look;
  readonly context: LookContext;
  readonly plan: Plan;
  readonly say: Say;
  readonly stored: Parameters<typeof contextOf>[0];
}

/** Who, where, when; the times; and what has to be known before anything else. */
function head(sheet: Sheet, { look, context, plan }: Asked, what: string): void {
  const { person, brief } = context;
  sheet.write(`${what}: ${look.name} on ${person.name}`, { bold: true, times: 1.9 });
  const where = [
    brief.place,
    brief.curtainAt?.slice(0, 10),
    `${brief.airDegC} °C, ${brief.rh} % humidity`,
    `worn ${brief.hoursWorn} h`,
  ];
  sheet.write(where.filter(Boolean).join(" · "));
  const { times } = plan;
  sheet.write(
    times
      ? `Sits down ${clockOf(times.startAt)}. Painted by ${clockOf(times.paintedBy)}. Leave by ${clockOf(times.leaveBy)}. Curtain ${clockOf(times.curtainAt)}.`
      : `${minutesWords(plan.chairMinutes)} at the chair. No curtain set in the brief: times count from the start.`,
    { bold: true, before: 0.3 },
  );
  for (const { text, isOpen } of safetyNotes(look, context))
    sheet.write(text, { bold: isOpen, before: 0.25 });
}

async function pictures(sheet: Sheet, { look, stored }: Asked, heightMm: number): Promise<void> {
  const drawn = await Promise.all(
    viewsOf(look).map(async (view) => ({
      webp: await lookPicture({ look, stored, view }),
      words: WORDS[view],
    })),
  );
  await sheet.pictures(drawn, heightMm);
}

/** A minute of the chair by the clock, or from its start. */
const at = ({ times }: Plan, minute: number): string =>
  times ? clockOf(shiftMinutes(times.startAt, Math.round(minute))) : `${Math.round(minute)} min`;

const dayAndClock = (curtainAt: string | null, hours: number): string =>
  curtainAt
    ? clockOf(shiftMinutes(curtainAt, Math.round(hours * 60)))
    : `after ${Math.round(hours * 10) / 10} h`;

/** Every step by the clock, to be ticked off: what, every area, with what, how much, how long, and what it waits for. */
function steps(sheet: Sheet, { look, plan, say }: Asked): void {
  const where = ({ layerId, where: short }: Plan["steps"][number]) => {
    const zones = look.layers.find(({ id }) => id === layerId)?.zones ?? [];
    return zones.length ? zoneWords(zones, ALL) : short;
  };
  sheet.heading("Steps");
  sheet.table(
    [
      { head: "From", share: 8 },
      { head: "", share: 4, box: true },
      { head: "Step and areas", share: 40 },
      { head: "With", share: 32 },
      { head: "Minutes", share: 9 },
      { head: "Then", share: 17 },
    ],
    plan.steps.map((step) => [
      at(plan, step.from),
      "",
      {
        text: `${step.title}${step.coats > 1 ? `, ${step.coats} coats` : ""}`,
        under: [where(step), step.notes].filter(Boolean).join(". "),
        isStrong: true,
      },
      {
        text: [step.paint, step.tool].filter(Boolean).join("; "),
        under: [
          step.amounts
            .map(({ name, grams, counted }) =>
              step.amounts.length > 1
                ? `${say.amount(grams, counted)} ${name}`
                : say.amount(grams, counted),
            )
            .join(", "),
          step.technique,
        ]
          .filter(Boolean)
          .join("; "),
        hex: step.hex,
      },
      minutesWords(step.handsOnMinutes),
      step.rest,
    ]),
  );
}

function needs(sheet: Sheet, { plan, say }: Asked): void {
  sheet.heading("What it takes");
  sheet.table(
    [
      { head: "", share: 4, box: true },
      { head: "Product", share: 40 },
      { head: "Takes", share: 14 },
      { head: "On the shelf", share: 16 },
      { head: "", share: 30 },
    ],
    plan.kit.map((need) => [
      "",
      need.name,
      say.amount(need.grams, need.counted),
      need.productId ? say.amount(need.left, need.counted) : "none chosen",
      {
        text: [
          need.missing > 0.005 ? `short ${say.amount(need.missing, need.counted)}` : "enough",
          need.expired && `past its date, ${need.expired}`,
        ]
          .filter(Boolean)
          .join("; "),
        isStrong: need.missing > 0.005 || need.expired !== null,
      },
    ]),
  );
}

function later(sheet: Sheet, { look, context, plan }: Asked): void {
  const { curtainAt, hoursWorn } = context.brief;
  const walks = touchUps(wearForecast(look, context), hoursWorn, context.house);
  if (walks.length) {
    sheet.heading("Touch-ups");
    sheet.table(
      [
        { head: "At", share: 10 },
        { head: "", share: 4, box: true },
        { head: "Areas", share: 60 },
        { head: "Because of", share: 26 },
      ],
      walks.map((walk) => [
        dayAndClock(curtainAt, walk.atHours),
        "",
        zoneWords(walk.zones, ALL),
        causeWords(walk),
      ]),
    );
  }
  sheet.heading(`Taking it off, about ${minutesWords(plan.removal.minutes)}`);
  sheet.table(
    [
      { head: "", share: 4, box: true },
      { head: "What", share: 34 },
      { head: "With", share: 34 },
      { head: "Minutes", share: 10 },
      { head: "Mind", share: 24 },
    ],
    plan.removal.steps.map((step) => [
      "",
      { text: step.label, under: step.zones.length ? zoneWords(step.zones, ALL) : step.where },
      step.with,
      minutesWords(step.minutes),
      step.care,
    ]),
  );
  for (const { text } of plan.removal.aftercare) sheet.write(`• ${text}`, { before: 0.2 });
}

function cautions(sheet: Sheet, { plan }: Asked): void {
  sheet.heading("Cautions");
  for (const { text, rule } of plan.cautions) sheet.write(`• ${text} (${rule})`, { before: 0.2 });
  for (const { message, rule } of plan.findings)
    sheet.write(`• ${message} (${rule})`, { before: 0.2 });
  sheet.write(
    "The products' labels, local rules and licensed professionals come before this sheet.",
    { before: 0.5 },
  );
}

/** The plan of a job, to work from: by the clock, every area named, boxes to tick. */
async function planSheet(asked: Asked, printed: Printed): Promise<Uint8Array> {
  const sheet = openSheet(`${asked.look.name}: plan`, printed);
  head(sheet, asked, "Plan");
  await pictures(sheet, asked, 62);
  steps(sheet, asked);
  needs(sheet, asked);
  later(sheet, asked);
  cautions(sheet, asked);
  return sheet.save();
}

/** The card of a job, to keep (RECORD-1): the look, its colours by name, what is worn and packed, and lines to write on afterwards. */
async function jobCard(asked: Asked, printed: Printed): Promise<Uint8Array> {
  const { look, context, plan } = asked;
  const sheet = openSheet(`${look.name}: job card`, printed);
  head(sheet, asked, "Job card");
  await pictures(sheet, asked, 70);
  const prediction = predict(look, context);
  sheet.heading("Colours and where they lie");
  sheet.table(
    [
      { head: "Layer", share: 28 },
      { head: "Paint", share: 34 },
      { head: "Areas", share: 44 },
    ],
    look.layers.map((layer) => {
      const film = layer.zones
        .map((zone) => prediction.films.get(zone)?.find((own) => own.layer.id === layer.id))
        .find((own) => own !== undefined);
      const step = plan.steps.find(({ layerId }) => layerId === layer.id);
      return [
        layer.name,
        { text: step?.paint ?? "", hex: step?.hex && film ? hexOf(film.colour) : null },
        zoneWords(layer.zones, ALL),
      ];
    }),
  );
  const things = plan.steps.filter(({ role }) => role === null);
  if (things.length) {
    sheet.heading("Worn, and done besides");
    sheet.table(
      [
        { head: "At", share: 10 },
        { head: "", share: 4, box: true },
        { head: "What", share: 36 },
        { head: "How", share: 54 },
      ],
      things.map((step) => [
        at(plan, step.from),
        "",
        { text: step.title, isStrong: true },
        [[step.paint, step.tool].filter(Boolean).join("; "), step.notes].filter(Boolean).join(". "),
      ]),
    );
  }
  sheet.heading("Pack");
  const { things: packed } = packingList([{ look, context, needs: plan.kit }]);
  sheet.ticks(
    packed.map(({ name, note }) => ({ text: name, under: note ?? "" })),
    3,
  );
  sheet.heading("Afterwards");
  for (const line of [
    "Sat down at",
    "Painted at",
    "Worn until",
    "What went first",
    "Fits the character? Reads as wanted from the last row?",
    "What to change",
  ])
    sheet.write(`${line} ........................................................`, {
      before: 0.6,
    });
  return sheet.save();
}

/** The plan or the card of a look on its person. Withheld while a safety rule stops it. @throws Problem */
export async function jobSheet(
  lookId: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const read = JobSheetSchema.safeParse(query);
  if (!read.success) throw invalid(fieldErrors(read.error));
  const { job, what } = read.data;
  const given = await loadWorkspace(lookId, job);
  if (!given || (job && given.job?.id !== job)) throw notFound(given ? "job" : "look");
  withhold(given);
  const look = given.look.design;
  const context = contextOf(given);
  const plan = makePlan(look, context, new Map(Object.entries(given.stock)));
  const { person, brief, products, archivedProducts, today, house, settings, factors, speed } =
    given;
  const say = sayOf(given.settings.fields);
  const asked: Asked = {
    look,
    context,
    plan,
    say,
    stored: { person, brief, products, archivedProducts, today, house, settings, factors, speed },
  };
  const paper = read.data.paper ?? paperOf(given.settings.fields);
  const day = brief.curtainAt?.slice(0, 10) ?? "no date";
  const foot = `${look.name} on ${person.name} · ${day} · printed ${today}`;
  const printed = { paper, foot, say };
  return {
    body: await (what === "plan" ? planSheet : jobCard)(asked, printed),
    name: `${slug(look.name)}-${what}.pdf`,
  };
}
