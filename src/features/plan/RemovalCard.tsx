"use client";

import { useState } from "react";
import { isChild } from "@/core/people";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Dialog } from "@/ui/Dialog";
import { Field } from "@/ui/Field";

const KEPT = "dermagraph.contact";

/** The card that goes home with the person or the parent, in usual or large print, with the painter's contact on it. */
export function RemovalCard() {
  const { given } = useWorking();
  const [open, setOpen] = useState(false);
  const [contact, setContact] = useState("");
  const url = (print: "usual" | "large") =>
    `/api/looks/${given.look.id}/removal?${new URLSearchParams({ print, ...(given.job && { job: given.job.id }), ...(contact.trim() && { contact: contact.trim() }) })}`;
  const child = isChild(given.person);
  return (
    <div className="no-print mt-3">
      <button
        type="button"
        className="btn"
        onClick={() => {
          setContact(localStorage.getItem(KEPT) ?? "");
          setOpen(true);
        }}
      >
        Removal card
      </button>
      <Dialog
        open={open}
        title={
          child
            ? `Removal card for ${given.person.name}'s parent`
            : `Removal card for ${given.person.name}`
        }
        onClose={() => setOpen(false)}
      >
        <p>
          How it comes off, what may leave a tint, and what to do at a rash or sting: to take home
          (REMOVE-3).
        </p>
        <Field
          label="Your name and how to reach you"
          hint="Printed on the card; kept in this browser only."
          className="mt-3"
        >
          <input
            type="text"
            maxLength={120}
            className="input w-full"
            value={contact}
            onChange={(event) => {
              setContact(event.target.value);
              localStorage.setItem(KEPT, event.target.value);
            }}
            data-first
          />
        </Field>
        <div className="mt-4 flex flex-wrap gap-2">
          <a className="btn btn-primary" href={url("usual")} target="_blank" rel="noreferrer">
            PDF
          </a>
          <a className="btn" href={url("large")} target="_blank" rel="noreferrer">
            PDF, large print
          </a>
        </div>
      </Dialog>
    </div>
  );
}
