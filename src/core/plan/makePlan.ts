import { zoneInfo } from "../anatomy";
import { paintingAir } from "../studio";
import { expiry, layerGrams, shortage, type Shortage } from "../kit";
import {
  chairThings,
  checkLook,
  coversBody,
  healthOf,
  hexOf,
  isVeil,
  materialOf,
  paintWords,
  predict,
  recipeOf,
  sizedToolWords,
  toolSize,
  supplyWords,
  zoneWords,
  type Finding,
  type Look,
  type LookContext,
  type Role,
  touched,
} from "../look";
import { HEAT_ADVICE, heatStrain } from "../wear";
import { isPaintType, isPiece, material, TECHNIQUES, type ProductFields } from "../paint";
import { isChild } from "../people";
import { BY, type By } from "../piece";
import type { RuleId } from "../rules";
import { listed } from "../text/words";
import { backwards, type Backwards } from "../schedule";
import { dayOf, type DayStep } from "./day";
import { allNeeded } from "./needed";
import { removalOf, type Removal } from "./removal";
import { seat, workMinutes, type ChairOrder } from "./seat";
import { restMinutes } from "./tasks";
import type { Region } from "./regions";

export interface PlanStep {
  /** The layer it paints, or the thing that is put on. */
  readonly layerId: string;
  /** What its layer is for; null for what is put on. */
  readonly role: Role | null;
  readonly title: string;
  /** Who does it, where that is not the painter. */
  readonly by: By;
  readonly where: string;
  readonly paint: string;
  /** What to weigh out, product by product. */
  readonly amounts: readonly {
    readonly name: string;
    /** Grams, or pieces of what is counted. */
    readonly grams: number;
    readonly counted: ProductFields["counted"];
  }[];
  readonly tool: string;
  /** How wet the tool is, and how much is on it; empty where that goes without saying. */
  readonly load: string;
  readonly technique: string;
  readonly coats: number;
  readonly coatsComputed: boolean;
  readonly handsOnMinutes: number;
  readonly restMinutes: number;
  /** "dry 4 min between coats", "never dries: powder it", "ready when it turns clear, about 6 min". */
  readonly rest: string;
  /** Minutes from the start of the chair. */
  readonly from: number;
  readonly to: number;
  /** Predicted colour where it lies; null for what brings none. */
  readonly hex: string | null;
  readonly notes: string;
}

export interface Caution {
  readonly rule: RuleId;
  readonly text: string;
}

export interface PlanTimes extends Backwards {
  /** The start is the call's: somebody else is painted after. */
  readonly byCall: boolean;
}

/** A bar of the chair: one layer's coat on one region. */
export interface Bar {
  readonly id: string;
  readonly layerId: string;
  readonly coat: number;
  readonly region: Region;
  readonly start: number;
  readonly end: number;
  readonly rest: number;
  /** Whose hands, from 0. */ readonly hand: number;
  /** Minutes before the start in which tool and colour are taken up. */ readonly load: number;
  readonly pinned: boolean;
}

export interface Plan {
  readonly steps: readonly PlanStep[];
  readonly bars: readonly Bar[];
  readonly handsOnMinutes: number;
  /** From sitting down to the last touch. */
  readonly chairMinutes: number;
  /** And to the last coat dry. */
  readonly dryMinutes: number;
  /** Changes of tool and colour, waits and tears, beside the stack's own order. */
  readonly order: ChairOrder;
  readonly lowerBoundMinutes: number;
  readonly times: PlanTimes | null;
  readonly kit: readonly (Shortage & { readonly expired: string | null })[];
  readonly cautions: readonly Caution[];
  readonly findings: readonly Finding[];
  /** True while a safety rule says stop: the plan must not be worked from. */
  readonly stopped: boolean;
  readonly removal: Removal;
  /** What comes before the first layer and after the last. */
  readonly day: { readonly before: readonly DayStep[]; readonly after: readonly DayStep[] };
}

const whole = (minutes: number) => Math.max(1, Math.round(minutes));

function restWords(
  setting: "dries" | "powder" | "clears",
  minutes: number,
  never: boolean,
  coats: number,
): string {
  if (setting === "powder")
    return minutes > 0
      ? `${whole(minutes)} min, then powder: it stays tacky`
      : "never dries by itself: powder it";
  if (never) return "won't dry in this air: use a cool dryer";
  if (minutes < 0.25) return "no wait";
  if (setting === "clears") return `ready when it turns clear, about ${whole(minutes)} min`;
  return `${whole(minutes)} min to dry${coats > 1 ? " after each coat" : ""}`;
}

