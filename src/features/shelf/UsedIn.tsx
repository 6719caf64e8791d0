import Link from "next/link";

/** Where a product is used, look by look. */
export function UsedIn({ looks }: { looks: readonly { readonly id: string; readonly name: string; readonly layers: readonly string[] }[] }) {
  return (
    <section aria-label="Where it is used" className="card-plain p-4 sm:p-5">
      <h2 className="text-lg">Where it is used</h2>
      {looks.length ? <ul className="mt-1 text-sm">{looks.map(({ id, name, layers }) => <li key={id} className="border-t rule py-1"><Link className="link font-semibold" href={`/looks/${id}`}>{name}</Link>: {layers.join(", ")}</li>)}</ul> : <p className="muted text-sm">In no look yet.</p>}
    </section>
  );
}
