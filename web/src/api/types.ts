// Generated from app/Api/Wire by bin/console pausis:types. Not edited by hand.

/** The adapted braise. */
export type Adaptation = {
  verdict: string;
  worry: string;
  worryRule: string;
  goOn: WayView | null;
  outcomes: OutcomeView[];
  liquid: LiquidView;
  salt: SaltView;
  pot: PotView;
  ledger: LedgerView[];
  day: TaskView[];
  findings: FindingView[];
  before: SumView;
  finish: SumView;
  weightText: string;
  thicknessText: string;
  serveAt: string;
  serveText: string;
  levels: LevelView[];
  lookText: string;
  wholeDay: WholeDayView | null;
  wantsWay: boolean;
  ribbon: RibbonView;
  method: MethodLine[];
  followed: FollowedView | null;
  anotherDay: WayView | null;
  eatenText: string;
};

/** A braise that is to be cooked again: with what of what was wanted otherwise. */
export type AgainAsked = {
  text: string;
  taken: number[] | null;
};

/** What could be changed when a braise is cooked again, each with what it does, and the next days on which it has a plan with that. */
export type AgainView = {
  changes: ReadyChangeView[];
  ways: WayView[];
  why: string;
};

/** One answer of the fork, before it is given: how ten such pots would go, the window, the next look, dinner. */
export type AnswerOutlook = {
  value: string;
  label: string;
  hint: string;
  pots: PotLine[];
  ready: boolean;
  likely: string;
  window: string;
  next: string;
  until: string;
  keep: string;
  serve: string;
  serveText: string;
  moves: boolean;
};

/** Where somebody is on the day, against their habit. Local times, YYYY-MM-DDT and a time as typed. */
export type AwayDraft = {
  from: string;
  to: string;
  who: string;
  what: string;
};

/** The sauce is begun. */
export type BeginSauce = {
  at: string;
  id: string;
};

/** All a cook has said about one braise, as typed. */
export type BraiseDraft = {
  title: string;
  serves: string;
  recipeText: string;
  ingredients: IngredientDraft[];
  original: OriginalDraft;
  meat: MeatDraft;
  cookerId: string;
  serveAt: string;
  away: AwayDraft[];
  level: string;
  texture: string;
  thickness: string;
  thickener: string;
  setting: string;
  steps: StepDraft[];
  measures: string;
  refused: string[];
  amounts: LedgerAmount[];
  handling: HandlingDraft;
  sides: string[];
  pins: PinDraft[];
  ownSides: OwnSide[];
  sure: string;
  left: string[];
};

/** A braise in the list. */
export type BraiseSummary = {
  id: string;
  title: string;
  headline: string;
  serveText: string;
  state: string;
  cookId: string | null;
  revision: number;
};

/** A braise: what was typed, what is wrong with it, and what follows from it. */
export type BraiseView = {
  id: string;
  revision: number;
  draft: BraiseDraft;
  understood: UnderstoodIngredient[];
  problems: ProblemView[];
  adaptation: Adaptation | null;
  steps: UnderstoodStep[];
  cookId: string | null;
};

/** How the liquid looks through the lid; `at` is local, empty for now. */
export type BubblesDraft = {
  seen: string;
  at: string;
  id: string;
};

/** The choices of every field. */
export type Catalogue = {
  cuts: CutChoice[];
  roles: Choice[];
  parts: Choice[];
  levels: Choice[];
  textures: Choice[];
  thicknesses: Choice[];
  thickeners: Choice[];
  bodies: Choice[];
  methods: Choice[];
  settings: Choice[];
  forkAnswers: Choice[];
  efforts: Choice[];
  layers: Choice[];
  sides: SideChoice[];
  stepKinds: Choice[];
  timings: Choice[];
  measures: Choice[];
  sureness: Choice[];
  degrees: DegreeView[];
  mostRecipeBytes: number;
};

/** The usual cautions of one kind, in words. */
export type CautionGroupView = {
  title: string;
  cautions: string[];
};

/** One of several values a field may have, with its words. */
export type Choice = {
  value: string;
  label: string;
  hint: string;
};

/** How it went; `servedAt` is local, empty for now. */
export type CloseCook = {
  servedAt: string;
  note: string;
};

