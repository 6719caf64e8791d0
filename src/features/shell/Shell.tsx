"use client";

import { Ellipsis, Keyboard, LogOut, Moon, Search, Settings, Sun } from "lucide-react";
import { Link } from "@/ui/Link";
import { usePathname, useRouter } from "next/navigation";
import { useEffect, useState, useSyncExternalStore } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Toaster } from "sonner";
import { z } from "zod";
import { Dialog } from "@/ui/Dialog";
import { dropGonePhotos } from "@/shared/photograph/keptPhoto";
import { dropGone, healed } from "@/ui/keptChairs";
import { Finder, type Action } from "./Finder";
import { PLACES } from "./places";
import { More } from "./More";
import { isHere, Rail, RAIL_ITEM } from "./Rail";

const KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Ctrl K", "find anything"],
  ["?", "this list"],
  ["G then T L C E P M S R", "go to Today, Looks, Calls, Records, People, Mixing, Shelf, Rules"],
  ["Ctrl Z", "undo in a look"],
  ["Ctrl Shift Z", "redo in a look"],
  ["1 to 9, 0", "Brief, Paint, Map, Colour, Pieces, Time, Kit, Plan, Chair, Record of the look"],
  ["Space ⌫ N P I", "done, back, note, pause, interrupted, at the chair"],
  ["A", "add a layer, on the map"],
  ["↑ ↓", "choose a layer"],
  ["Alt ↑ ↓", "move the layer"],
  ["← → ↑ ↓", "move a shape 1 mm, with Shift 5 mm"],
  [", . + −", "turn and size a shape"],
  ["M V D", "mirror, vary, duplicate a shape"],
  ["Delete", "remove the layer"],
  ["Ctrl P", "print the plan"],
];

// The page may run no text as a program (its content security policy): schemas are not compiled.
z.config({ jitless: true });

/** What the bar of a narrow screen has no room for. */
const WIDE_ITEM = `${RAIL_ITEM} max-md:hidden border-transparent`;

type Theme = "studio" | "wings";

function readTheme(): Theme {
  return document.documentElement.dataset.theme === "wings" ? "wings" : "studio";
}

function setTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
  document.dispatchEvent(new Event("themechange"));
}

function subscribe(changed: () => void): () => void {
  document.addEventListener("themechange", changed);
  return () => document.removeEventListener("themechange", changed);
}

/** The rail, and what lies over every page: commands, key help, theme and toasts. */
export function Shell({ theme: first, isGuarded }: { theme: Theme; isGuarded: boolean }) {
  const router = useRouter();
  const theme = useSyncExternalStore(subscribe, readTheme, () => first);
  const path = usePathname();
  const [open, setOpen] = useState<"commands" | "keys" | "more" | null>(null);
  const isElsewhere = !PLACES.some(({ href, onBar }) => onBar && isHere(href, path));
  useEffect(() => {
    void healed()
      .then(() => Promise.all([dropGone(), dropGonePhotos()]))
      .catch(() => undefined);
  }, []);
  const other: Theme = theme === "studio" ? "wings" : "studio";
  useHotkeys("mod+k", () => setOpen("commands"), { preventDefault: true, enableOnFormTags: true });
  useHotkeys("?", () => setOpen("keys"), {
    preventDefault: true,
    useKey: true,
    ignoreModifiers: true,
  });
  for (const place of PLACES) useHotkeys(`g>${place.goKey}`, () => router.push(place.href)); // eslint-disable-line react-hooks/rules-of-hooks -- the list never changes
  const run = (act: () => void) => () => {
    setOpen(null);
    act();
  };
  const actions: readonly Action[] = [
    ...PLACES.map(({ href, label }) => ({
      label: `Go to ${label}`,
      act: run(() => router.push(href)),
    })),
    { label: "New look from a brief", act: run(() => router.push("/looks/new")) },
    { label: "New person", act: run(() => router.push("/people/new")) },
    { label: "New product", act: run(() => router.push("/shelf/new")) },
    {
      label: theme === "studio" ? "Dark theme (wings)" : "Light theme (studio)",
      act: run(() => setTheme(other)),
    },
    { label: "Settings", act: run(() => router.push("/settings")) },
    { label: "Safety", act: run(() => router.push("/safety")) },
    { label: "Archive", act: run(() => router.push("/archive")) },
    { label: "Keys", act: () => setOpen("keys") },
  ];
  return (
    <>
      <Rail>
        <button type="button" className={WIDE_ITEM} onClick={() => setOpen("commands")}>
          <Search size={18} className="shrink-0" aria-hidden />
          <span>Find</span>
        </button>
        <button type="button" className={WIDE_ITEM} onClick={() => setTheme(other)}>
          {theme === "studio" ? (
            <Moon size={18} className="shrink-0" aria-hidden />
          ) : (
            <Sun size={18} className="shrink-0" aria-hidden />
          )}
          <span>{theme === "studio" ? "Dark" : "Light"}</span>
        </button>
        <button type="button" className={WIDE_ITEM} onClick={() => setOpen("keys")}>
          <Keyboard size={18} className="shrink-0" aria-hidden />
          <span>Keys</span>
        </button>
        <Link href="/settings" className={WIDE_ITEM}>
          <Settings size={18} className="shrink-0" aria-hidden />
          <span>Settings</span>
        </Link>
        {isGuarded && (
          <form method="post" action="/sign-out" className="flex max-md:hidden md:flex-none">
            <button className={`${RAIL_ITEM} border-transparent`}>
              <LogOut size={18} className="shrink-0" aria-hidden />
              <span>Sign out</span>
            </button>
          </form>
        )}
        <button
          type="button"
          className={`${RAIL_ITEM} md:hidden ${isElsewhere ? "bg-base-100 font-bold" : ""}`}
          aria-haspopup="dialog"
          onClick={() => setOpen("more")}
        >
          <Ellipsis size={18} className="shrink-0" aria-hidden />
          <span>More</span>
        </button>
      </Rail>
      <Dialog open={open === "more"} title="More" onClose={() => setOpen(null)}>
        <More
          isGuarded={isGuarded}
          themeLabel={theme === "studio" ? "Dark theme" : "Light theme"}
          onTheme={run(() => setTheme(other))}
          onFind={() => setOpen("commands")}
          onGone={() => setOpen(null)}
        />
      </Dialog>
      <Dialog open={open === "commands"} title="Find anything" onClose={() => setOpen(null)}>
        <Finder
          actions={actions}
          onGo={(href) => {
            setOpen(null);
            router.push(href);
          }}
        />
      </Dialog>
      <Dialog open={open === "keys"} title="Keys" onClose={() => setOpen(null)}>
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
          {KEYS.map(([keys, does]) => [
            <dt key={keys}>
              <kbd className="kbd kbd-sm whitespace-nowrap">{keys}</kbd>
            </dt>,
            <dd key={does}>{does}</dd>,
          ])}
        </dl>
      </Dialog>
      <Toaster
        position="bottom-center"
        theme={theme === "wings" ? "dark" : "light"}
        toastOptions={{ duration: 8000 }}
      />
    </>
  );
}
