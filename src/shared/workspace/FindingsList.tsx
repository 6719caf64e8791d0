"use client";

import { Told } from "@/shared/say/Told";
import { Link } from "@/ui/Link";
import { useEffect, useId, useState } from "react";
import { toast } from "sonner";
import type { Finding } from "@/core/look";
import { useWorking } from "./WorkspaceContext";

const WORDS = { stop: "Stop", caution: "Caution", tip: "Tip" } as const;

/** What a colleague would point out, worst first, with the button that mends it. */
export function FindingsList({
  onShow,
  only,
}: {
  onShow?: (finding: Finding) => void;
  /** Rules to show; all by default. */ only?: RegExp;
}) {
  // What stands here is of the look as last judged. A mend asked for meanwhile waits for the next answer, and is made if it is still called for: none is lost, none is made twice.
  const { findings: all, plan, fresh, apply, undo } = useWorking();
  const waiting = plan !== null && !fresh;
  const findings = only ? all.filter(({ rule }) => only.test(rule)) : all;
  const id = useId();
  const [wanted, setWanted] = useState<string | null>(null);
  useEffect(() => {
    if (waiting || wanted === null) return;
    setWanted(null); // eslint-disable-line react-hooks/set-state-in-effect
    const finding = all.find(({ key }) => key === wanted);
    if (finding?.fix && apply(finding.fix))
      toast(finding.fixLabel ?? "Mended", { action: { label: "Undo", onClick: undo } });
  }, [waiting, wanted, all, apply, undo]);
  if (!findings.length)
    return (
      <p className="muted text-sm">
        {plan === null ? "Looking the design over." : "Nothing to point out."}
      </p>
    );
  return (
    <ol className="flex flex-col" aria-busy={waiting}>
      {findings.map((finding, i) => (
        <li
          key={finding.key}
          className={`border-t-2 py-3 ${finding.severity === "stop" ? "border-base-content bg-base-200 px-2" : "rule"}`}
        >
          <div className="flex gap-2">
            <span
              aria-hidden
              className={`flex size-6 shrink-0 items-center justify-center text-xs font-bold ${finding.severity === "stop" ? "bg-base-content text-base-100" : finding.severity === "caution" ? "rounded-full bg-base-content text-base-100" : "rounded-full border border-base-content"}`}
            >
              {i + 1}
            </span>
            <div className="min-w-0 text-sm">
              <p>
                <strong>{WORDS[finding.severity]}.</strong> <Told>{finding.message}</Told>{" "}
                <Link className="link" href={`/rules#${finding.rule}`}>
                  {finding.rule}
                </Link>
              </p>
              <div className="mt-2 flex flex-wrap gap-2">
                {finding.fix && (
                  <button
                    type="button"
                    aria-describedby={finding.does ? `${id}-${i}` : undefined}
                    aria-busy={wanted === finding.key}
                    className={`btn btn-sm h-auto py-1.5 text-left whitespace-normal ${finding.severity === "stop" ? "btn-primary" : ""}`}
                    onClick={() => setWanted(finding.key)}
                  >
                    {finding.fixLabel}
                  </button>
                )}
                {finding.where.layerId && onShow && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-sm"
                    onClick={() => onShow(finding)}
                  >
                    Show
                  </button>
                )}
                {finding.severity !== "stop" && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-sm"
                    onClick={() => {
                      apply({ op: "accept", finding: finding.key, accepted: true });
                      toast("Left as it is", { action: { label: "Undo", onClick: undo } });
                    }}
                  >
                    Ignore
                  </button>
                )}
              </div>
              {finding.does && (
                <p id={`${id}-${i}`} className="muted mt-1 text-xs">
                  <Told>{finding.does}</Told>
                </p>
              )}
            </div>
          </div>
        </li>
      ))}
    </ol>
  );
}
