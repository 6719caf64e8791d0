import type { ZoneId } from "../anatomy";
import { SKILLS, type Pace } from "../brief";
import { keysOf } from "../keysOf";
import { dryingMinutes } from "../climate";
import { labFromReflectance } from "../colour";
import {
  chairThings,
  marksMeet,
  materialOf,
  touched,
  zonesOfMarks,
  type Layer,
  type Look,
  type LookContext,
  type ChairThing,
  type Mark,
  type Prediction,
  isArea,
} from "../look";
import {
  auxiliary,
  isPaintType,
  isPiece,
  material,
  toolOf,
  wetGramsPerM2,
  type Family,
  type MaterialKey,
  type ToolKey,
} from "../paint";
import { paintingAir } from "../studio";
import type { Nearby, Pass, Task } from "../schedule";
import { blendByRegion, handsOnByRegion, isInOneGo } from "./handsOn";
import { isUnreached, regionOf, regionOfMark, REGIONS, type Region } from "./regions";
import { skillOf } from "./skills";
import { inStages, STAGE_OF_THING, STAGES, type Stage } from "./stages";

/** Adhesive and latex turn clear a little after their water has gone. Common practice, no published source. */
const CLEARING = 1.3;

/** Minutes one coat rests before it may be touched; `never` where this air will not dry it. */
export function restMinutes(
  key: MaterialKey,
  layer: Layer,
  context: LookContext,
): { minutes: number; never: boolean } {
  const { solvent, setting } = material(key);
  if (layer.role === "set") return { minutes: context.house.numbers.powderRest, never: false };
  if (!solvent) return { minutes: 0, never: false };
  const dry =
    dryingMinutes({
      wetGramsPerM2: wetGramsPerM2(key, layer.tool),
      solvent,
      ...paintingAir(context.brief, context.studio),
    }) * (setting === "clears" ? CLEARING : 1);
  // Beyond this a coat is not waited for: the air has to be changed.
  const { longestWait } = context.house.numbers;
  return dry <= longestWait
    ? { minutes: dry, never: false }
    : { minutes: longestWait, never: true };
}

/** Another colour in gear that is set up. Common practice, no published source. */
const NEXT_COLOUR_MINUTES = 2;

export interface LayerTask extends Task {
  /** The layer it paints, or the thing that is put on. */
  readonly layerId: string;
  readonly coat: number;
  readonly region: Region;
  /** All it is done to: more than its region where a mist or a piece goes on in one go. */
  readonly covers: readonly Region[];
  readonly stage: Stage;
  readonly pass: Pass;
}

/** How many times their usual minutes hands take at a pace. */
const paceFactor = (pace: Pace, { numbers }: LookContext["house"]): number =>
  pace === "hurried" ? numbers.hurried : pace === "comfortable" ? numbers.comfortable : 1;

/** CIE L* of what a layer paints, where it brings a colour. */
function lightnessOf(layer: Layer, prediction: Prediction): number | undefined {
  const film =
    layer.role === "set" || layer.role === "seal" || layer.role === "prep"
      ? undefined
      : layer.zones
          .map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id))
          .find((entry) => entry !== undefined);
  return film && labFromReflectance(film.colour)[0];
}

/** Two parts of one person: what is done on one leaves the air round the other clean. */
type Part = "head" | "body";
const PARTS: readonly Part[] = ["head", "body"];
const BODY: readonly Region[] = ["torso", "back", "arms", "hands", "legs", "feet"];
const partOf = (region: Region): Part => (BODY.includes(region) ? "body" : "head");

/** Families that hold something to the skin, and lie open until they have cleared. */
const HOLDS: readonly Family[] = ["adhesive", "browHold"];

/** What a layer's work does to the air round a head: a mist drifts there from the body too. */
function nearOf(layer: Layer, key: MaterialKey, covers: readonly Region[]): Nearby | undefined {
  const isNear = toolOf(layer.tool).drifts || covers.some((region) => partOf(region) === "head");
  const head: Part = isNear ? "head" : "body";
  if (HOLDS.includes(material(key).behaves)) return { head, does: "opens" };
  return isPiece(key) ? undefined : { head, does: "soils" };
}

