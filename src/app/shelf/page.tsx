import { ShelfPage } from "@/features/shelf/ShelfPage";
import { shelfStart } from "@/server/shelf";
import { today } from "@/server/studio";

export const dynamic = "force-dynamic";
export const metadata = { title: "Shelf" };

export default async function Page() {
  return <ShelfPage start={await shelfStart()} today={today()} />;
}
