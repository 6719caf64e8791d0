import { Camera, Rotate3d, ScanFace } from "lucide-react";
import { useMemo, useState } from "react";
import { doneTasksOf, skippedTasks, type ChairState, type ChairStep } from "@/core/chair";
import { isChild, type Person } from "@/core/people";
import type { Look, LookContext, Prediction } from "@/core/look";
import { regionOf, type Region } from "@/core/plan";
import { TurnedFigure } from "@/shared/figure/TurnedFigure";
import { ViewFigure } from "@/shared/figure/ViewFigure";
import { CheckPainted } from "@/shared/photograph/CheckPainted";
import { paintedKey } from "@/shared/photograph/keptPhoto";
import { LookOnPhoto } from "@/shared/photograph/LookOnPhoto";
import { useKeptPhoto } from "@/shared/photograph/useKeptPhoto";
import type { ViewKey } from "@/shared/figure/views";

/** From where each region of the body is looked at; the face for all others. */
const SEEN: Readonly<Partial<Record<Region, ViewKey>>> = {
  "back of the head": "backOfHead",
  torso: "torsoFront",
  back: "torsoBack",
  arms: "bodyFront",
  hands: "bodyFront",
  legs: "legsFront",
  feet: "legsFront",
};

/** The look as far as it is painted, and the step in hand: other layers and regions are left out of the drawing. */
function soFar(look: Look, tasks: readonly string[]): Look {
  const regions = new Map<string, Set<string>>();
  for (const id of tasks) {
    const [layer = "", , region = ""] = id.split("/");
    regions.set(layer, (regions.get(layer) ?? new Set()).add(region));
  }
  return {
    ...look,
    layers: look.layers.map((layer) => {
      const own = regions.get(layer.id);
      if (!own) return { ...layer, hidden: true };
      // A mist goes over everything at once; marks are drawn as a whole.
      return layer.marks.length || layer.role === "seal"
        ? layer
        : { ...layer, zones: layer.zones.filter((zone) => own.has(regionOf(zone))) };
    }),
  };
}

const SWITCH =
  "btn btn-sm border-[#111] bg-[#f4f4f3] text-[#111] aria-pressed:bg-[#111] aria-pressed:text-[#f4f4f3]";

/** The figure as it looks once this step is done, with the zones of the step lit. */
export function StepFigure({
  look,
  context,
  prediction,
  step,
  state,
  person,
}: {
  look: Look;
  context: LookContext;
  prediction: Prediction;
  step: ChairStep | null;
  state: ChairState;
  person: Person;
}) {
  const layer = step && look.layers.find(({ id }) => id === step.layerId);
  const onFace = !step || step.regions.some((region) => SEEN[region] === undefined);
  const view: ViewKey = onFace
    ? "face"
    : ((step.regions[0] && SEEN[step.regions[0]]) ?? "bodyFront");
  const lit =
    step && layer && !layer.marks.length
      ? layer.zones.filter((zone) => step.regions.includes(regionOf(zone)))
      : [];
  const [seen, setSeen] = useState<"drawn" | "turned" | "photo" | "check">("drawn");
  const kept = useKeptPhoto(person.id);
  const painted = useKeptPhoto(paintedKey(person.id));
  const mayBeSeen = !isChild(person) || person.guardianConsent;
  const photo = mayBeSeen ? kept.photo : null;
  const isChecked = seen === "check" && view === "face" && mayBeSeen;
  const turned = seen === "turned";
  // A photograph shows the face from the front, and nothing else.
  const onPhoto = seen === "photo" && view === "face" && photo?.points ? photo : null;
  const shown = useMemo(() => {
    const skipped = skippedTasks(state);
    return soFar(look, [
      ...[...doneTasksOf(state).keys()].filter((id) => !skipped.has(id)),
      ...(step?.tasks ?? []),
    ]);
  }, [look, state, step]);
  const title = `${look.name} on ${person.name}, as it looks ${step ? "after this step" : "now"}`;
  const drawn = { look: shown, context, prediction, title };
  const isOfHead = view === "face" || view === "backOfHead";
  return (
    <div
      className={`relative flex w-full shrink-0 flex-col bg-surround text-[#111] md:h-full md:w-[39%] ${turned || onPhoto || isChecked ? "h-96" : "h-56"}`}
    >
      {turned ? (
        <TurnedFigure
          {...drawn}
          className="h-full w-full pt-12"
          formLight="above"
          wholePerson={!isOfHead}
        />
      ) : isChecked ? (
        <div className="flex min-h-0 flex-1 flex-col pt-14 max-sm:pt-28">
          <CheckPainted
            {...{ look: shown, context, prediction }}
            kept={painted}
            bare={photo}
            onDone={() => setSeen("drawn")}
            doneWords="Back to the step"
          />
        </div>
      ) : onPhoto ? (
        <LookOnPhoto
          {...{ look: shown, context, prediction }}
          photo={onPhoto}
          label={`${title}, on their photograph`}
        />
      ) : (
        <ViewFigure
          id="chair"
          view={view}
          {...drawn}
          selected={lit}
          guides={{ hat: true }}
          className="h-full w-full"
        />
      )}
      <div className="absolute top-2 left-2 flex flex-wrap gap-2">
        <button
          type="button"
          className={SWITCH}
          aria-pressed={turned}
          onClick={() => setSeen(turned ? "drawn" : "turned")}
        >
          <Rotate3d size={18} aria-hidden />
          Turn by hand
        </button>
        {mayBeSeen && view === "face" && (
          <button
            type="button"
            className={SWITCH}
            aria-pressed={isChecked}
            onClick={() => setSeen(isChecked ? "drawn" : "check")}
          >
            <ScanFace size={18} aria-hidden />
            Check it now
          </button>
        )}
        {photo?.points && view === "face" && (
          <button
            type="button"
            className={SWITCH}
            aria-pressed={onPhoto !== null}
            onClick={() => setSeen(onPhoto ? "drawn" : "photo")}
          >
            <Camera size={18} aria-hidden />
            On the photograph
          </button>
        )}
      </div>
    </div>
  );
}