/** Whether powder is pressed into each coat of the layer under it: where both lie on the same areas in as many coats (BROW-1). */
function isPressedInto(set: Layer, under: Layer, coatsOf: (layer: Layer) => number): boolean {
  const coats = coatsOf(under);
  return (
    set.role === "set" &&
    coats > 1 &&
    coatsOf(set) === coats &&
    set.zones.length === under.zones.length &&
    set.zones.every((zone) => under.zones.includes(zone))
  );
}

interface Coat {
  readonly layer: Layer;
  readonly stage: Stage;
  readonly coat: number;
}

/** Every coat of every layer in the order of the stages, powder between coats where it is pressed into each. */
function coatsInOrder(look: Look, context: LookContext, prediction: Prediction): Coat[] {
  const coatsOf = (layer: Layer) => prediction.coats.get(layer.id)?.coats ?? 1;
  const staged = inStages(look, context);
  return staged.flatMap(({ layer, stage }, i): Coat[] => {
    const [under, next] = [staged[i - 1]?.layer, staged[i + 1]];
    if (under && isPressedInto(layer, under, coatsOf)) return [];
    const pressed = next && isPressedInto(next.layer, layer, coatsOf) ? next : null;
    return Array.from({ length: coatsOf(layer) }, (_, n) => n + 1).flatMap((coat): Coat[] => [
      { layer, stage, coat },
      ...(pressed ? [{ ...pressed, coat }] : []),
    ]);
  });
}

/** Where the paint of one task lies: whole areas, or shapes on them. */
interface Lies {
  readonly id: string;
  readonly zones: readonly ZoneId[];
  readonly marks: readonly Mark[];
}

/** Where the work of a layer in one region lies: a shape may reach into other regions. */
function lies(id: string, layer: Layer, region: Region, { figure }: LookContext): Lies {
  const areas = layer.zones.filter((zone) => regionOf(zone) === region);
  const marks = layer.marks.filter((mark) => regionOfMark(mark, layer, figure) === region);
  const under = zonesOfMarks(marks, figure);
  return { id, zones: under.length ? under : areas, marks };
}

/** What lies on each area so far: whole coats, and the shapes painted since. */
class Ground {
  private readonly last = new Map<ZoneId, Lies[]>();

  /** What a new task lies on: all of an area where it covers it, shapes only where they meet. */
  under({ zones, marks }: Lies): string[] {
    const meets = (other: Lies) =>
      !marks.length || !other.marks.length || marksMeet(marks, other.marks);
    const found = zones.flatMap((zone) => (this.last.get(zone) ?? []).filter(meets));
    return [...new Set(found.map(({ id }) => id))];
  }

  /** Lays what a whole pass has painted; a coat over an area hides what was there. */
  lay(painted: readonly Lies[]): void {
    const areas = new Map<ZoneId, Lies[]>();
    for (const entry of painted)
      for (const zone of entry.zones) areas.set(zone, [...(areas.get(zone) ?? []), entry]);
    for (const [zone, own] of areas) {
      const isWhole = own.some(({ marks }) => !marks.length || marks.every(isArea));
      this.last.set(zone, isWhole ? own : [...(this.last.get(zone) ?? []), ...own]);
    }
  }
}

/** Regions of a layer, from the crown down; the given one where it has no areas. */
function regionsOf({ zones }: Layer, given: Region): Region[] {
  const own = new Set(zones.map(regionOf));
  return own.size ? REGIONS.filter((region) => own.has(region)) : [given];
}

/** Tool and paint of a layer, told apart from all others. */
const kitOf = ({ tool, paint }: Layer): string => `${tool} ${JSON.stringify(paint)}`;

/** A compressor is set up once a sitting; after that a colour takes two minutes. */
function setUpOf({ tool }: Layer, coat: number, known: Set<ToolKey>): number {
  const minutes = coat === 1 ? (toolOf(tool).setUpMinutes ?? 0) : 0;
  const isFirst = !known.has(tool);
  if (minutes) known.add(tool);
  return minutes && !isFirst ? Math.min(minutes, NEXT_COLOUR_MINUTES) : minutes;
}

/** Minutes to take up what a layer is laid with: a puff or a bottle is picked up, a brush rinsed and loaded, a mixture mixed. */
function loadOf({ tool, paint }: Layer, key: MaterialKey, { house }: LookContext): number {
  const { loading, loadingMix, pickingUp } = house.numbers;
  const isWiped = !isPaintType(key) && auxiliary(key).use === "prep";
  if (isPiece(key) || isWiped || toolOf(tool).isReady) return pickingUp;
  return paint.kind === "mix" ? loadingMix : loading;
}

