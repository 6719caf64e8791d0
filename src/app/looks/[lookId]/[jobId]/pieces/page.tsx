import { PiecesChapter } from "@/features/pieces/PiecesChapter";

export default function Page() {
  return <PiecesChapter />;
}
