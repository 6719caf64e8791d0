import { Link } from "@/ui/Link";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";

export default function NotFound() {
  return (
    <Page title="Not here">
      <Empty title="There is nothing at this address">
        <p>It may have been archived, or the address is mistyped. Nothing is lost.</p>
        <Link href="/" className="btn btn-primary">
          To Today
        </Link>
      </Empty>
    </Page>
  );
}
