// Starts the built application: `npm start`, with DERMAGRAPH_PORT and DERMAGRAPH_DATA if you like.
import { freePort, startServer } from "./steps.cjs";

const port = await freePort(Number(process.env.DERMAGRAPH_PORT ?? 4310));
startServer(port).on("exit", (code) => process.exit(code ?? 0));
