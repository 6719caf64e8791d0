// Starts the built application: `npm start`, with DERMAGRAPH_PORT, DERMAGRAPH_HOST and DERMAGRAPH_DATA if you like.
import { endTogether, freePort, startServer } from "./steps.cjs";

const port = await freePort(Number(process.env.DERMAGRAPH_PORT ?? 4310));
endTogether(startServer(port));
