import type { Manner } from "@/core/text/manner";
import { sayer } from "@/core/text/say";
import { worthPractising } from "@/core/practice";
import { contextOf } from "@/core/record";
import { Link } from "@/ui/Link";
import { keysOf } from "@/core/keysOf";
import { WHEN_SHOWN } from "./whenShown";
import type { LooksShown } from "@/server/lookCards";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { BringIn } from "./BringIn";
import { LookCard } from "./LookCard";
import { SeriesCard } from "./SeriesCard";

/** The page with some of what is asked changed; its first page again, unless another is asked for. */
const toward = ({ find, tag, when }: LooksShown, change: Record<string, string | null> = {}) => {
  const asked = { find, tag, when, ...change };
  const kept = Object.entries(asked).flatMap(([key, value]) => (value ? [[key, value]] : []));
  return kept.length ? `/looks?${new URLSearchParams(kept).toString()}` : "/looks";
};

const CHIP = "btn btn-sm aria-[current=true]:btn-primary";

/** Tags and jobs to choose by; each chosen one is a link away from being dropped. */
function Filters({ shown }: { shown: LooksShown }) {
  const { tags, tag, when } = shown;
  if (!tags.length && when === null && shown.count < 2) return null;
  return (
    <nav aria-label="Which looks" className="mb-4 flex flex-wrap items-center gap-2">
      <Link className={CHIP} href="/looks" aria-current={!tag && !when}>
        All
      </Link>
      {tags.map((one) => (
        <Link
          key={one.tag}
          className={CHIP}
          aria-current={one.tag === tag}
          href={toward(shown, { tag: one.tag === tag ? null : one.tag })}
        >
          {one.tag} <span className="font-normal">{one.looks}</span>
        </Link>
      ))}
      {keysOf(WHEN_SHOWN).map((key) => (
        <Link
          key={key}
          className={CHIP}
          aria-current={key === when}
          href={toward(shown, { when: key === when ? null : key })}
        >
          {WHEN_SHOWN[key]}
        </Link>
      ))}
    </nav>
  );
}

export function LooksPage({ shown, manner }: { shown: LooksShown; manner: Manner }) {
  const say = sayer(manner);
  const { cards, count, find, page, pages, tag } = shown;
  const to = (number: number) => toward(shown, { page: number > 1 ? String(number) : null });
  return (
    <Page
      title="Looks"
      lead="Each card is drawn from its plan: films of paint over this person's skin."
      action={
        <div className="flex flex-wrap items-start gap-3">
          <Link href="/archive" className="btn">
            Archive
          </Link>
          <BringIn />
          <Link href="/looks/new" className="btn btn-primary">
            New look from a brief
          </Link>
        </div>
      }
    >
      <Filters shown={shown} />
      {tag && count > 0 && (
        <SeriesCard
          key={tag}
          tag={tag}
          count={count}
          people={shown.people}
          today={shown.today}
          looks={cards.map(({ look, plan, given }) => ({
            id: look.id,
            name: look.design.name,
            minutes: plan.chairMinutes,
            hard: worthPractising(look.design, contextOf(given).studio.painter)?.what ?? null,
          }))}
        />
      )}
      {count === 0 && !find && !tag && !shown.when ? (
        <Empty title="No look yet">
          <p>Say what you are painting, on whom and for how long; the rest follows.</p>
          <Link href="/looks/new" className="btn btn-primary">
            Start with a brief
          </Link>
        </Empty>
      ) : (
        <>
          {(pages > 1 || find || count > 12) && (
            <form action="/looks" className="mb-4 flex flex-wrap items-end gap-3" role="search">
              <label className="w-64">
                <span className="label-line">Find a look by its name</span>
                <input type="search" name="find" defaultValue={find} className="input" />
              </label>
              {tag && <input type="hidden" name="tag" value={tag} />}
              {shown.when && <input type="hidden" name="when" value={shown.when} />}
              <button type="submit" className="btn">
                Find
              </button>
              <p role="status" className="muted py-2 text-sm">
                {count === 1 ? "One look" : `${count} looks`}
                {find && (
                  <>
                    {" "}
                    with “{find}”,{" "}
                    <Link className="link" href={toward(shown, { find: null })}>
                      show all
                    </Link>
                  </>
                )}
              </p>
            </form>
          )}
          {count === 0 && !find && (
            <p>
              {tag ? `No look is tagged “${tag}”` : "No look is like that"}:{" "}
              <Link className="link" href="/looks">
                show all
              </Link>
              .
            </p>
          )}
          <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
            {cards.map((card) => (
              <LookCard key={card.look.id} card={card} say={say} />
            ))}
          </div>
          {pages > 1 && (
            <nav aria-label="Pages" className="mt-5 flex items-center gap-3">
              {page > 1 && (
                <Link className="btn" href={to(page - 1)}>
                  Newer
                </Link>
              )}
              <span>
                page {page} of {pages}
              </span>
              {page < pages && (
                <Link className="btn" href={to(page + 1)}>
                  Older
                </Link>
              )}
            </nav>
          )}
        </>
      )}
    </Page>
  );
}
