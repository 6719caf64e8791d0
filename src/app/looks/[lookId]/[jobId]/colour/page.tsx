import { ColourChapter } from "@/features/colour/ColourChapter";

export default function Page() {
  return <ColourChapter />;
}