function cautionsOf(look: Look, context: LookContext, neverDries: readonly string[]): Caution[] {
  const { person, brief } = context;
  const keys = look.layers
    .map((layer) => materialOf(layer, context.products))
    .filter((key) => key !== null);
  const covered = coversBody(look.layers.flatMap(({ zones }) => zones));
  const heat = look.layers.length ? heatStrain(person, brief, covered, context.house) : null;
  const list: (Caution | false)[] = [
    {
      rule: "SAFE-7",
      text: "One clean sponge for this person, no double dipping; nothing on broken or infected skin.",
    },
    {
      rule: "SAFE-2",
      text: "Stop and wash at any sting. The product's label, local rules and licensed professionals come before this plan.",
    },
    keys.some((key) => material(key).flammable) && {
      rule: "SAFE-5",
      text: "Alcohol and sprays burn until dry: air the room, no flame, cigarette or hot dryer near.",
    },
    keys.some((key) => key === "powder" || key === "settingPowder") && {
      rule: "SAFE-6",
      text: "Don't breathe loose powder: press it, hold the breath, dust off downwards.",
    },
    healthOf({ person, brief }).some(({ answer }) => answer === "lenses") && {
      rule: "SAFE-4",
      text: "Lenses in before paint, out before removal, as fitted by an eye-care professional.",
    },
    heat !== null && {
      rule: "SAFE-9",
      text: `Heat: ${heat.reasons.join("; ")}. ${HEAT_ADVICE}`,
    },
    isChild(person) && { rule: "SAFE-8", text: "A child: parent or guardian present and agreed." },
    brief.hood && { rule: "SAFE-10", text: "Hood: keep nose and mouth, sight and hearing free." },
    look.layers.some((layer) => layer.zones.some((zone) => zone.startsWith("upperLid"))) && {
      rule: "BASE-7",
      text: "Lids dry closed, then look up.",
    },
    look.layers.some((layer) => layer.zones.some((zone) => zone.startsWith("ear"))) && {
      rule: "REMOVE-2",
      text: "Ears and hairline may hold colour for days: say so before painting.",
    },
    neverDries.length > 0 && {
      rule: "ORDER-6",
      text: `${neverDries.join(" and ")} won't dry by ${neverDries.length > 1 ? "themselves" : "itself"} at ${paintingAir(brief, context.studio).words}: use a cool dryer.`,
    },
  ];
  return list.filter(
    (entry): entry is Caution => entry !== false && !context.house.off.has(entry.rule),
  );
}

/** What is put on at the chair as lines of the plan: who, how, what holds it, what it needs. */
function thingSteps(look: Look, context: LookContext, bars: readonly Bar[]): PlanStep[] {
  return chairThings(look, context).flatMap((thing): PlanStep[] => {
    const own = bars.filter(({ layerId }) => layerId === thing.id);
    const [first] = own;
    if (!first) return [];
    const { glue } = thing;
    const ready = glue && material(glue.key);
    return [
      {
        layerId: thing.id,
        role: null,
        title: thing.name,
        by: thing.by,
        where: thing.zones.length
          ? zoneWords([...thing.zones])
          : first.region === "upper face"
            ? ""
            : first.region,
        paint: glue ? supplyWords(glue.key, glue.product) : "",
        amounts: glue
          ? [{ name: supplyWords(glue.key, glue.product), grams: glue.grams, counted: "grams" }]
          : [],
        tool: thing.by === "painter" ? "by hand" : `by ${BY[thing.by]}`,
        load: "",
        technique: thing.needs.length ? `needs ${listed(thing.needs)}` : "",
        coats: 1,
        coatsComputed: false,
        handsOnMinutes: own.reduce((sum, bar) => sum + workMinutes(bar), 0),
        restMinutes: first.rest,
        rest: ready ? restWords(ready.setting, first.rest, false, 1) : "no wait",
        from: first.start - first.load,
        to: first.end,
        hex: null,
        notes: [
          thing.how,
          thing.mostHours !== null &&
            `At most ${thing.mostHours} h, or less by its label and who fitted it.`,
        ]
          .filter(Boolean)
          .join(" "),
      },
    ];
  });
}

/** Times back from the curtain, with the start that the day's call gives where that is sooner: everything tells one start. */
function byTheCall(sitsAt: string | null, given: Parameters<typeof backwards>[0]): PlanTimes {
  const times = backwards(given);
  const isSooner = sitsAt !== null && Date.parse(sitsAt) < Date.parse(times.startAt);
  return { ...times, startAt: isSooner ? sitsAt : times.startAt, byCall: isSooner };
}

