export { addUp, decimal, over, pieces, shown, times, wholeUp, type Amount } from './amount';
export { costFindings } from './cost-findings';
export { costOf, type Cost, type CostLine, type WorkLine } from './cost';
export { changedSums, costDifference, costSums, type ChangedLine, type CostDifference } from './difference';
export { priceDocument } from './document';
export { rolesToFinish } from './finish-areas';
export { FINISH_ROWS, type FinishRow } from './finish-rows';
export { afterwards, learnedOf, median, type AfterLine, type Learned, type Median, type Spent } from './afterwards';
export { cents, type Cents, type MoneyTally } from './money';
export { OPERATIONS, type Operation } from './operations';
export { isOld, priceOf, type KeptPrice, type Price, type PriceBook } from './price';
export {
  guessPriceColumns,
  PRICE_COLUMNS,
  readPriceRows,
  type PriceColumn,
  type PriceMapping,
  type PriceRows,
} from './price-rows';
export { hingeKey, slideKey } from './hardware-needs';
export { NO_SETTINGS, type CostSettings, type Stage, type UsualPricing } from './settings';
export { NO_SHOP_COSTING, readShopCosting, type ShopCosting } from './shop-costing';
export { type Minutes } from './work';
export { USUAL_WASTE } from './waste';
export { amountOfBoard, type Board } from './wood-needs';
