import { PaintChapter } from "@/features/paint/PaintChapter";

export default function Page() {
  return <PaintChapter />;
}
