import { useState } from "react";
import { TagsSchema } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Field } from "@/ui/Field";

const tagsOf = (text: string): string[] =>
  text
    .split(",")
    .map((tag) => tag.trim())
    .filter(Boolean);

/** What this look is filed under, typed with commas between; kept with the design as soon as it may be. */
export function LookTags() {
  const { look, apply } = useWorking();
  const [typed, setTyped] = useState<string | null>(null);
  const read = TagsSchema.safeParse(tagsOf(typed ?? ""));
  return (
    <section aria-label="Tags" className="card-plain p-4 sm:p-5">
      <Field
        label="Tags"
        hint="A show, a series, a season; commas between. Looks can be chosen by them, and planned as a series."
        error={read.success ? undefined : read.error.issues[0]?.message}
      >
        <input
          type="text"
          className="input"
          value={typed ?? look.tags.join(", ")}
          onChange={({ target }) => setTyped(target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") event.currentTarget.blur();
          }}
          onBlur={() => {
            if (typed === null || !read.success) return;
            if (read.data.join() !== look.tags.join()) apply({ op: "tag", tags: read.data });
            setTyped(null);
          }}
        />
      </Field>
    </section>
  );
}
