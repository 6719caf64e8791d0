"use client";

import {
  Armchair,
  Tent,
  Blend,
  BookOpen,
  CalendarDays,
  ChartLine,
  LayoutGrid,
  Package,
  Users,
} from "lucide-react";
import { Link } from "@/ui/Link";
import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { PLACES } from "./places";

export const PLACE_ICONS = {
  today: CalendarDays,
  looks: LayoutGrid,
  calls: Armchair,
  booth: Tent,
  records: ChartLine,
  people: Users,
  mixing: Blend,
  shelf: Package,
  rules: BookOpen,
} as const;

/** Whether a page is one of a place's. */
export const isHere = (href: string, path: string): boolean =>
  href === "/" ? path === "/" : path.startsWith(href);

/** One place or action of the rail: a row beside the work, a column of the bar below it on a narrow screen. */
export const RAIL_ITEM =
  "flex min-h-12 flex-1 flex-col items-center justify-center gap-0.5 px-1 py-1.5 text-[13px] hover:bg-base-300 md:flex-none md:shrink-0 md:items-start md:border-l-4 md:px-3";

/** The way round the studio: a column beside the work, a row below it on a narrow screen. */
export function Rail({ children }: { children: ReactNode }) {
  const path = usePathname();
  // At the chair there is one thing to do.
  if (path.startsWith("/chair/")) return null;
  return (
    <nav
      aria-label="Studio"
      className="no-print fixed inset-x-0 bottom-0 z-20 flex border-t rule bg-base-200 md:sticky md:top-0 md:h-dvh md:w-[84px] md:shrink-0 md:flex-col md:border-t-0 md:border-r md:py-3"
    >
      <Link
        href="/"
        className="hidden px-3 pb-4 font-display text-lg font-bold md:block"
        aria-label="Dermagraph, to Today"
      >
        Dg
      </Link>
      {PLACES.map(({ key, href, label, onBar }) => {
        const Icon = PLACE_ICONS[key];
        const here = isHere(href, path);
        return (
          <Link
            key={key}
            href={href}
            aria-current={here ? "page" : undefined}
            className={`${RAIL_ITEM} ${onBar ? "" : "max-md:hidden"} ${here ? "border-base-content bg-base-100 font-bold" : "border-transparent"}`}
          >
            <Icon size={18} className="shrink-0" aria-hidden />
            <span>{label}</span>
          </Link>
        );
      })}
      <div className="hidden flex-1 md:block" />
      {children}
    </nav>
  );
}
