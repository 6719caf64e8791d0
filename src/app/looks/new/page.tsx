import { NewLook } from "@/features/brief/NewLook";
import { settings } from "@/server/settings";
import { everybody } from "@/server/people";
import { Page as Frame } from "@/ui/Page";

export const dynamic = "force-dynamic";
export const metadata = { title: "New look" };

export default async function Page() {
  return (
    <Frame title="What are you painting, on whom, for how long?">
      <NewLook people={await everybody()} studio={(await settings()).fields} />
    </Frame>
  );
}