/**
 * The plan of a look on a person in a brief: steps in working order, coats, waits, minutes, grams against stock, times back from the
 * curtain and cautions. Everything is computed; nothing of it is kept.
 * @param stock grams left by product id
 */
export function makePlan(
  stored: Look,
  context: LookContext,
  stock: ReadonlyMap<string, number> = new Map(),
): Plan {
  const look = touched(stored, context);
  const prediction = predict(look, context);
  const { tasks, placed, lowerBound, order, handsOn, ends, until } = seat(look, context);
  const taskById = new Map(tasks.map((task) => [task.id, task]));
  const pinned = new Set(context.brief.pins.map(({ task }) => task));
  const bars = placed.flatMap(({ id, start, end, hand = 0, load = 0 }): Bar[] => {
    const task = taskById.get(id);
    return task
      ? [
          {
            id,
            layerId: task.layerId,
            coat: task.coat,
            region: task.region,
            start,
            end,
            rest: task.wait,
            hand,
            load,
            pinned: pinned.has(id),
          },
        ]
      : [];
  });
  const neverDries: string[] = [];
  const unordered = look.layers.flatMap((layer): PlanStep[] => {
    const key = materialOf(layer, context.products);
    const own = bars.filter((bar) => bar.layerId === layer.id);
    if (!key || !own.length) return [];
    const { coats } = prediction.coats.get(layer.id) ?? { coats: 1 };
    const rest = restMinutes(key, layer, context);
    if (rest.never) neverDries.push(layer.name);
    const grams = layerGrams(layer, context, prediction);
    const recipe = recipeOf(layer, context.products);
    const parts = recipe.reduce((sum, part) => sum + part.parts, 0);
    const film = layer.zones
      .map((zone) => prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id))
      .find((entry) => entry !== undefined);
    return [
      {
        layerId: layer.id,
        role: layer.role,
        title: layer.name,
        by: "painter",
        where: zoneWords(layer.zones),
        paint: paintWords(layer, context.products),
        amounts: recipe.length
          ? recipe.map(({ product, parts: amount }) => ({
              name: product.name,
              grams: product.counted === "pieces" ? 1 : (grams * amount) / parts,
              counted: product.counted,
            }))
          : [
              {
                name: material(key).label,
                grams: isPiece(key) ? 1 : grams,
                counted: isPiece(key) ? "pieces" : "grams",
              },
            ],
        tool: sizedToolWords(layer, context),
        load: toolSize(layer, context)?.load ?? "",
        technique: TECHNIQUES[layer.technique],
        coats,
        coatsComputed: layer.coats === "auto",
        handsOnMinutes: own.reduce((sum, bar) => sum + workMinutes(bar), 0),
        restMinutes: rest.minutes,
        rest:
          layer.role === "set"
            ? `${layer.zones.some((zone) => zoneInfo(zone).traits.crease >= 0.7) ? "smooth the creases, " : ""}press, rest ${context.house.numbers.powderRest === 1 ? "a minute" : `${context.house.numbers.powderRest} min`}, dust off`
            : restWords(material(key).setting, rest.minutes, rest.never, coats),
        from: Math.min(...own.map((bar) => bar.start - bar.load)),
        to: Math.max(...own.map((bar) => bar.end)),
        hex: film && (isPaintType(key) || isVeil(layer.role)) ? hexOf(film.colour) : null,
        notes: layer.notes,
      },
    ];
  });
  // In the order they are begun at the chair, which may leave the stack's.
  const steps = [...unordered, ...thingSteps(look, context, bars)].sort((a, b) => a.from - b.from);
  const findings = checkLook(look, context);
  const { brief } = context;
  return {
    steps,
    bars,
    handsOnMinutes: handsOn,
    chairMinutes: ends,
    dryMinutes: until,
    order,
    lowerBoundMinutes: lowerBound,
    times: brief.curtainAt
      ? byTheCall(context.sitsAt, {
          curtainAt: brief.curtainAt,
          chairMinutes: until,
          travelMinutes: brief.travelMinutes,
          costumeMinutes: brief.costumeMinutes,
          bufferMinutes: brief.bufferMinutes,
        })
      : null,
    kit: shortage(allNeeded(look, context, prediction), stock).map((need) => {
      const product = need.productId ? context.products.get(need.productId) : undefined;
      const best = product && expiry(product, context.today);
      return { ...need, expired: best?.past ? best.date : null };
    }),
    cautions: cautionsOf(look, context, neverDries),
    findings,
    stopped: findings.some((finding) => finding.severity === "stop"),
    removal: removalOf(look, context),
    day: dayOf(look, context),
  };
}
