// npm run passphrase: sets the passphrase that is asked for when others on the network may open the studio (DERMAGRAPH_HOST or DERMAGRAPH_ORIGIN).
import { createInterface } from "node:readline/promises";
import { dataFolder } from "../src/store/database";
import { LEAST_LETTERS, openDoor } from "../src/store/door";

async function typed(): Promise<string> {
  const lines = createInterface({ input: process.stdin, output: process.stderr });
  const passphrase = await lines.question(
    `Passphrase, ${LEAST_LETTERS} letters or more (a line of some words is easiest): `,
  );
  lines.close();
  return passphrase;
}

const passphrase = await typed();
if (passphrase.trim().length < LEAST_LETTERS) {
  console.error(`At least ${LEAST_LETTERS} letters. Nothing was changed.`);
  process.exit(1);
}
const door = openDoor(dataFolder());
await door.setPassphrase(passphrase);
door.close();
console.log(
  `The passphrase is set for the studio in ${dataFolder()}; whoever was signed in is out.`,
);