/** A draft, and changes of it of which each is to be compared with it. */
export type CompareBraise = {
  draft: BraiseDraft;
  changes: Record<string, unknown>[];
};

/** What a changed draft comes to, beside the one as it is. */
export type ComparedView = {
  verdict: string;
  works: boolean;
  load: string;
  moved: string;
  ribbon: RibbonView | null;
};

/** What was done about a pot: boiled (minutes), took-out (a weight), thawed. */
export type CookFact = {
  fact: string;
  value: string;
  at: string;
  id: string;
};

/** A running pot: what is next, when, and what has been seen. */
export type CookView = {
  id: string;
  revision: number;
  braiseId: string;
  title: string;
  closed: boolean;
  setting: string;
  switchedOn: string;
  now: string;
  sinceOn: string;
  next: TaskView | null;
  nextIn: string;
  headline: string;
  late: string;
  onHigh: string;
  elsewhere: string[];
  lidCost: string;
  windows: WindowView[];
  readiness: string;
  tasks: TaskView[];
  events: EventView[];
  sauce: SauceDraft;
  flags: FlagView[];
  begun: boolean;
  followed: FollowedView;
  on: string;
  program: string;
  stopped: boolean;
  help: string;
  pot: PotView;
  moment: MomentView | null;
  core: string;
  serveText: string;
  serves: string;
  amounts: string[];
  turnedTo: string;
  asksFork: boolean;
  asksSauce: boolean;
  takeOuts: string[];
  isChilled: boolean;
  isDue: boolean;
};

/** What a cook says of a cook that is over, as typed. */
export type CookedDraft = {
  revision: number;
  note: string;
  nextTime: string;
  meatStars: number;
  sauceStars: number;
  cookedBy: string;
  leftOut: boolean;
};

/** A cook on one clock: the window that was given, and between which looks it fell. Hours after switching on. */
export type CookedLaneView = {
  earliest: number | null;
  likely: number | null;
  latest: number | null;
  after: number | null;
  by: number | null;
  serve: number | null;
  eaten: number | null;
  until: number;
};

/** Something that was seen of a cook, so many hours after switching on. */
export type CookedMark = {
  hour: number;
  kind: string;
  text: string;
};

/** A cook's page: planned beside happened, the pot's course as it is believed to have been, what was recorded and what is said of it. */
export type CookedPageView = {
  cook: CookedView;
  revision: number;
  braiseGone: boolean;
  lines: NotebookLine[];
  ticks: TickView[];
  marks: CookedMark[];
  course: CourseView[];
  degrees: TickView[];
  courseText: string;
  events: EventView[];
  learned: string;
  note: string;
  nextTime: string;
  meatStars: number;
  sauceStars: number;
  cookedBy: string;
  people: Choice[];
};

/** One cook in a line: of what, in what, how its window held, how it was liked. */
export type CookedView = {
  id: string;
  braiseId: string;
  title: string;
  date: string;
  what: string;
  held: string;
  said: string;
  stars: number;
  note: string;
  leftOut: boolean;
  lane: CookedLaneView;
};

/** A cooker as typed; watts and auto-warm may be empty. The revision is that from which it was changed, 0 for whatever it is. */
export type CookerDraft = {
  name: string;
  capacity: string;
  shape: string;
  watts: string;
  autoWarm: string;
  hasMedium: boolean;
  revision: number;
};

/** A cooker: as typed, and what follows. */
export type CookerView = {
  id: string;
  draft: CookerDraft;
  summary: string;
  inside: string;
  halfFull: string;
  length: number;
  width: number;
  depth: number;
  heatFactor: number;
  changed: boolean;
  waterTest: WaterTestDraft | null;
};

/** A pot at an hour after switching on, as it is believed to have been, °C. */
export type CourseView = {
  hour: number;
  pot: number;
  core: number;
};

/** The best guess of one moment: hour after switching on, °C of the liquid and of the core. */
export type CurvePoint = {
  hour: number;
  pot: number;
  core: number;
};

/** A cut of meat to choose. */
export type CutChoice = {
  value: string;
  label: string;
  inPieces: boolean;
  pieceWeight: string;
};

/** A temperature on an axis: where it is, as the house writes it, and whether food is safe above it. */
export type DegreeView = {
  celsius: number;
  text: string;
  safe: boolean;
};

