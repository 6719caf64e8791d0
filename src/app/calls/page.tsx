import { CallsPage } from "@/features/calls/CallsPage";
import { loadCalls } from "@/server/calls";

export const dynamic = "force-dynamic";
export const metadata = { title: "Calls" };

export default async function Page() {
  return <CallsPage calls={await loadCalls()} />;
}
