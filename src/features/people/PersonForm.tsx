"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { FormProvider, useFieldArray, useFormContext } from "react-hook-form";
import { toast } from "sonner";
import { PersonSchema, resultOf, type Person } from "@/core/people";
import { FormProblems, TextField } from "@/parts/forms/controls";
import { NEW_PERSON, PersonFields } from "@/parts/forms/PersonFields";
import { ConflictChoice } from "@/parts/forms/ConflictChoice";
import { useFormDraft } from "@/parts/forms/useFormDraft";
import { showRefusal, useZodForm } from "@/parts/forms/useZodForm";
import type { JobOf } from "@/server/people";
import { send, type Refusal } from "@/ui/request";

interface PersonFormProps {
  person: Person | null;
  products: readonly { id: string; name: string }[];
  today: string;
  /** When a patch test is read, first and late, hours. */
  hours: readonly [first: number, late: number];
}

/** A person's card: new, or as it stands. */
export function PersonForm({ person, products, today, hours }: PersonFormProps) {
  const router = useRouter();
  const { id, version, ...fields } = person ?? { id: null, version: 0, ...NEW_PERSON };
  const form = useZodForm(PersonSchema, fields);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [at, setAt] = useState(version);
  const [stopped, setStopped] = useState<readonly JobOf[]>([]);
  const { bar, drop } = useFormDraft(form, id === null ? "new.person" : `person.${id}`, at, setAt);
  const submit = form.handleSubmit(async (values) => {
    const answer =
      id === null
        ? await send<{ id: string; version?: number; stopped?: JobOf[] }>(
            "POST",
            "/api/people",
            values,
          )
        : await send<{ version?: number; id?: string; stopped?: JobOf[] }>(
            "PUT",
            `/api/people/${id}`,
            { version: at, fields: values },
          );
    if (!answer.ok) {
      setRefusal(answer.refusal);
      return showRefusal(form, answer.refusal);
    }
    setRefusal(null);
    drop();
    toast(`${values.name} is saved`);
    if (id === null) return router.push(`/people/${answer.value.id}`);
    setAt(answer.value.version ?? at + 1);
    setStopped(answer.value.stopped ?? []);
    router.refresh();
  });
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-4">
        {bar}
        <PersonFields at="" />
        <PatchTests products={products} today={today} hours={hours} />
        <section className="card-plain p-4 sm:p-5">
          <TextField name="notes" label="Notes" long />
        </section>
        <FormProblems
          title={
            refusal && refusal.status !== 409
              ? `${refusal.title} ${refusal.detail ?? ""}`
              : form.formState.isSubmitted && Object.keys(form.formState.errors).length
                ? "Some fields need another look: each says what beside it."
                : null
          }
          items={refusal?.errors}
        />
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
        {stopped.length > 0 && (
          <div role="alert" className="border-l-4 border-base-content bg-base-200 p-3">
            <p className="font-bold">
              Saved.{" "}
              {stopped.length === 1
                ? "A job is stopped by it"
                : `${stopped.length} jobs are stopped by it`}{" "}
              until the look is changed:
            </p>
            <ul className="mt-1 list-disc pl-5 text-sm">
              {stopped.map((job) => (
                <li key={job.id}>
                  <Link className="link" href={`/looks/${job.lookId}/${job.id}/plan`}>
                    {job.lookName}
                  </Link>
                  : {job.stops.map(({ message }) => message).join(" ")}
                </li>
              ))}
            </ul>
          </div>
        )}
        <button
          type="submit"
          className="btn btn-primary btn-lg self-start"
          disabled={form.formState.isSubmitting}
        >
          Save the card
        </button>
      </form>
    </FormProvider>
  );
}

