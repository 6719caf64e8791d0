"use client";

import { useState } from "react";
import { useFieldArray, useFormContext } from "react-hook-form";
import { resultOf, type Person } from "@/core/people";

/** A product that may be tested: hair dye is not among them (SAFE-11). */
export interface Testable {
  readonly id: string;
  readonly name: string;
  readonly batch: string;
}

interface PatchTestsProps {
  readonly products: readonly Testable[];
  /** Of what their next looks are painted with, what no test speaks for. */
  readonly wanted: readonly string[];
  readonly today: string;
  /** When a patch test is read, first and late, hours. */
  readonly hours: readonly [first: number, late: number];
}

const RESULTS = { waiting: "waiting", clear: "clear", reacted: "reacted: ruled out" } as const;

/** Tests on this skin, and new ones put on for several products at once. */
export function PatchTests({ products, wanted, today, hours }: PatchTestsProps) {
  const { fields, append, remove } = useFieldArray({ name: "patchTests" });
  const tests = fields as unknown as readonly { id: string; productId: string }[];
  const nameOf = (id: string) =>
    products.find((product) => product.id === id)?.name ?? "a product no longer on the shelf";
  return (
    <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
      <h2 className="text-lg">Patch tests</h2>
      <p className="muted -mt-2 text-sm">
        On intact skin, read after {hours[0]} h and again, since reactions can come late, after{" "}
        {hours[1]} h. Only the late reading clears a product; one that reacted is ruled out.{" "}
        <span className="whitespace-nowrap">SAFE-2</span>
      </p>
      {tests.length > 0 && (
        <ul className="flex flex-col divide-y">
          {tests.map(({ id, productId }, i) => (
            <PatchRow
              key={id}
              i={i}
              name={nameOf(productId)}
              hours={hours}
              onRemove={() => remove(i)}
            />
          ))}
        </ul>
      )}
      {products.length > 0 ? (
        <PutOn
          products={products}
          wanted={wanted}
          onPut={(list) =>
            list.forEach(({ id, batch }) =>
              append({
                productId: id,
                on: today,
                result: "waiting",
                ...(batch && { batch }),
              }),
            )
          }
        />
      ) : (
        <p className="muted text-sm">Products come from the shelf; put some there first.</p>
      )}
    </section>
  );
}

/** Products are gathered, what their next looks want first, and all put on at once. */
function PutOn({
  products,
  wanted,
  onPut,
}: Pick<PatchTestsProps, "products" | "wanted"> & { onPut: (list: Testable[]) => void }) {
  const [gathered, setGathered] = useState<readonly string[]>([]);
  const listed = products.filter(({ id }) => wanted.includes(id) || gathered.includes(id));
  const toggle = (id: string) =>
    setGathered(
      gathered.includes(id) ? gathered.filter((other) => other !== id) : [...gathered, id],
    );
  const chosen = products.filter(({ id }) => gathered.includes(id));
  return (
    <fieldset className="border-t border-base-300 pt-3">
      <legend className="sr-only">New patch tests</legend>
      {listed.length > 0 && (
        <>
          {wanted.length > 0 && (
            <p className="text-sm">What their next looks use, and nobody has tested:</p>
          )}
          <div className="grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
            {listed.map(({ id, name }) => (
              <label key={id} className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={gathered.includes(id)}
                  onChange={() => toggle(id)}
                />
                {name}
              </label>
            ))}
          </div>
        </>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <label className="text-sm">
          <span className="label-line">New patch test of</span>
          <select className="select" value="" onChange={(event) => toggle(event.target.value)}>
            <option value="">Choose a product</option>
            {products
              .filter(({ id }) => !gathered.includes(id))
              .map((product) => (
                <option key={product.id} value={product.id}>
                  {product.name}
                </option>
              ))}
          </select>
        </label>
        {wanted.length > 1 && (
          <button type="button" className="btn" onClick={() => setGathered([...wanted])}>
            All of these
          </button>
        )}
        <button
          type="button"
          className="btn"
          disabled={chosen.length === 0}
          onClick={() => {
            onPut(chosen);
            setGathered([]);
          }}
        >
          {chosen.length > 1 ? `Put on ${chosen.length} today` : "Applied today"}
        </button>
      </div>
    </fieldset>
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
  hours: PatchTestsProps["hours"];
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
        Remove
      </button>
    </li>
  );
}
