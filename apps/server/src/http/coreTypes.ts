import type {
  Access,
  AftercareItem,
  AirSource,
  AnotherYear,
  BadRow,
  Block,
  BlockCode,
  CallBackRate,
  Caution,
  CautionCode,
  Cell,
  ChainCheck,
  CheckIn,
  Chemistry,
  Climate,
  ColourPlace,
  Condition,
  Conflict,
  Consequence,
  DamageZone,
  Demand,
  Difference,
  Done,
  Doubt,
  DoubtOption,
  DryingFigures,
  Element,
  Entry,
  EvidenceWeight,
  Exposure,
  Facing,
  Family,
  FanInput,
  Fault,
  FaultActKind,
  FaultCause,
  Finish,
  FinishChance,
  Ground,
  Guarantee,
  Holds,
  Held,
  HoldKind,
  HouseRuleCode,
  JobPrice,
  JobStatus,
  JointPlan,
  JointWay,
  Layer,
  LearnedRate,
  LeftOutReason,
  Light,
  Mend,
  Method,
  Need,
  NamedColour,
  NextTest,
  Odour,
  Paper,
  PatternCause,
  PatchLook,
  PatchRead,
  PatchReading,
  PatchSeen,
  OwnCalibration,
  SkillStanding,
  Plan,
  PlanInput,
  Plane,
  Preparation,
  ScheduleLine,
  SundryNeed,
  TintSaving,
  PricedLine,
  Product,
  Quote,
  QuoteChange,
  QuoteOption,
  RankedAlternative,
  RelaxedPlan,
  AsItStands,
  PlanChoice,
  Reliance,
  Rescue,
  Risk,
  Role,
  RoomKind,
  RunLine,
  School,
  SchoolWay,
  SecondCoat,
  Sheen,
  ShoppingItem,
  Step,
  StepKind,
  Stir,
  Substrate,
  Technique,
  TestKind,
  TestRecord,
  Texture,
  Tint,
  TintRange,
  TouchUp,
  TouchUpKit,
  Treatment,
  TrialActKind,
  TrialDesign,
  TrialWord,
  View,
  VisitActKind,
  WayOff,
  Wear,
  WhatIf,
  WallCell,
  WorkStep,
} from '@rustic/core';

/**
 * What the core computes and an answer passes on as it is, by the name that the API's description has for it. A script
 * writes the description of each from its type; none of them holds a sum, but for those of owners' and estimators' pages.
 */
export interface CoreTypes {
  Access: Access;
  AftercareItem: AftercareItem;
  AirSource: AirSource;
  AnotherYear: AnotherYear;
  BadRow: BadRow;
  Block: Block;
  BlockCode: BlockCode;
  Caution: Caution;
  CautionCode: CautionCode;
  Cell: Cell;
  ChainCheck: ChainCheck;
  CheckIn: CheckIn;
  Chemistry: Chemistry;
  Climate: Climate;
  ColourPlace: ColourPlace;
  Condition: Condition;
  Conflict: Conflict;
  Consequence: Consequence;
  DamageZone: DamageZone;
  Demand: Demand;
  Difference: Difference;
  Done: Done;
  Doubt: Doubt;
  DoubtOption: DoubtOption;
  DryingFigures: DryingFigures;
  Element: Element;
  Entry: Entry;
  EvidenceWeight: EvidenceWeight;
  Exposure: Exposure;
  Facing: Facing;
  Family: Family;
  FanInput: FanInput;
  Fault: Fault;
  FaultActKind: FaultActKind;
  FaultCause: FaultCause;
  Finish: Finish;
  FinishChance: FinishChance;
  Ground: Ground;
  Guarantee: Guarantee;
  Holds: Holds;
  Held: Held;
  HeldLimits: CallBackRate<boolean>;
  HeldPreparation: CallBackRate<Preparation>;
  HeldSystem: CallBackRate<{ primer: Family | null; finish: Family }>;
  HoldKind: HoldKind;
  HouseRuleCode: HouseRuleCode;
  JobStatus: JobStatus;
  JobSums: Omit<JobPrice, 'lines' | 'products' | 'sundries'>;
  JointPlan: JointPlan;
  JointWay: JointWay;
  Layer: Layer;
  LearnedRate: LearnedRate;
  LeftOutReason: LeftOutReason;
  Light: Light;
  Mend: Mend;
  Method: Method;
  Need: Need;
  NamedColour: NamedColour;
  NextTest: NextTest;
  Odour: Odour;
  Paper: Paper;
  PatternCause: PatternCause;
  PatchLook: PatchLook;
  PatchRead: PatchRead;
  PatchReading: PatchReading;
  PatchSeen: PatchSeen;
  OwnCalibration: OwnCalibration;
  SkillStanding: SkillStanding;
  Plan: Plan;
  PlanInput: PlanInput;
  Plane: Plane;
  Preparation: Preparation;
  PricedLine: PricedLine;
  Product: Product;
  QuoteChange: QuoteChange;
  RankedAlternative: RankedAlternative;
  RelaxedPlan: RelaxedPlan;
  AsItStands: AsItStands;
  PlanChoice: PlanChoice;
  Reliance: Reliance;
  Rescue: Rescue;
  Risk: Risk;
  Role: Role;
  RoomKind: RoomKind;
  RunLine: RunLine;
  School: School;
  SchoolWay: SchoolWay;
  ScheduleLine: ScheduleLine;
  SecondCoat: Omit<SecondCoat, 'adds'>;
  Sheen: Sheen;
  ShoppingItem: ShoppingItem;
  ShownQuote: Omit<Quote, 'options'> & { options: Omit<QuoteOption, 'system'>[] };
  Step: Step;
  StepKind: StepKind;
  Stir: Stir;
  Substrate: Substrate;
  SundryNeed: SundryNeed;
  Technique: Technique;
  TestKind: TestKind;
  TestRecord: TestRecord;
  Texture: Texture;
  Tint: Tint;
  TintRange: TintRange;
  TintSaving: Omit<TintSaving, 'saves'>;
  TouchUp: TouchUp;
  TouchUpKit: TouchUpKit;
  Treatment: Treatment;
  TrialActKind: TrialActKind;
  TrialDesign: TrialDesign;
  TrialWord: TrialWord;
  View: View;
  VisitActKind: VisitActKind;
  WayOff: Omit<WayOff, 'price'>;
  Wear: Wear;
  WhatIf: WhatIf;
  WallCell: WallCell;
  WorkStep: WorkStep;
}
