import { aContext, aLayer, aLook, aProduct, product } from "../testing";
import { maySwap } from "./maySwap";

const [own, forEyes, notForEyes] = [
  aProduct({ id: "own", colour: "#bd8a42", eyeSafe: true }),
  aProduct({ id: "forEyes", colour: "#bd8c44", eyeSafe: true }),
  aProduct({ id: "notForEyes", colour: "#bd8c44", eyeSafe: false }),
];
const context = aContext({ products: [own, forEyes, notForEyes] });
const look = (zones: Parameters<typeof aLayer>[0]["zones"]) =>
  aLook(aLayer({ id: "l", paint: product("own"), ...(zones && { zones }) }));

it("a product is put in another's place only where no stop follows: not on lids it is not made for", () => {
  expect(maySwap(look(["upperLidLeft"]), context, own, forEyes)).toBe(true);
  expect(maySwap(look(["upperLidLeft"]), context, own, notForEyes)).toBe(false);
  expect(maySwap(look(["forehead"]), context, own, notForEyes)).toBe(true);
});
