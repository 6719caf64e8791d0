import { jsonRoute } from "@/server/problem";
import { DemoShelfSchema, takeDemoShelf } from "@/server/shelf";

export const POST = jsonRoute(DemoShelfSchema, takeDemoShelf);
