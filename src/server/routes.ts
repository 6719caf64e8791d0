import type { z } from "zod";
import type { TodaySchema } from "@/core/brief";
import type { MovementSchema, RefillSchema, PaletteSchema } from "@/core/kit";
import type { MixSchema, ProductSchema } from "@/core/paint";
import type { PersonSchema } from "@/core/people";
import type { DeleteSchema, RestoreSchema, deleteForGood, restore } from "./archive";
import type { RepeatDaySchema, SaveCallSchema, changeCall, repeatDay } from "./calls";
import type { ChairLogSchema, answerToday, takeLog } from "./chair";
import type {
  ForecastRequestSchema,
  MeterRequestSchema,
  ScaleRequestSchema,
  askForecast,
  askMeter,
  askScale,
} from "./devices";
import type { EverythingSchema, deleteCopy, deleteEverything } from "./exchange";
import type { ChangeHouseSchema, changeHouse } from "./house";
import type { StartSchema, startAs } from "./start";
import type { SubstituteSchema, UseSchema, substitute, writeUse } from "./kit";
import type {
  ArchiveSchema,
  CopyLookSchema,
  KeepVersionSchema,
  NewJobSchema,
  SaveJobSchema,
  SaveLookSchema,
  StartLookSchema,
  TakeLayerSchema,
  archiveJob,
  archiveLook,
  changeJob,
  copyLook,
  keepDesign,
  newJob,
  saveDesign,
  startLook,
  takeLayer,
} from "./looks";
import type { SaveMixSchema, archiveMix, changeMix, createMix } from "./mixes";
import type {
  ForgetSchema,
  SavePersonSchema,
  archivePerson,
  changePerson,
  createPerson,
  deletePerson,
} from "./people";
import type { NewRecordSchema, takeDown } from "./records";
import type { SaveReferenceSchema, archiveReference, changeReference } from "./references";
import type { PracticeSchema } from "@/core/practice";
import type { dropPractice, DropPracticeSchema, notePractice } from "./practice";
import type { addSeries, SeriesSchema } from "./series";
import type { ChangeSettingsSchema, changeSettings } from "./settings";
import type {
  DemoShelfSchema,
  takeDemoShelf,
  SaveProductSchema,
  archiveProduct,
  changeProduct,
  createProduct,
  move,
} from "./shelf";
import type {
  SavePaletteSchema,
  archivePalette,
  changePalette,
  createPalette,
  fillPan,
} from "./palettes";

/** What a route takes and gives as JSON, by the schema that reads the one and the use case that answers the other. */
interface Json<Schema extends z.ZodType, Act extends (...given: never[]) => Promise<unknown>> {
  readonly takes: z.input<Schema>;
  readonly gives: Awaited<ReturnType<Act>>;
}

/** Every route that takes JSON, types only: what a page asks by and what its handler is made of (house.test holds the two together). */
export interface Routes {
  "DELETE /api/archive/[kind]/[id]": Json<typeof DeleteSchema, typeof deleteForGood>;
  "PUT /api/archive/[kind]/[id]": Json<typeof RestoreSchema, typeof restore>;
  "PUT /api/calls/[date]": Json<typeof SaveCallSchema, typeof changeCall>;
  "POST /api/calls/[date]/repeat": Json<typeof RepeatDaySchema, typeof repeatDay>;
  "POST /api/chair": Json<typeof ChairLogSchema, typeof takeLog>;
  "POST /api/devices/colour-meter": Json<typeof MeterRequestSchema, typeof askMeter>;
  "POST /api/devices/forecast": Json<typeof ForecastRequestSchema, typeof askForecast>;
  "POST /api/devices/scale": Json<typeof ScaleRequestSchema, typeof askScale>;
  "DELETE /api/exchange/copies/[name]": Json<typeof DeleteSchema, typeof deleteCopy>;
  "DELETE /api/exchange/everything": Json<typeof EverythingSchema, typeof deleteEverything>;
  "PUT /api/house": Json<typeof ChangeHouseSchema, typeof changeHouse>;
  "POST /api/jobs": Json<typeof NewJobSchema, typeof newJob>;
  "PUT /api/jobs/[id]": Json<typeof SaveJobSchema, typeof changeJob>;
  "PUT /api/jobs/[id]/archived": Json<typeof ArchiveSchema, typeof archiveJob>;
  "PUT /api/jobs/[id]/asked": Json<typeof TodaySchema, typeof answerToday>;
  "POST /api/jobs/[id]/use": Json<typeof UseSchema, typeof writeUse>;
  "POST /api/practice": Json<typeof PracticeSchema, typeof notePractice>;
  "DELETE /api/practice/[id]": Json<typeof DropPracticeSchema, typeof dropPractice>;
  "POST /api/series": Json<typeof SeriesSchema, typeof addSeries>;
  "POST /api/start": Json<typeof StartSchema, typeof startAs>;
  "POST /api/demo-shelf": Json<typeof DemoShelfSchema, typeof takeDemoShelf>;
  "POST /api/looks": Json<typeof StartLookSchema, typeof startLook>;
  "PUT /api/looks/[id]": Json<typeof SaveLookSchema, typeof saveDesign>;
  "PUT /api/looks/[id]/archived": Json<typeof ArchiveSchema, typeof archiveLook>;
  "POST /api/looks/[id]/copy": Json<typeof CopyLookSchema, typeof copyLook>;
  "POST /api/looks/[id]/layers": Json<typeof TakeLayerSchema, typeof takeLayer>;
  "POST /api/looks/[id]/substitute": Json<typeof SubstituteSchema, typeof substitute>;
  "POST /api/looks/[id]/versions": Json<typeof KeepVersionSchema, typeof keepDesign>;
  "POST /api/mixes": Json<typeof MixSchema, typeof createMix>;
  "PUT /api/mixes/[id]": Json<typeof SaveMixSchema, typeof changeMix>;
  "PUT /api/mixes/[id]/archived": Json<typeof ArchiveSchema, typeof archiveMix>;
  "POST /api/people": Json<typeof PersonSchema, typeof createPerson>;
  "DELETE /api/people/[id]": Json<typeof ForgetSchema, typeof deletePerson>;
  "PUT /api/people/[id]": Json<typeof SavePersonSchema, typeof changePerson>;
  "PUT /api/people/[id]/archived": Json<typeof ArchiveSchema, typeof archivePerson>;
  "POST /api/products": Json<typeof ProductSchema, typeof createProduct>;
  "PUT /api/products/[id]": Json<typeof SaveProductSchema, typeof changeProduct>;
  "PUT /api/products/[id]/archived": Json<typeof ArchiveSchema, typeof archiveProduct>;
  "POST /api/products/[id]/movements": Json<typeof MovementSchema, typeof move>;
  "POST /api/records": Json<typeof NewRecordSchema, typeof takeDown>;
  "PUT /api/references/[id]": Json<typeof SaveReferenceSchema, typeof changeReference>;
  "PUT /api/references/[id]/archived": Json<typeof ArchiveSchema, typeof archiveReference>;
  "PUT /api/settings": Json<typeof ChangeSettingsSchema, typeof changeSettings>;
  "POST /api/palettes": Json<typeof PaletteSchema, typeof createPalette>;
  "PUT /api/palettes/[id]": Json<typeof SavePaletteSchema, typeof changePalette>;
  "PUT /api/palettes/[id]/archived": Json<typeof ArchiveSchema, typeof archivePalette>;
  "POST /api/palettes/[id]/fill": Json<typeof RefillSchema, typeof fillPan>;
}
