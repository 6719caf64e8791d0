import { useCallback } from "react";
import { toast } from "sonner";
import { freeLayerId, type Layer } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { focusSoon } from "@/ui/focusSoon";

/** What is done to a layer as a whole: taken out, doubled, moved up and down. */
export function useLayerEdits(choose: (id: string | null) => void) {
  const { look, apply, store } = useWorking();
  const remove = useCallback(
    (gone: Layer) => {
      if (gone.locked) return void toast(`${gone.name} is locked`);
      const { layers } = store.getState().look;
      const at = layers.findIndex(({ id }) => id === gone.id);
      const next = layers[at + 1] ?? layers[at - 1];
      if (!apply({ op: "removeLayer", id: gone.id })) return;
      choose(next?.id ?? null);
      focusSoon(next ? `[data-layer="${next.id}"]` : "[data-add-layer]");
      toast(`${gone.name} taken out`, {
        action: { label: "Undo", onClick: () => store.temporal.getState().undo() },
      });
    },
    [apply, store, choose],
  );
  const duplicate = (layer: Layer) => {
    const copy = {
      ...layer,
      locked: false,
      id: freeLayerId(look, layer.id),
      name: `${layer.name.slice(0, 72)}, again`,
    };
    apply({ op: "addLayer", layer: copy, at: look.layers.indexOf(layer) + 1 });
    choose(copy.id);
  };
  const move = useCallback(
    (id: string, by: number) => {
      const { layers } = store.getState().look;
      const from = layers.findIndex((other) => other.id === id);
      if (layers[from]?.locked) toast("This layer is locked");
      else apply({ op: "moveLayer", id, to: from + by });
    },
    [apply, store],
  );
  return { remove, duplicate, move };
}
