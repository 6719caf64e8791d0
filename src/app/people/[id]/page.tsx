import { notFound } from "next/navigation";
import { PersonForm } from "@/features/people/PersonForm";
import { person as findPerson } from "@/server/people";
import { shelf } from "@/server/shelf";
import { today } from "@/server/studio";
import { Page as Frame } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";

export const dynamic = "force-dynamic";
export const metadata = { title: "Person" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const person = await findPerson((await params).id);
  if (!person) notFound();
  const products = (await shelf()).map(({ id, name }) => ({ id, name }));
  return <Frame title={person.name} action={<PutAway url={`/api/people/${person.id}/archived`} name={person.name} then="/people" />}><PersonForm key={person.id} person={person} products={products} today={today()} /></Frame>;
}