/** A device that was let in. */
export type DeviceView = {
  id: string;
  name: string;
  seen: string;
  isThis: boolean;
};

/** Dinner so many minutes later, or sooner where negative, and for how many; 0 and empty leave it. */
export type DinnerDraft = {
  later: number;
  serves: string;
  id: string;
};

/** The house's passphrase, and how the device calls itself. */
export type DoorDraft = {
  passphrase: string;
  device: string;
};

/** Something that happened to a running pot. */
export type EventView = {
  kind: string;
  clock: string;
  text: string;
  id: string;
};

/** A caution for this braise. */
export type FindingView = {
  rule: string;
  severity: string;
  text: string;
  asks: boolean;
  goOn: WayView | null;
};

/** The sauce of a pot that is being finished: how much there is, how thick it is wanted, and the ways there. */
export type FinishView = {
  left: string;
  note: string;
  level: number;
  depth: number;
  lifted: boolean;
  is: string;
  thickness: string;
  thickener: string;
  ways: FinishWayView[];
  salt: string;
  lanes: LaneView[];
  from: string;
  now: string;
  serve: string;
  serveText: string;
  troubles: TroubleView[];
  spoons: Choice[];
};

/** One way to close the sauce, with what it takes and when it is eaten. */
export type FinishWayView = {
  way: string;
  label: string;
  amount: string;
  minutes: string;
  salt: string;
  eat: string;
  later: boolean;
  why: string;
  steps: string[];
  picks: boolean;
  sum: SumView | null;
};

/** Something that is wrong with a pot that is on, and what to do about it. */
export type FlagView = {
  rule: string;
  severity: string;
  text: string;
  do: string;
  fact: string;
};

/** How far a braise has come, and what has moved of its plan. */
export type FollowedView = {
  state: string;
  moved: string;
  overdue: OverdueView[];
};

/** What each answer of the fork would be worth, on one clock. Moments are ISO 8601. */
export type ForkOutlook = {
  from: string;
  to: string;
  now: string;
  on: string;
  serve: string;
  answers: AnswerOutlook[];
  cost: string;
};

/** What the fork said. `at` is local, empty for now; `id` is the record's own, so that it is taken once. */
export type ForkTestDraft = {
  answer: string;
  at: string;
  id: string;
};

/** A cooker with nothing in it. */
export type FreeCookerView = {
  id: string;
  name: string;
  length: number;
  depth: number;
};

/** How the meat of another line lies in the pot, as typed; empty where the line says it. */
export type FurtherMeatDraft = {
  id: string;
  pieces: string;
  thickness: string;
};

/** Meat of another line as it is taken to lie in the pot. */
export type FurtherMeatView = {
  id: string;
  name: string;
  pieces: number;
  thickness: string;
  weight: string;
};

/** How the cook goes about it, as typed. */
export type HandlingDraft = {
  effort: string;
  hotLiquid: boolean;
  warmInsert: boolean;
  layers: string;
  lids: string[];
  start: string;
  nightBefore: boolean;
  mixBefore: boolean;
  saltBefore: boolean;
  high: string;
  delay: string;
  late: string;
  eatenOn: string;
};

/** A window beside its likely time, hours from it, and the looks between which the meat became ready. */
export type HeldWindow = {
  id: string;
  text: string;
  held: string;
  earliest: number;
  latest: number;
  after: number | null;
  by: number | null;
};

/** What takes a worry away; it was taken and planned. */
export type HelpView = {
  rule: string;
  way: WayView;
};

/** The windows that were given on one setting, and where the truth fell. */
export type HonestyView = {
  setting: string;
  text: string;
  windows: HeldWindow[];
};

/** The house: where it stands, its hours, and how things are shown. */
export type HouseDraft = {
  altitude: string;
  room: string;
  timeZone: string;
  units: string;
  clock: string;
  bedtime: string;
  rises: string;
  texture: string;
  thickness: string;
  salt: string;
  setting: string;
  rings: string;
  oven: boolean;
  people: PersonDraft[];
  pans: string;
  revision: number;
};

/** The house as set, and what the clock says there. */
export type HouseView = {
  draft: HouseDraft;
  now: string;
  boiling: string;
};

