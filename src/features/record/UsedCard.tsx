"use client";

import { ask } from "@/shared/ask";
import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { ClipboardCopy } from "lucide-react";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { allNeeded } from "@/core/plan";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Swatch } from "@/ui/Swatch";

/** What this job used: by its plan, corrected where it was weighed; written in the ledger once, and corrected by another line. And the list of it to share. */
export function UsedCard() {
  const say = useSay();
  const { given, look, context } = useWorking();
  const router = useRouter();
  const needs = useMemo(
    () => allNeeded(look, context).filter(({ productId }) => productId !== null),
    [look, context],
  );
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const { job, used } = given;
  if (!job || !needs.length) return null;
  const written = Object.values(used).some((grams) => grams > 0);
  const write = async () => {
    const grams = Object.fromEntries(
      needs.flatMap(({ productId }) => {
        const text = typed[productId ?? ""] ?? "";
        return productId && text !== ""
          ? [[productId, Number(text.replace(",", "."))]]
          : written && productId
            ? [[productId, used[productId] ?? 0]]
            : [];
      }),
    );
    const answer = await ask(
      "POST /api/jobs/[id]/use",
      { id: job.id },
      {
        on: given.today,
        grams,
      },
    );
    if (!answer.ok) {
      setProblem(
        answer.refusal.errors?.map(({ message }) => message).join("; ") ??
          answer.refusal.detail ??
          answer.refusal.title,
      );
      return;
    }
    setProblem(null);
    setTyped({});
    toast(answer.value.written ? "Deducted from stock" : "Nothing has changed");
    router.refresh();
  };
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(await (await fetch(`/api/jobs/${job.id}/used`)).text());
      toast("The list is copied");
    } catch {
      toast("It could not be copied: open the list and copy it there.");
    }
  };
  return (
    <section aria-label="What it used" className="card-plain mt-4 p-4 sm:p-5">
      <h3 className="text-lg">What it used</h3>
      <p className="text-sm">
        {written
          ? "Deducted from stock. What you type here corrects it."
          : "By the plan, unless you weighed it. Nothing is deducted yet."}
      </p>
      <ul aria-label="Grams used" className="mt-2 grid gap-x-6 text-sm sm:grid-cols-2">
        {needs.map(({ productId, name, grams }) => {
          const id = productId ?? "";
          const wrong =
            typed[id] !== undefined &&
            typed[id] !== "" &&
            !(Number(typed[id].replace(",", ".")) >= 0);
          return (
            <li key={id} className="flex items-center gap-2 border-t rule py-1.5">
              <Swatch hex={context.products.get(id)?.colour ?? null} size={24} />
              <Link className="link min-w-0 flex-1 truncate" href={`/shelf/${id}`}>
                {name}
              </Link>
              <span className="muted whitespace-nowrap">
                plan {say.mass(grams)}
                {written && (
                  <>
                    , <strong>{say.mass(used[id] ?? 0)}</strong>
                  </>
                )}
              </span>
              <input
                inputMode="decimal"
                aria-label={`Grams of ${name}`}
                aria-invalid={wrong}
                placeholder="g"
                className="input input-sm !w-20"
                value={typed[id] ?? ""}
                onChange={(event) => setTyped({ ...typed, [id]: event.target.value })}
              />
            </li>
          );
        })}
      </ul>
      {problem && <Alert className="mt-2">{problem}</Alert>}
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="btn" onClick={() => void write()}>
          {written ? "Correct the stock" : "Deduct from stock"}
        </button>
        <a className="btn" href={`/api/jobs/${job.id}/used`} target="_blank" rel="noreferrer">
          The list to share
        </a>
        <button type="button" className="btn" onClick={() => void copy()}>
          <ClipboardCopy size={16} aria-hidden />
          Copy it
        </button>
      </div>
    </section>
  );
}