/** What a coat is blended with once it is laid: a clean tool, picked up; null where none is named. */
function blendOf(layer: Layer, laid: Pass, speed: number, context: LookContext) {
  const { blend } = layer;
  if (!blend) return null;
  const pass: Pass = {
    id: laid.id,
    kit: `${blend.tool} clean`,
    tool: blend.tool,
    load: context.house.numbers.pickingUp * speed,
  };
  return { pass, minutes: blendByRegion(layer, context) };
}

/**
 * The look as tasks: one for each layer, coat and region, each behind what it lies on and behind the stage before its own on that part of the person. What
 * is glued or misted in one go is one task. Hands-on minutes by skill, pace, and the painter's own log.
 */
export function layerTasks(
  stored: Look,
  context: LookContext,
  prediction: Prediction,
  pace: Pace = "usual",
): LayerTask[] {
  const look = touched(stored, context);
  const ground = new Ground();
  const setUp = new Set<ToolKey>();
  const things = thingsOf(look, context);
  const tasks: LayerTask[] = things("ready", { ground, pace, onBody: false });
  const coats = coatsInOrder(look, context, prediction);
  let at: Stage = "prep";
  for (const { layer, stage, coat } of coats) {
    if (at !== stage && STAGES.indexOf(at) <= HIDING && STAGES.indexOf(stage) > HIDING)
      tasks.push(...things("hide", { ground, pace, onBody: false }));
    at = stage;
    const key = materialOf(layer, context.products);
    if (!key) continue;
    const work = handsOnByRegion(layer, context);
    const { minutes: wait } = restMinutes(key, layer, context);
    const speed =
      SKILLS[context.brief.skill].factor *
      paceFactor(pace, context.house) *
      (context.speed.layers[layer.id] ?? context.speed.factor);
    const [skill, lightness] = [skillOf(layer, key), lightnessOf(layer, prediction)];
    const regions = REGIONS.filter((region) => work.has(region));
    const atOnce = layer.role === "seal" || isInOneGo(layer, key);
    const all = [...work.values()].reduce((sum, minutes) => sum + minutes, 0);
    const pass: Pass = {
      id: `${layer.id}/${coat}`,
      kit: kitOf(layer),
      tool: layer.tool,
      load: loadOf(layer, key, context) * speed,
      setUp: setUpOf(layer, coat, setUp) * speed,
    };
    const painted: Lies[] = [];
    const over = atOnce ? null : blendOf(layer, pass, speed, context);
    const blended: LayerTask[] = [];
    for (const region of atOnce ? regions.slice(0, 1) : regions) {
      const id = `${layer.id}/${coat}/${region}`;
      const own: Lies = atOnce
        ? { id, zones: layer.zones, marks: [] }
        : lies(id, layer, region, context);
      painted.push(over ? { ...own, id: `${id}/blend` } : own);
      const helper = context.brief.self && !atOnce && isUnreached(region);
      const covers = atOnce ? regionsOf(layer, region) : [region];
      const near = nearOf(layer, key, covers);
      const self = selfFactor(region, context);
      const task: LayerTask = {
        id,
        zone: region,
        handsOn: (atOnce ? all : (work.get(region) ?? 0)) * speed * self,
        // What is blended is blended while it can be moved: it rests afterwards.
        wait: over ? 0 : wait,
        after: ground.under(own),
        layerId: layer.id,
        coat,
        region,
        covers,
        stage,
        height: REGIONS.indexOf(region),
        pass,
        ...(near && { near }),
        ...(lightness !== undefined && { lightness }),
        ...(skill && { skills: [skill] }),
        ...(helper && { helper }),
      };
      tasks.push(task);
      if (over)
        blended.push({
          ...task,
          id: `${id}/blend`,
          handsOn: (over.minutes.get(region) ?? 0) * speed * self,
          wait,
          after: [id],
          pass: over.pass,
        });
    }
    tasks.push(...blended);
    ground.lay(painted);
  }
  if (STAGES.indexOf(at) <= HIDING) tasks.push(...things("hide", { ground, pace, onBody: false }));
  const onBody = tasks.some(({ region }) => partOf(region) === "body");
  tasks.push(...things("dress", { ground, pace, onBody }));
  return behindStages(tasks);
}

const HIDING = STAGES.indexOf("hide");

