import { aLayer, aLook } from "../testing";
import { placeFor, ROLE_KEYS, type Role } from "../look";

const stack = (...roles: Role[]) =>
  aLook(...roles.map((role, i) => aLayer({ id: `${role}${i}`, role })));

describe("where a new layer goes", () => {
  const whole = stack("prep", "cover", "base", "set", "contour", "highlight", "detail", "seal");
  it.each<[Role, number]>([
    ["prep", 1],
    ["cover", 2],
    ["map", 2],
    ["base", 4],
    ["contour", 5],
    ["highlight", 6],
    ["detail", 7],
    ["set", 7],
    ["seal", 8],
  ])("%s", (role, at) => expect(placeFor(role, whole)).toBe(at));

  it("is over a seal between coats and under the last one", () => {
    expect(placeFor("detail", stack("base", "seal", "base", "detail", "seal"))).toBe(4);
    expect(placeFor("contour", stack("base", "seal", "detail", "seal"))).toBe(2);
  });

  it("is never after the seal, whatever lies there, but for a seal", () => {
    for (const role of ROLE_KEYS) {
      expect(placeFor(role, stack())).toBe(0);
      if (role !== "seal") expect(placeFor(role, stack("seal"))).toBe(0);
    }
  });
});
