import { Link } from "@/ui/Link";
import type { UsedIn as Uses } from "@/server/shelf";

/** Where a product is used, look by look. */
export function UsedIn({ looks, more }: Uses) {
  return (
    <section aria-label="Where it is used" className="card-plain p-4 sm:p-5">
      <h2 className="text-lg">Where it is used</h2>
      {looks.length ? (
        <ul className="mt-1 text-sm">
          {looks.map(({ id, name, layers }) => (
            <li key={id} className="border-t rule py-1">
              <Link className="link font-semibold" href={`/looks/${id}`}>
                {name}
              </Link>
              : {layers.join(", ")}
            </li>
          ))}
          {more > 0 && <li className="border-t rule py-1">and {more} more looks</li>}
        </ul>
      ) : (
        <p className="muted text-sm">In no look yet.</p>
      )}
    </section>
  );
}