/** Minutes until what holds a thing has cleared in this air. */
function clearsIn({ glue }: ChairThing, context: LookContext): number {
  if (!glue) return 0;
  const { solvent, filmByTool } = auxiliary(glue.key);
  const tool = keysOf(filmByTool).at(0);
  if (!solvent || !tool) return 0;
  const minutes = dryingMinutes({
    wetGramsPerM2: wetGramsPerM2(glue.key, tool),
    solvent,
    ...paintingAir(context.brief, context.studio),
  });
  return Math.min(minutes * CLEARING, context.house.numbers.longestWait);
}

/** Where a thing goes on that hides no area. */
const usualRegion = ({ id, zones: [zone] }: ChairThing, look: Look): Region => {
  if (zone) return regionOf(zone);
  const kind = look.pieces.find((piece) => piece.id === id)?.kind ?? "accessory";
  if (kind === "lenses" || kind === "lashes" || id === "own-lenses") return "eyes";
  if (kind === "ears") return "ears";
  if (kind === "beard") return "chin and jaw";
  return kind === "teeth" ? "mouth" : "upper face";
};

/** What is put on in each stage, one thing after the other; costume and headpiece once the body is painted too. */
function thingsOf(look: Look, context: LookContext) {
  const all = chairThings(look, context);
  return (
    stage: Stage,
    { ground, pace, onBody }: { ground: Ground; pace: Pace; onBody: boolean },
  ): LayerTask[] => {
    const own = all.filter(({ when }) => STAGE_OF_THING[when] === stage);
    const tasks = own.map((thing): LayerTask => {
      const region = usualRegion(thing, look);
      const id = `${thing.id}/1/${region}`;
      const lying = { id, zones: thing.zones, marks: [] };
      const after = ground.under(lying);
      if (stage === "hide" && thing.zones.length) ground.lay([lying]);
      const speed =
        thing.by === "painter"
          ? SKILLS[context.brief.skill].factor *
            paceFactor(pace, context.house) *
            selfFactor(region, context)
          : 1;
      return {
        id,
        zone: region,
        handsOn: thing.minutes * speed,
        wait: clearsIn(thing, context),
        after: stage === "dress" ? [] : after,
        layerId: thing.id,
        coat: 1,
        region,
        covers: thing.when === "last" && onBody ? [region, "torso"] : [region],
        stage,
        height: REGIONS.indexOf(region),
        pass: {
          id: `${thing.id}/1`,
          kit: `thing ${thing.id}`,
          tool: "finger",
          load: context.house.numbers.pickingUp,
          setUp: 0,
        },
        ...(thing.glue && {
          near: { head: partOf(region), does: "opens" } as const,
          skills: ["pieces"],
        }),
      };
    });
    // Hair and dressing have their own order; pieces go on as they come.
    return stage === "hide" ? tasks : inOrder(tasks);
  };
}

/** Each behind the one before it. */
const inOrder = (tasks: readonly LayerTask[]): LayerTask[] =>
  tasks.map((task, i) => {
    const before = tasks[i - 1];
    return before ? { ...task, after: [...task.after, before.id] } : task;
  });

/** Whoever paints themselves takes longer before a mirror, and longest where they can't see. */
function selfFactor(region: Region, { brief, house: { numbers } }: LookContext): number {
  if (!brief.self) return 1;
  if (isUnreached(region)) return brief.helper ? 1 : numbers.selfUnseen;
  return numbers.self;
}

/** Each task behind the last ones of the stage before its own, on its part of the person. */
function behindStages(tasks: readonly LayerTask[]): LayerTask[] {
  const behind = new Map<string, string[]>();
  for (const part of PARTS) {
    const on = ({ region, covers }: LayerTask) =>
      [region, ...covers].some((own) => partOf(own) === part);
    const stages = STAGES.map((stage) =>
      tasks.filter((task) => task.stage === stage && on(task)),
    ).filter((own) => own.length > 0);
    stages.forEach((own, k) => {
      const before = stages[k - 1] ?? [];
      const followed = new Set(before.flatMap(({ after }) => after));
      const last = before.filter(({ id }) => !followed.has(id)).map(({ id }) => id);
      for (const { id } of own) behind.set(id, [...(behind.get(id) ?? []), ...last]);
    });
  }
  return tasks.map((task) => {
    const ids = (behind.get(task.id) ?? []).filter((id) => !task.after.includes(id));
    return ids.length ? { ...task, behind: [...new Set(ids)] } : task;
  });
}
