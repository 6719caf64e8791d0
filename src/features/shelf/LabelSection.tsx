"use client";

import { Link } from "@/ui/Link";
import { useFormContext } from "react-hook-form";
import {
  ALLERGENS,
  ColourIndexSchema,
  GLITTERS,
  hairDyeOf,
  KEPT_FROM,
  material,
  NEEDS,
  usualAllergensOf,
  type ProductFields,
} from "@/core/paint";
import {
  CheckField,
  ChecksField,
  ChoiceField,
  ListField,
  TextField,
} from "@/shared/forms/controls";

/** Whether the label was read; until then, what counts as in it. */
function LabelRead() {
  const { watch } = useFormContext<ProductFields>();
  const [kind, colour, isRead] = watch(["material", "colour", "labelRead"]);
  const usual = usualAllergensOf({ material: kind, colour: isHex(colour) ? colour : null });
  return (
    <div>
      <CheckField name="labelRead" label="I have read the ingredients, and ticked what they name" />
      {!isRead && (
        <p className="mt-1 text-sm" role="status">
          Not read yet:{" "}
          {usual.length
            ? `counts as holding ${usual.map((key) => ALLERGENS[key]).join(", ")}, as such products usually do`
            : "nothing is known of what is in it"}
          .{" "}
          <Link className="link" href="/rules#SAFE-12">
            SAFE-12
          </Link>
        </p>
      )}
    </div>
  );
}

const isHex = (value: unknown): value is string =>
  typeof value === "string" && /^#[0-9a-f]{6}$/i.test(value);

const DYE_ANSWERS = [
  ["", "not answered"],
  ["yes", "yes: hair only, never skin"],
  ["no", "no, it holds none"],
] as const;

/** Asked where the name, the notes or the kind say it could be: hair dye never goes on skin. */
function HairDye() {
  const { watch, setValue } = useFormContext<ProductFields>();
  const [name, notes, kind, allergens, isHairDye] = watch([
    "name",
    "notes",
    "material",
    "allergens",
    "isHairDye",
  ]);
  const dye = hairDyeOf({ name, notes, allergens, isHairDye });
  if (dye === null && isHairDye === null && kind !== "hairColour") return null;
  return (
    <label className="text-sm">
      <span className="label-line">
        Is it a hair dye, or does it hold para-phenylenediamine (PPD)?
      </span>
      <select
        className="select !w-64"
        value={isHairDye === null ? "" : isHairDye ? "yes" : "no"}
        onChange={({ target }) =>
          setValue("isHairDye", target.value === "" ? null : target.value === "yes", {
            shouldDirty: true,
          })
        }
      >
        {DYE_ANSWERS.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
      {dye !== null && (
        <span className="mt-1 block font-semibold" role="status">
          {dye === "dye"
            ? "Stopped on skin everywhere, and no patch test is offered: the test itself sensitises."
            : "Counts as one until you answer: stopped on skin everywhere."}
        </span>
      )}
    </label>
  );
}

/** What its kind usually takes, as what stands in an empty field. */
function usualNeeds(kind: ProductFields["material"]): Record<keyof typeof NEEDS, string> {
  const { activator, removal } = material(kind);
  return {
    activator: activator === "none" ? "none" : activator,
    thinner: "",
    remover: removal.with,
  };
}

/** All that a product's own label says: where it may go, what is in it, what it needs. */
export function LabelSection() {
  const { watch } = useFormContext<ProductFields>();
  const kind = watch("material");
  const usual = usualNeeds(kind);
  return (
    <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
      <h2 className="text-lg">What the label says</h2>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <CheckField name="eyeSafe" label="Made for use round the eyes" />
        <CheckField name="lipSafe" label="Made for use on lips" />
      </div>
      <ChecksField name="keepFrom" label="Keep away from" options={Object.entries(KEPT_FROM)} />
      <ChecksField name="allergens" label="Contains" options={Object.entries(ALLERGENS)} />
      <ListField
        name="colourIndex"
        label="Colour index numbers"
        hint="As printed, with commas between: CI 77491, CI 77891. By them carmine is known, and what is not listed for eyes."
        item={ColourIndexSchema}
      />
      {kind === "glitter" && (
        <ChoiceField
          name="glitter"
          label="Cut from"
          none="nobody has said"
          options={Object.entries(GLITTERS)}
          className="sm:w-72"
        />
      )}
      <div className="grid gap-4 sm:grid-cols-3">
        {(Object.keys(NEEDS) as (keyof typeof NEEDS)[]).map((key) => (
          <TextField
            key={key}
            name={`needs.${key}`}
            label={NEEDS[key]}
            placeholder={usual[key]}
            hint={
              key === "thinner" ? "Only where its label names one." : "Empty: its kind's usual one."
            }
          />
        ))}
      </div>
      <LabelRead />
      <HairDye />
      <TextField name="notes" label="Notes" long />
    </section>
  );
}
