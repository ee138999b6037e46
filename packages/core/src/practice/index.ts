export { drillOf, drillTest, drillCost, DRILL_TESTS, type Drill } from './drill.ts';
