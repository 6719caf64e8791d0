import type { ReactNode } from "react";

/** One thing of the exchange, under its name. */
export function Card({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="card-plain p-4">
      <h2 className="text-xl">{title}</h2>
      {children}
    </section>
  );
}
