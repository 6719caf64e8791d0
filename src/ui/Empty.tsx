import type { ReactNode } from "react";

/** What to do next where there is nothing yet. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="card-plain max-w-xl p-6">
      <h2 className="mb-2 text-xl">{title}</h2>
      <div className="flex flex-col items-start gap-3">{children}</div>
    </div>
  );
}
