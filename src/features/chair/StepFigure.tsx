import type { ChairStep } from "@/core/chair";
import type { Look, LookContext, Prediction } from "@/core/look";
import { regionOf, type Region } from "@/core/plan";
import { ViewFigure } from "@/parts/figure/ViewFigure";
import type { ViewKey } from "@/parts/figure/views";

/** From where each region of the body is looked at; the face for all others. */
const SEEN: Readonly<Partial<Record<Region, ViewKey>>> = { "back of the head": "backOfHead", torso: "torsoFront", back: "torsoBack", arms: "bodyFront", hands: "bodyFront", legs: "legsFront", feet: "legsFront" };

/** The figure as it looks once this step is done, with the zones of the step lit. */
export function StepFigure({ look, context, prediction, step, name }: { look: Look; context: LookContext; prediction: Prediction; step: ChairStep | null; name: string }) {
  const at = step ? look.layers.findIndex(({ id }) => id === step.layerId) : look.layers.length - 1;
  const layer = look.layers[at];
  const onFace = !step || step.regions.some((region) => SEEN[region] === undefined);
  const view: ViewKey = onFace ? "face" : ((step?.regions[0] && SEEN[step.regions[0]]) ?? "bodyFront");
  const lit = step && layer ? layer.zones.filter((zone) => step.regions.includes(regionOf(zone))) : [];
  return (
    <div className="h-56 w-full shrink-0 bg-surround md:h-full md:w-[39%]">
      <ViewFigure id="chair" view={view} look={look} context={context} prediction={prediction} upTo={at + 1} selected={layer?.marks.length ? [] : lit} guides={{ hat: true }} title={`${look.name} on ${name}, as it looks ${step ? "after this step" : "now"}`} className="h-full w-full" />
    </div>
  );
}
