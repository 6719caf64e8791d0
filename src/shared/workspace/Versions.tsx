"use client";

import { ask } from "@/shared/ask";
import { useSay } from "@/shared/say/useSay";
import { Alert } from "@/ui/Alert";
import { History } from "lucide-react";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { differences, predict, variedLook, type Look } from "@/core/look";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { NameForm } from "@/shared/forms/NameForm";
import { Dialog } from "@/ui/Dialog";
import { useWorking } from "./WorkspaceContext";

/** Designs of this look kept by name: keep one, see how it differs from now, go back to it. */
export function Versions() {
  const say = useSay();
  const { given, look, undo, store } = useWorking();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const duplicate = async (how: string, design: Look) => {
    const answer = await ask(
      "POST /api/looks/[id]/copy",
      { id: given.look.id },
      {
        name: `${look.name.slice(0, 70)}, ${how}`,
        design,
      },
    );
    if (!answer.ok) {
      setProblem(answer.refusal.detail ?? answer.refusal.title);
      return;
    }
    router.push(`/looks/${answer.value.lookId}`);
  };
  const back = (design: Look, of: string) => {
    store.getState().replace({ ...design, name: look.name });
    setOpen(false);
    toast(`Back to ${of}`, { action: { label: "Undo", onClick: undo } });
  };
  const version = given.versions.find(({ id }) => id === shown);
  return (
    <>
      <button
        type="button"
        className="btn btn-sm max-md:btn-square max-md:size-11"
        onClick={() => setOpen(true)}
      >
        <History size={16} aria-hidden />
        <span className="max-md:sr-only">Versions</span>
        {given.versions.length > 0 && (
          <span className="max-md:sr-only rounded-full border border-base-content/60 px-1.5 text-xs">
            {given.versions.length}
          </span>
        )}
      </button>
      <Dialog open={open} wide title={`Versions of ${look.name}`} onClose={() => setOpen(false)}>
        <div className="mb-4">
          <NameForm
            label="Keep the look as it is now, as"
            action="Keep it"
            placeholder="before the dress rehearsal"
            onSave={(name) =>
              ask("POST /api/looks/[id]/versions", { id: given.look.id }, { name, design: look })
            }
            onSaved={(name) => {
              toast(`${name} is kept`);
              router.refresh();
            }}
          />
        </div>
        <div className="mb-4 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void duplicate("again", look)}
          >
            Duplicate the look
          </button>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void duplicate("varied", variedLook(look))}
          >
            Duplicate and vary its shapes
          </button>
        </div>
        {problem && <Alert className="mb-3">{problem}</Alert>}
        {given.versions.length === 0 ? (
          <p className="muted text-sm">
            None yet. Nothing is final in pencil: keep one before you change much (MAP-4).
          </p>
        ) : (
          <ul aria-label="Kept versions" className="flex flex-col">
            {given.versions.map((entry) => (
              <li key={entry.id} className="flex flex-wrap items-center gap-2 border-t rule py-2">
                <span className="min-w-0 flex-1">
                  <span className="block font-semibold">{entry.name}</span>
                  <span className="muted block text-xs">
                    {say.day(entry.createdAt)}, {entry.design.layers.length} layers
                  </span>
                </span>
                <button
                  type="button"
                  className="btn btn-sm"
                  aria-pressed={shown === entry.id}
                  onClick={() => setShown(shown === entry.id ? null : entry.id)}
                >
                  Compare
                </button>
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => back(entry.design, entry.name)}
                >
                  Go back to it
                </button>
              </li>
            ))}
          </ul>
        )}
        {version && <Compared key={version.id} before={version.design} name={version.name} />}
      </Dialog>
    </>
  );
}

/** A kept design beside the one of now, and what changed between them. */
function Compared({ before, name }: { before: Look; name: string }) {
  const { look, context, prediction } = useWorking();
  const changed = useMemo(
    () => differences(before, look, context.products),
    [before, look, context],
  );
  const then = useMemo(() => predict(before, context), [before, context]);
  return (
    <section
      aria-label={`${name} compared with now`}
      className="mt-4 border-t-2 border-base-content pt-3"
    >
      <div className="grid grid-cols-2 gap-2 rounded-box bg-surround p-2 text-[#111]">
        <figure>
          <FaceFigure
            id="then"
            className="h-56 w-full"
            look={before}
            context={context}
            prediction={then}
            title={`${name}, predicted`}
            guides={{ hat: false }}
          />
          <figcaption className="text-center text-sm font-semibold">{name}</figcaption>
        </figure>
        <figure>
          <FaceFigure
            id="now"
            className="h-56 w-full"
            look={look}
            context={context}
            prediction={prediction}
            title="now, predicted"
            guides={{ hat: false }}
          />
          <figcaption className="text-center text-sm font-semibold">now</figcaption>
        </figure>
      </div>
      {changed.length === 0 ? (
        <p className="mt-2 text-sm">The same.</p>
      ) : (
        <ol aria-label="What changed" className="mt-2 list-decimal pl-6 text-sm">
          {changed.map(({ words }) => (
            <li key={words}>{words}</li>
          ))}
        </ol>
      )}
    </section>
  );
}
