import { Link } from "@/ui/Link";
import { hexToLab, individualTypologyAngle, itaClass } from "@/core/colour";
import { ALLERGENS } from "@/core/paint";
import type { Person } from "@/core/people";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { Swatch } from "@/ui/Swatch";

export function PeoplePage({ people }: { people: readonly Person[] }) {
  return (
    <Page
      title="People"
      lead="Skin, allergies, patch tests and measures: what every plan is judged against."
      action={
        <div className="flex flex-wrap gap-3">
          <Link href="/archive" className="btn">
            Archive
          </Link>
          <Link href="/people/new" className="btn btn-primary">
            New person
          </Link>
        </div>
      }
    >
      {people.length === 0 ? (
        <Empty title="Nobody here yet">
          <p>Add who you paint, yourself first perhaps. A brief can also describe somebody new.</p>
          <Link href="/people/new" className="btn btn-primary">
            Add a person
          </Link>
        </Empty>
      ) : (
        <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          {people.map((person) => (
            <li key={person.id}>
              <Link
                href={`/people/${person.id}`}
                className="card-plain flex items-center gap-4 p-4 hover:border-base-content"
              >
                <Swatch hex={person.skin} size={56} />
                <span className="min-w-0">
                  <span className="block text-lg font-bold">{person.name}</span>
                  <span className="muted block text-sm">
                    {person.ageYears} years ·{" "}
                    {itaClass(individualTypologyAngle(hexToLab(person.skin)))} skin,{" "}
                    {person.skinKind}
                  </span>
                  <span className="block text-sm">
                    {person.allergies.length ? (
                      <strong>
                        Allergic:{" "}
                        {person.allergies.map((allergen) => ALLERGENS[allergen]).join(", ")}
                      </strong>
                    ) : (
                      "no known allergy"
                    )}
                  </span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </Page>
  );
}
