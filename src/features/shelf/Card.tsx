import type { ReactNode } from "react";

/** One thing of the exchange, under its name. */
export function Card({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="card-plain p-4">
      <h3 className="text-lg">{title}</h3>
      {children}
    </section>
  );
}
