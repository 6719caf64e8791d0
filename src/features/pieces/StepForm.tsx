import { Trash2 } from "lucide-react";
import { keysOf } from "@/core/keysOf";
import { BY, WHEN, type FreeStep } from "@/core/piece";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Select } from "@/ui/Select";

/** A step at the chair that is neither paint nor a piece. */
export function StepForm({
  step,
  onPut,
  onRemove,
}: {
  step: FreeStep;
  onPut: (step: FreeStep) => boolean;
  onRemove: () => void;
}) {
  const set = (values: Partial<FreeStep>) => onPut({ ...step, ...values });
  return (
    <section aria-label={step.name} className="card-plain p-4">
      <div className="flex flex-wrap items-end gap-3">
        <label className="text-sm">
          <span className="label-line">What is done</span>
          <input
            type="text"
            maxLength={80}
            className="input !w-72"
            value={step.name}
            onChange={(event) => {
              if (event.target.value.trim()) set({ name: event.target.value });
            }}
          />
        </label>
        <label className="text-sm">
          <span className="label-line">When</span>
          <Select
            className="!w-64"
            value={step.when}
            options={keysOf(WHEN)}
            labelOf={(when) => WHEN[when]}
            onChange={(when) => set({ when })}
          />
        </label>
        <LabelledNumber
          label="Minutes"
          value={step.minutes}
          least={0.25}
          most={240}
          onChange={(minutes) => set({ minutes })}
        />
        <label className="text-sm">
          <span className="label-line">Done by</span>
          <Select
            className="!w-40"
            value={step.by}
            options={keysOf(BY)}
            labelOf={(by) => BY[by]}
            onChange={(by) => set({ by })}
          />
        </label>
      </div>
      <label className="mt-3 block text-sm">
        <span className="label-line">Needs (goes on the packing list, comma between)</span>
        <input
          type="text"
          maxLength={200}
          className="input w-full"
          value={step.needs}
          onChange={(event) => set({ needs: event.target.value })}
        />
      </label>
      <label className="mt-3 block text-sm">
        <span className="label-line">Notes</span>
        <input
          type="text"
          maxLength={500}
          className="input w-full"
          value={step.notes}
          onChange={(event) => set({ notes: event.target.value })}
        />
      </label>
      <button type="button" className="btn btn-sm mt-3" onClick={onRemove}>
        <Trash2 size={16} aria-hidden />
        Remove
      </button>
    </section>
  );
}
