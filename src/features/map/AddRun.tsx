import { useState } from "react";
import { toast } from "sonner";
import { zoneInfo, ZONES, type ZoneId } from "@/core/anatomy";
import {
  exposedZones,
  isWearable,
  placeFor,
  ROUND_STEP_MM,
  RUN_KEYS,
  runOfColours,
  runRound,
  RUNS,
  withBridges,
  type Layer,
  type Run,
} from "@/core/look";
import { isPaintType, type Product } from "@/core/paint";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";
import { Field } from "@/ui/Field";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";
import { Swatch } from "@/ui/Swatch";

/** At most so many colours; more are layers of a few mm. */
const MOST_STOPS = 9;

type Over = "face" | "lips" | "lids" | "layer" | "round";
const LIPS = ZONES.filter(({ group }) => group === "lips").map(({ id }) => id);
const LIDS = ZONES.filter(({ kind }) => kind === "upperLid").map(({ id }) => id);

interface AddRunProps {
  open: boolean;
  /** Its areas are offered. */
  layer: Layer | null;
  onClose: () => void;
  onAdded: (id: string) => void;
}

/** Several colours that run into each other, laid as layers that fade one over the other. */
export function AddRun({ open, layer, onClose, onAdded }: AddRunProps) {
  const { look, context, apply } = useWorking();
  const [stops, setStops] = useState<readonly Product[]>([]);
  const [run, setRun] = useState<Run>("down");
  const [over, setOver] = useState<Over>("face");
  const paints = [...context.products.values()].filter(
    (product) =>
      product.colour && isPaintType(product.material) && isWearable(product, context.person),
  );
  const [stepMm, setStepMm] = useState(ROUND_STEP_MM);
  const ofLayer: readonly Over[] =
    layer && layer.marks.length ? ["round"] : layer?.zones.length ? ["layer"] : [];
  const places: readonly Over[] = ["face", "lips", "lids", ...ofLayer];
  const isRound = over === "round" && layer !== null && layer.marks.length > 0;
  const least = isRound ? 1 : 2;
  const zones = (): readonly ZoneId[] => {
    if (over === "lips") return LIPS;
    if (over === "lids") return LIDS;
    if (over === "layer" && layer) return layer.zones;
    return exposedZones(context.brief, context.person).filter(
      (zone) => zoneInfo(zone).group === "face",
    );
  };
  const lay = () => {
    const at = placeFor("contour", look);
    const patch = isRound
      ? runRound(layer, stops, stepMm, look, context)
      : runOfColours({ zones: zones(), run, products: stops }, look, context, at);
    if (patch?.op !== "several" || !apply(patch)) {
      toast("None of these may be used there. Check their labels.");
      return;
    }
    const [first] = patch.patches;
    if (first?.op === "addLayer") onAdded(first.layer.id);
    setStops([]);
    onClose();
  };
  return (
    <Dialog open={open} title="Colours that run into each other" onClose={onClose}>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Over">
          <Select
            value={over}
            options={places}
            labelOf={(place) =>
              ({
                face: "the face",
                lips: "the lips",
                lids: "the upper lids",
                layer: `the areas of ${layer?.name ?? ""}`,
                round: `round the shapes of ${layer?.name ?? ""}`,
              })[place]
            }
            onChange={setOver}
          />
        </Field>
        {isRound ? (
          <Field label="Each wider by, mm">
            <NumberInput
              least={1}
              most={10}
              step={0.5}
              unit="mm"
              value={stepMm}
              onChange={setStepMm}
            />
          </Field>
        ) : (
          <Field label="Direction">
            <Select
              value={run}
              options={RUN_KEYS}
              labelOf={(key) => RUNS[key].label}
              onChange={setRun}
            />
          </Field>
        )}
        <Field label="Next colour" className="col-span-2">
          <Select
            value={null}
            none={stops.length < MOST_STOPS ? "choose a product" : "no more than nine"}
            options={stops.length < MOST_STOPS ? paints.map(({ id }) => id) : []}
            labelOf={(id) => context.products.get(id)?.name ?? id}
            onChange={(id) => {
              const product = context.products.get(id);
              if (product) setStops([...stops, product]);
            }}
          />
        </Field>
      </div>
      <ol className="mt-3 flex flex-col gap-1" aria-label="Stops">
        {stops.map((product, i) => (
          <li key={i} className="flex items-center gap-2">
            <Swatch hex={product.colour} />
            <span className="flex-1">{product.name}</span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-label={`Remove ${product.name}`}
              onClick={() => setStops(stops.filter((_, k) => k !== i))}
            >
              Remove
            </button>
          </li>
        ))}
      </ol>
      {stops.length < least && (
        <p className="muted mt-2 text-sm">
          {isRound
            ? "Choose the colours from the shape outwards."
            : "Choose two colours or more, in the order they run."}
        </p>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={stops.length < least}
          onClick={lay}
        >
          Add them
        </button>
        <button
          type="button"
          className="btn"
          disabled={stops.length < 2}
          onClick={() => setStops([...stops].reverse())}
        >
          The other way round
        </button>
        <button
          type="button"
          className="btn"
          disabled={stops.length < 2}
          onClick={() => {
            const bridged = withBridges(stops, context).slice(0, MOST_STOPS);
            if (bridged.length === stops.length)
              toast("No colour on the shelf lies between two of these.");
            setStops(bridged);
          }}
        >
          Add in-between colours
        </button>
      </div>
    </Dialog>
  );
}