/** One line of the recipe as the cook left it: the source as pasted, amount and food as read or corrected. */
export type IngredientDraft = {
  line: number;
  source: string;
  amount: string;
  food: string;
  role: string;
  ignored: boolean;
  id: string;
  part: string;
  group: string;
};

/** A job that is done, or isn't yet. */
export type JobDone = {
  job: string;
  at: string;
  id: string;
  done: boolean;
};

/** A job of the day, where it takes place and when. */
export type JobView = {
  id: string;
  text: string;
  group: string;
  from: string;
  to: string;
  clock: string;
  minutes: number;
  hands: boolean;
  rings: number;
  ovens: number;
  waits: string;
  pinned: boolean;
  who: string;
  person: string;
  refused: string;
  acts: string[];
  state: string;
  doneAt: string;
};

/** A job on a lane, from and to in ISO 8601. */
export type LaneJob = {
  from: string;
  to: string;
  text: string;
  hands: boolean;
  done: boolean;
};

/** The jobs of one dish on the evening's clock. */
export type LaneView = {
  name: string;
  jobs: LaneJob[];
};

/** What was known after a cook, percent of what was thought at first: nine in ten lie between the last two. */
export type LearnedPoint = {
  date: string;
  percent: number;
  least: number;
  most: number;
};

/** Something that is known of a cooker, a cut or the household, and how that came. */
export type LearnedThing = {
  id: string;
  name: string;
  says: string;
  course: LearnedPoint[];
  ticks: TickView[];
};

/** What a house has learned, and how what it was told has held. */
export type LearnedView = {
  from: string;
  cookers: LearnedThing[];
  cuts: LearnedThing[];
  house: LearnedThing[];
  windows: HonestyView[];
  ticks: TickView[];
  honesty: string;
  narrowed: string;
  next: string;
};

/** An amount in the ledger that the cook has set otherwise, as typed. */
export type LedgerAmount = {
  key: string;
  typed: string;
};

/** One change to the recipe. */
export type LedgerView = {
  code: string;
  was: string;
  is: string;
  why: string;
  sum: SumView | null;
  key: string;
  refused: boolean;
  amount: string;
  press: string;
  state: string;
  choice: boolean;
};

/** A level school and what it costs in this pot. */
export type LevelView = {
  value: string;
  label: string;
  hint: string;
  level: number;
  loadText: string;
  cost: string;
};

/** The lid was off, from when, for how long as typed. */
export type LidOffDraft = {
  minutes: string;
  at: string;
  id: string;
};

/** The sauce in four numbers and two sums. */
export type LiquidView = {
  load: string;
  recipe: string;
  target: string;
  reduce: string;
  original: SumView;
  atEnd: SumView;
  text: string;
};

/** The power was off, from when, for how long as typed, and whether somebody was there. */
export type LostPowerDraft = {
  minutes: string;
  home: boolean;
  at: string;
  id: string;
};

/** A stretch of the recipe and what it was taken for; together they are the text. */
export type MarkView = {
  text: string;
  kind: string;
  index: number | null;
};

/** What the cook says that a line of a recipe means. */
export type MeaningDraft = {
  source: string;
  food: string;
  role: string;
  ignored: boolean;
};

/** What some words mean in this house. */
export type MeaningView = {
  words: string;
  food: string;
  role: string;
  ignored: boolean;
  text: string;
};

export type MeatDraft = {
  cut: string;
  weight: string;
  pieces: string;
  thickness: string;
  start: string;
  why: string;
  since: string;
  thawed: boolean;
  others: FurtherMeatDraft[];
  thaws: boolean;
  longer: string;
};

/** A cut in one form for a dinner, sketched. */
export type MeatOfferView = {
  cut: string;
  form: string;
  name: string;
  formText: string;
  buy: string;
  works: boolean;
  setting: string;
  day: string;
  hold: string;
  window: string;
  switchOn: string;
  serve: string;
  pots: PotLine[];
  rank: number[];
  change: Record<string, unknown>;
};

/** Which of these cuts would be ready for the dinner of a draft. */
export type MeatQuestion = {
  draft: BraiseDraft;
  cuts: string[];
};

