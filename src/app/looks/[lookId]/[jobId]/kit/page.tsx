import { KitChapter } from "@/features/palettes/KitChapter";

export default function Page() {
  return <KitChapter />;
}
