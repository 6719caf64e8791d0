"use client";

import { ask } from "@/shared/ask";
import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Archived, ArchiveKind } from "@/server/archive";
import { Dialog } from "@/ui/Dialog";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

const KINDS: Readonly<Record<ArchiveKind, string>> = {
  look: "Looks",
  job: "Jobs",
  person: "People",
  product: "Products",
  tray: "Palettes",
  mix: "Mixes",
};

/** What was archived, with the way back, and the way out for good. */
export function ArchivePage({ archived }: { archived: readonly Archived[] }) {
  const say = useSay();
  const router = useRouter();
  const [leaving, setLeaving] = useState<Archived | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const restore = async ({ kind, id, name }: Archived) => {
    const answer = await ask("PUT /api/archive/[kind]/[id]", { kind, id }, { archived: false });
    toast(answer.ok ? `${name} restored` : answer.refusal.title);
    if (answer.ok) router.refresh();
  };
  const remove = async ({ kind, id, name }: Archived) => {
    const answer = await ask("DELETE /api/archive/[kind]/[id]", { kind, id }, { forGood: true });
    if (!answer.ok) {
      setProblem(`${answer.refusal.title} ${answer.refusal.detail ?? ""}`);
      return;
    }
    setLeaving(null);
    toast(`${name} deleted for good`);
    router.refresh();
  };
  return (
    <Page title="Archive" lead="Out of sight, kept whole. Restore it, or delete it for good.">
      {archived.length === 0 && (
        <Empty title="Nothing archived">
          <p>Looks, people, products, palettes, mixes and jobs you archive are listed here.</p>
          <Link href="/looks" className="btn btn-primary">
            To the looks
          </Link>
        </Empty>
      )}
      {(Object.keys(KINDS) as ArchiveKind[]).map((kind) => {
        const own = archived.filter((entry) => entry.kind === kind);
        if (!own.length) return null;
        return (
          <section key={kind} aria-label={KINDS[kind]} className="mb-6">
            <h2 className="mb-1 text-xl">{KINDS[kind]}</h2>
            <ul>
              {own.map((entry) => (
                <li
                  key={entry.id}
                  className="flex min-h-12 flex-wrap items-center gap-3 border-t rule py-1.5"
                >
                  <span className="min-w-40 flex-1 font-semibold">{entry.name}</span>
                  <span className="muted text-sm">{say.day(entry.at.slice(0, 10))}</span>
                  <button
                    type="button"
                    className="btn"
                    aria-label={`Restore ${entry.name}`}
                    onClick={() => void restore(entry)}
                  >
                    Restore
                  </button>
                  {kind === "person" ? (
                    <Link className="btn" href={`/people/${entry.id}`}>
                      To their card
                    </Link>
                  ) : (
                    <button
                      type="button"
                      className="btn btn-ghost"
                      aria-label={`Delete ${entry.name} for good`}
                      onClick={() => {
                        setProblem(null);
                        setLeaving(entry);
                      }}
                    >
                      Delete for good
                    </button>
                  )}
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      <Dialog
        open={leaving !== null}
        title={`Delete ${leaving?.name ?? ""} for good?`}
        onClose={() => setLeaving(null)}
      >
        <p>
          Nothing brings it back
          {leaving?.kind === "look" && ", nor its kept versions, reference picture and jobs"}.
          Copies you exported or backed up before keep it until you delete them too.
        </p>
        {problem && <Alert className="mt-3">{problem}</Alert>}
        <div className="mt-4 flex gap-3">
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => leaving && void remove(leaving)}
          >
            Delete for good
          </button>
          <button type="button" className="btn" onClick={() => setLeaving(null)} data-first>
            Cancel
          </button>
        </div>
      </Dialog>
    </Page>
  );
}
