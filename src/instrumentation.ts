/** Runs once when the server starts: opens the studio, and fills an empty one when asked to. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { openOrTell, standAtTheDoor } = await import("./server/frontDoor");
  standAtTheDoor();
  if ((await openOrTell()) && process.env.DERMAGRAPH_DEMO === "1") {
    const { loadDemoWhenEmpty } = await import("./server/demo");
    await loadDemoWhenEmpty();
  }
}
