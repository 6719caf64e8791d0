import { PeoplePage } from "@/features/people/PeoplePage";
import { everybody } from "@/server/people";

export const dynamic = "force-dynamic";
export const metadata = { title: "People" };

export default async function Page() {
  return <PeoplePage people={await everybody()} />;
}
