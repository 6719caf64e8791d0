"use client";

import { Archive, LogOut, Moon, Search, Settings, ShieldCheck } from "lucide-react";
import { usePathname } from "next/navigation";
import type { ReactNode } from "react";
import { Link } from "@/ui/Link";
import { PLACES } from "./places";
import { isHere, PLACE_ICONS } from "./Rail";

const ROW =
  "flex min-h-14 w-full items-center gap-3 rounded-box border rule px-3 text-left text-base hover:bg-base-200";

/** Where else one goes from the bar of a narrow screen, and what one does from anywhere. */
export function More({
  isGuarded,
  themeLabel,
  onTheme,
  onFind,
  onGone,
}: {
  isGuarded: boolean;
  themeLabel: string;
  onTheme: () => void;
  onFind: () => void;
  onGone: () => void;
}) {
  const path = usePathname();
  const place = (href: string, label: string, icon: ReactNode) => (
    <Link
      key={href}
      href={href}
      aria-current={isHere(href, path) ? "page" : undefined}
      className={`${ROW} ${isHere(href, path) ? "font-bold" : ""}`}
      onClick={onGone}
    >
      {icon}
      {label}
    </Link>
  );
  const icon = { size: 20, className: "shrink-0", "aria-hidden": true } as const;
  return (
    <div className="grid grid-cols-2 gap-2">
      <button type="button" className={`${ROW} col-span-2`} onClick={onFind}>
        <Search {...icon} />
        Find anything
      </button>
      {PLACES.filter(({ onBar }) => !onBar).map(({ key, href, label }) => {
        const Icon = PLACE_ICONS[key];
        return place(href, label, <Icon {...icon} />);
      })}
      {place("/settings", "Settings", <Settings {...icon} />)}
      {place("/safety", "Safety", <ShieldCheck {...icon} />)}
      {place("/archive", "Archive", <Archive {...icon} />)}
      <button type="button" className={ROW} onClick={onTheme}>
        <Moon {...icon} />
        {themeLabel}
      </button>
      {isGuarded && (
        <form method="post" action="/sign-out">
          <button className={ROW}>
            <LogOut {...icon} />
            Sign out
          </button>
        </form>
      )}
    </div>
  );
}
