import sharp from "sharp";
import { type Chart, headRelief, type ReliefRequest } from "@/core/anatomy/surface";
import { bodyRelief } from "@/core/anatomy/surface/bodyRelief";
import { deltaE00, hexToLab, type Lab } from "@/core/colour";
import {
  readGpl,
  readKitCsv,
  readStudio,
  STUDIO_PARTS,
  type KitRead,
  type ColourFile,
  type RejectedPart,
  type StudioPart,
  type StudioRow,
} from "@/core/formats";
import { packingList, type PackingList } from "@/core/kit";
import type { Brief } from "@/core/brief";
import type { Look } from "@/core/look";
import type { Person } from "@/core/people";
import { makePlan, type Plan } from "@/core/plan";
import { contextOf, type StoredContext } from "@/core/record";
import { examineBackup, type Counts } from "@/store";

type Tell<Told> = (told: Told) => void;

/** What a task makes of what it is given, telling parts of it on the way. */
type Act<Input, Output, Told = never> = (
  input: Input,
  tell: Tell<Told>,
) => Output | Promise<Output>;

export interface Refused {
  readonly why: string;
}

const SLICE = 400;

/** Some rows of one part of a studio. */
export interface StudioSlice {
  readonly part: StudioPart;
  readonly rows: readonly StudioRow<StudioPart>[];
}

/** Reads a studio's ZIP; rows are told in slices, so that taking them in keeps nobody waiting. */
const studioOf: Act<
  Uint8Array,
  Refused | { readonly rejected: readonly RejectedPart[] },
  StudioSlice
> = (bytes, tell) => {
  const read = readStudio(bytes);
  if (!read.ok) return { why: read.why };
  for (const part of STUDIO_PARTS)
    for (let from = 0; from < read.content[part].length; from += SLICE)
      tell({ part, rows: read.content[part].slice(from, from + SLICE) });
  return { rejected: read.rejected };
};

type KitHead = Omit<KitRead, "rows">;

/** Reads a table of a kit; rows are told in slices. */
const kitOf: Act<Uint8Array, Refused | KitHead, KitRead["rows"]> = (bytes, tell) => {
  const read = readKitCsv(new TextDecoder().decode(bytes));
  if ("why" in read) return read;
  const { rows, ...head } = read;
  for (let from = 0; from < rows.length; from += SLICE) tell(rows.slice(from, from + SLICE));
  return head;
};

export interface ShelfColour {
  readonly id: string;
  readonly name: string;
  readonly hex: string;
}
export interface ColourFileMatch {
  readonly name: string;
  readonly hex: string;
  readonly nearest: (ShelfColour & { readonly dE: number }) | null;
}
export interface ColourFileRead {
  readonly file: Pick<ColourFile, "name">;
  readonly matches: readonly ColourFileMatch[];
  readonly rejected: readonly { readonly line: number; readonly why: string }[];
}

const MOST_MATCHED = 500;

function nearestTo(
  hex: string,
  paints: readonly (ShelfColour & { readonly lab: Lab })[],
): ColourFileMatch["nearest"] {
  const wanted = hexToLab(hex);
  return paints.reduce<ColourFileMatch["nearest"]>((best, { lab, ...paint }) => {
    const dE = deltaE00(lab, wanted);
    return best && best.dE <= dE ? best : { ...paint, dE };
  }, null);
}

/** Reads a colour file and says of each colour which of the shelf's is nearest to it. */
const colourFileOf: Act<
  { readonly bytes: Uint8Array; readonly shelf: readonly ShelfColour[] },
  Refused | ColourFileRead
> = ({ bytes, shelf }) => {
  const read = readGpl(new TextDecoder().decode(bytes));
  if (!read.ok) return { why: read.why };
  const paints = shelf.map((paint) => ({ ...paint, lab: hexToLab(paint.hex) }));
  return {
    file: { name: read.file.name },
    matches: read.file.colours
      .slice(0, MOST_MATCHED)
      .map(({ name, hex }) => ({ name, hex, nearest: nearestTo(hex, paints) })),
    rejected: read.rejected,
  };
};

/** A job whose paint is to be worked out. */
export interface JobToPlan {
  readonly jobId: string;
  readonly look: Look;
  readonly person: Person;
  readonly brief: Brief;
  readonly speed?: NonNullable<StoredContext["speed"]>;
}
export interface JobTaken {
  readonly jobId: string;
  readonly needs: Plan["kit"];
  readonly packing: PackingList;
}

/** What each of some jobs takes and what is packed for it, told job by job. */
const jobsTake: Act<
  {
    readonly stored: Omit<StoredContext, "person" | "brief">;
    readonly stock: ReadonlyMap<string, number>;
    readonly jobs: readonly JobToPlan[];
  },
  number,
  JobTaken
> = ({ stored, stock, jobs }, tell) => {
  for (const { jobId, look, ...own } of jobs) {
    const context = contextOf({ ...stored, ...own });
    const needs = makePlan(look, context, stock).kit;
    tell({ jobId, needs, packing: packingList([{ look, context, needs }]) });
  }
  return jobs.length;
};

/** Looks at a file that may become the studio, and brings it up to date. @throws Error in words */
const backupOf: Act<string, Counts> = (file) => examineBackup(file);

/** How true a relief's picture is kept, per cent: form is soft. */
const QUALITY = 90;

/** A relief as a WebP picture. */
const reliefOf: Act<ReliefRequest, Uint8Array> = async (request) => {
  const { rgba, width, height } =
    request.part === "head" ? headRelief(request) : bodyRelief(request);
  return sharp(rgba, { raw: { width, height, channels: 4 } })
    .webp({ quality: QUALITY, alphaQuality: QUALITY, effort: 1 })
    .toBuffer();
};

/** Sides a look is printed from, with the charts whose form is in the picture. */
export const PRINTED_VIEWS = {
  face: ["face"],
  backOfHead: ["backOfHead"],
  leftProfile: ["leftProfile"],
  rightProfile: ["rightProfile"],
  bodyFront: ["face", "bodyFront"],
  bodyBack: ["backOfHead", "bodyBack"],
} as const satisfies Record<string, readonly Chart[]>;
export type PrintedView = keyof typeof PRINTED_VIEWS;

/** A look on a person, to be drawn. */
export interface LookToDraw {
  readonly look: Look;
  readonly stored: StoredContext;
  /** From where. */
  readonly view: PrintedView;
  /** The forms that are laid over it, WebP by what they are asked with. */
  readonly reliefs: ReadonlyMap<string, Uint8Array>;
}

/** What is drawn as the screen draws it, from above this folder; src/threads adds it to the bundle. */
interface Drawings {
  /** A look as a WebP picture. */
  readonly lookPictureOf: Act<LookToDraw, Uint8Array>;
}

/** What is done in threads of their own. A new task is a line here. */
export const TASKS = { studioOf, kitOf, colourFileOf, jobsTake, backupOf, reliefOf } as const;

export type Tasks = typeof TASKS & Drawings;
export type Task = keyof Tasks;
export type TaskInput<T extends Task> = Parameters<Tasks[T]>[0];
export type TaskOutput<T extends Task> = Awaited<ReturnType<Tasks[T]>>;
export type TaskTold<T extends Task> = Parameters<Parameters<Tasks[T]>[1]>[0];

/** What a thread sends back. */
export type Answer<T extends Task> =
  | { readonly kind: "told"; readonly told: TaskTold<T> }
  | { readonly kind: "done"; readonly value: TaskOutput<T> }
  | { readonly kind: "failed"; readonly message: string };

/** What a thread that is held is asked. */
export interface Asked {
  readonly id: number;
  readonly input: unknown;
}
