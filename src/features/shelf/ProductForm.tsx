"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { FormProvider } from "react-hook-form";
import { toast } from "sonner";
import { ALLERGENS, GRADES, material, MATERIAL_KEYS, ProductSchema, type Product } from "@/core/paint";
import { CheckField, ChecksField, ColourField, FormProblems, NumberField, Section, SelectField, TextField } from "@/parts/forms/controls";
import { showRefusal, useZodForm } from "@/parts/forms/useZodForm";
import { Field } from "@/ui/Field";
import { send, type Refusal } from "@/ui/request";

const NEW_PRODUCT = {
  name: "", maker: "", code: "", material: "waterGlycerine" as const, colour: "#a0a0a0", hiding: 0.85, tint: 1, grade: "cosmetic" as const, eyeSafe: false, lipSafe: false, allergens: [],
  sizeGrams: 30, priceMinor: 1000, wetColour: null, letDown: null, openedOn: null, expiresOn: null, notes: "",
};

export function ProductForm({ product }: { product: Product | null }) {
  const router = useRouter();
  const { id, version, ...fields } = product ?? { id: null, version: 0, ...NEW_PRODUCT };
  const form = useZodForm(ProductSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const submit = form.handleSubmit(async (values) => {
    const answer = id === null ? await send<{ id?: string; version?: number }>("POST", "/api/products", values) : await send<{ id?: string; version?: number }>("PUT", `/api/products/${id}`, { version: at, fields: values });
    if (!answer.ok) { setRefusal(answer.refusal); return showRefusal(form, answer.refusal); }
    setRefusal(null);
    toast(`${values.name} is saved`);
    if (id === null) return router.push("/shelf");
    setAt(answer.value.version ?? at + 1);
    router.refresh();
  });
  const date = (name: "openedOn" | "expiresOn", label: string) => <Field label={label} error={form.formState.errors[name]?.message}><input type="date" className="input" {...form.register(name, { setValueAs: (value: string | null) => value || null })} /></Field>;
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
        <Section title="Product">
          <TextField name="name" label="Name" />
          <SelectField name="material" label="Kind" options={MATERIAL_KEYS.map((key) => [key, material(key).label] as const)} />
          <SelectField name="grade" label="Made for" options={Object.entries(GRADES)} />
          <TextField name="maker" label="Maker" />
          <NumberField name="sizeGrams" label="Pot, g" />
          <NumberField name="priceMinor" label="Price, in pence or cents" step={1} />
          {date("openedOn", "Opened on")}
          {date("expiresOn", "Printed date")}
        </Section>
        <Section title="Colour" lead="Dry, as a thick film by daylight. What brings no colour has none.">
          <ColourField name="colour" label="Colour" hint="Empty for prep, seal and glue." />
          <ColourField name="wetColour" label="Colour still wet" hint="Empty when nobody has swatched it." />
          <ColourField name="letDown" label="1 part in 10 of white" hint="A second swatch tells how it tints." />
          <NumberField name="hiding" label="Hiding of one coat, 0 to 1" hint="Black over white: 0.98 hides, 0.7 is sheer." />
          <NumberField name="tint" label="Strength in a mix, 1 is usual" hint="A black may be 2 or more." />
        </Section>
        <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
          <h2 className="text-lg">What the label says</h2>
          <CheckField name="eyeSafe" label="Made for use round the eyes" />
          <CheckField name="lipSafe" label="Made for use on lips" />
          <ChecksField name="allergens" label="Contains" options={Object.entries(ALLERGENS)} />
          <TextField name="notes" label="Notes" long />
        </section>
        <FormProblems title={refusal?.title ?? (form.formState.isSubmitted && Object.keys(form.formState.errors).length ? "Some fields need another look: each says what beside it." : null)} items={refusal?.errors} />
        <button type="submit" className="btn btn-primary btn-lg self-start" disabled={form.formState.isSubmitting}>Save the product</button>
      </form>
    </FormProvider>
  );
}
