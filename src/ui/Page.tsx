import type { ReactNode } from "react";

/** A plain page: its title, what one does here, and one primary action. */
export function Page({
  title,
  lead,
  action,
  children,
}: {
  title: string;
  lead?: string;
  action?: ReactNode;
  children: ReactNode;
}) {
  return (
    <div className="mx-auto w-full max-w-6xl px-4 py-6 sm:px-6">
      <header className="mb-5 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl">{title}</h1>
          {lead && <p className="muted mt-1 max-w-prose">{lead}</p>}
        </div>
        {action}
      </header>
      {children}
    </div>
  );
}