/** One line of the adapted recipe. */
export type MethodLine = {
  column: string;
  clock: string;
  at: string;
  minutes: number;
  who: string;
  text: string;
  gone: boolean;
  foods: string[];
  uses: string[];
  changes: number[];
  takeOut: string[];
  findings: number[];
};

/** The best guess of one moment of a pot: hour after switching on, °C of the liquid and of the core, cm of liquid, shares of such pots. */
export type MomentView = {
  hour: number;
  pot: number;
  core: number;
  level: number;
  tender: number;
  past: number;
  text: string;
};

/** What is to be remembered of a pot, in the cook's words. */
export type NoteDraft = {
  text: string;
  at: string;
  id: string;
};

/** One planned value against what happened. */
export type NotebookLine = {
  what: string;
  planned: string;
  happened: string;
};

/** A page of the notebook: the cooks that were asked for, newest first, and by what may be asked. */
export type NotebookView = {
  cooks: CookedView[];
  found: string;
  page: number;
  pages: number;
  cuts: Choice[];
  cookers: Choice[];
  people: Choice[];
};

/** How the recipe's author cooked it; hours and oven as typed, each may be empty. */
export type OriginalDraft = {
  method: string;
  hours: string;
  oven: string;
  boilsWine: boolean;
  settings: OwnHours[];
};

/** Another braise of the day, whose work keeps its time. */
export type OtherPotView = {
  title: string;
  jobs: JobView[];
};

/** What one way of running the cooker comes to. */
export type OutcomeView = {
  setting: string;
  label: string;
  windows: WindowView[];
  curve: MomentView[];
  safe: boolean;
  safety: string;
  works: boolean;
  chosen: boolean;
  why: string;
  day: string;
  switchOn: string;
  serveHour: number;
  core60Latest: number;
  pots: PotLine[];
  core60Clock: string;
  limitClock: string;
  sixty: string;
  help: string;
};

/** Work that should be under way and that nobody has ticked: done, or not yet? */
export type OverdueView = {
  job: string;
  text: string;
  clock: string;
  cost: string;
};

/** What a recipe for a slow cooker says of one setting. */
export type OwnHours = {
  setting: string;
  fromMinutes: number;
  toMinutes: number;
};

/** A side dish of the cook’s own: some work, then some cooking, as typed; a bare number is minutes. */
export type OwnSide = {
  name: string;
  work: string;
  cooking: string;
  where: string;
};

/** A braise whose day is over. */
export type PastView = {
  id: string;
  title: string;
  text: string;
  cooked: boolean;
};

/** One who cooks, and where they usually are, as typed. */
export type PersonDraft = {
  id: string;
  name: string;
  habits: string;
};

/** One who cooks, on the day. */
export type PersonView = {
  id: string;
  name: string;
  away: SpanView[];
  busy: SpanView[];
};

/** One phrase of the verdict, at its own minute of the clock. */
export type PhraseView = {
  kind: string;
  at: string;
  before: string;
  clock: string;
  after: string;
};

/** A job that the cook wants to begin at a time: local, YYYY-MM-DDT and a time as typed. */
export type PinDraft = {
  job: string;
  at: string;
};

/** A braise that is planned. */
export type PlannedView = {
  id: string;
  title: string;
  day: string;
  verdict: string;
  worry: string;
  works: boolean;
  ribbon: RibbonView | null;
  pot: PotView | null;
};

/** One of ten pots like this: hours after switching on at which it is tender, and past its best; null where not foreseen. */
export type PotLine = {
  tender: number | null;
  past: number | null;
};

/** The loaded insert, to scale: lengths in cm. */
export type PotView = {
  depth: number;
  width: number;
  vegetables: number;
  meat: number;
  piece: number[];
  pieces: number;
  layers: number;
  level: number;
  levelAtEnd: number;
  fill: number;
  fillText: string;
  text: string;
  below: SumView;
  bone: boolean;
  fat: number;
  order: string;
  roots: RootView[];
  leaves: string[];
  levelText: string;
  endText: string;
  rootsText: string;
  fatText: string;
  heightText: string;
  others: FurtherMeatView[];
};

/** Liquid added, hot or as it comes from the tap, or ladled off; the amount as typed. */
export type PouredDraft = {
  amount: string;
  hot: boolean;
  out: boolean;
  at: string;
  id: string;
};

