"use client";

import { Alert } from "@/ui/Alert";
import { Select } from "@/ui/Select";
import { FileDown } from "lucide-react";
import { useState } from "react";
import { PAPER_KEYS, PAPERS, SHEET_KINDS, type PaperKey, type SheetKind } from "@/core/formats";
import { Dialog } from "@/ui/Dialog";
import { useWorking } from "./WorkspaceContext";

const DOES: Readonly<Record<SheetKind, string>> = {
  chart: "the look in its predicted colours",
  blank: "this person's face to draw on",
  stencil: "outlines to cut, with crosses at the landmarks",
  body: "shapes on body and back, tiled, sheets laid cross on cross",
};

/** What of a look can be taken to the chair or handed on: templates at 1:1, and the look as a file. */
export function TakeAway() {
  const { given, jobId, plan } = useWorking();
  const [open, setOpen] = useState(false);
  const [paper, setPaper] = useState<PaperKey>("a4");
  const url = (kind: SheetKind, format: "svg" | "pdf") =>
    `/api/looks/${given.look.id}/template?kind=${kind}&format=${format}&paper=${paper}${jobId === "anyone" ? "" : `&job=${jobId}`}`;
  return (
    <>
      <button
        type="button"
        className="btn btn-sm max-md:btn-square max-md:size-11"
        onClick={() => setOpen(true)}
      >
        <FileDown size={16} aria-hidden />
        <span className="max-md:sr-only">Templates</span>
      </button>
      <Dialog
        open={open}
        title={`Take ${given.look.design.name} along`}
        onClose={() => setOpen(false)}
      >
        <p className="mb-3 text-sm">
          At 1:1 for {given.person.name}&apos;s face, with a ruler to check the print. As it was
          last saved.
        </p>
        {plan?.stopped && (
          <Alert className="mb-3">
            A safety rule stops this look here: no templates until it is mended on the map.
          </Alert>
        )}
        <label className="mb-3 flex items-center gap-2 text-sm">
          Paper
          <Select
            data-first
            className="!w-32"
            value={paper}
            options={PAPER_KEYS}
            labelOf={(key) => PAPERS[key].label}
            onChange={setPaper}
          />
        </label>
        {!plan?.stopped && (
          <ul className="flex flex-col">
            {(Object.keys(SHEET_KINDS) as SheetKind[]).map((kind) => (
              <li key={kind} className="flex flex-wrap items-center gap-2 border-t rule py-2">
                <span className="min-w-0 flex-1">
                  <span className="block font-semibold first-letter:uppercase">
                    {SHEET_KINDS[kind]}
                  </span>
                  <span className="muted block text-sm">{DOES[kind]}</span>
                </span>
                <a
                  className="btn btn-sm"
                  href={url(kind, "pdf")}
                  target="_blank"
                  rel="noreferrer"
                  aria-label={`${SHEET_KINDS[kind]} as PDF`}
                >
                  PDF
                </a>
                <a
                  className="btn btn-sm"
                  href={url(kind, "svg")}
                  target="_blank"
                  rel="noreferrer"
                  aria-label={`${SHEET_KINDS[kind]} as SVG`}
                >
                  SVG
                </a>
              </li>
            ))}
            <li className="flex flex-wrap items-center gap-2 border-t rule py-2">
              <span className="flex-1">
                <span className="block font-semibold">What is in it</span>
                <span className="muted block text-sm">
                  products, kinds, allergens and grams, for the person or the venue
                </span>
              </span>
              <a
                className="btn btn-sm"
                href={`/api/looks/${given.look.id}/ingredients${jobId === "anyone" ? "" : `?job=${jobId}`}`}
                target="_blank"
                rel="noreferrer"
                aria-label="What is in it as PDF"
              >
                PDF
              </a>
            </li>
            <li className="flex flex-wrap items-center gap-2 border-t rule py-2">
              <span className="flex-1">
                <span className="block font-semibold">The look as a file</span>
                <span className="muted block text-sm">
                  JSON by a{" "}
                  <a className="link" href="/api/schemas/look">
                    published schema
                  </a>
                  ; the Looks page brings one in
                </span>
              </span>
              <a className="btn btn-sm" href={`/api/looks/${given.look.id}/export`}>
                JSON
              </a>
            </li>
          </ul>
        )}
      </Dialog>
    </>
  );
}
