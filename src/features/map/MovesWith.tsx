import {
  ANCHOR_KEYS,
  ANCHORS,
  canMoveWith,
  leaderOf,
  markLabel,
  moveWith,
  touched,
  type AnchorLandmark,
  type LookPatch,
  type Mark,
  type ShapeAt,
} from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Select } from "@/ui/Select";

const NOTHING = "nothing";
const keyOf = ({ layer, mark }: ShapeAt) => `${layer}/${mark}`;
const isLandmark = (key: string): key is AnchorLandmark =>
  (ANCHOR_KEYS as readonly string[]).includes(key);

/** What a shape moves with: a landmark, so that it keeps its place on another face; or another shape. */
export function MovesWith({
  own,
  mark,
  apply,
}: {
  own: ShapeAt;
  mark: Mark;
  apply: (patch: LookPatch) => boolean;
}) {
  const { look: stored, context } = useWorking();
  const look = touched(stored, context);
  const others = new Map(canMoveWith(look, own).map((other) => [keyOf(other), other]));
  const leader = leaderOf(look, mark);
  const landmark = mark.anchor?.to === "landmark" ? mark.anchor.landmark : null;
  const labelOf = (key: string) => {
    const other = others.get(key);
    if (!other) return isLandmark(key) ? ANCHORS[key] : NOTHING;
    const layer = look.layers.find(({ id }) => id === other.layer);
    const kind = layer?.marks[other.mark]?.kind;
    return `${kind ? markLabel(kind) : ""} ${other.mark + 1} of ${layer?.name ?? ""}`;
  };
  return (
    <label className="mt-2 block text-xs">
      moves with
      <Select
        value={leader ? keyOf(leader) : (landmark ?? NOTHING)}
        options={[NOTHING, ...(mark.frame === "front" ? ANCHOR_KEYS : []), ...others.keys()]}
        labelOf={labelOf}
        onChange={(key) => {
          const to = others.get(key) ?? (isLandmark(key) ? key : null);
          const patch = moveWith(look, context.figure, own, to);
          if (patch) apply(patch);
        }}
      />
    </label>
  );
}
