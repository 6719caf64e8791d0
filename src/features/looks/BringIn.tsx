"use client";

import { Alert } from "@/ui/Alert";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "sonner";
import type { Refusal } from "@/ui/request";

/** Brings in a look that was handed on as a file: always as a new one, with what it lacks here. */
export function BringIn() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setProblem(null);
    try {
      const response = await fetch("/api/looks/import", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: await file.arrayBuffer(),
      });
      const answer = (await response.json()) as {
        lookId: string;
        name: string;
        missing: string[];
      } & Refusal;
      if (!response.ok) {
        setProblem(
          `${file.name} was not taken: ${answer.errors?.map(({ field, message }) => `${field} ${message}`).join("; ") ?? answer.detail ?? answer.title}`,
        );
        return;
      }
      toast(`${answer.name} is brought in`, {
        description: answer.missing.length
          ? `Not on this shelf: ${answer.missing.join(", ")}. Choose others on its map.`
          : "Everything it uses is on the shelf.",
      });
      router.refresh();
    } catch {
      setProblem("The studio doesn't answer. Nothing is lost: choose the file again.");
    }
  };
  return (
    <div className="flex flex-col items-end gap-1">
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Look file"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        Bring in a look
      </button>
      {problem && <Alert className="max-w-sm">{problem}</Alert>}
    </div>
  );
}
