import { toast } from "sonner";
import {
  layLast,
  layReadyMade,
  placeFor,
  READY_MADE_KEYS,
  readyMade,
  ROLE_KEYS,
  ROLES,
  suggestLayer,
  type ReadyMadeKey,
  type Role,
} from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";
import { ROLE_ICONS } from "./roleIcon";

/** What a layer can be added as: by its role, as a ready-made set, or on what is no skin. */
export function AddLayer({
  open,
  onClose,
  onAdded,
  onRun,
  onGuide,
}: {
  open: boolean;
  onClose: () => void;
  onAdded: (id: string) => void;
  onRun: () => void;
  onGuide: () => void;
}) {
  const { look, context, apply } = useWorking();
  const add = (role: Role) => {
    const fresh = suggestLayer(role, look, context);
    apply({ op: "addLayer", layer: fresh, at: placeFor(role, look) });
    onAdded(fresh.id);
    onClose();
  };
  const addSet = (key: ReadyMadeKey) => {
    const { patch, leftOut } = layReadyMade(key, look, context);
    onClose();
    if (patch.op === "several" && patch.patches.length && apply(patch))
      toast(
        `${readyMade(key).label} is added`,
        leftOut.length
          ? {
              description: `Left out, since ${context.person.name} may not wear it: ${leftOut.join(", ")}.`,
            }
          : {},
      );
    else toast(`${context.person.name} may wear none of it`);
  };
  const addLast = (kind: "teeth" | "hair") => {
    apply(layLast(kind, look, context));
    onClose();
  };
  return (
    <Dialog open={open} title="Add a layer" onClose={onClose} wide>
      <ul className="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
        {ROLE_KEYS.map((role) => {
          const Icon = ROLE_ICONS[role];
          return (
            <li key={role}>
              <button
                type="button"
                className="flex min-h-14 w-full items-center gap-3 rounded border rule px-3 text-left hover:bg-base-200"
                onClick={() => add(role)}
              >
                <Icon size={20} aria-hidden />
                <span>
                  <span className="block font-semibold first-letter:uppercase">
                    {ROLES[role].label}
                  </span>
                  <span className="muted block text-sm">{ROLES[role].does}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <h3 className="mt-4 mb-1 font-semibold">Ready-made groups, added under the base</h3>
      <ul className="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
        {READY_MADE_KEYS.map((key) => (
          <Choice
            key={key}
            title={readyMade(key).label}
            does={`${readyMade(key).does} · ${readyMade(key).rule}`}
            onChoose={() => addSet(key)}
          />
        ))}
        <Choice
          title="What reads as…"
          does="angry, smiling, old, an animal, a clown: shapes placed on this face · FORM-7"
          onChoose={() => {
            onClose();
            onGuide();
          }}
        />
        <Choice
          title="Colours that run into each other"
          does="as many stops as wanted, each faded over the last · COLOUR-4"
          onChoose={() => {
            onClose();
            onRun();
          }}
        />
        <Choice
          title="Teeth"
          does="lacquer on dry teeth · ORDER-6"
          onChoose={() => addLast("teeth")}
        />
        <Choice
          title="Hair colour"
          does="sprayed, eyes and lungs shielded · SAFE-5"
          onChoose={() => addLast("hair")}
        />
      </ul>
    </Dialog>
  );
}

function Choice({ title, does, onChoose }: { title: string; does: string; onChoose: () => void }) {
  return (
    <li>
      <button
        type="button"
        className="flex min-h-14 w-full flex-col justify-center rounded border rule px-3 text-left hover:bg-base-200"
        onClick={onChoose}
      >
        <span className="font-semibold">{title}</span>
        <span className="muted text-sm">{does}</span>
      </button>
    </li>
  );
}
