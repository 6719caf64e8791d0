import { PersonForm } from "@/features/people/PersonForm";
import { testable } from "@/server/people";
import { shelf } from "@/server/shelf";
import { today } from "@/server/studio";
import { Page as Frame } from "@/ui/Page";

export const dynamic = "force-dynamic";
export const metadata = { title: "New person" };

export default async function Page() {
  const products = testable(await shelf());
  return (
    <Frame title="New person">
      <PersonForm person={null} products={products} today={today()} hours={[24, 48]} />
    </Frame>
  );
}
