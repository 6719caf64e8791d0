import type { Manner } from "@/core/text/manner";
import { sayer } from "@/core/text/say";
import { Link } from "@/ui/Link";
import type { LooksShown } from "@/server/lookCards";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { BringIn } from "./BringIn";
import { LookCard } from "./LookCard";

export function LooksPage({ shown, manner }: { shown: LooksShown; manner: Manner }) {
  const say = sayer(manner);
  const { cards, count, find, page, pages } = shown;
  const to = (number: number) =>
    `/looks?${new URLSearchParams({ ...(find && { find }), ...(number > 1 && { page: String(number) }) }).toString()}`;
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
      {count === 0 && !find ? (
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
              <button type="submit" className="btn">
                Find
              </button>
              <p role="status" className="muted py-2 text-sm">
                {count === 1 ? "One look" : `${count} looks`}
                {find && (
                  <>
                    {" "}
                    with “{find}”,{" "}
                    <Link className="link" href="/looks">
                      show all
                    </Link>
                  </>
                )}
              </p>
            </form>
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