function PatchTests({ products, today, hours }: Omit<PersonFormProps, "person">) {
  const { fields, append, remove } = useFieldArray({ name: "patchTests" });
  const [productId, setProductId] = useState(products[0]?.id ?? "");
  return (
    <PatchTable
      fields={fields as unknown as readonly { id: string; productId: string }[]}
      products={products}
      remove={remove}
      hours={hours}
    >
      {products.length > 0 ? (
        <div className="flex flex-wrap items-end gap-2">
          <label className="text-sm">
            <span className="label-line">New patch test of</span>
            <select
              className="select"
              value={productId}
              onChange={(event) => setProductId(event.target.value)}
            >
              {products.map((product) => (
                <option key={product.id} value={product.id}>
                  {product.name}
                </option>
              ))}
            </select>
          </label>
          <button
            type="button"
            className="btn"
            onClick={() => append({ productId, on: today, result: "waiting" })}
          >
            Put on today
          </button>
        </div>
      ) : (
        <p className="muted text-sm">Products come from the shelf; put some there first.</p>
      )}
    </PatchTable>
  );
}

const RESULTS = { waiting: "waiting", clear: "clear", reacted: "reacted: ruled out" } as const;

function PatchTable({
  fields,
  products,
  remove,
  hours,
  children,
}: {
  fields: readonly { id: string; productId: string }[];
  products: PersonFormProps["products"];
  remove: (i: number) => void;
  hours: PersonFormProps["hours"];
  children: ReactNode;
}) {
  return (
    <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
      <h2 className="text-lg">Patch tests</h2>
      <p className="muted -mt-2 text-sm">
        On intact skin, read after {hours[0]} h and again, since reactions can come late, after{" "}
        {hours[1]} h. Only the late reading clears a product; one that reacted is ruled out.{" "}
        <span className="whitespace-nowrap">SAFE-2</span>
      </p>
      {fields.length > 0 && (
        <ul className="flex flex-col divide-y">
          {fields.map((field, i) => (
            <PatchRow
              key={field.id}
              i={i}
              name={
                products.find((product) => product.id === field.productId)?.name ??
                "a product no longer on the shelf"
              }
              hours={hours}
              onRemove={() => remove(i)}
            />
          ))}
        </ul>
      )}
      {children}
    </section>
  );
}

/** One test: its day, what was seen at each reading, and what that comes to. */
function PatchRow({
  i,
  name,
  hours,
  onRemove,
}: {
  i: number;
  name: string;
  hours: PersonFormProps["hours"];
  onRemove: () => void;
}) {
  const { register, watch } = useFormContext();
  const test = watch(`patchTests.${i}`) as Person["patchTests"][number];
  const result = resultOf(test) ?? test.result;
  const seen = (at: "first" | "late", after: number) => (
    <label className="text-sm">
      <span className="label-line">After {after} h</span>
      <select
        aria-label={`Test of ${name} after ${after} h`}
        className="select !w-40"
        {...register(`patchTests.${i}.${at}`, {
          setValueAs: (value: unknown) => (value === "" || value === undefined ? undefined : value),
        })}
      >
        <option value="">not read yet</option>
        <option value="nothing">nothing seen</option>
        <option value="reaction">a reaction</option>
      </select>
    </label>
  );
  return (
    <li className="flex flex-wrap items-end gap-3 border-base-300 py-2">
      <span className="w-44 self-center">
        <strong className="block">{name}</strong>
        <span className={result === "reacted" ? "font-bold" : "muted"}>{RESULTS[result]}</span>
      </span>
      <label className="text-sm">
        <span className="label-line">Put on</span>
        <input
          type="date"
          aria-label={`Date of the test of ${name}`}
          className="input !w-44"
          {...register(`patchTests.${i}.on`)}
        />
      </label>
      {seen("first", hours[0])}
      {seen("late", hours[1])}
      <label className="min-w-40 flex-1 text-sm">
        <span className="label-line">Seen, in words</span>
        <input
          type="text"
          className="input w-full"
          aria-label={`What was seen of ${name}`}
          {...register(`patchTests.${i}.notes`, {
            setValueAs: (value: unknown) => (value === "" ? undefined : value),
          })}
        />
      </label>
      <button type="button" className="btn btn-ghost btn-sm" onClick={onRemove}>
        Take out
      </button>
    </li>
  );
}
