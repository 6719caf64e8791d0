import { paintingAirSpeed, SKILLS, type Pace } from "../brief";
import { dryingMinutes } from "../climate";
import { labFromReflectance } from "../colour";
import {
  materialOf,
  type Layer,
  type Look,
  type LookContext,
  type Prediction,
  touched,
} from "../look";
import { material, toolOf, wetGramsPerM2, type MaterialKey, type ToolKey } from "../paint";
import type { Task } from "../schedule";
import { handsOnByRegion } from "./handsOn";
import { isUnreached, REGIONS, type Region } from "./regions";
import { skillOf } from "./skills";

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
  const { airDegC, rh } = context.brief;
  const dry =
    dryingMinutes({
      wetGramsPerM2: wetGramsPerM2(key, layer.tool),
      solvent,
      airDegC,
      rh,
      airSpeed: paintingAirSpeed(context.brief),
    }) * (setting === "clears" ? CLEARING : 1);
  // Beyond this a coat is not waited for: the air has to be changed.
  const { longestWait } = context.house.numbers;
  return dry <= longestWait
    ? { minutes: dry, never: false }
    : { minutes: longestWait, never: true };
}

/** The same tool is picked up again in the same colour in so much of the time. Common practice, no published source. */
const RELOADING = 0.3;
/** Another colour in gear that is set up. Common practice, no published source. */
const NEXT_COLOUR_MINUTES = 2;

export interface LayerTask extends Task {
  readonly layerId: string;
  readonly coat: number;
  readonly region: Region;
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

/** The look as tasks: one for each layer, coat and region, each behind what it lies on. Hands-on minutes by skill, pace, and the painter's own log. */
export function layerTasks(
  stored: Look,
  context: LookContext,
  prediction: Prediction,
  pace: Pace = "usual",
): LayerTask[] {
  const look = touched(stored, context);
  const last = new Map<Region, string>();
  const setUpOnce = new Set<ToolKey>();
  const tasks: LayerTask[] = [];
  for (const layer of look.layers) {
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
    const wholeAtOnce = layer.role === "seal";
    if (wholeAtOnce && regions[0])
      work.set(
        regions[0],
        [...work.values()].reduce((sum, minutes) => sum + minutes, 0),
      );
    const loading = context.house.numbers[layer.paint.kind === "mix" ? "loadingMix" : "loading"];
    // A compressor is set up once a sitting; after that a colour takes two minutes.
    const setUp = ({ tool }: Layer, coat: number) => {
      const minutes = coat === 1 ? (toolOf(tool).setUpMinutes ?? 0) : 0;
      const isFirst = !setUpOnce.has(tool);
      if (minutes) setUpOnce.add(tool);
      return minutes && !isFirst ? Math.min(minutes, NEXT_COLOUR_MINUTES) : minutes;
    };
    const coats = prediction.coats.get(layer.id)?.coats ?? 1;
    for (let coat = 1; coat <= coats; coat++) {
      (wholeAtOnce ? regions.slice(0, 1) : regions).forEach((region, i) => {
        const before = last.get(region);
        const id = `${layer.id}/${coat}/${region}`;
        const handsOn =
          ((work.get(region) ?? 0) +
            (i === 0 ? loading * (coat === 1 ? 1 : RELOADING) + setUp(layer, coat) : 0)) *
          speed;
        // A sealing mist goes over everything at once, so it waits for every region, and every region waits for it.
        const after = wholeAtOnce ? [...new Set(last.values())] : before ? [before] : [];
        const helper = context.brief.self && !wholeAtOnce && isUnreached(region);
        tasks.push({
          id,
          zone: region,
          handsOn,
          wait,
          after,
          layerId: layer.id,
          coat,
          region,
          height: REGIONS.indexOf(region),
          batch: `${layer.id}/${coat}`,
          ...(lightness !== undefined && { lightness }),
          ...(skill && { skill }),
          ...(helper && { helper }),
        });
        for (const touched of wholeAtOnce ? regions : [region]) last.set(touched, id);
      });
    }
  }
  return tasks;
}
