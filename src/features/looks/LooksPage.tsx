import Link from "next/link";
import type { LookCard as Card } from "@/server/overview";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { BringIn } from "./BringIn";
import { LookCard } from "./LookCard";

export function LooksPage({ cards }: { cards: readonly Card[] }) {
  return (
    <Page title="Looks" lead="Each card is drawn from its plan: films of paint over this person's skin." action={<div className="flex flex-wrap items-start gap-3"><BringIn /><Link href="/looks/new" className="btn btn-primary">New look from a brief</Link></div>}>
      {cards.length === 0 ? <Empty title="No look yet"><p>Say what you are painting, on whom and for how long; the rest follows.</p><Link href="/looks/new" className="btn btn-primary">Start with a brief</Link></Empty> : (
        <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">{cards.map((card) => <LookCard key={card.look.id} card={card} />)}</div>
      )}
    </Page>
  );
}
