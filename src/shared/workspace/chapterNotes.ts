import type { Finding } from "@/core/look";
import type { useWorking } from "./WorkspaceContext";

/** Chapters of a look in working order. */
export const CHAPTERS = [
  { key: "brief", label: "Brief" },
  { key: "paint", label: "Paint" },
  { key: "map", label: "Map" },
  { key: "colour", label: "Colour" },
  { key: "pieces", label: "Pieces" },
  { key: "time", label: "Time" },
  { key: "kit", label: "Kit" },
  { key: "plan", label: "Plan" },
  { key: "chair", label: "Chair" },
  { key: "record", label: "Record" },
] as const;
type ChapterKey = (typeof CHAPTERS)[number]["key"];

/** Short, so that the row of chapters stays as it is while they come on; said in full to a screen reader. */
export const NOT_STARTED = "–";
export const DONE = "✓";
/** While nobody has judged the design yet. */
const JUDGING = "…";

/** Rules that the colour chapter speaks of. */
const COLOUR_RULES = /^(COLOUR|DIST|LAYER-[568]|BROW-3)/;
const isOpen = ({ severity }: Finding) => severity !== "tip";
const countOr = (count: number, none: string) => (count ? String(count) : none);

/** What each chapter still asks for, in a word or a number. */
export function chapterNotes({
  given,
  look,
  findings,
  plan,
}: Pick<ReturnType<typeof useWorking>, "given" | "look" | "findings" | "plan">): Readonly<
  Record<ChapterKey, string>
> {
  const begun = {
    brief: given.job ? DONE : NOT_STARTED,
    paint: look.system ? DONE : NOT_STARTED,
    pieces: countOr(look.pieces.length, "none"),
    record: countOr(given.records.length, NOT_STARTED),
  };
  const all = (note: string) => ({ map: note, colour: note, kit: note, plan: note, time: note });
  if (!look.layers.length) return { ...begun, ...all(NOT_STARTED), chair: NOT_STARTED };
  if (plan === null) return { ...begun, ...all(JUDGING), chair: "" };
  const colours =
    findings.filter((finding) => isOpen(finding) && COLOUR_RULES.test(finding.rule)).length +
    look.layers.filter(({ target, paint }) => target !== null && paint.kind === "material").length;
  const short = plan.kit.filter((need) => need.missing > 0.005).length;
  return {
    ...begun,
    map: countOr(findings.filter(isOpen).length, DONE),
    colour: countOr(colours, DONE),
    kit: short ? `short ${short}` : DONE,
    plan: plan.stopped ? "stopped" : DONE,
    time: plan.times ? DONE : "no date",
    chair: plan.stopped ? "stopped" : "",
  };
}
