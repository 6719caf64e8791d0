"use client";

import { ask } from "@/shared/ask";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { FormProvider } from "react-hook-form";
import { toast } from "sonner";
import { MOVEMENT_KINDS, MovementSchema, WRITTEN_KINDS, type Movement } from "@/core/kit";
import type { ProductFields } from "@/core/paint";
import {
  MeasureField,
  MoneyField,
  NumberField,
  SelectField,
  TextField,
} from "@/shared/forms/controls";
import { showRefusal, useZodForm } from "@/shared/forms/useZodForm";
import { useSay } from "@/shared/say/useSay";

interface LedgerProps {
  productId: string;
  counted: ProductFields["counted"];
  left: number;
  ledger: readonly Movement[];
  today: string;
}

/** Every gram that came and went; nothing is typed over. */
export function Ledger({ productId, counted, left, ledger, today }: LedgerProps) {
  const say = useSay();
  const router = useRouter();
  const fresh = {
    kind: "bought" as const,
    grams: 0,
    on: today,
    note: "",
    priceMinor: null,
    batch: "",
  };
  const form = useZodForm(MovementSchema, fresh);
  const kind = form.watch("kind");
  // What is not bought has neither: a price left over would be refused where nobody sees it.
  useEffect(() => {
    if (kind !== "bought") {
      form.setValue("priceMinor", null);
      form.setValue("batch", "");
    }
  }, [kind, form]);
  const submit = form.handleSubmit(async (movement) => {
    const answer = await ask("POST /api/products/[id]/movements", { id: productId }, movement);
    if (!answer.ok) {
      toast(answer.refusal.title);
      showRefusal(form, answer.refusal);
      return;
    }
    toast(`${say.amount(answer.value.left, counted)} left`);
    form.reset(fresh);
    router.refresh();
  });
  return (
    <section className="card-plain p-4 sm:p-5" aria-label="History">
      <h2 className="text-lg">
        History: <strong>{say.amount(left, counted)}</strong> left
      </h2>
      <Scale
        productId={productId}
        onWeighed={(grams) => {
          form.setValue("kind", "weighed");
          form.setValue("grams", grams);
        }}
      />
      <FormProvider {...form}>
        <form
          onSubmit={(event) => void submit(event)}
          noValidate
          className="my-4 flex flex-wrap items-start gap-3"
        >
          <SelectField
            name="kind"
            label="What happened"
            options={WRITTEN_KINDS.map((key) => [key, MOVEMENT_KINDS[key]] as const)}
            className="w-40"
          />
          {counted === "pieces" ? (
            <NumberField name="grams" label="Pieces" className="w-44" />
          ) : (
            <MeasureField
              name="grams"
              label="Amount"
              measure="mass"
              hint="weighed: what the scale shows"
              className="w-44"
            />
          )}
          {kind === "bought" && (
            <>
              <MoneyField
                name="priceMinor"
                label="Paid"
                hint="for all of it; may be empty"
                className="w-52"
              />
              <TextField name="batch" label="Batch" className="w-28" />
            </>
          )}
          <TextField name="note" label="Note" className="w-56" />
          <button type="submit" className="btn mt-6">
            Write it down
          </button>
        </form>
      </FormProvider>
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            <th scope="col" className="py-1.5">
              When
            </th>
            <th scope="col">What</th>
            <th scope="col" className="text-right">
              Change
            </th>
            <th scope="col" className="pl-4">
              Note
            </th>
          </tr>
        </thead>
        <tbody>
          {ledger.map((movement) => (
            <tr key={movement.id} className="border-b rule">
              <td className="py-1.5">{say.day(movement.on)}</td>
              <td>{MOVEMENT_KINDS[movement.kind]}</td>
              <td className="text-right">
                {movement.delta >= 0 ? "+" : "−"}
                {say.amount(Math.abs(movement.delta), counted)}
              </td>
              <td className="pl-4">
                {[
                  movement.note,
                  movement.pan && "in a pan",
                  movement.batch && `batch ${movement.batch}`,
                  movement.priceMinor !== null && say.money(movement.priceMinor),
                ]
                  .filter(Boolean)
                  .join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The scale on the table, or its stand-in: what it reads goes into the form, and is written down when one says so. */
function Scale({
  productId,
  onWeighed,
}: {
  productId: string;
  onWeighed: (grams: number) => void;
}) {
  const say = useSay();
  const [said, setSaid] = useState("");
  const weigh = async () => {
    const answer = await ask(
      "POST /api/devices/scale",
      {},
      {
        productId,
      },
    );
    if (!answer.ok) {
      setSaid(answer.refusal.title);
      return;
    }
    setSaid(`${answer.value.scale}: ${say.mass(answer.value.grams)} in the pot`);
    onWeighed(answer.value.grams);
  };
  return (
    <p className="mt-2 flex flex-wrap items-center gap-3 text-sm">
      <button type="button" className="btn btn-sm" onClick={() => void weigh()}>
        Read the scale
      </button>
      <span role="status">{said || "The pot on it, the empty pot taken off (simulated)."}</span>
    </p>
  );
}
