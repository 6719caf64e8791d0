import { ProductForm } from "@/features/shelf/ProductForm";
import { Page as Frame } from "@/ui/Page";

export const metadata = { title: "New product" };

export default function Page() {
  return (
    <Frame title="New product">
      <ProductForm product={null} />
    </Frame>
  );
}
