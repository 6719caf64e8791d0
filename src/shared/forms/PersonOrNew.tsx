"use client";

import { useFormContext } from "react-hook-form";
import { z } from "zod";
import { BriefSchema, USUAL_BRIEF } from "@/core/brief";
import { PersonSchema, type Person } from "@/core/people";
import { Section, SelectField } from "./controls";
import { NEW_PERSON, PersonFields } from "./PersonFields";

/** Not chosen yet. */
const NOBODY = "?";

/** A typed: a known person or a new one described here, and the brief. An empty personId means the new one. */
export const PersonAndBriefSchema = z
  .object({ personId: z.string(), person: z.record(z.string(), z.unknown()), brief: BriefSchema })
  .superRefine((typed, context) => {
    if (typed.personId === NOBODY)
      context.addIssue({
        code: "custom",
        path: ["personId"],
        message: "Choose who it is for, or somebody new.",
      });
    if (typed.personId) return;
    const parsed = PersonSchema.safeParse(typed.person);
    for (const issue of parsed.error?.issues ?? [])
      context.addIssue({ code: "custom", path: ["person", ...issue.path], message: issue.message });
  });
export type SettingInput = z.input<typeof PersonAndBriefSchema>;

export const newSetting = (people: readonly Person[]): SettingInput => ({
  // Nobody is chosen for the painter: an allergy would go unnoticed with the wrong name.
  personId: people.length ? NOBODY : "",
  person: NEW_PERSON,
  brief: USUAL_BRIEF,
});

/** What a route takes of it: the id, or the person described. */
export function personOf(
  typed: z.output<typeof PersonAndBriefSchema>,
): { personId: string } | { person: z.output<typeof PersonSchema> } {
  return typed.personId
    ? { personId: typed.personId }
    : { person: PersonSchema.parse(typed.person) };
}

export function PersonOrNew({ people }: { people: readonly Person[] }) {
  const { watch } = useFormContext();
  const known = Boolean(watch("personId"));
  return (
    <>
      {people.length > 0 && (
        <Section title="On whom">
          <SelectField
            name="personId"
            label="Person"
            options={[
              [NOBODY, "Choose a person"],
              ...people.map(({ id, name }) => [id, name] as const),
              ["", "somebody new"],
            ]}
          />
        </Section>
      )}
      {!known && <PersonFields at="person." />}
    </>
  );
}
