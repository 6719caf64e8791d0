import { toast } from "sonner";
import { formOf, giveForm, LIGHT_FROM_WORDS, LIGHTS_FROM, type Layer } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Field } from "@/ui/Field";
import { Select } from "@/ui/Select";

/** Makes the shapes of a layer look solid: shade, light and shadow that go with them. */
export function FormTools({ layer }: { layer: Layer }) {
  const { look, context, apply } = useWorking();
  const parts = formOf(look, layer.form?.of ?? layer.id);
  const source = layer.form && look.layers.find(({ id }) => id === layer.form?.of);
  const give = (sunken: boolean) => {
    const patch = giveForm(layer, sunken, look, context);
    if (patch && apply(patch)) toast("Shade and light added. They move with the shape.");
  };
  return (
    <fieldset className="text-sm">
      <legend className="label-line mb-1">Form</legend>
      {source && (
        <p className="mb-2">
          It follows the shapes of <strong>{source.name}</strong>.
        </p>
      )}
      {!layer.form && parts.length === 0 && (
        <div className="mb-2 flex flex-wrap gap-1.5">
          <button type="button" className="btn btn-sm" onClick={() => give(false)}>
            Make it stand out
          </button>
          <button type="button" className="btn btn-sm" onClick={() => give(true)}>
            Sink it in
          </button>
        </div>
      )}
      {parts.length > 0 && (
        <Field label="Light falls">
          <Select
            value={look.light}
            options={LIGHTS_FROM}
            labelOf={(from) => LIGHT_FROM_WORDS[from]}
            onChange={(light) => apply({ op: "light", light })}
          />
        </Field>
      )}
    </fieldset>
  );
}
