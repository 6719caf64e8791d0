"use client";

import { ask } from "@/shared/ask";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Leftover } from "@/server/exchange";
import { useSay } from "@/shared/say/useSay";
import { bytesWords } from "@/ui/format";
import { Card } from "./Card";

/** Copies of the studio that stay behind on this machine, each deletable. */
export function Copies({ copies }: { copies: readonly Leftover[] }) {
  const say = useSay();
  const router = useRouter();
  const remove = async ({ name }: Leftover) => {
    const answer = await ask(
      "DELETE /api/exchange/copies/[name]",
      { name: name },
      {
        forGood: true,
      },
    );
    toast(answer.ok ? `${name} deleted` : answer.refusal.title);
    router.refresh();
  };
  return (
    <Card title="Copies on this machine">
      <p className="mt-1 text-sm">
        Dermagraph keeps the studio as it was before a restore or an update, five of each, in the
        folder backups. They hold everything the studio held, people too.
      </p>
      {copies.length === 0 ? (
        <p className="muted mt-2 text-sm">None now.</p>
      ) : (
        <ul className="mt-2 text-sm">
          {copies.map((copy) => (
            <li
              key={copy.name}
              className="flex flex-wrap items-center gap-x-3 border-t rule py-1.5 first:border-0"
            >
              <span className="min-w-48 flex-1">
                {copy.words}, {say.day(copy.at.slice(0, 10))}
                <span className="muted block text-xs break-all">{copy.name}</span>
              </span>
              <span>{bytesWords(copy.bytes)}</span>
              <button
                type="button"
                className="btn btn-sm"
                aria-label={`Delete ${copy.name}`}
                onClick={() => void remove(copy)}
              >
                Delete
              </button>
            </li>
          ))}
        </ul>
      )}
    </Card>
  );
}
