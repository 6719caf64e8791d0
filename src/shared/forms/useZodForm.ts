"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from "react-hook-form";
import type { z } from "zod";
import { plainMessage } from "@/core/messages";
import type { Refusal } from "@/ui/request";

/** A form whose values are checked by the same schema as the route that takes them. */
export function useZodForm<Schema extends z.ZodType<FieldValues, FieldValues>>(
  schema: Schema,
  defaultValues: z.input<Schema>,
): UseFormReturn<z.input<Schema>, unknown, z.output<Schema>> {
  return useForm<z.input<Schema>, unknown, z.output<Schema>>({
    resolver: zodResolver(schema, { error: plainMessage }),
    defaultValues: defaultValues as DefaultValues<z.input<Schema>>,
    mode: "onTouched",
  });
}

/** Puts what the server says of fields beside those fields. */
export function showRefusal<Values extends FieldValues, Output>(
  form: UseFormReturn<Values, unknown, Output>,
  refusal: Refusal,
): void {
  refusal.errors?.forEach(({ field, message }) =>
    form.setError(field as Path<Values>, { message }),
  );
}
