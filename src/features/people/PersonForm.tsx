"use client";

import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { FormProvider, useFieldArray, useFormContext } from "react-hook-form";
import { toast } from "sonner";
import { PersonSchema, type Person } from "@/core/people";
import { FormProblems, TextField } from "@/parts/forms/controls";
import { NEW_PERSON, PersonFields } from "@/parts/forms/PersonFields";
import { showRefusal, useZodForm } from "@/parts/forms/useZodForm";
import { send, type Refusal } from "@/ui/request";

interface PersonFormProps { person: Person | null; products: readonly { id: string; name: string }[]; today: string }

/** A person's card: new, or as it stands. */
export function PersonForm({ person, products, today }: PersonFormProps) {
  const router = useRouter();
  const { id, version, ...fields } = person ?? { id: null, version: 0, ...NEW_PERSON };
  const form = useZodForm(PersonSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const submit = form.handleSubmit(async (values) => {
    const answer = id === null ? await send<{ id: string; version?: number }>("POST", "/api/people", values) : await send<{ version?: number; id?: string }>("PUT", `/api/people/${id}`, { version: at, fields: values });
    if (!answer.ok) { setRefusal(answer.refusal); return showRefusal(form, answer.refusal); }
    setRefusal(null);
    toast(`${values.name} is saved`);
    if (id === null) return router.push(`/people/${answer.value.id}`);
    setAt(answer.value.version ?? at + 1);
    router.refresh();
  });
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
        <PersonFields at="" />
        <PatchTests products={products} today={today} />
        <section className="card-plain p-4 sm:p-5"><TextField name="notes" label="Notes" long /></section>
        <FormProblems title={refusal ? `${refusal.title} ${refusal.status === 409 ? "Copy what you changed, and open the card again." : ""}` : form.formState.isSubmitted && Object.keys(form.formState.errors).length ? "Some fields need another look: each says what beside it." : null} items={refusal?.errors} />
        <button type="submit" className="btn btn-primary btn-lg self-start" disabled={form.formState.isSubmitting}>Save the card</button>
      </form>
    </FormProvider>
  );
}

function PatchTests({ products, today }: Omit<PersonFormProps, "person">) {
  const { fields, append, remove } = useFieldArray({ name: "patchTests" });
  const [productId, setProductId] = useState(products[0]?.id ?? "");
  return (
    <PatchTable fields={fields as unknown as readonly { id: string; productId: string }[]} products={products} remove={remove}>
      {products.length > 0 ? (
        <div className="flex flex-wrap items-end gap-2">
          <label className="text-sm"><span className="label-line">New patch test of</span><select className="select" value={productId} onChange={(event) => setProductId(event.target.value)}>{products.map((product) => <option key={product.id} value={product.id}>{product.name}</option>)}</select></label>
          <button type="button" className="btn" onClick={() => append({ productId, on: today, result: "waiting" })}>Put on today</button>
        </div>
      ) : <p className="muted text-sm">Products come from the shelf; put some there first.</p>}
    </PatchTable>
  );
}

function PatchTable({ fields, products, remove, children }: { fields: readonly { id: string; productId: string }[]; products: PersonFormProps["products"]; remove: (i: number) => void; children: ReactNode }) {
  const { register } = useFormContext();
  return (
    <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
      <h2 className="text-lg">Patch tests</h2>
      <p className="muted -mt-2 text-sm">24 to 48 h before, on intact skin; reactions can come late. A product that reacted is ruled out. <span className="whitespace-nowrap">SAFE-2</span></p>
      {fields.length > 0 && (
        <ul className="flex flex-col gap-2">
          {fields.map((field, i) => {
            const name = products.find((product) => product.id === field.productId)?.name ?? "a product no longer on the shelf";
            return (
              <li key={field.id} className="flex flex-wrap items-center gap-2">
                <span className="w-44 font-semibold">{name}</span>
                <input type="date" aria-label={`Date of the test of ${name}`} className="input !w-44" {...register(`patchTests.${i}.on`)} />
                <select aria-label={`Result of the test of ${name}`} className="select !w-40" {...register(`patchTests.${i}.result`)}><option value="waiting">waiting</option><option value="clear">clear</option><option value="reacted">reacted</option></select>
                <button type="button" className="btn btn-ghost btn-sm" onClick={() => remove(i)}>Take out</button>
              </li>
            );
          })}
        </ul>
      )}
      {children}
    </section>
  );
}
