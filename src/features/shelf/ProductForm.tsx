"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { FormProvider, useFormContext } from "react-hook-form";
import { toast } from "sonner";
import {
  ALLERGENS,
  GRADES,
  hairDyeOf,
  material,
  MATERIAL_KEYS,
  ProductSchema,
  usualAllergensOf,
  type Product,
  type ProductFields,
} from "@/core/paint";
import { ConflictChoice } from "@/parts/forms/ConflictChoice";
import {
  CheckField,
  ChecksField,
  ColourField,
  FormProblems,
  NumberField,
  Section,
  SelectField,
  TextField,
} from "@/parts/forms/controls";
import { useFormDraft } from "@/parts/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/parts/forms/useZodForm";
import { Meter } from "@/parts/mixing/Meter";
import { Field } from "@/ui/Field";
import { send, type Refusal } from "@/ui/request";
import { HidingByPhoto } from "./HidingByPhoto";

const NEW_PRODUCT = {
  name: "",
  maker: "",
  code: "",
  material: "waterGlycerine" as const,
  colour: "#a0a0a0",
  hiding: 0.85,
  tint: 1,
  grade: "cosmetic" as const,
  eyeSafe: false,
  lipSafe: false,
  labelRead: false,
  allergens: [],
  isHairDye: null,
  sizeGrams: 30,
  priceMinor: 1000,
  wetColour: null,
  letDown: null,
  openedOn: null,
  expiresOn: null,
  monthsOpen: null,
  notes: "",
};

/** Swatches by the meter: it is held on the dry swatch, on the wet one, on the one in white. The stand-in reads what the field beside it says. */
function SwatchMeter() {
  const { setValue, watch } = useFormContext();
  const [on, setOn] = useState<"colour" | "wetColour" | "letDown">("colour");
  const dry = String(watch("colour") ?? "#808080");
  const hex = String(watch(on) ?? dry);
  const words = {
    colour: "the dry swatch",
    wetColour: "the wet swatch",
    letDown: "the swatch in white",
  } as const;
  return (
    <div className="flex flex-col gap-2 sm:col-span-2 lg:col-span-3">
      <label className="text-sm">
        <span className="label-line">The meter is held on</span>
        <select
          className="select !w-56"
          value={on}
          onChange={(event) => setOn(event.target.value as typeof on)}
        >
          {Object.entries(words).map(([key, label]) => (
            <option key={key} value={key}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <Meter
        held={[{ label: words[on], hex: /^#[0-9a-f]{6}$/i.test(hex) ? hex : "#808080" }]}
        onRead={(read) => setValue(on, read, { shouldDirty: true, shouldValidate: true })}
      />
    </div>
  );
}

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

export function ProductForm({ product }: { product: Product | null }) {
  const router = useRouter();
  const { id, version, ...fields } = product ?? { id: null, version: 0, ...NEW_PRODUCT };
  const form = useZodForm(ProductSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const { bar, drop } = useFormDraft(
    form,
    id === null ? "new.product" : `product.${id}`,
    at,
    setAt,
  );
  const submit = form.handleSubmit(async (values) => {
    const answer =
      id === null
        ? await send<{ id?: string; version?: number }>("POST", "/api/products", values)
        : await send<{ id?: string; version?: number }>("PUT", `/api/products/${id}`, {
            version: at,
            fields: values,
          });
    if (!answer.ok) {
      setRefusal(answer.refusal);
      return showRefusal(form, answer.refusal);
    }
    setRefusal(null);
    drop();
    toast(`${values.name} is saved`);
    if (id === null) return router.push("/shelf");
    setAt(answer.value.version ?? at + 1);
    router.refresh();
  });
  const date = (name: "openedOn" | "expiresOn", label: string) => (
    <Field label={label} error={form.formState.errors[name]?.message}>
      <input
        type="date"
        className="input"
        {...form.register(name, { setValueAs: (value: string | null) => value || null })}
      />
    </Field>
  );
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
        {bar}
        <Section title="Product">
          <TextField name="name" label="Name" />
          <SelectField
            name="material"
            label="Kind"
            options={MATERIAL_KEYS.map((key) => [key, material(key).label] as const)}
          />
          <SelectField name="grade" label="Made for" options={Object.entries(GRADES)} />
          <TextField name="maker" label="Maker" />
          <TextField
            name="code"
            label="Barcode or order number"
            hint="A scanner types it here too."
          />
          <NumberField name="sizeGrams" label="Pot, g" />
          <NumberField name="priceMinor" label="Price, in pence or cents" step={1} />
          {date("openedOn", "Opened on")}
          {date("expiresOn", "Printed date")}
          <NumberField
            name="monthsOpen"
            label="Months once opened"
            hint="The open jar on the label; empty: as usual for its kind."
            step={1}
          />
        </Section>
        <Section
          title="Colour"
          lead="Dry, as a thick film by daylight. What brings no colour has none."
        >
          <ColourField name="colour" label="Colour" hint="Empty for prep, seal and glue." />
          <ColourField
            name="wetColour"
            label="Colour still wet"
            hint="Empty when nobody has swatched it."
          />
          <ColourField
            name="letDown"
            label="1 part in 10 of white"
            hint="A second swatch tells how it tints."
          />
          <NumberField
            name="hiding"
            label="Hiding of one coat, 0 to 1"
            hint="Black over white: 0.98 hides, 0.7 is sheer."
          />
          <NumberField
            name="tint"
            label="Strength in a mix, 1 is usual"
            hint="A black may be 2 or more."
          />
          <HidingByPhoto
            onTake={(hiding) =>
              form.setValue("hiding", hiding, { shouldDirty: true, shouldValidate: true })
            }
          />
          <SwatchMeter />
        </Section>
        <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
          <h2 className="text-lg">What the label says</h2>
          <CheckField name="eyeSafe" label="Made for use round the eyes" />
          <CheckField name="lipSafe" label="Made for use on lips" />
          <ChecksField name="allergens" label="Contains" options={Object.entries(ALLERGENS)} />
          <LabelRead />
          <HairDye />
          <TextField name="notes" label="Notes" long />
        </section>
        <ConflictChoice
          refusal={refusal}
          onMine={(current) => {
            setAt(current);
            setRefusal(null);
          }}
          onTheirs={() => {
            drop();
            window.location.reload();
          }}
        />
        <FormProblems
          title={
            (refusal?.status === 409 ? null : refusal?.title) ??
            (form.formState.isSubmitted && Object.keys(form.formState.errors).length
              ? "Some fields need another look: each says what beside it."
              : null)
          }
          items={refusal?.errors}
        />
        <button
          type="submit"
          className="btn btn-primary btn-lg self-start"
          disabled={form.formState.isSubmitting}
        >
          Save the product
        </button>
      </form>
    </FormProvider>
  );
}