/** What a thermometer in the pot reads, as typed; a bare number is in the house's units. `at` is local, empty for now. */
export type ProbeDraft = {
  place: string;
  reading: string;
  at: string;
  id: string;
};

/** Something typed that cannot be used: where, what, and why in words. */
export type ProblemView = {
  path: string;
  code: string;
  message: string;
};

/** What was made of a recipe: the beginning of a draft, and how it was understood. */
export type ReadRecipe = {
  draft: BraiseDraft;
  understood: UnderstoodIngredient[];
  steps: UnderstoodStep[];
  unread: UnreadLine[];
  marks: MarkView[];
  measures: string;
  asksTheWay: boolean;
  ways: WayRead[];
  anotherAt: number | null;
};

/** One thing that a cook wanted otherwise, as it was understood. */
export type ReadyChangeView = {
  words: string;
  says: string;
  effect: string;
  canBeTaken: boolean;
  taken: boolean;
};

/** Ingredient lines to be read one by one: what a cook has split or put together. */
export type RecipeLines = {
  sources: string[];
  line: number;
  measures: string;
};

/** A recipe as pasted, or a file with one in it. */
export type RecipeText = {
  text: string;
  name: string;
  measures: string;
};

/** The day on one clock: the pot, who is there to work, and the verdict along it. Moments are ISO 8601; empty where there is none. */
export type RibbonView = {
  from: string;
  to: string;
  now: string;
  switchOn: string;
  sauce: string;
  serve: string;
  setting: string;
  pots: PotLine[];
  phrases: PhraseView[];
  work: SpanView[];
  away: SpanView[];
  asleep: SpanView[];
};

/** What lies with the meat: a food and its share of the room. */
export type RootView = {
  food: string;
  share: number;
};

/** A pot that is on, as it is now. */
export type RunningView = {
  cookId: string;
  braiseId: string;
  cookerId: string;
  title: string;
  setting: string;
  sinceOn: string;
  next: TaskView | null;
  nextIn: string;
  headline: string;
  late: string;
  flags: number;
  pot: PotView | null;
  moment: MomentView | null;
  coreText: string;
  ribbon: RibbonView;
};

/** Salt in the finished pot. */
export type SaltView = {
  before: string;
  after: string;
  holdBack: string;
  sum: SumView;
  text: string;
};

/** What is left in the pot as typed, the thickness wanted, and how it is come to: as planned, thin, or by what. */
export type SauceDraft = {
  left: string;
  thickness: string;
  thickener: string;
  way: string;
  at: string;
  id: string;
};

/** A draft, and the revision it was made from. */
export type SaveBraise = {
  revision: number;
  draft: BraiseDraft;
};

/** A draft, and for how many servings or how much meat it is wanted. */
export type ScaleBraise = {
  draft: BraiseDraft;
  to: string;
};

/** What scaling a draft changes in it, and what it leaves as it is. */
export type ScaledView = {
  change: Record<string, unknown>;
  text: string;
};

/** The house's own server: where phones find it, how its store is, and who was let in. */
export type ServerView = {
  address: string;
  trust: string;
  calendar: string;
  store: string;
  copy: string;
  devices: DeviceView[];
};

/** A side dish that can be planned. */
export type SideChoice = {
  value: string;
  label: string;
  takes: string;
};

/** A stretch of time, ISO 8601. */
export type SpanView = {
  from: string;
  to: string;
};

/** When the pot was switched on, local, a time alone or with its day; empty for now. */
export type StartCook = {
  at: string;
  setting: string;
  serveAt: string;
  cookerId: string;
  knowing: string[];
};

/** When a pot was switched on, and on what; an empty time leaves it. */
export type StartedDraft = {
  setting: string;
  at: string;
};

/** One step of the recipe as the cook left it; what is empty, and foods that are null, stand as they were read. */
export type StepDraft = {
  line: number;
  source: string;
  kind: string;
  minutes: string;
  id: string;
  when: string;
  offset: string;
  foods: string[] | null;
};

/** An answer to the question about a line that can be pressed: what the line then says; null leaves it as it is. */
export type SuggestedAnswer = {
  text: string;
  amount: string | null;
  food: string | null;
  ignored: boolean;
};

