import { TrayChapter } from "@/features/trays/TrayChapter";

export default function Page() {
  return <TrayChapter />;
}
