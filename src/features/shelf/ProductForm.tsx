"use client";

import { ask } from "@/shared/ask";
import { Select } from "@/ui/Select";
import { keysOf } from "@/core/keysOf";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { FormProvider, useFormContext, useWatch } from "react-hook-form";
import { toast } from "sonner";
import {
  FINISHES,
  GRADES,
  guessedStrength,
  HexSchema,
  material,
  MATERIAL_KEYS,
  NOTHING_SAID,
  ProductSchema,
  type Product,
} from "@/core/paint";
import { SaveProblems } from "@/shared/forms/SaveProblems";
import {
  ChoiceField,
  ColourField,
  DayField,
  MoneyField,
  MeasureField,
  NumberField,
  Section,
  SelectField,
  TextField,
} from "@/shared/forms/controls";
import { useFormDraft } from "@/shared/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/shared/forms/useZodForm";
import { Meter } from "@/shared/mixing/Meter";
import { type Refusal } from "@/ui/request";
import { SwatchCard } from "./SwatchCard";
import { LabelSection } from "./LabelSection";

const NEW_PRODUCT = {
  ...NOTHING_SAID,
  name: "",
  maker: "",
  code: "",
  material: "waterGlycerine" as const,
  colour: "#a0a0a0",
  ...guessedStrength("#a0a0a0"),
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
        <Select
          className="!w-56"
          value={on}
          options={keysOf(words)}
          labelOf={(key) => words[key]}
          onChange={setOn}
        />
      </label>
      <Meter
        held={[{ label: words[on], hex: /^#[0-9a-f]{6}$/i.test(hex) ? hex : "#808080" }]}
        onRead={(read) => setValue(on, read, { shouldDirty: true, shouldValidate: true })}
      />
    </div>
  );
}

const isColour = (hex: unknown): hex is string =>
  typeof hex === "string" && HexSchema.safeParse(hex).success;

/** How a paint hides and tints: follows the colour until somebody types or measures it, and says that it is a guess. */
function StrengthFields() {
  const { setValue, watch } = useFormContext<{ hiding: number; tint: number }>();
  const [colour, finish] = useWatch({ name: ["colour", "finish"] }) as [
    unknown,
    keyof typeof FINISHES | null,
  ];
  const [hiding, tint] = [watch("hiding"), watch("tint")];
  const guess = isColour(colour) ? guessedStrength(colour, finish) : null;
  const before = useRef(guess);
  useEffect(() => {
    const last = before.current;
    before.current = guess ?? last;
    if (!guess || !last || (guess.hiding === last.hiding && guess.tint === last.tint)) return;
    if (hiding === last.hiding) setValue("hiding", guess.hiding, { shouldDirty: true });
    if (tint === last.tint) setValue("tint", guess.tint, { shouldDirty: true });
  }, [guess, hiding, tint, setValue]);
  const hint = (isGuess: boolean, usual: string) =>
    isGuess ? "Guessed from the colour; swatch it to be sure." : usual;
  return (
    <>
      <NumberField
        name="hiding"
        label="Opacity of one coat, 0 to 1"
        hint={hint(hiding === guess?.hiding, "Black over white: 0.98 hides, 0.7 is sheer.")}
      />
      <NumberField
        name="tint"
        label="Strength in a mix, 1 is usual"
        hint={hint(tint === guess?.tint, "A black may be 5, a yellow 0.7.")}
      />
    </>
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
        ? await ask("POST /api/products", {}, values)
        : await ask(
            "PUT /api/products/[id]",
            { id },
            {
              version: at,
              fields: values,
            },
          );
    if (!answer.ok) {
      setRefusal(answer.refusal);
      showRefusal(form, answer.refusal);
      return;
    }
    setRefusal(null);
    drop();
    toast(`${values.name} is saved`);
    if ("id" in answer.value) {
      router.push("/shelf");
      return;
    }
    setAt(answer.value.version);
    router.refresh();
  });
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
          <SelectField
            name="counted"
            label="Counted in"
            options={[
              ["grams", "grams"],
              ["pieces", "pieces: lashes, caps, foam"],
            ]}
          />
          {form.watch("counted") === "pieces" ? (
            <NumberField name="sizeGrams" label="Pieces in a packet" />
          ) : (
            <MeasureField name="sizeGrams" label="Pot" measure="mass" />
          )}
          <MoneyField name="priceMinor" label="Price" />
          <TextField
            name="batch"
            label="Batch in use"
            hint="Printed on the pot. Another batch wants another patch test."
          />
          <DayField name="openedOn" label="Opened on" />
          <DayField name="expiresOn" label="Printed date" />
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
            hint="Leave blank if not swatched."
          />
          <ColourField
            name="letDown"
            label="1 part in 10 of white"
            hint="A second swatch tells how it tints."
          />
          <StrengthFields />
          <ChoiceField
            name="finish"
            label="Finish"
            none="as usual for its kind"
            options={Object.entries(FINISHES)}
          />
          <SwatchCard
            onTake={({ contrastRatio, colour, letDown, tint }) => {
              const set = { shouldDirty: true, shouldValidate: true };
              if (colour) form.setValue("colour", colour, set);
              if (letDown) form.setValue("letDown", letDown, set);
              form.setValue("hiding", Math.round(contrastRatio * 100) / 100, set);
              if (tint !== null) form.setValue("tint", Math.round(tint * 10) / 10, set);
            }}
          />
          <SwatchMeter />
        </Section>
        <LabelSection />
        <SaveProblems
          refusal={refusal}
          onMine={(current) => {
            setAt(current);
            setRefusal(null);
          }}
          drop={drop}
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
