export { addUp, decimal, over, pieces, shown, times, wholeUp, type Amount } from './amount';
export { costFindings } from './cost-findings';
export { costOf, type Cost, type CostLine, type WorkLine } from './cost';
export { changedSums, costDifference, costSums, type ChangedLine, type CostDifference } from './difference';
export { priceDocument } from './document';
export { BARE_GRITS, FINISH_ROWS, type FinishRow } from './finish-rows';
export { areaOf, rolesToFinish, writtenRole } from './finish-areas';
export { costed, type Costed } from './costed';
export { finishWork, type FinishWork } from './finish-needs';
export { afterwards, learnedOf, median, type AfterLine, type Learned, type Median, type Spent } from './afterwards';
export { cents, type Cents, type MoneyTally } from './money';
export { OPERATIONS, SHORT_HANDED, type Operation } from './operations';
export { isOld, priceOf, type KeptPrice, type Price, type PriceBook } from './price';
export {
  guessPriceColumns,
  PRICE_COLUMNS,
  readPriceRows,
  type PriceColumn,
  type PriceMapping,
  type PriceRows,
} from './price-rows';
export { gluedFaces } from './glue-needs';
export { hingeKey, slideKey } from './hardware-needs';
export { NO_SETTINGS, type CostSettings, type Stage, type UsualPricing } from './settings';
export { NO_SHOP_COSTING, readShopCosting, type ShopCosting } from './shop-costing';
export { countsOf, workOf, type Minutes, type Work as CostedWork } from './work';
export { boresIn, groovesIn } from './worked';
export { USUAL_WASTE } from './waste';
export { amountOfBoard, type Board } from './wood-needs';
