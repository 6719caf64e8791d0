import { Link } from "@/ui/Link";
import { usePathname } from "next/navigation";
import { CHAPTERS, chapterNotes, DONE, NOT_STARTED } from "./chapterNotes";
import { useWorking } from "./WorkspaceContext";

/** On a narrow screen the chapters are one line: the open one is brought into it. (The row is `relative`, or what is said to screen readers alone would stick out of it.) */
const intoView = (link: HTMLElement | null): void => {
  const row = link?.parentElement;
  if (link && row && row.scrollWidth > row.clientWidth)
    row.scrollLeft = link.offsetLeft - (row.clientWidth - link.offsetWidth) / 2;
};

/** The chapters, each with what it still asks for. */
export function ChapterTabs({ hrefOf }: { hrefOf: (key: string) => string }) {
  const here = usePathname().split("/").at(-1);
  const noted = chapterNotes(useWorking());
  return (
    <nav
      aria-label="Chapters"
      className="relative flex flex-wrap max-md:flex-nowrap max-md:overflow-x-auto max-md:overscroll-x-contain"
    >
      {CHAPTERS.map(({ key, label }, i) => (
        <Link
          key={key}
          href={hrefOf(key)}
          aria-current={here === key ? "page" : undefined}
          aria-keyshortcuts={String((i + 1) % 10)}
          ref={here === key ? intoView : undefined}
          className={`flex min-h-11 shrink-0 items-center gap-1.5 rounded-t-lg px-3 ${here === key ? "bg-base-100 font-bold" : "hover:bg-base-300"}`}
        >
          {label}
          {noted[key] && (
            <span
              className={`text-xs ${noted[key] === DONE || noted[key] === NOT_STARTED ? "" : "rounded-full border border-base-content/60 px-1.5"}`}
            >
              {noted[key] === NOT_STARTED ? (
                <>
                  <span aria-hidden>{NOT_STARTED}</span>
                  <span className="sr-only">not started</span>
                </>
              ) : (
                noted[key]
              )}
            </span>
          )}
        </Link>
      ))}
    </nav>
  );
}
