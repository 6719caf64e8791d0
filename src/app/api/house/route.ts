import { ChangeHouseSchema, changeHouse } from "@/server/house";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(ChangeHouseSchema, changeHouse);
