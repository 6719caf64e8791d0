import type { ReactNode } from "react";

/** The chair fills the window, dark, whatever the theme: one works before a lit mirror. */
export function ChairScreen({ children }: { children: ReactNode }) {
  return (
    <div
      data-theme="wings"
      className="fixed inset-0 z-40 flex flex-col overflow-auto bg-base-100 text-base-content md:flex-row md:overflow-hidden"
    >
      {children}
    </div>
  );
}
