import type { ZoneId } from "@/core/anatomy";
import type { Layer, LeavesOut as Left } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Field } from "@/ui/Field";
import { Select } from "@/ui/Select";

const KINDS = ["nothing", "painted", "layers"] as const;
const WORDS: Readonly<Record<Left["kind"], string>> = {
  nothing: "nothing",
  painted: "what is painted before it",
  layers: "what other layers cover",
};

interface LeavesOutProps {
  layer: Layer;
  /** What is seen of the person. */
  seen: () => readonly ZoneId[];
  change: (values: Partial<Pick<Layer, "zones" | "leavesOut">>) => void;
}

/** What a layer leaves out of its areas: it follows when that is moved or changed. */
export function LeavesOut({ layer, seen, change }: LeavesOutProps) {
  const { look } = useWorking();
  const { leavesOut } = layer;
  const others = look.layers.filter(({ id }) => id !== layer.id);
  const onChange = (left: Left) => change({ leavesOut: left });
  const named = leavesOut.kind === "layers" ? leavesOut.ids : [];
  const above = others.findLast(({ marks }) => marks.length > 0) ?? others.at(-1);
  return (
    <div>
      <button
        type="button"
        className="btn btn-sm mb-2"
        title="Wherever the layers before this one leave skin to be seen, also when they change"
        onClick={() => change({ zones: [...seen()], leavesOut: { kind: "painted" } })}
      >
        All that is not yet painted
      </button>
      <Field label="Leaves out">
        <Select
          value={leavesOut.kind}
          options={KINDS.filter((kind) => kind !== "layers" || others.length > 0)}
          labelOf={(kind) => WORDS[kind]}
          onChange={(kind) =>
            onChange(kind === "layers" ? { kind, ids: above ? [above.id] : [] } : { kind })
          }
        />
      </Field>
      {leavesOut.kind === "layers" && (
        <fieldset className="mt-2">
          <legend className="text-sm">Not where these are</legend>
          {others.map(({ id, name }) => (
            <label key={id} className="flex min-h-8 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={named.includes(id)}
                onChange={(event) => {
                  const ids = event.target.checked
                    ? [...named, id]
                    : named.filter((other) => other !== id);
                  onChange(ids.length ? { kind: "layers", ids } : { kind: "nothing" });
                }}
              />
              {name}
            </label>
          ))}
        </fieldset>
      )}
    </div>
  );
}
