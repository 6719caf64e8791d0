import { notFound } from "next/navigation";
import { ForgetPerson } from "@/features/people/ForgetPerson";
import { History } from "@/features/people/History";
import { PersonForm } from "@/features/people/PersonForm";
import { house } from "@/server/house";
import { personCard, testable } from "@/server/people";
import { shelf } from "@/server/shelf";
import { today } from "@/server/studio";
import { Page as Frame } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";

export const dynamic = "force-dynamic";
export const metadata = { title: "Person" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const card = await personCard((await params).id);
  if (!card) notFound();
  const { person, jobs, records } = card;
  const products = testable(await shelf());
  const { patchFrom, patchUntil } = (await house()).numbers;
  return (
    <Frame
      title={person.name}
      action={
        <PutAway url={`/api/people/${person.id}/archived`} name={person.name} then="/people" />
      }
    >
      <PersonForm
        key={person.id}
        person={person}
        products={products}
        wanted={[...new Set(jobs.flatMap(({ untested }) => untested))]}
        today={today()}
        hours={[patchFrom, patchUntil]}
      />
      <History jobs={jobs} records={records} />
      <ForgetPerson person={person} />
    </Frame>
  );
}
