export {
  AS_TAKEN,
  balanceByCard,
  balanceBySkin,
  paintOver,
  photoMap,
  type Balance,
  type Photograph,
  type PhotoMap,
} from "./paintOver";
export {
  FIRST_THREE,
  headTurnDeg,
  MOST_TURN_DEG,
  ontoChart,
  pointsFromThree,
  type FirstPoint,
  type PhotoPoints,
} from "./registration";