/** A number as the sum of its terms. */
export type SumView = {
  title: string;
  total: string;
  number: number;
  terms: TermView[];
};

/** One line of the plan. */
export type TaskView = {
  kind: string;
  at: string;
  clock: string;
  minutes: number;
  text: string;
  detail: string;
  job: string;
  who: string;
  hands: boolean;
};

/** One addend of a sum. */
export type TermView = {
  text: string;
  rule: string;
  value: string;
  number: number;
};

/** A job that was done, isn't done yet, or of which nothing is said any more; id names the record, at is empty for now. */
export type TickDraft = {
  job: string;
  is: string;
  at: string;
  id: string;
};

/** A mark of a scale, and what stands at it. */
export type TickView = {
  at: number;
  text: string;
};

/** Something to do today, of one of the braises. */
export type TodayJob = {
  at: string;
  clock: string;
  text: string;
  minutes: number;
  hands: boolean;
  who: string;
  braiseId: string;
  title: string;
  cookId: string;
  job: string;
};

/** The house today: what is on, what is to do, what is planned. */
export type TodayView = {
  now: string;
  date: string;
  clock: string;
  running: RunningView[];
  jobsOf: string;
  jobs: TodayJob[];
  planned: PlannedView[];
  past: PastView[];
  free: FreeCookerView[];
  hasCooker: boolean;
};

/** What may be wrong with a sauce or its meat, and what to do about it in this pot. */
export type TroubleView = {
  code: string;
  label: string;
  text: string;
};

/** The cooker was turned to another setting. */
export type TurnSetting = {
  setting: string;
  at: string;
  id: string;
};

/** What was made of one line of the recipe. */
export type UnderstoodIngredient = {
  line: number;
  source: string;
  amount: string;
  food: string;
  role: string;
  roleText: string;
  quantity: string;
  confidence: number;
  sureness: string;
  question: string;
  doubts: string[];
  answers: SuggestedAnswer[];
  pieces: number[];
};

/** One instruction of the method. */
export type UnderstoodStep = {
  line: number;
  source: string;
  kind: string;
  kindText: string;
  time: string;
  details: string[];
  question: string;
  acts: string[];
  said: string;
  when: string;
  foods: string[];
};

/** A line that nothing of the pot was made of. */
export type UnreadLine = {
  line: number;
  source: string;
  kind: string;
};

/** What water on Low must have reached, and by when. */
export type WaterLimitView = {
  hour: number;
  celsius: number;
  text: string;
};

/** One reading of the water’s temperature. */
export type WaterReading = {
  after: string;
  temperature: string;
};

/** A pot of water on Low, as noted. */
export type WaterTestDraft = {
  water: string;
  start: string;
  room: string;
  readings: WaterReading[];
  keep: boolean;
};

/** What a water test says of a cooker. */
export type WaterTestView = {
  heatFactor: number;
  text: string;
  verdict: string;
  verdictText: string;
  curve: CurvePoint[];
  readings: CurvePoint[];
  limits: WaterLimitView[];
  kept: boolean;
};

/** One way in which a recipe says that it may be cooked, in words and as the draft would have it. */
export type WayRead = {
  text: string;
  original: OriginalDraft;
};

/** A way out of a day that can’t be, or what takes a worry away; it was taken and planned. */
export type WayView = {
  code: string;
  text: string;
  change: Record<string, unknown>;
  serveText: string;
};

/** What would work where a day can’t be, and what takes worries away. */
export type WaysView = {
  ways: WayView[];
  helps: HelpView[];
};

/** Everything around the braise in one kitchen. */
export type WholeDayView = {
  jobs: JobView[];
  people: PersonView[];
  clash: string;
  caught: string[];
  note: string;
  others: OtherPotView[];
  othersText: string;
  lateText: string;
};

/** What taking a house's file in would do, or has done. */
export type WholeHouseView = {
  written: string;
  beside: string[];
  instead: string[];
  taken: boolean;
  copy: string;
};

/** When a doneness level is reached: hours after switching on, and in words; null where not within the longest cook. */
export type WindowView = {
  level: string;
  label: string;
  earliest: number | null;
  likely: number | null;
  latest: number | null;
  text: string;
};
