"use client";

import { useFieldArray } from "react-hook-form";
import { CONCERNS } from "@/core/people";
import { CheckField, SelectField } from "./controls";
import { ZonesField } from "./ZonesField";

/** What of the skin a painter has to know where it is, and whether it stays bare. */
export function ConcernsFields({ at }: { at: "" | "person." }) {
  const { fields, append, remove } = useFieldArray({ name: `${at}concerns` });
  return (
    <section className="card-plain flex flex-col gap-3 p-4 sm:p-5">
      <h2 className="text-lg">Where the skin needs care</h2>
      <p className="muted -mt-2 text-sm">
        What stays bare is kept out of every look on this person, whatever day it is. SAFE-7
      </p>
      {fields.length > 0 && (
        <ul className="flex flex-col divide-y divide-base-300">
          {fields.map(({ id }, i) => (
            <li
              key={id}
              className="grid gap-3 py-3 sm:grid-cols-[minmax(10rem,14rem)_1fr_auto] sm:items-start"
            >
              <SelectField
                name={`${at}concerns.${i}.what`}
                label="What"
                options={Object.entries(CONCERNS)}
              />
              <ZonesField name={`${at}concerns.${i}.zones`} label="Where" />
              <div className="flex flex-wrap items-center gap-3 sm:pt-6">
                <CheckField name={`${at}concerns.${i}.unpainted`} label="Leave it bare" />
                <button type="button" className="btn btn-ghost btn-sm" onClick={() => remove(i)}>
                  Remove
                </button>
              </div>
            </li>
          ))}
        </ul>
      )}
      <button
        type="button"
        className="btn self-start"
        onClick={() => append({ what: "eczema", zones: [], unpainted: true })}
      >
        Add a place
      </button>
    </section>
  );
}
