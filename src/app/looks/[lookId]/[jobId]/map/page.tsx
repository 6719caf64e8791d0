import { MapChapter } from "@/features/map/MapChapter";

export default function Page() {
  return <MapChapter />;
}
