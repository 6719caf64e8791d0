"use client";

import { ask } from "@/shared/ask";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { useShelf } from "@/shared/shelf/useShelf";
import type { ShelfStart } from "@/server/shelf";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { ShelfTable } from "./ShelfTable";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";

/** What is there, what is left of it, and what may be done with it. */
export function ShelfPage({ start, today }: { start: ShelfStart; today: string }) {
  const { items, whole } = useShelf(start);
  const router = useRouter();
  const lend = async () => {
    const answer = await ask("POST /api/demo-shelf", {}, {});
    toast(
      answer.ok ? `${answer.value.added} invented products put on the shelf` : answer.refusal.title,
    );
    router.refresh();
  };
  return (
    <Page
      title="Shelf"
      lead="Stock is worked out from what you bought and used."
      action={
        <Link href="/shelf/new" className="btn btn-primary">
          New product
        </Link>
      }
    >
      <ShelfTabs />
      {items.length === 0 ? (
        <Empty title="The shelf is empty">
          <p>
            Add what you own, or borrow an invented shelf to try with. The plan counts grams against
            it.
          </p>
          <div className="flex flex-wrap gap-3">
            <Link href="/shelf/new" className="btn btn-primary">
              Add a product
            </Link>
            <button type="button" className="btn" onClick={() => void lend()}>
              Load sample products
            </button>
          </div>
        </Empty>
      ) : (
        <ShelfTable items={items} total={start.total} whole={whole} today={today} />
      )}
    </Page>
  );
}
