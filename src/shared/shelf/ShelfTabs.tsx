"use client";

import { Link } from "@/ui/Link";
import { usePathname } from "next/navigation";

const TABS = [
  ["/shelf", "Products"],
  ["/shelf/swatches", "Swatch book"],
  ["/shelf/palettes", "Palettes"],
  ["/shelf/planning", "Planning"],
  ["/shelf/costs", "Costs"],
  ["/shelf/exchange", "Exchange"],
] as const;

/** The parts of the shelf. */
export function ShelfTabs() {
  const path = usePathname();
  const isHere = (href: string) =>
    path === href || (href !== "/shelf" && path.startsWith(`${href}/`));
  return (
    <nav aria-label="Shelf" className="mb-4 flex flex-wrap gap-1 border-b rule">
      {TABS.map(([href, label]) => (
        <Link
          key={href}
          href={href}
          aria-current={isHere(href) ? "page" : undefined}
          className={`flex min-h-11 items-center rounded-t-lg px-4 ${isHere(href) ? "border-b-4 border-base-content font-bold" : "hover:bg-base-300"}`}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
}
