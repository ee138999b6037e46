/** Written by tools/written.mjs from the description of the API; not by hand. */
import type { Access, AirSource, AsItStands, BadRow, Block, BlockCode, Caution, Cell, ChainCheck, Chemistry, Climate, Condition, Conflict, Demand, Difference, Done, DryingFigures, Element, EvidenceWeight, Exposure, Facing, Family, FanInput, Fault, FaultActKind, FaultCause, Finish, FinishChance, Ground, Guarantee, HoldKind, HouseRuleCode, JobStatus, Layer, LearnedRate, LeftOutReason, Light, Mend, Method, Odour, OwnCalibration, Paper, PatchReading, Plan, PlanChoice, PlanInput, Plane, Preparation, PricedLine, Product, QuoteChange, RelaxedPlan, Reliance, Role, RoomKind, Sheen, SkillStanding, Step, StepKind, Stir, Substrate, TestKind, TestRecord, Texture, Tint, TintRange, TouchUp, TouchUpKit, Treatment, TrialActKind, TrialDesign, TrialWord, View, VisitActKind, Wear } from '@rustic/core';
import { api } from './api.ts';
const injectedRtkApi = api.injectEndpoints({
  endpoints: (build) => ({
    aftercare: build.query<AftercareApiResponse, AftercareApiArg>({
      query: () => ({ url: `/api/aftercare` }),
    }),
    held: build.query<HeldApiResponse, HeldApiArg>({
      query: () => ({ url: `/api/aftercare/held` }),
    }),
    letHeldCount: build.mutation<LetHeldCountApiResponse, LetHeldCountApiArg>({
      query: (queryArg) => ({
        url: `/api/aftercare/held`,
        method: "POST",
        body: queryArg,
      }),
    }),
    roundLetters: build.query<RoundLettersApiResponse, RoundLettersApiArg>({
      query: (queryArg) => ({
        url: `/api/aftercare/rounds/${encodeURIComponent(String(queryArg))}/letters`,
      }),
    }),
    fixVisits: build.mutation<FixVisitsApiResponse, FixVisitsApiArg>({
      query: (queryArg) => ({
        url: `/api/aftercare/visits`,
        method: "POST",
        body: queryArg,
      }),
    }),
    endVisit: build.mutation<EndVisitApiResponse, EndVisitApiArg>({
      query: ({ visitId, ...body }) => ({ url: `/api/visits/${encodeURIComponent(String(visitId))}/acts`, method: "POST", body }),
    }),
    lookAgain: build.mutation<LookAgainApiResponse, LookAgainApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/looks`, method: "POST", body }),
    }),
    feed: build.query<FeedApiResponse, FeedApiArg>({
      query: () => ({ url: `/api/calendar` }),
    }),
    setFeed: build.mutation<SetFeedApiResponse, SetFeedApiArg>({
      query: (queryArg) => ({
        url: `/api/calendar`,
        method: "POST",
        body: queryArg,
      }),
    }),
    setBusy: build.mutation<SetBusyApiResponse, SetBusyApiArg>({
      query: (queryArg) => ({
        url: `/api/calendar/busy`,
        method: "POST",
        body: queryArg,
      }),
    }),
    jobColours: build.query<JobColoursApiResponse, JobColoursApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/colours`,
      }),
    }),
    nameColours: build.mutation<NameColoursApiResponse, NameColoursApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/colours`, method: "PUT", body }),
    }),
    colourCards: build.query<ColourCardsApiResponse, ColourCardsApiArg>({
      query: () => ({ url: `/api/colour-cards` }),
    }),
    chips: build.query<ChipsApiResponse, ChipsApiArg>({
      query: (queryArg) => ({
        url: `/api/colour-cards/chips`,
        params: {
          words: queryArg,
        },
      }),
    }),
    chipsNear: build.query<ChipsNearApiResponse, ChipsNearApiArg>({
      query: (queryArg) => ({
        url: `/api/colour-cards/near`,
        params: {
          colour: queryArg,
        },
      }),
    }),
    colourCard: build.query<ColourCardApiResponse, ColourCardApiArg>({
      query: (queryArg) => ({
        url: `/api/colour-cards/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    keepColourCard: build.mutation<
      KeepColourCardApiResponse,
      KeepColourCardApiArg
    >({
      query: ({ cardId, ...body }) => ({ url: `/api/colour-cards/${encodeURIComponent(String(cardId))}`, method: "PUT", body }),
    }),
    colourParts: build.query<ColourPartsApiResponse, ColourPartsApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg))}/parts`,
      }),
    }),
    keepParts: build.mutation<KeepPartsApiResponse, KeepPartsApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/parts`, method: "PUT", body }),
    }),
    tryParts: build.query<TryPartsApiResponse, TryPartsApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/parts/tried`, method: "POST", body }),
    }),
    partTemplate: build.query<PartTemplateApiResponse, PartTemplateApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg.surfaceId))}/parts/${encodeURIComponent(String(queryArg.partId))}/template`,
        params: {
          paper: queryArg.paper,
        },
      }),
    }),
    client: build.query<ClientApiResponse, ClientApiArg>({
      query: (queryArg) => ({
        url: `/api/client/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    agree: build.mutation<AgreeApiResponse, AgreeApiArg>({
      query: ({ token, ...body }) => ({ url: `/api/client/${encodeURIComponent(String(token))}/agreement`, method: "POST", body }),
    }),
    replyAsClient: build.mutation<
      ReplyAsClientApiResponse,
      ReplyAsClientApiArg
    >({
      query: ({ token, ...body }) => ({ url: `/api/client/${encodeURIComponent(String(token))}/replies`, method: "POST", body }),
    }),
    sendQuote: build.mutation<SendQuoteApiResponse, SendQuoteApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/quotes`, method: "POST", body }),
    }),
    setLink: build.mutation<SetLinkApiResponse, SetLinkApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/client-link`, method: "POST", body }),
    }),
    paper: build.query<PaperApiResponse, PaperApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg.jobId))}/papers/${encodeURIComponent(String(queryArg.kind))}`,
        params: {
          format: queryArg.format,
        },
      }),
    }),
    sentPaper: build.query<SentPaperApiResponse, SentPaperApiArg>({
      query: (queryArg) => ({
        url: `/api/documents/${encodeURIComponent(String(queryArg.documentId))}/paper`,
        params: {
          format: queryArg.format,
        },
      }),
    }),
    chooseSystem: build.mutation<ChooseSystemApiResponse, ChooseSystemApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/choices`, method: "POST", body }),
    }),
    whatIf: build.query<WhatIfApiResponse, WhatIfApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/what-if`, method: "POST", body }),
    }),
    schools: build.query<SchoolsApiResponse, SchoolsApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg))}/schools`,
      }),
    }),
    damage: build.query<DamageApiResponse, DamageApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg))}/damage`,
      }),
    }),
    markDamage: build.mutation<MarkDamageApiResponse, MarkDamageApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/damage`, method: "POST", body }),
    }),
    framePhoto: build.mutation<FramePhotoApiResponse, FramePhotoApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/damage/frames`, method: "POST", body }),
    }),
    noteFinding: build.mutation<NoteFindingApiResponse, NoteFindingApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/findings`, method: "POST", body }),
    }),
    joints: build.query<JointsApiResponse, JointsApiArg>({
      query: (queryArg) => ({
        url: `/api/rooms/${encodeURIComponent(String(queryArg))}/joints`,
      }),
    }),
    drawJoint: build.mutation<DrawJointApiResponse, DrawJointApiArg>({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}/joints`, method: "POST", body }),
    }),
    changeJoint: build.mutation<ChangeJointApiResponse, ChangeJointApiArg>({
      query: ({ jointId, ...body }) => ({ url: `/api/joints/${encodeURIComponent(String(jointId))}`, method: "PUT", body }),
    }),
    keepPhoto: build.mutation<KeepPhotoApiResponse, KeepPhotoApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg.jobId))}/photos`,
        method: "POST",
        body: queryArg.body,
        params: {
          id: queryArg.id,
          roomId: queryArg.roomId,
          surfaceId: queryArg.surfaceId,
          testId: queryArg.testId,
          workId: queryArg.workId,
          note: queryArg.note,
          at: queryArg.at,
          wall: queryArg.wall,
          x: queryArg.x,
          y: queryArg.y,
        },
      }),
    }),
    recordTest: build.mutation<RecordTestApiResponse, RecordTestApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/tests`, method: "POST", body }),
    }),
    takeTestBack: build.mutation<TakeTestBackApiResponse, TakeTestBackApiArg>({
      query: ({ testId, ...body }) => ({ url: `/api/tests/${encodeURIComponent(String(testId))}/withdrawal`, method: "POST", body }),
    }),
    practice: build.query<PracticeApiResponse, PracticeApiArg>({
      query: () => ({ url: `/api/practice` }),
    }),
    keepPractice: build.mutation<KeepPracticeApiResponse, KeepPracticeApiArg>({
      query: (queryArg) => ({
        url: `/api/practice/goes`,
        method: "POST",
        body: queryArg,
      }),
    }),
    keepDrill: build.mutation<KeepDrillApiResponse, KeepDrillApiArg>({
      query: (queryArg) => ({
        url: `/api/practice/drills`,
        method: "POST",
        body: queryArg,
      }),
    }),
    showPractice: build.mutation<ShowPracticeApiResponse, ShowPracticeApiArg>({
      query: (queryArg) => ({
        url: `/api/practice/shown`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    makeCase: build.mutation<MakeCaseApiResponse, MakeCaseApiArg>({
      query: (queryArg) => ({
        url: `/api/practice/cases`,
        method: "POST",
        body: queryArg,
      }),
    }),
    changeCase: build.mutation<ChangeCaseApiResponse, ChangeCaseApiArg>({
      query: ({ caseId, ...body }) => ({ url: `/api/practice/cases/${encodeURIComponent(String(caseId))}`, method: "PUT", body }),
    }),
    enterDemo: build.mutation<EnterDemoApiResponse, EnterDemoApiArg>({
      query: (queryArg) => ({
        url: `/api/demo-firm`,
        method: "POST",
        body: queryArg,
      }),
    }),
    leaveDemo: build.mutation<LeaveDemoApiResponse, LeaveDemoApiArg>({
      query: (queryArg) => ({
        url: `/api/demo-firm/leave`,
        method: "POST",
        body: queryArg,
      }),
    }),
    jobs: build.query<JobsApiResponse, JobsApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs`,
        params: {
          words: queryArg.words,
          after: queryArg.after,
          most: queryArg.most,
        },
      }),
    }),
    addJob: build.mutation<AddJobApiResponse, AddJobApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs`,
        method: "POST",
        body: queryArg,
      }),
    }),
    jobSums: build.query<JobSumsApiResponse, JobSumsApiArg>({
      query: () => ({ url: `/api/jobs/sums` }),
    }),
    jobNames: build.query<JobNamesApiResponse, JobNamesApiArg>({
      query: () => ({ url: `/api/jobs/names` }),
    }),
    jobsTakenOut: build.query<JobsTakenOutApiResponse, JobsTakenOutApiArg>({
      query: () => ({ url: `/api/jobs/taken-out` }),
    }),
    job: build.query<JobApiResponse, JobApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    changeJob: build.mutation<ChangeJobApiResponse, ChangeJobApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}`, method: "PATCH", body }),
    }),
    addRoom: build.mutation<AddRoomApiResponse, AddRoomApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/rooms`, method: "POST", body }),
    }),
    addSurface: build.mutation<AddSurfaceApiResponse, AddSurfaceApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/surfaces`, method: "POST", body }),
    }),
    addWholeRoom: build.mutation<AddWholeRoomApiResponse, AddWholeRoomApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/whole-rooms`, method: "POST", body }),
    }),
    putOrder: build.mutation<PutOrderApiResponse, PutOrderApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/order`, method: "PUT", body }),
    }),
    setCampaign: build.mutation<SetCampaignApiResponse, SetCampaignApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/campaigns`, method: "POST", body }),
    }),
    changeRoom: build.mutation<ChangeRoomApiResponse, ChangeRoomApiArg>({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}`, method: "PATCH", body }),
    }),
    asItStood: build.query<AsItStoodApiResponse, AsItStoodApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg.surfaceId))}/as-it-stood`,
        params: {
          day: queryArg.day,
        },
      }),
    }),
    surface: build.query<SurfaceApiResponse, SurfaceApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    changeSurface: build.mutation<
      ChangeSurfaceApiResponse,
      ChangeSurfaceApiArg
    >({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}`, method: "PATCH", body }),
    }),
    takeOutJob: build.mutation<TakeOutJobApiResponse, TakeOutJobApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/withdrawal`, method: "POST", body }),
    }),
    bringJobBack: build.mutation<BringJobBackApiResponse, BringJobBackApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/return`, method: "POST", body }),
    }),
    takeOutRoom: build.mutation<TakeOutRoomApiResponse, TakeOutRoomApiArg>({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}/withdrawal`, method: "POST", body }),
    }),
    bringRoomBack: build.mutation<
      BringRoomBackApiResponse,
      BringRoomBackApiArg
    >({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}/return`, method: "POST", body }),
    }),
    takeOutSurface: build.mutation<
      TakeOutSurfaceApiResponse,
      TakeOutSurfaceApiArg
    >({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/withdrawal`, method: "POST", body }),
    }),
    bringSurfaceBack: build.mutation<
      BringSurfaceBackApiResponse,
      BringSurfaceBackApiArg
    >({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/return`, method: "POST", body }),
    }),
    readAir: build.mutation<ReadAirApiResponse, ReadAirApiArg>({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}/readings`, method: "POST", body }),
    }),
    signIn: build.mutation<SignInApiResponse, SignInApiArg>({
      query: (queryArg) => ({
        url: `/api/session`,
        method: "POST",
        body: queryArg,
      }),
    }),
    session: build.query<SessionApiResponse, SessionApiArg>({
      query: () => ({ url: `/api/session` }),
    }),
    signOut: build.mutation<SignOutApiResponse, SignOutApiArg>({
      query: () => ({ url: `/api/session`, method: "DELETE" }),
    }),
    people: build.query<PeopleApiResponse, PeopleApiArg>({
      query: () => ({ url: `/api/people` }),
    }),
    invite: build.mutation<InviteApiResponse, InviteApiArg>({
      query: (queryArg) => ({
        url: `/api/people/invitations`,
        method: "POST",
        body: queryArg,
      }),
    }),
    withdrawInvitation: build.mutation<
      WithdrawInvitationApiResponse,
      WithdrawInvitationApiArg
    >({
      query: ({ invitationId, ...body }) => ({ url: `/api/people/invitations/${encodeURIComponent(String(invitationId))}/withdraw`, method: "POST", body }),
    }),
    changePerson: build.mutation<ChangePersonApiResponse, ChangePersonApiArg>({
      query: ({ personId, ...body }) => ({ url: `/api/people/${encodeURIComponent(String(personId))}`, method: "PATCH", body }),
    }),
    personLeaves: build.mutation<PersonLeavesApiResponse, PersonLeavesApiArg>({
      query: ({ personId, ...body }) => ({ url: `/api/people/${encodeURIComponent(String(personId))}/leave`, method: "POST", body }),
    }),
    signOutPerson: build.mutation<
      SignOutPersonApiResponse,
      SignOutPersonApiArg
    >({
      query: ({ personId, ...body }) => ({ url: `/api/people/${encodeURIComponent(String(personId))}/sign-out`, method: "POST", body }),
    }),
    signOutEverywhere: build.mutation<
      SignOutEverywhereApiResponse,
      SignOutEverywhereApiArg
    >({
      query: (queryArg) => ({
        url: `/api/session/everywhere`,
        method: "POST",
        body: queryArg,
      }),
    }),
    changePassword: build.mutation<
      ChangePasswordApiResponse,
      ChangePasswordApiArg
    >({
      query: (queryArg) => ({
        url: `/api/session/password`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    setPlanning: build.mutation<SetPlanningApiResponse, SetPlanningApiArg>({
      query: (queryArg) => ({
        url: `/api/firm/planning`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    invitation: build.query<InvitationApiResponse, InvitationApiArg>({
      query: (queryArg) => ({
        url: `/api/invitations/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    join: build.mutation<JoinApiResponse, JoinApiArg>({
      query: ({ token, ...body }) => ({ url: `/api/invitations/${encodeURIComponent(String(token))}`, method: "POST", body }),
    }),
    lock: build.query<LockApiResponse, LockApiArg>({
      query: () => ({ url: `/api/session/lock` }),
    }),
    beginLock: build.mutation<BeginLockApiResponse, BeginLockApiArg>({
      query: (queryArg) => ({
        url: `/api/session/lock`,
        method: "POST",
        body: queryArg,
      }),
    }),
    closeLock: build.mutation<CloseLockApiResponse, CloseLockApiArg>({
      query: (queryArg) => ({
        url: `/api/session/lock`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    askForKey: build.mutation<AskForKeyApiResponse, AskForKeyApiArg>({
      query: (queryArg) => ({
        url: `/api/session/lock/keys`,
        method: "POST",
        body: queryArg,
      }),
    }),
    addKey: build.mutation<AddKeyApiResponse, AddKeyApiArg>({
      query: (queryArg) => ({
        url: `/api/session/lock/keys`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    dropKey: build.mutation<DropKeyApiResponse, DropKeyApiArg>({
      query: ({ keyId, ...body }) => ({ url: `/api/session/lock/keys/${encodeURIComponent(String(keyId))}/off`, method: "POST", body }),
    }),
    openLock: build.mutation<OpenLockApiResponse, OpenLockApiArg>({
      query: (queryArg) => ({
        url: `/api/session/lock/off`,
        method: "POST",
        body: queryArg,
      }),
    }),
    openLockOf: build.mutation<OpenLockOfApiResponse, OpenLockOfApiArg>({
      query: ({ personId, ...body }) => ({ url: `/api/people/${encodeURIComponent(String(personId))}/lock/off`, method: "POST", body }),
    }),
    setOwnersLock: build.mutation<
      SetOwnersLockApiResponse,
      SetOwnersLockApiArg
    >({
      query: (queryArg) => ({
        url: `/api/firm/owners-lock`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    firmPlan: build.query<FirmPlanApiResponse, FirmPlanApiArg>({
      query: () => ({ url: `/api/plan` }),
    }),
    plan: build.query<PlanApiResponse, PlanApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg.jobId))}/plan`,
        params: {
          afresh: queryArg.afresh,
        },
      }),
    }),
    postPlan: build.mutation<PostPlanApiResponse, PostPlanApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/plan`, method: "POST", body }),
    }),
    soughtPlan: build.query<SoughtPlanApiResponse, SoughtPlanApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/plan/sought`,
      }),
    }),
    planChoices: build.query<PlanChoicesApiResponse, PlanChoicesApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/plan/choices`,
      }),
    }),
    punch: build.query<PunchApiResponse, PunchApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/punch`,
      }),
    }),
    markFault: build.mutation<MarkFaultApiResponse, MarkFaultApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/faults`, method: "POST", body }),
    }),
    closeFault: build.mutation<CloseFaultApiResponse, CloseFaultApiArg>({
      query: ({ faultId, ...body }) => ({ url: `/api/faults/${encodeURIComponent(String(faultId))}/acts`, method: "POST", body }),
    }),
    tryAtHandover: build.mutation<
      TryAtHandoverApiResponse,
      TryAtHandoverApiArg
    >({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/checks`, method: "POST", body }),
    }),
    shelf: build.query<ShelfApiResponse, ShelfApiArg>({
      query: () => ({ url: `/api/shelf` }),
    }),
    coming: build.query<ComingApiResponse, ComingApiArg>({
      query: () => ({ url: `/api/shelf/coming` }),
    }),
    lookAtFile: build.mutation<LookAtFileApiResponse, LookAtFileApiArg>({
      query: (queryArg) => ({
        url: `/api/shelf/preview`,
        method: "POST",
        body: queryArg,
      }),
    }),
    takeIn: build.mutation<TakeInApiResponse, TakeInApiArg>({
      query: (queryArg) => ({
        url: `/api/shelf/import`,
        method: "POST",
        body: queryArg,
      }),
    }),
    writeProduct: build.mutation<WriteProductApiResponse, WriteProductApiArg>({
      query: ({ productId, ...body }) => ({ url: `/api/shelf/products/${encodeURIComponent(String(productId))}`, method: "PUT", body }),
    }),
    addNote: build.mutation<AddNoteApiResponse, AddNoteApiArg>({
      query: ({ productId, ...body }) => ({ url: `/api/shelf/products/${encodeURIComponent(String(productId))}/notes`, method: "POST", body }),
    }),
    addTin: build.mutation<AddTinApiResponse, AddTinApiArg>({
      query: (queryArg) => ({
        url: `/api/shelf/tins`,
        method: "POST",
        body: queryArg,
      }),
    }),
    changeTin: build.mutation<ChangeTinApiResponse, ChangeTinApiArg>({
      query: ({ tinId, ...body }) => ({ url: `/api/shelf/tins/${encodeURIComponent(String(tinId))}`, method: "PATCH", body }),
    }),
    trials: build.query<TrialsApiResponse, TrialsApiArg>({
      query: () => ({ url: `/api/trials` }),
    }),
    trial: build.query<TrialApiResponse, TrialApiArg>({
      query: (queryArg) => ({
        url: `/api/trials/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    designTrial: build.mutation<DesignTrialApiResponse, DesignTrialApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/trials`, method: "POST", body }),
    }),
    layTrial: build.mutation<LayTrialApiResponse, LayTrialApiArg>({
      query: ({ trialId, ...body }) => ({ url: `/api/trials/${encodeURIComponent(String(trialId))}/laid`, method: "POST", body }),
    }),
    lookAtCell: build.mutation<LookAtCellApiResponse, LookAtCellApiArg>({
      query: ({ trialId, ...body }) => ({ url: `/api/trials/${encodeURIComponent(String(trialId))}/looks`, method: "POST", body }),
    }),
    concludeTrial: build.mutation<
      ConcludeTrialApiResponse,
      ConcludeTrialApiArg
    >({
      query: ({ trialId, ...body }) => ({ url: `/api/trials/${encodeURIComponent(String(trialId))}/conclusion`, method: "POST", body }),
    }),
    patches: build.query<PatchesApiResponse, PatchesApiArg>({
      query: () => ({ url: `/api/patches` }),
    }),
    laidPatches: build.query<LaidPatchesApiResponse, LaidPatchesApiArg>({
      query: (queryArg) => ({
        url: `/api/surfaces/${encodeURIComponent(String(queryArg))}/patches`,
      }),
    }),
    layPatches: build.mutation<LayPatchesApiResponse, LayPatchesApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/patches`, method: "POST", body }),
    }),
    keepPatchPicture: build.mutation<
      KeepPatchPictureApiResponse,
      KeepPatchPictureApiArg
    >({
      query: ({ surfaceId, patchId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/patches/${encodeURIComponent(String(patchId))}/pictures`, method: "POST", body }),
    }),
    wayBack: build.query<WayBackApiResponse, WayBackApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/way-back`, method: "POST", body }),
    }),
    writeWayBack: build.mutation<WriteWayBackApiResponse, WriteWayBackApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/ways-back`, method: "POST", body }),
    }),
    today: build.query<TodayApiResponse, TodayApiArg>({
      query: () => ({ url: `/api/today` }),
    }),
    logWork: build.mutation<LogWorkApiResponse, LogWorkApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/work`, method: "POST", body }),
    }),
    checkWork: build.query<CheckWorkApiResponse, CheckWorkApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/work/check`, method: "POST", body }),
    }),
    logStretch: build.mutation<LogStretchApiResponse, LogStretchApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/work/stretch`, method: "POST", body }),
    }),
    handOver: build.mutation<HandOverApiResponse, HandOverApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/hand-over`, method: "POST", body }),
    }),
    takeHandoverBack: build.mutation<
      TakeHandoverBackApiResponse,
      TakeHandoverBackApiArg
    >({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/hand-over/taking-back`, method: "POST", body }),
    }),
    holdStep: build.mutation<HoldStepApiResponse, HoldStepApiArg>({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/holds`, method: "POST", body }),
    }),
    releaseHold: build.mutation<ReleaseHoldApiResponse, ReleaseHoldApiArg>({
      query: ({ holdId, ...body }) => ({ url: `/api/holds/${encodeURIComponent(String(holdId))}/release`, method: "POST", body }),
    }),
    closeFollowUp: build.mutation<
      CloseFollowUpApiResponse,
      CloseFollowUpApiArg
    >({
      query: ({ followUpId, ...body }) => ({ url: `/api/follow-ups/${encodeURIComponent(String(followUpId))}/close`, method: "POST", body }),
    }),
    find: build.query<FindApiResponse, FindApiArg>({
      query: (queryArg) => ({
        url: `/api/find`,
        params: {
          q: queryArg,
        },
      }),
    }),
    firstRun: build.query<FirstRunApiResponse, FirstRunApiArg>({
      query: () => ({ url: `/api/first-run` }),
    }),
    found: build.mutation<FoundApiResponse, FoundApiArg>({
      query: (queryArg) => ({
        url: `/api/first-run`,
        method: "POST",
        body: queryArg,
      }),
    }),
    backups: build.query<BackupsApiResponse, BackupsApiArg>({
      query: () => ({ url: `/api/backups` }),
    }),
    health: build.query<HealthApiResponse, HealthApiArg>({
      query: () => ({ url: `/api/health` }),
    }),
    alive: build.query<AliveApiResponse, AliveApiArg>({
      query: () => ({ url: `/api/alive` }),
    }),
    ready: build.query<ReadyApiResponse, ReadyApiArg>({
      query: () => ({ url: `/api/ready` }),
    }),
    ledger: build.query<LedgerApiResponse, LedgerApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/ledger`,
      }),
    }),
    post: build.query<PostApiResponse, PostApiArg>({
      query: (queryArg) => ({
        url: `/api/mails`,
        params: {
          before: queryArg,
        },
      }),
    }),
    mail: build.query<MailApiResponse, MailApiArg>({
      query: (queryArg) => ({
        url: `/api/mails/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    sendAgain: build.mutation<SendAgainApiResponse, SendAgainApiArg>({
      query: ({ mailId, ...body }) => ({ url: `/api/mails/${encodeURIComponent(String(mailId))}/again`, method: "POST", body }),
    }),
    writeToClient: build.mutation<
      WriteToClientApiResponse,
      WriteToClientApiArg
    >({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/mails`, method: "POST", body }),
    }),
    writeToRound: build.mutation<WriteToRoundApiResponse, WriteToRoundApiArg>({
      query: ({ roundId, ...body }) => ({ url: `/api/aftercare/rounds/${encodeURIComponent(String(roundId))}/mails`, method: "POST", body }),
    }),
    writeInvitation: build.mutation<
      WriteInvitationApiResponse,
      WriteInvitationApiArg
    >({
      query: ({ invitationId, ...body }) => ({ url: `/api/people/invitations/${encodeURIComponent(String(invitationId))}/mail`, method: "POST", body }),
    }),
    askRecovery: build.mutation<AskRecoveryApiResponse, AskRecoveryApiArg>({
      query: (queryArg) => ({
        url: `/api/recovery`,
        method: "POST",
        body: queryArg,
      }),
    }),
    recoveryLink: build.query<RecoveryLinkApiResponse, RecoveryLinkApiArg>({
      query: (queryArg) => ({
        url: `/api/recovery/${encodeURIComponent(String(queryArg))}`,
      }),
    }),
    recover: build.mutation<RecoverApiResponse, RecoverApiArg>({
      query: ({ token, ...body }) => ({ url: `/api/recovery/${encodeURIComponent(String(token))}`, method: "POST", body }),
    }),
    sendRecovery: build.mutation<SendRecoveryApiResponse, SendRecoveryApiArg>({
      query: ({ personId, ...body }) => ({ url: `/api/people/${encodeURIComponent(String(personId))}/recovery`, method: "POST", body }),
    }),
    price: build.query<PriceApiResponse, PriceApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/price`,
      }),
    }),
    clientPreview: build.query<ClientPreviewApiResponse, ClientPreviewApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/client-view`,
      }),
    }),
    putClientPhotos: build.mutation<
      PutClientPhotosApiResponse,
      PutClientPhotosApiArg
    >({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/client-photos`, method: "PUT", body }),
    }),
    putOwnSums: build.mutation<PutOwnSumsApiResponse, PutOwnSumsApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/own-sums`, method: "PUT", body }),
    }),
    answerClient: build.mutation<AnswerClientApiResponse, AnswerClientApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/replies`, method: "POST", body }),
    }),
    fan: build.query<FanApiResponse, FanApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/price/fan`,
      }),
    }),
    putOffers: build.mutation<PutOffersApiResponse, PutOffersApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/offers`, method: "PUT", body }),
    }),
    retention: build.query<RetentionApiResponse, RetentionApiArg>({
      query: (queryArg) => ({
        url: `/api/firm/retention`,
        params: {
          accessMonths: queryArg.accessMonths,
          photoYears: queryArg.photoYears,
        },
      }),
    }),
    setRetention: build.mutation<SetRetentionApiResponse, SetRetentionApiArg>({
      query: (queryArg) => ({
        url: `/api/firm/retention`,
        method: "PUT",
        body: queryArg,
      }),
    }),
    firmLogo: build.query<FirmLogoApiResponse, FirmLogoApiArg>({
      query: () => ({ url: `/api/firm/logo` }),
    }),
    setLogo: build.mutation<SetLogoApiResponse, SetLogoApiArg>({
      query: (queryArg) => ({
        url: `/api/firm/logo`,
        method: "PUT",
        body: queryArg.body,
        params: {
          id: queryArg.id,
          version: queryArg.version,
        },
      }),
    }),
    rulesPreview: build.query<RulesPreviewApiResponse, RulesPreviewApiArg>({
      query: (queryArg) => ({
        url: `/api/rules/preview`,
        method: "POST",
        body: queryArg,
      }),
    }),
    changeFirm: build.mutation<ChangeFirmApiResponse, ChangeFirmApiArg>({
      query: (queryArg) => ({
        url: `/api/firm`,
        method: "PATCH",
        body: queryArg,
      }),
    }),
    changeJobRules: build.mutation<
      ChangeJobRulesApiResponse,
      ChangeJobRulesApiArg
    >({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/rules`, method: "PATCH", body }),
    }),
    changeSurfaceRules: build.mutation<
      ChangeSurfaceRulesApiResponse,
      ChangeSurfaceRulesApiArg
    >({
      query: ({ surfaceId, ...body }) => ({ url: `/api/surfaces/${encodeURIComponent(String(surfaceId))}/rules`, method: "PATCH", body }),
    }),
    shopping: build.query<ShoppingApiResponse, ShoppingApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/shopping`,
      }),
    }),
    tick: build.mutation<TickApiResponse, TickApiArg>({
      query: ({ jobId, ...body }) => ({ url: `/api/jobs/${encodeURIComponent(String(jobId))}/shopping/ticks`, method: "PUT", body }),
    }),
    checkLedger: build.query<CheckLedgerApiResponse, CheckLedgerApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/ledger/check`,
      }),
    }),
    lookIntoJob: build.mutation<LookIntoJobApiResponse, LookIntoJobApiArg>({
      query: (queryArg) => ({
        url: `/api/job-imports/look`,
        method: "POST",
        body: queryArg,
      }),
    }),
    bringJobIn: build.mutation<BringJobInApiResponse, BringJobInApiArg>({
      query: (queryArg) => ({
        url: `/api/job-imports`,
        method: "POST",
        body: queryArg.body,
        params: {
          id: queryArg.id,
        },
      }),
    }),
    weather: build.query<WeatherApiResponse, WeatherApiArg>({
      query: (queryArg) => ({
        url: `/api/jobs/${encodeURIComponent(String(queryArg))}/weather`,
      }),
    }),
    readingsFile: build.mutation<ReadingsFileApiResponse, ReadingsFileApiArg>({
      query: ({ roomId, ...body }) => ({ url: `/api/rooms/${encodeURIComponent(String(roomId))}/readings-file`, method: "POST", body }),
    }),
  }),
  overrideExisting: false,
});
export { injectedRtkApi as endpoints };
export type AftercareApiResponse = /** status 2XX as asked */ AftercarePage;
export type AftercareApiArg = void;
export type HeldApiResponse = /** status 2XX as asked */ HeldPage;
export type HeldApiArg = void;
export type LetHeldCountApiResponse = /** status 2XX as asked */ {
  counts: {
    systems: HeldFactor[];
    preparations: {
      preparation: Preparation;
      factor: number;
    }[];
    films: number;
    by: string;
    at: string;
  } | null;
};
export type LetHeldCountApiArg = HeldBody;
export type RoundLettersApiResponse = /** status 2XX as asked */ Paper[];
export type RoundLettersApiArg = string;
export type FixVisitsApiResponse = /** status 2XX as asked */ {
  id: string;
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: {
    what: "fault" | "follow-up" | "look";
    id: string;
    code: string;
    words: string;
    minutes: number;
  }[];
  personId: string | null;
  roundId: string | null;
  byName: string;
  at: string;
  jobId: string;
}[];
export type FixVisitsApiArg = VisitsBody;
export type EndVisitApiResponse = /** status 2XX as asked */ {
  id: string;
  visitId: string;
  kind: VisitActKind;
  note: string;
  byName: string;
  at: string;
  jobId: string;
};
export type EndVisitApiArg = {
  visitId: string;
} & VisitActBody;
export type LookAgainApiResponse = /** status 2XX as asked */ {
  id: string;
  subject: string;
  code: string;
  holds: boolean;
  note: string;
  byName: string;
  at: string;
  jobId: string;
};
export type LookAgainApiArg = {
  jobId: string;
} & LookBody;
export type FeedApiResponse = /** status 2XX as asked */ OwnCalendar;
export type FeedApiArg = void;
export type SetFeedApiResponse = /** status 2XX as asked */ {
  open: boolean;
};
export type SetFeedApiArg = FeedBody;
export type SetBusyApiResponse = /** status 2XX as asked */ {
  busy: number;
};
export type SetBusyApiArg = BusyBody;
export type JobColoursApiResponse = /** status 2XX as asked */ ColoursPage;
export type JobColoursApiArg = string;
export type NameColoursApiResponse = /** status 2XX as asked */ {
  version: number;
  colours: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  }[];
};
export type NameColoursApiArg = {
  jobId: string;
} & JobColoursBody;
export type ColourCardsApiResponse = /** status 2XX as asked */ ColourCards;
export type ColourCardsApiArg = void;
export type ChipsApiResponse = /** status 2XX as asked */ {
  chips: {
    colour: string;
    name: string;
    /** Its code or number on its maker's card; empty where it has none. */
    code: string;
    /** Whose colour it is: not always the maker of the paint that is tinted to it. */
    maker: string;
    card: string;
  }[];
  more: number;
};
export type ChipsApiArg = string | undefined;
export type ChipsNearApiResponse = /** status 2XX as asked */ {
  chips: {
    colour: string;
    name: string;
    /** Its code or number on its maker's card; empty where it has none. */
    code: string;
    /** Whose colour it is: not always the maker of the paint that is tinted to it. */
    maker: string;
    card: string;
    difference: number;
  }[];
};
export type ChipsNearApiArg = string;
export type ColourCardApiResponse = /** status 2XX as asked */ ColourCard;
export type ColourCardApiArg = string;
export type KeepColourCardApiResponse = /** status 2XX as asked */ {
  id: string;
  version: number;
};
export type KeepColourCardApiArg = {
  cardId: string;
} & ColourCardBody;
export type ColourPartsApiResponse = /** status 2XX as asked */ PartsPage;
export type ColourPartsApiArg = string;
export type KeepPartsApiResponse = /** status 2XX as asked */ {
  jobId: string;
  version: number;
};
export type KeepPartsApiArg = {
  surfaceId: string;
} & PartsBody;
export type TryPartsApiResponse = /** status 2XX as asked */ PartsReckoned;
export type TryPartsApiArg = {
  surfaceId: string;
} & PartsTriedBody;
export type PartTemplateApiResponse = /** status 2XX as asked */ any;
export type PartTemplateApiArg = {
  surfaceId: string;
  partId: string;
  paper?: "a4" | "letter";
};
export type ClientApiResponse = /** status 2XX as asked */ ClientView;
export type ClientApiArg = string;
export type AgreeApiResponse = /** status 2XX as asked */ Agreed;
export type AgreeApiArg = {
  token: string;
} & AgreeBody;
export type ReplyAsClientApiResponse = /** status 2XX as asked */ ClientReply;
export type ReplyAsClientApiArg = {
  token: string;
} & ReplyBody;
export type SendQuoteApiResponse = /** status 2XX as asked */ {
  id: string;
  number: number;
  version: number;
  linked: boolean;
};
export type SendQuoteApiArg = {
  jobId: string;
} & SendBody;
export type SetLinkApiResponse = /** status 2XX as asked */ {
  linked: boolean;
};
export type SetLinkApiArg = {
  jobId: string;
} & LinkBody;
export type PaperApiResponse = /** status 2XX as asked */ Paper;
export type PaperApiArg = {
  jobId: string;
  kind:
    | "quote"
    | "job-pack"
    | "run-sheet"
    | "shopping"
    | "labels"
    | "care-sheet"
    | "visit-letter";
  format?: "page" | "pdf" | "csv";
};
export type SentPaperApiResponse = /** status 2XX as asked */ Paper;
export type SentPaperApiArg = {
  documentId: string;
  format?: "page" | "pdf" | "csv";
};
export type ChooseSystemApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  steps: {
    kind: StepKind;
    family?: Family;
    coats?: number;
    grit?: number;
    waitMin?: number;
    why: string[];
    [key: string]: any;
  }[];
  differs: string;
  override: {
    departures: (
      | {
          act: "skip";
          step: number;
        }
      | {
          act: "swap";
          step: number;
          family: Family;
        }
      | {
          act: "move";
          step: number;
          to: number;
        }
    )[];
    base: string;
    said: string[];
    reason: string;
    signedAs: string;
    told: {
      words: string;
      fault: Fault | null;
      odds: number;
      cost: number;
    }[];
  } | null;
  byName: string;
  at: string;
  jobId: string;
};
export type ChooseSystemApiArg = {
  surfaceId: string;
} & ChoiceBody;
export type WhatIfApiResponse = /** status 2XX as asked */ WhatIfAnswer;
export type WhatIfApiArg = {
  surfaceId: string;
} & WhatIfBody;
export type SchoolsApiResponse = /** status 2XX as asked */ SchoolsPage;
export type SchoolsApiArg = string;
export type DamageApiResponse = /** status 2XX as asked */ DamagePage;
export type DamageApiArg = string;
export type MarkDamageApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  what:
    | "peeling"
    | "blistering"
    | "water-stain"
    | "damp"
    | "soot"
    | "mould"
    | "efflorescence"
    | "substrate-crack"
    | "rot"
    | "heater"
    | "pipe"
    | "wet-room-behind"
    | "chimney"
    | "downpipe";
  there: boolean;
  place: {
    wall: number;
    x: number;
    y: number;
  };
  note: string;
  takesBack: string | null;
  byName: string;
  at: string;
  jobId: string;
};
export type MarkDamageApiArg = {
  surfaceId: string;
} & DamageBody;
export type FramePhotoApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  photoId: string;
  corners: {
    topLeft: {
      x: number;
      y: number;
    };
    topRight: {
      x: number;
      y: number;
    };
    bottomRight: {
      x: number;
      y: number;
    };
    bottomLeft: {
      x: number;
      y: number;
    };
  };
  wall: number;
  part: {
    x: number;
    y: number;
    widthM: number;
    heightM: number;
  };
  byName: string;
  at: string;
  jobId: string;
};
export type FramePhotoApiArg = {
  surfaceId: string;
} & PhotoFrameBody;
export type NoteFindingApiResponse = /** status 2XX as asked */ Finding;
export type NoteFindingApiArg = {
  surfaceId: string;
} & FindingBody;
export type JointsApiResponse = /** status 2XX as asked */ JointsPage;
export type JointsApiArg = string;
export type DrawJointApiResponse = /** status 2XX as asked */ {
  id: string;
  roomId: string;
  surfaceId: string;
  line: {
    wall: number;
    points: {
      x: number;
      y: number;
    }[];
  } | null;
  lengthM: number | null;
  side:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  otherSide:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  widthMm: number;
  holds: "open" | "unread" | "silicone" | "acrylic" | "hybrid" | "putty";
  state: "sound" | "split" | "loose" | "mouldy";
  shine: ("dull" | "slight" | "shiny") | null;
  flex: ("springs-back" | "dents" | "hard" | "crumbles") | null;
  smell: ("vinegar" | "oily" | "none") | null;
  oldPaint: ("holds" | "came-off" | "none") | null;
  dab: ("wets" | "beads") | null;
  moves: boolean | null;
  wet: boolean | null;
  painted: boolean | null;
  colour: string;
  remedy: Remedy | null;
  note: string;
  withdrawn: boolean;
  byName: string;
  at: string;
  version: number;
  jobId: string;
};
export type DrawJointApiArg = {
  roomId: string;
} & JointBody;
export type ChangeJointApiResponse = /** status 2XX as asked */ {
  id: string;
  roomId: string;
  surfaceId: string;
  line: {
    wall: number;
    points: {
      x: number;
      y: number;
    }[];
  } | null;
  lengthM: number | null;
  side:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  otherSide:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  widthMm: number;
  holds: "open" | "unread" | "silicone" | "acrylic" | "hybrid" | "putty";
  state: "sound" | "split" | "loose" | "mouldy";
  shine: ("dull" | "slight" | "shiny") | null;
  flex: ("springs-back" | "dents" | "hard" | "crumbles") | null;
  smell: ("vinegar" | "oily" | "none") | null;
  oldPaint: ("holds" | "came-off" | "none") | null;
  dab: ("wets" | "beads") | null;
  moves: boolean | null;
  wet: boolean | null;
  painted: boolean | null;
  colour: string;
  remedy: Remedy | null;
  note: string;
  withdrawn: boolean;
  byName: string;
  at: string;
  version: number;
  jobId: string;
};
export type ChangeJointApiArg = {
  jointId: string;
} & JointChange;
export type KeepPhotoApiResponse = /** status 2XX as asked */ Photo;
export type KeepPhotoApiArg = {
  jobId: string;
  id: string;
  roomId: string;
  surfaceId?: string;
  testId?: string;
  workId?: string;
  note?: string;
  at: string;
  wall?: number;
  x?: number;
  y?: number;
  body: Blob;
};
export type RecordTestApiResponse = /** status 2XX as asked */ TestRow;
export type RecordTestApiArg = {
  surfaceId: string;
} & TestBody;
export type TakeTestBackApiResponse = /** status 2XX as asked */ TestRow;
export type TakeTestBackApiArg = {
  testId: string;
} & TakeTestBackBody;
export type PracticeApiResponse = /** status 2XX as asked */ PracticePage;
export type PracticeApiArg = void;
export type KeepPracticeApiResponse = /** status 2XX as asked */ PracticeGo;
export type KeepPracticeApiArg = PracticeGoBody;
export type KeepDrillApiResponse = /** status 2XX as asked */ PracticeDrill;
export type KeepDrillApiArg = PracticeDrillBody;
export type ShowPracticeApiResponse = /** status 2XX as asked */ {
  shown: boolean;
};
export type ShowPracticeApiArg = PracticeShownBody;
export type MakeCaseApiResponse = /** status 2XX as asked */ PracticeCaseKept;
export type MakeCaseApiArg = PracticeCaseBody;
export type ChangeCaseApiResponse = /** status 2XX as asked */ PracticeCaseKept;
export type ChangeCaseApiArg = {
  caseId: string;
} & PracticeCaseChange;
export type EnterDemoApiResponse = /** status 2XX as asked */ Session;
export type EnterDemoApiArg = EnterBody;
export type LeaveDemoApiResponse = /** status 2XX as asked */ Session;
export type LeaveDemoApiArg = LeaveDemoBody;
export type JobsApiResponse = /** status 2XX as asked */ JobBrief[];
export type JobsApiArg = {
  words?: string;
  after?: string;
  most?: number;
};
export type AddJobApiResponse = /** status 2XX as asked */ Job;
export type AddJobApiArg = JobBody;
export type JobSumsApiResponse = /** status 2XX as asked */ {
  inHand: number;
  over: number;
  minutes: number;
  cost?: number;
};
export type JobSumsApiArg = void;
export type JobNamesApiResponse = /** status 2XX as asked */ JobName[];
export type JobNamesApiArg = void;
export type JobsTakenOutApiResponse = /** status 2XX as asked */ JobTakenOut[];
export type JobsTakenOutApiArg = void;
export type JobApiResponse = /** status 2XX as asked */ WholeJob;
export type JobApiArg = string;
export type ChangeJobApiResponse = /** status 2XX as asked */ Job;
export type ChangeJobApiArg = {
  jobId: string;
} & JobChange;
export type AddRoomApiResponse = /** status 2XX as asked */ Room;
export type AddRoomApiArg = {
  jobId: string;
} & RoomBody;
export type AddSurfaceApiResponse = /** status 2XX as asked */ Surface;
export type AddSurfaceApiArg = {
  jobId: string;
} & SurfaceBody;
export type AddWholeRoomApiResponse = /** status 2XX as asked */ {
  room: Room;
  surfaces: number;
};
export type AddWholeRoomApiArg = {
  jobId: string;
} & WholeRoomBody;
export type PutOrderApiResponse = /** status 2XX as asked */ {
  moved: number;
};
export type PutOrderApiArg = {
  jobId: string;
} & OrderBody;
export type SetCampaignApiResponse = /** status 2XX as asked */ {
  before: {
    id: string;
    campaign: string | null;
  }[];
};
export type SetCampaignApiArg = {
  jobId: string;
} & CampaignBody;
export type ChangeRoomApiResponse = /** status 2XX as asked */ Room;
export type ChangeRoomApiArg = {
  roomId: string;
} & RoomChange;
export type AsItStoodApiResponse = /** status 2XX as asked */ SurfacePage;
export type AsItStoodApiArg = {
  surfaceId: string;
  day: string;
};
export type SurfaceApiResponse = /** status 2XX as asked */ SurfacePage;
export type SurfaceApiArg = string;
export type ChangeSurfaceApiResponse = /** status 2XX as asked */ Surface;
export type ChangeSurfaceApiArg = {
  surfaceId: string;
} & SurfaceChange;
export type TakeOutJobApiResponse = /** status 2XX as asked */ Job;
export type TakeOutJobApiArg = {
  jobId: string;
} & WithdrawalBody;
export type BringJobBackApiResponse = /** status 2XX as asked */ Job;
export type BringJobBackApiArg = {
  jobId: string;
} & ReturnBody;
export type TakeOutRoomApiResponse = /** status 2XX as asked */ Room;
export type TakeOutRoomApiArg = {
  roomId: string;
} & WithdrawalBody;
export type BringRoomBackApiResponse = /** status 2XX as asked */ Room;
export type BringRoomBackApiArg = {
  roomId: string;
} & ReturnBody;
export type TakeOutSurfaceApiResponse = /** status 2XX as asked */ Surface;
export type TakeOutSurfaceApiArg = {
  surfaceId: string;
} & WithdrawalBody;
export type BringSurfaceBackApiResponse = /** status 2XX as asked */ Surface;
export type BringSurfaceBackApiArg = {
  surfaceId: string;
} & ReturnBody;
export type ReadAirApiResponse = /** status 2XX as asked */ {
  id: string;
  roomId: string;
  temperatureC: number;
  relativeHumidityPct: number;
  byName: string;
  at: string;
  jobId: string;
};
export type ReadAirApiArg = {
  roomId: string;
} & ReadingBody;
export type SignInApiResponse = /** status 2XX as asked */ Session;
export type SignInApiArg = SignInBody;
export type SessionApiResponse = /** status 2XX as asked */ Session;
export type SessionApiArg = void;
export type SignOutApiResponse = /** status 2XX as asked */ any;
export type SignOutApiArg = void;
export type PeopleApiResponse = /** status 2XX as asked */ StaffPage;
export type PeopleApiArg = void;
export type InviteApiResponse = /** status 2XX as asked */ {
  id: string;
  expiresAt: string;
};
export type InviteApiArg = InvitationBody;
export type WithdrawInvitationApiResponse = /** status 2XX as asked */ {
  withdrawn: boolean;
};
export type WithdrawInvitationApiArg = {
  invitationId: string;
} & IdBody;
export type ChangePersonApiResponse = /** status 2XX as asked */ {
  changed: boolean;
  version: number;
};
export type ChangePersonApiArg = {
  personId: string;
} & PersonChange;
export type PersonLeavesApiResponse = /** status 2XX as asked */ {
  left: boolean;
};
export type PersonLeavesApiArg = {
  personId: string;
} & IdBody;
export type SignOutPersonApiResponse = /** status 2XX as asked */ {
  closed: boolean;
};
export type SignOutPersonApiArg = {
  personId: string;
} & IdBody;
export type SignOutEverywhereApiResponse = /** status 2XX as asked */ {
  closed: boolean;
};
export type SignOutEverywhereApiArg = IdBody;
export type ChangePasswordApiResponse = /** status 2XX as asked */ {
  changed: boolean;
};
export type ChangePasswordApiArg = PasswordBody;
export type SetPlanningApiResponse = /** status 2XX as asked */ {
  holidays: string[];
  version: number;
};
export type SetPlanningApiArg = PlanningBody;
export type InvitationApiResponse = /** status 2XX as asked */ Invited;
export type InvitationApiArg = string;
export type JoinApiResponse = /** status 2XX as asked */ Session;
export type JoinApiArg = {
  token: string;
} & JoinBody;
export type LockApiResponse = /** status 2XX as asked */ SecondLock;
export type LockApiArg = void;
export type BeginLockApiResponse = /** status 2XX as asked */ NewLock;
export type BeginLockApiArg = LockBody;
export type CloseLockApiResponse = /** status 2XX as asked */ {
  onPaper: string[];
};
export type CloseLockApiArg = LockCloseBody;
export type AskForKeyApiResponse = /** status 2XX as asked */ {
  asked: {
    [key: string]: any;
  };
};
export type AskForKeyApiArg = LockBody;
export type AddKeyApiResponse = /** status 2XX as asked */ {
  onPaper: string[];
};
export type AddKeyApiArg = PasskeyBody;
export type DropKeyApiResponse = /** status 2XX as asked */ {
  open: boolean;
};
export type DropKeyApiArg = {
  keyId: string;
} & LockBody;
export type OpenLockApiResponse = /** status 2XX as asked */ {
  open: boolean;
};
export type OpenLockApiArg = LockBody;
export type OpenLockOfApiResponse = /** status 2XX as asked */ {
  open: boolean;
};
export type OpenLockOfApiArg = {
  personId: string;
} & IdBody;
export type SetOwnersLockApiResponse = /** status 2XX as asked */ {
  changed: boolean;
};
export type SetOwnersLockApiArg = OwnersLockBody;
export type FirmPlanApiResponse =
  | /** status 2XX as asked */ FirmSheet
  | {
      input: null;
    };
export type FirmPlanApiArg = void;
export type PlanApiResponse = /** status 2XX as asked */ PlanPage;
export type PlanApiArg = {
  jobId: string;
  afresh?: "true" | "false";
};
export type PostPlanApiResponse = /** status 2XX as asked */ {
  plan: Plan;
};
export type PostPlanApiArg = {
  jobId: string;
} & PostBody;
export type SoughtPlanApiResponse = /** status 2XX as asked */ {
  plan: Plan;
};
export type SoughtPlanApiArg = string;
export type PlanChoicesApiResponse = /** status 2XX as asked */ PlanChoices;
export type PlanChoicesApiArg = string;
export type PunchApiResponse = /** status 2XX as asked */ PunchPage;
export type PunchApiArg = string;
export type MarkFaultApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  roomId: string;
  number: number;
  fault: Fault;
  note: string;
  mark: {
    wall: number;
    x: number;
    y: number;
  } | null;
  photoId: string | null;
  photoPlace: {
    x: number;
    y: number;
  } | null;
  sizeM2: number;
  view: View;
  light: Light | null;
  byName: string;
  at: string;
  jobId: string;
};
export type MarkFaultApiArg = {
  jobId: string;
} & FaultBody;
export type CloseFaultApiResponse = /** status 2XX as asked */ FaultAct;
export type CloseFaultApiArg = {
  faultId: string;
} & FaultActBody;
export type TryAtHandoverApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  code: string;
  holds: boolean;
  note: string;
  byName: string;
  at: string;
  jobId: string;
};
export type TryAtHandoverApiArg = {
  surfaceId: string;
} & CheckBody;
export type ShelfApiResponse = /** status 2XX as asked */ KeptProduct[];
export type ShelfApiArg = void;
export type ComingApiResponse = /** status 2XX as asked */ Coming;
export type ComingApiArg = void;
export type LookAtFileApiResponse = /** status 2XX as asked */ ShelfLook;
export type LookAtFileApiArg = ShelfFile;
export type TakeInApiResponse = /** status 2XX as asked */ {
  added: number;
  changed: number;
  same: number;
  leftOut: number;
};
export type TakeInApiArg = ShelfImport;
export type WriteProductApiResponse = /** status 2XX as asked */ {
  id: string;
  productId: string;
  sheet: Product;
  kept: boolean;
  version: number;
};
export type WriteProductApiArg = {
  productId: string;
} & ProductBody;
export type AddNoteApiResponse = /** status 2XX as asked */ ProductNote;
export type AddNoteApiArg = {
  productId: string;
} & NoteBody;
export type AddTinApiResponse = /** status 2XX as asked */ Tin;
export type AddTinApiArg = TinBody;
export type ChangeTinApiResponse = /** status 2XX as asked */ Tin;
export type ChangeTinApiArg = {
  tinId: string;
} & TinChange;
export type TrialsApiResponse = /** status 2XX as asked */ TrialBrief[];
export type TrialsApiArg = void;
export type TrialApiResponse = /** status 2XX as asked */ Trial;
export type TrialApiArg = string;
export type DesignTrialApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string | null;
  title: string;
  place: string;
  byName: string;
  at: string;
  jobId: string;
  design: TrialDesign;
  cells: Cell[];
};
export type DesignTrialApiArg = {
  jobId: string;
} & TrialBody;
export type LayTrialApiResponse = /** status 2XX as asked */ TrialAct;
export type LayTrialApiArg = {
  trialId: string;
} & LaidBody;
export type LookAtCellApiResponse = /** status 2XX as asked */ TrialAct;
export type LookAtCellApiArg = {
  trialId: string;
} & CellLookBody;
export type ConcludeTrialApiResponse = /** status 2XX as asked */ TrialAct;
export type ConcludeTrialApiArg = {
  trialId: string;
} & ConclusionBody;
export type PatchesApiResponse = /** status 2XX as asked */ PatchSurface[];
export type PatchesApiArg = void;
export type LaidPatchesApiResponse = /** status 2XX as asked */ {
  patches: LaidPatches[];
};
export type LaidPatchesApiArg = string;
export type LayPatchesApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  families: Family[];
  coats: number;
  place: string;
  byName: string;
  at: string;
  jobId: string;
};
export type LayPatchesApiArg = {
  surfaceId: string;
} & PatchBody;
export type KeepPatchPictureApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  patchId: string;
  photoId: string;
  setting: {
    corners: {
      topLeft: {
        x: number;
        y: number;
      };
      topRight: {
        x: number;
        y: number;
      };
      bottomRight: {
        x: number;
        y: number;
      };
      bottomLeft: {
        x: number;
        y: number;
      };
    };
    band: {
      from: number;
      to: number;
    };
  };
  coats: number;
  shows: {
    difference: number;
    doubt: number;
    worst: number;
  }[];
  byName: string;
  at: string;
  jobId: string;
};
export type KeepPatchPictureApiArg = {
  surfaceId: string;
  patchId: string;
} & PictureBody;
export type WayBackApiResponse = /** status 2XX as asked */ WayBackFound;
export type WayBackApiArg = {
  surfaceId: string;
} & RescueAsked;
export type WriteWayBackApiResponse = /** status 2XX as asked */ WayBackFound;
export type WriteWayBackApiArg = {
  surfaceId: string;
} & RescueBody;
export type TodayApiResponse = /** status 2XX as asked */ TodayPage;
export type TodayApiArg = void;
export type LogWorkApiResponse = /** status 2XX as asked */ Logged;
export type LogWorkApiArg = {
  jobId: string;
} & WorkBody;
export type CheckWorkApiResponse = /** status 2XX as asked */ {
  warnings: string[];
};
export type CheckWorkApiArg = {
  jobId: string;
} & WorkAsked;
export type LogStretchApiResponse = /** status 2XX as asked */ WorkLog[];
export type LogStretchApiArg = {
  jobId: string;
} & StretchBody;
export type HandOverApiResponse = /** status 2XX as asked */ Job;
export type HandOverApiArg = {
  jobId: string;
} & HandoverBody;
export type TakeHandoverBackApiResponse = /** status 2XX as asked */ Job;
export type TakeHandoverBackApiArg = {
  jobId: string;
} & TakeHandoverBackBody;
export type HoldStepApiResponse = /** status 2XX as asked */ Hold;
export type HoldStepApiArg = {
  surfaceId: string;
} & HoldBody;
export type ReleaseHoldApiResponse = /** status 2XX as asked */ Hold;
export type ReleaseHoldApiArg = {
  holdId: string;
} & ReleaseBody;
export type CloseFollowUpApiResponse = /** status 2XX as asked */ {
  id: string;
  surfaceId: string;
  workId: string | null;
  kind: string;
  words: string;
  dueAt: string;
  closedAt: string | null;
  closedBy: string | null;
  closedNote: string | null;
  byName: string;
  at: string;
  jobId: string;
};
export type CloseFollowUpApiArg = {
  followUpId: string;
} & CloseBody;
export type FindApiResponse = /** status 2XX as asked */ SearchHits;
export type FindApiArg = string;
export type FirstRunApiResponse = /** status 2XX as asked */ {
  open: boolean;
};
export type FirstRunApiArg = void;
export type FoundApiResponse = /** status 2XX as asked */ Session;
export type FoundApiArg = FoundingBody;
export type BackupsApiResponse = /** status 2XX as asked */ Backups;
export type BackupsApiArg = void;
export type HealthApiResponse = /** status 2XX as asked */ {
  process: string;
  database: string;
};
export type HealthApiArg = void;
export type AliveApiResponse = /** status 2XX as asked */ {
  process: string;
};
export type AliveApiArg = void;
export type ReadyApiResponse = /** status 2XX as asked */ {
  ready: boolean;
};
export type ReadyApiArg = void;
export type LedgerApiResponse = /** status 2XX as asked */ LedgerEntry[];
export type LedgerApiArg = string;
export type PostApiResponse = /** status 2XX as asked */ PostPage;
export type PostApiArg = string | undefined;
export type MailApiResponse = /** status 2XX as asked */ MailText;
export type MailApiArg = string;
export type SendAgainApiResponse = /** status 2XX as asked */ Mail;
export type SendAgainApiArg = {
  mailId: string;
} & IdBody;
export type WriteToClientApiResponse = /** status 2XX as asked */ Mail;
export type WriteToClientApiArg = {
  jobId: string;
} & JobMailBody;
export type WriteToRoundApiResponse = /** status 2XX as asked */ {
  written: number;
  without: string[];
};
export type WriteToRoundApiArg = {
  roundId: string;
} & IdBody;
export type WriteInvitationApiResponse = /** status 2XX as asked */ Mail;
export type WriteInvitationApiArg = {
  invitationId: string;
} & InvitationMailBody;
export type AskRecoveryApiResponse = /** status 2XX as asked */ {
  asked: boolean;
};
export type AskRecoveryApiArg = RecoveryBody;
export type RecoveryLinkApiResponse = /** status 2XX as asked */ {
  firm: string;
  name: string;
  email: string;
};
export type RecoveryLinkApiArg = string;
export type RecoverApiResponse = /** status 2XX as asked */ {
  recovered: boolean;
};
export type RecoverApiArg = {
  token: string;
} & JoinBody;
export type SendRecoveryApiResponse = /** status 2XX as asked */ {
  asked: boolean;
};
export type SendRecoveryApiArg = {
  personId: string;
} & IdBody;
export type PriceApiResponse = /** status 2XX as asked */ PricePage;
export type PriceApiArg = string;
export type ClientPreviewApiResponse = /** status 2XX as asked */ ClientView;
export type ClientPreviewApiArg = string;
export type PutClientPhotosApiResponse = /** status 2XX as asked */ {
  version: number;
  clientPhotos: {
    id: string;
    before: string;
    after: string | null;
    words: string;
  }[];
};
export type PutClientPhotosApiArg = {
  jobId: string;
} & ClientPhotosBody;
export type PutOwnSumsApiResponse = /** status 2XX as asked */ {
  version: number;
  ownSums:
    | {
        id: string;
        surfaceId: string | null;
        words: string;
        amount: number;
        note: string;
        currency?: string;
      }[]
    | null;
};
export type PutOwnSumsApiArg = {
  jobId: string;
} & OwnSumsBody;
export type AnswerClientApiResponse = /** status 2XX as asked */ ClientReply;
export type AnswerClientApiArg = {
  jobId: string;
} & AnswerBody;
export type FanApiResponse = /** status 2XX as asked */ FanInput;
export type FanApiArg = string;
export type PutOffersApiResponse = /** status 2XX as asked */ {
  version: number;
  offers: {
    id: string;
    surfaceId: string;
    key: string;
  }[];
};
export type PutOffersApiArg = {
  jobId: string;
} & OffersBody;
export type RetentionApiResponse = /** status 2XX as asked */ {
  rule: {
    accessMonths?: number | null;
    photoYears?: number | null;
  };
  would: LetGo;
};
export type RetentionApiArg = {
  accessMonths?: number;
  photoYears?: number;
};
export type SetRetentionApiResponse = /** status 2XX as asked */ LetGo;
export type SetRetentionApiArg = RetentionBody;
export type FirmLogoApiResponse = /** status 2XX as asked */ {
  logo: string | null;
  version: number;
};
export type FirmLogoApiArg = void;
export type SetLogoApiResponse = /** status 2XX as asked */ {
  logo: string | null;
  version: number;
};
export type SetLogoApiArg = {
  id: string;
  version: number;
  body: Blob;
};
export type RulesPreviewApiResponse = /** status 2XX as asked */ {
  looked: number;
  surfaces: RuleEffect[];
};
export type RulesPreviewApiArg = RulesAsked;
export type ChangeFirmApiResponse = /** status 2XX as asked */ Firm;
export type ChangeFirmApiArg = FirmChange;
export type ChangeJobRulesApiResponse = /** status 2XX as asked */ Job;
export type ChangeJobRulesApiArg = {
  jobId: string;
} & RulesChange;
export type ChangeSurfaceRulesApiResponse = /** status 2XX as asked */ Surface;
export type ChangeSurfaceRulesApiArg = {
  surfaceId: string;
} & RulesChange;
export type ShoppingApiResponse = /** status 2XX as asked */ ShoppingPage;
export type ShoppingApiArg = string;
export type TickApiResponse = /** status 2XX as asked */ {
  item: string;
  had: number;
};
export type TickApiArg = {
  jobId: string;
} & TickBody;
export type CheckLedgerApiResponse = /** status 2XX as asked */ ChainCheck;
export type CheckLedgerApiArg = string;
export type LookIntoJobApiResponse = /** status 2XX as asked */ JobFileHolds;
export type LookIntoJobApiArg = Blob;
export type BringJobInApiResponse = /** status 2XX as asked */ {
  jobId: string;
  already: boolean;
  entries: number;
  photos: number;
};
export type BringJobInApiArg = {
  id: string;
  body: Blob;
};
export type WeatherApiResponse = /** status 2XX as asked */ WeatherHours;
export type WeatherApiArg = string;
export type ReadingsFileApiResponse = /** status 2XX as asked */ {
  hours: number;
  gaps: {
    from: number;
    hours: number;
  }[];
};
export type ReadingsFileApiArg = {
  roomId: string;
} & ReadingsBody;
export type CareJob = {
  id: string;
  title: string;
  place: string;
  client: string;
  version: number;
  mapPlace: {
    x: number;
    y: number;
  } | null;
  at: {
    lat: number;
    lon: number;
  } | null;
};
export type Call = {
  jobId: string;
  what: "fault" | "follow-up" | "look";
  subject: string;
  surfaceId: string | null;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
  by: string;
  minutes: number;
  visitId: string | null;
};
export type CareUse = {
  jobId: string;
  surfaceId: string;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
};
export type Repaint = {
  kind: "repaint" | "use" | "visit";
  code: string;
  at: string;
  words: string;
  why: string;
  jobId: string;
  surfaceId: string;
  name: string;
};
export type FixedVisit = {
  jobId: string;
  id: string;
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: {
    what: "fault" | "follow-up" | "look";
    id: string;
    code: string;
    words: string;
    minutes: number;
  }[];
  personId: string | null;
  roundId: string | null;
};
export type AftercarePage = {
  now: string;
  zone: string;
  jobs: CareJob[];
  people: {
    id: string;
    name: string;
    initials: string;
    days: number[];
  }[];
  calls: Call[];
  moreCalls: number;
  uses: CareUse[];
  repaints: Repaint[];
  lookedAfter: number;
  visits: FixedVisit[];
};
export type Refusal = {
  code: string;
  message: string;
  errors?: {
    path: string;
    message: string;
    code?: string;
  }[];
  yours?: any;
  theirs?: any;
  passkey?: any;
  requestId: string;
};
export type HeldSystem = {
  kind: {
    primer:
      | (
          | "acetone"
          | "acrylic-caulk"
          | "acrylic-ceiling"
          | "acrylic-primer-undercoat"
          | "acrylic-trim"
          | "acrylic-wall"
          | "alkaline-cleaner"
          | "bonding-acrylic-primer"
          | "chalk-style"
          | "clear-bonding-primer"
          | "clear-shellac"
          | "deglosser"
          | "degreaser"
          | "denatured-alcohol"
          | "elastomeric-caulk"
          | "etch-primer"
          | "exterior-acrylic"
          | "exterior-filler"
          | "exterior-oil"
          | "filler"
          | "floor-paint"
          | "low-odour-oil-primer"
          | "masonry-paint"
          | "masonry-paint-remover"
          | "masonry-primer"
          | "metal-primer"
          | "microporous-primer"
          | "mineral-spirits"
          | "moisture-resistant-acrylic"
          | "mould-wash"
          | "multi-purpose-acrylic-primer"
          | "oil-enamel"
          | "oil-primer"
          | "oil-undercoat"
          | "oil-varnish"
          | "paintable-hybrid-sealant"
          | "penetrating-epoxy"
          | "penetrating-sealer"
          | "pva-primer"
          | "seam-adhesive"
          | "shellac-primer"
          | "silicone-sealant"
          | "stain-blocking-acrylic-primer"
          | "stripper"
          | "wallpaper-sealer"
          | "waterborne-alkyd"
          | "waterborne-clear"
          | "wood-acrylic-primer"
          | "wood-bleach"
        )
      | null;
    finish: Family;
  };
  films: number;
  years: number;
  failed: number;
  /** Failures that would be typical in these years. */
  typical: number;
  factor: number;
  /** Where the factor lies, eight in ten. */
  from: number;
  to: number;
  /** The same as a share of films a year. */
  aYear: number;
  aYearFrom: number;
  aYearTo: number;
  /** Whether the interval lies whole on one side of the typical. */
  says: "less" | "more" | "nothing-yet";
};
export type HeldPreparation = {
  kind: "deglossed" | "none" | "sanded" | "stripped" | "washed";
  films: number;
  years: number;
  failed: number;
  /** Failures that would be typical in these years. */
  typical: number;
  factor: number;
  /** Where the factor lies, eight in ten. */
  from: number;
  to: number;
  /** The same as a share of films a year. */
  aYear: number;
  aYearFrom: number;
  aYearTo: number;
  /** Whether the interval lies whole on one side of the typical. */
  says: "less" | "more" | "nothing-yet";
};
export type HeldLimits = {
  kind: boolean;
  films: number;
  years: number;
  failed: number;
  /** Failures that would be typical in these years. */
  typical: number;
  factor: number;
  /** Where the factor lies, eight in ten. */
  from: number;
  to: number;
  /** The same as a share of films a year. */
  aYear: number;
  aYearFrom: number;
  aYearTo: number;
  /** Whether the interval lies whole on one side of the typical. */
  says: "less" | "more" | "nothing-yet";
};
export type CallBack = {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  fault: Fault;
  at: string;
  years: number;
  primer: Family | null;
  finish: Family | null;
  preparation: Preparation;
  weather: {
    temperatureC: number | null;
    relativeHumidityPct: number | null;
  };
  hand: string;
  schools: string[];
};
export type HeldFactor = {
  /** The family of its main primer; null where it has none. */
  primer:
    | (
        | "acetone"
        | "acrylic-caulk"
        | "acrylic-ceiling"
        | "acrylic-primer-undercoat"
        | "acrylic-trim"
        | "acrylic-wall"
        | "alkaline-cleaner"
        | "bonding-acrylic-primer"
        | "chalk-style"
        | "clear-bonding-primer"
        | "clear-shellac"
        | "deglosser"
        | "degreaser"
        | "denatured-alcohol"
        | "elastomeric-caulk"
        | "etch-primer"
        | "exterior-acrylic"
        | "exterior-filler"
        | "exterior-oil"
        | "filler"
        | "floor-paint"
        | "low-odour-oil-primer"
        | "masonry-paint"
        | "masonry-paint-remover"
        | "masonry-primer"
        | "metal-primer"
        | "microporous-primer"
        | "mineral-spirits"
        | "moisture-resistant-acrylic"
        | "mould-wash"
        | "multi-purpose-acrylic-primer"
        | "oil-enamel"
        | "oil-primer"
        | "oil-undercoat"
        | "oil-varnish"
        | "paintable-hybrid-sealant"
        | "penetrating-epoxy"
        | "penetrating-sealer"
        | "pva-primer"
        | "seam-adhesive"
        | "shellac-primer"
        | "silicone-sealant"
        | "stain-blocking-acrylic-primer"
        | "stripper"
        | "wallpaper-sealer"
        | "waterborne-alkyd"
        | "waterborne-clear"
        | "wood-acrylic-primer"
        | "wood-bleach"
      )
    | null;
  finish: Family;
  factor: number;
};
export type HeldPage = {
  films: number;
  years: number;
  systems: HeldSystem[];
  preparations: HeldPreparation[];
  limits: HeldLimits[];
  callBacks: CallBack[];
  counts: {
    systems: HeldFactor[];
    preparations: {
      preparation: Preparation;
      factor: number;
    }[];
    films: number;
    by: string;
    at: string;
  } | null;
};
export type HeldBody = {
  id: string;
  counts: boolean;
};
export type VisitsBody = {
  id: string;
  visits: {
    id: string;
    jobId: string;
    onDay: string;
    fromTime: string;
    minutes: number;
    calls: {
      what: "fault" | "follow-up" | "look";
      id: string;
      code: string;
      words: string;
      minutes: number;
    }[];
  }[];
  personId?: string | null;
  round?: boolean;
};
export type VisitActBody = {
  id: string;
  kind: VisitActKind;
  note?: string;
  at: string;
};
export type LookBody = {
  id: string;
  subject: string;
  code: string;
  holds: boolean;
  note?: string;
  at: string;
};
export type OwnCalendar = {
  madeAt: string | null;
  busy: number;
  taken: {
    title: string;
    startsAt: string;
    endsAt: string;
  }[];
  work: {
    id: string;
    jobId: string;
    job: string;
    words: string;
    startsAt: string;
    endsAt: string;
  }[];
};
export type FeedBody = {
  id: string;
  token?: string | null;
};
export type BusyBody = {
  id: string;
  ics?: string | null;
};
export type ColourLine = {
  colour: string;
  /** What it looks like, in words. */
  looks: string;
  /** CIE L*, 0 black to 100 white. */
  lightness: number;
  /** Light reflectance, %. */
  reflectancePct: number;
  named: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  } | null;
  onCard: {
    name: string;
    /** Its code or number on its maker's card; empty where it has none. */
    code: string;
    /** Whose colour it is: not always the maker of the paint that is tinted to it. */
    maker: string;
  } | null;
  places: {
    surfaceId: string;
    /** A part in a colour of its own; null: the surface but for its parts. */
    partId: null | string;
    room: string;
    name: string;
    /** Null: nobody has chosen one. */
    sheen: Sheen | null;
    coats: number;
    tint: {
      tint: Tint;
      /** Coats of finish over the primer as it is tinted. */
      coats: number;
      /** Coats that it would take over the same primer left white. */
      coatsOverWhite: number;
      /** Hands-on minutes that are saved. */
      minutes: number;
      saves?: number;
    } | null;
  }[];
};
export type ColoursPage = {
  job: {
    id: string;
    title: string;
    version: number;
  };
  currency: string;
  lines: ColourLine[];
};
export type JobColoursBody = {
  id: string;
  version: number;
  colours: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  }[];
  changed: {
    from: string;
    to: string;
  }[];
};
export type ColourCards = {
  cards: {
    id: string;
    name: string;
    maker: string;
    version: number;
    count: number;
  }[];
};
export type ColourCard = {
  id: string;
  name: string;
  maker: string;
  version: number;
  colours: {
    colour: string;
    name: string;
    code: string;
  }[];
};
export type ColourCardBody = {
  id: string;
  version?: number | null;
  name: string;
  maker: string;
  colours: {
    colour: string;
    name: string;
    code: string;
  }[];
  kept: boolean;
};
export type PartsReckoned = {
  family: Family | null;
  parts: {
    id: string;
    areaM2: number;
    tapeM: number;
    curvedM: number;
    round: number;
    coats: number;
    litres: number;
    overGround: boolean;
  }[];
  faceM2: number;
  groundM2: number;
  rounds: number;
  tapingMinutes: number;
  addsMinutes: number;
  addsLitres: number;
  adds?: number;
};
export type PartsPage = {
  job: {
    id: string;
    title: string;
  };
  room: {
    id: string;
    name: string;
    sketch: {
      walls: {
        name: string;
        widthM: number;
        heightM: number;
        openings: {
          kind: "window" | "door" | "opening";
          x: number;
          y: number;
          widthM: number;
          heightM: number;
        }[];
      }[];
    } | null;
  };
  surface: {
    id: string;
    name: string;
    version: number;
    areaM2: number | null;
    colour: string | null;
    sheen: Sheen | null;
    colourParts: {
      face:
        | {
            kind: "walls";
          }
        | {
            kind: "own";
            widthM: number;
            heightM: number;
            count: number;
          };
      parts: {
        id: string;
        name: string;
        colour: string;
        sheen: Sheen | null;
        shape:
          | {
              kind: "band";
              walls: number[];
              fromM: number;
              toM: number;
            }
          | {
              kind: "stripes";
              walls: number[];
              way: "upright" | "level";
              firstM: number;
              widthM: number;
              gapM: number;
              count: number;
            }
          | {
              kind: "wave";
              walls: number[];
              side: "below" | "above";
              heightM: number;
              swingM: number;
              lengthM: number;
              startM: number;
            }
          | {
              kind: "outline";
              wall: number;
              round: boolean;
              points: {
                x: number;
                y: number;
              }[];
            }
          | {
              kind: "figures";
              areaM2: number;
              edgeM: number;
            };
        note: string;
      }[];
    } | null;
  };
  usual:
    | {
        kind: "walls";
      }
    | {
        kind: "own";
        widthM: number;
        heightM: number;
        count: number;
      };
  colours: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  }[];
  currency: string;
  reckoned: PartsReckoned;
};
export type PartsBody = {
  id: string;
  version: number;
  colourParts: {
    face:
      | {
          kind: "walls";
        }
      | {
          kind: "own";
          widthM: number;
          heightM: number;
          count: number;
        };
    parts: {
      id: string;
      name: string;
      colour: string;
      sheen: Sheen | null;
      shape:
        | {
            kind: "band";
            walls: number[];
            fromM: number;
            toM: number;
          }
        | {
            kind: "stripes";
            walls: number[];
            way: "upright" | "level";
            firstM: number;
            widthM: number;
            gapM: number;
            count: number;
          }
        | {
            kind: "wave";
            walls: number[];
            side: "below" | "above";
            heightM: number;
            swingM: number;
            lengthM: number;
            startM: number;
          }
        | {
            kind: "outline";
            wall: number;
            round: boolean;
            points: {
              x: number;
              y: number;
            }[];
          }
        | {
            kind: "figures";
            areaM2: number;
            edgeM: number;
          };
      note: string;
    }[];
  } | null;
};
export type PartsTriedBody = {
  colourParts: {
    face:
      | {
          kind: "walls";
        }
      | {
          kind: "own";
          widthM: number;
          heightM: number;
          count: number;
        };
    parts: {
      id: string;
      name: string;
      colour: string;
      sheen: Sheen | null;
      shape:
        | {
            kind: "band";
            walls: number[];
            fromM: number;
            toM: number;
          }
        | {
            kind: "stripes";
            walls: number[];
            way: "upright" | "level";
            firstM: number;
            widthM: number;
            gapM: number;
            count: number;
          }
        | {
            kind: "wave";
            walls: number[];
            side: "below" | "above";
            heightM: number;
            swingM: number;
            lengthM: number;
            startM: number;
          }
        | {
            kind: "outline";
            wall: number;
            round: boolean;
            points: {
              x: number;
              y: number;
            }[];
          }
        | {
            kind: "figures";
            areaM2: number;
            edgeM: number;
          };
      note: string;
    }[];
  } | null;
};
export type QuoteOwnLine = {
  id: string;
  words: string;
  /** Net; below nothing for a discount. */
  price: number;
};
export type QuoteLeftOut = {
  surfaceId: string;
  room: string;
  name: string;
  words: string;
  reason: LeftOutReason;
  whole: boolean;
  price: null | number;
};
export type QuoteLine = {
  surfaceId: string;
  room: string;
  name: string;
  /** What is done, in one sentence. */
  work: string;
  steps: string[];
  colour: null | string;
  /** Parts in colours of their own; left out where there are none. */
  parts?: {
    name: string;
    colour: string;
  }[];
  areaM2: null | number;
  /** Months the firm stands behind it; null where it is withheld, with why. */
  months: null | number;
  withheld: string[];
  price: number;
  /** True where somebody set its price by hand. */
  byHand?: boolean;
  /** Names the system: what a later version is compared by. */
  key: string;
};
export type SketchExclusion = {
  wall: number;
  x: number;
  y: number;
  widthM: number;
  heightM: number;
};
export type QuoteSketch = {
  room: string;
  sketch: {
    walls: {
      name: string;
      widthM: number;
      heightM: number;
      openings: {
        kind: "door" | "opening" | "window";
        x: number;
        y: number;
        widthM: number;
        heightM: number;
      }[];
    }[];
  };
  excluded: (SketchExclusion & {
    words: string;
  })[];
};
export type ShownQuote = {
  currency: string;
  /** Who it is for, as it stands on papers; empty where nobody was named. */
  client: string;
  firm: string;
  /** In which sizes are said. */
  units: "metric" | "us";
  /** Lines that are no surface. A version of before there were any has none. */
  own?: QuoteOwnLine[];
  place: string;
  tax: number;
  taxName: string;
  /** Prices are said with the tax in them; kept net all the same. A version of before this could be said is not. */
  taxIncluded?: boolean;
  /** When what is paid, and the firm's terms, a paragraph each. */
  terms?: string[];
  leftOut: QuoteLeftOut[];
  total: number;
  photos: {
    id: string;
    words: string;
  }[];
  net: number;
  /** In 1/100 %. */
  taxShare: number;
  /** What stands under the firm's name: its address, how it is reached, its numbers. */
  letterhead?: string[];
  /** The firm's own picture, as a PNG in a data address. */
  logo?: string;
  /** What its colours are called. A version of before colours had names has none. */
  colours?: {
    colour: string;
    name: string;
    /** Its code or number on its maker's card; empty where it has none. */
    code: string;
    /** Whose colour it is: not always the maker of the paint that is tinted to it. */
    maker: string;
    note: string;
  }[];
  lines: QuoteLine[];
  job: string;
  sketches: QuoteSketch[];
  cautions: string[];
  /** The last day on which the price is held, ISO date. */
  heldUntil: string;
} & {
  options: {
    name: string;
    key: string;
    /** A surface that is not in the price, or another system in place of the one that is. */
    kind: "extra" | "instead";
    room: string;
    id: string;
    words: string;
    surfaceId: string;
    /** Added to the net price; below nothing where it saves. */
    price: number;
  }[];
};
export type Agreed = {
  name: string;
  at: string;
  total: number;
  options: string[];
};
export type ClientReply = {
  id: string;
  documentId: string;
  kind: "question" | "no" | "answer";
  answers: string | null;
  about: string;
  words: string;
  name: string;
  at: string;
};
export type ClientView = {
  documentId: string;
  marked: string;
  sentAt: string;
  expiresAt: string;
  timeZone: string;
  quote: ShownQuote;
  changes: QuoteChange[];
  agreement: Agreed | null;
  before: Agreed | null;
  pairs: {
    id: string;
    before: string;
    after: string | null;
    words: string;
  }[];
  care: Paper | null;
  replies: ClientReply[];
};
export type AgreeBody = {
  id: string;
  documentId: string;
  name: string;
  options: string[];
};
export type ReplyBody = {
  id: string;
  documentId: string;
  kind: "question" | "no";
  about?: string;
  words: string;
  name: string;
};
export type SendBody = {
  id: string;
  seen: string;
  token: string;
};
export type LinkBody = {
  id: string;
  token?: string | null;
};
export type ChoiceBody = {
  id: string;
  key: string;
  override?: {
    departures: (
      | {
          act: "skip";
          step: number;
        }
      | {
          act: "swap";
          step: number;
          family: Family;
        }
      | {
          act: "move";
          step: number;
          to: number;
        }
    )[];
    reason: string;
    signedAs: string;
  };
};
export type FaultPlace = "between" | "face" | "through" | "under";
export type ConsequenceLine = {
  kind: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost?: number;
};
export type SystemCost = {
  minutes: number;
  litres: number;
  waitingMin: number;
  labour?: number;
  materials?: number;
  cost?: number;
};
export type WhatIfAnswer = {
  steps: Step[];
  /** Where the likeliest fault sits in the section, or null where none is known. */
  fails: {
    fault: Fault;
    where: FaultPlace;
  } | null;
  /** Chance that at least one of the faults comes, 0 to 1. */
  odds: number;
  /** Blocks it would break: it may not be signed for. */
  forbidden: Block[];
  /** Why it may not be done at all, in words; empty where it may. */
  refused: string[];
  section: Layer[];
  consequences: ConsequenceLine[];
  expectedCost?: number;
  price: SystemCost;
  saves: {
    minutes: number;
    waitingMin: number;
    cost?: number;
  };
};
export type WhatIfBody = {
  key: string;
  departures: (
    | {
        act: "skip";
        step: number;
      }
    | {
        act: "swap";
        step: number;
        family: Family;
      }
    | {
        act: "move";
        step: number;
        to: number;
      }
  )[];
};
export type HoldsPart = {
  /** Chance of a call-back in a year, over its first five, 0 to 1. */
  callBackAYear: number;
  /** Null where no term can be stood behind. */
  guaranteeMonths: null | number;
  /** What may go wrong, the dearest first: `odds` 0 to 1, `by` an ISO 8601 duration. */
  faults: {
    fault: Fault;
    odds: number;
    by: string;
    because: string;
  }[];
};
export type SchoolPart = {
  prefers: string;
  because: string;
  rule: HouseRuleCode;
  choice: string;
  title: string;
  words: string;
  /** The choice that stands now. */
  ours: boolean;
  steps: Step[];
  fumes: boolean;
  guarantee: Guarantee;
  blocks: BlockCode[];
  price: SystemCost;
  holds: HoldsPart;
};
export type SchoolsPage = {
  surface: {
    id: string;
    name: string;
    houseRules: {
      newBoard?: "prime" | "self-prime";
      fillerSpots?: "spot" | "whole-wall" | "none";
      bareTimberInside?: "prime" | "self-prime";
      oilTrim?:
        "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
      blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
      waterborneOverOil?: "keep-gripping" | "strip-all";
      woodwork?: "waterborne" | "oil";
      greaseRooms?: "waterborne" | "oil";
      undercoat?: "combined" | "separate";
      makers?: "best-of-each" | "one-maker";
      sanding?: "where-needed" | "always";
      primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
      finishCoats?: "by-coverage" | "fixed-two";
      furnitureClear?: "low-sheen-only" | "always";
      paper?: "paint-over" | "strip-first";
      exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
      silicone?: "cut-out" | "bridge" | "block-with-oil";
      caulkWhen?: "by-situation" | "after-primer" | "before-primer";
      roomOrder?: "ceiling-wall-trim" | "trim-first";
      rollers?: "new-each-coat" | "wash";
      planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
    };
    version: number;
  };
  job: {
    id: string;
    title: string;
  };
  currency: string;
  rules: {
    rule: HouseRuleCode;
    ways: SchoolPart[];
  }[];
};
export type Damage =
  | "blistering"
  | "damp"
  | "efflorescence"
  | "mould"
  | "peeling"
  | "rot"
  | "soot"
  | "substrate-crack"
  | "water-stain";
export type ZoneOfDamage = {
  damage: Damage;
  looks: number;
  likelyM2: number;
  lowM2: number;
  highM2: number;
  /** How likely each square has it. */
  odds: number[];
  cells: {
    wall: number;
    /** Its middle: metres from the wall's left, and from the floor. */
    x: number;
    y: number;
    widthM: number;
    heightM: number;
  }[];
  next: {
    place: {
      wall: number;
      x: number;
      y: number;
    };
    doubtLeft: number;
  } | null;
  costLow?: number;
  costHigh?: number;
};
export type DamagePage = {
  job: {
    id: string;
    title: string;
  };
  room: {
    id: string;
    name: string;
  };
  surface: {
    id: string;
    name: string;
  };
  currency: string;
  walls: {
    name: string;
    widthM: number;
    heightM: number;
    openings: {
      kind: "window" | "door" | "opening";
      x: number;
      y: number;
      widthM: number;
      heightM: number;
    }[];
  }[];
  marks: {
    id: string;
    what:
      | "peeling"
      | "blistering"
      | "water-stain"
      | "damp"
      | "soot"
      | "mould"
      | "efflorescence"
      | "substrate-crack"
      | "rot"
      | "heater"
      | "pipe"
      | "wet-room-behind"
      | "chimney"
      | "downpipe";
    there: boolean;
    place: {
      wall: number;
      x: number;
      y: number;
    };
    note: string;
    byName: string;
    at: string;
  }[];
  photos: {
    id: string;
    note: string;
    byName: string;
    at: string;
    frame: {
      corners: {
        topLeft: {
          x: number;
          y: number;
        };
        topRight: {
          x: number;
          y: number;
        };
        bottomRight: {
          x: number;
          y: number;
        };
        bottomLeft: {
          x: number;
          y: number;
        };
      };
      wall: number;
      part: {
        x: number;
        y: number;
        widthM: number;
        heightM: number;
      };
    } | null;
  }[];
  zones: ZoneOfDamage[];
  causes: {
    code: string;
    damage: Damage;
    cause: string;
    findOut: string;
    stopFirst: string;
    /** How many of its places lie so, of how many. */
    fits: number;
    of: number;
  }[];
};
export type DamageBody = {
  id: string;
  what:
    | "peeling"
    | "blistering"
    | "water-stain"
    | "damp"
    | "soot"
    | "mould"
    | "efflorescence"
    | "substrate-crack"
    | "rot"
    | "heater"
    | "pipe"
    | "wet-room-behind"
    | "chimney"
    | "downpipe";
  there: boolean;
  place: {
    wall: number;
    x: number;
    y: number;
  };
  note?: string;
  takesBack?: string | null;
  at: string;
};
export type PhotoFrameBody = {
  id: string;
  photoId: string;
  corners: {
    topLeft: {
      x: number;
      y: number;
    };
    topRight: {
      x: number;
      y: number;
    };
    bottomRight: {
      x: number;
      y: number;
    };
    bottomLeft: {
      x: number;
      y: number;
    };
  };
  wall: number;
  part: {
    x: number;
    y: number;
    widthM: number;
    heightM: number;
  };
  at: string;
};
export type Finding = {
  id: string;
  surfaceId: string;
  conditions: Condition[];
  extents: {
    [key: string]: {
      areaM2?: number | null;
      lengthM?: number | null;
      count?: number | null;
    };
  };
  note: string;
  byName: string;
  at: string;
  jobId: string;
  changes: {
    added: Step[];
    removed: Step[];
    minutes: number;
    cost?: number;
  };
};
export type FindingBody = {
  id: string;
  conditions: Condition[];
  extents?: {
    [key: string]: {
      areaM2?: number | null;
      lengthM?: number | null;
      count?: number | null;
    };
  };
  note?: string;
  at: string;
};
export type Remedy = "block" | "bridge" | "cut-out" | "leave";
export type JointAct =
  | "block"
  | "bridge"
  | "close-first"
  | "cut-out"
  | "find-out"
  | "leave"
  | "seal";
export type JointKnown = "open" | "silicone" | "takes-paint" | "unknown";
export type JointUse = {
  wet: boolean;
  painted: boolean;
  moves: boolean;
  slick: boolean;
  acidHarms: boolean;
};
export type JointOfRoom = {
  id: string;
  roomId: string;
  surfaceId: string;
  line: {
    wall: number;
    points: {
      x: number;
      y: number;
    }[];
  } | null;
  lengthM: number | null;
  side:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  otherSide:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  widthMm: number;
  holds: "open" | "unread" | "silicone" | "acrylic" | "hybrid" | "putty";
  state: "sound" | "split" | "loose" | "mouldy";
  shine: ("dull" | "slight" | "shiny") | null;
  flex: ("springs-back" | "dents" | "hard" | "crumbles") | null;
  smell: ("vinegar" | "oily" | "none") | null;
  oldPaint: ("holds" | "came-off" | "none") | null;
  dab: ("wets" | "beads") | null;
  moves: boolean | null;
  wet: boolean | null;
  painted: boolean | null;
  colour: string;
  remedy: Remedy | null;
  note: string;
  withdrawn: boolean;
  byName: string;
  at: string;
  version: number;
  name: string;
  metres: number;
  plan: {
    act: JointAct;
    known: JointKnown;
    use: JointUse;
    /** What belongs there; null: no bead. */
    family: Family | null;
    why: string;
    /** A rod goes in before the bead. */
    rod: boolean;
  };
  silicone: number | null;
  next: {
    reading: "shine" | "flex" | "smell" | "oldPaint" | "dab";
    why: string;
  } | null;
  ways: {
    remedy: Remedy;
    /** What the joint adds to the surface. */
    minutes: number;
    waitingMin: number;
    callBackAYear: number;
    guaranteeMonths: null | number;
    /** What is likeliest to go wrong because of it, and how much likelier than with the best of the ways; null: nothing. */
    risk: {
      because: string;
      odds: number;
    } | null;
    cost?: number;
  }[];
};
export type JointsPage = {
  job: {
    id: string;
    title: string;
  };
  room: {
    id: string;
    name: string;
    sketch: {
      walls: {
        name: string;
        widthM: number;
        heightM: number;
        openings: {
          kind: "window" | "door" | "opening";
          x: number;
          y: number;
          widthM: number;
          heightM: number;
        }[];
      }[];
    } | null;
  };
  surfaces: {
    id: string;
    name: string;
    element: Element;
    outside: boolean;
  }[];
  currency: string;
  joints: JointOfRoom[];
  settledBefore: {
    id: string;
    name: string;
  }[];
  beads: {
    /** The sundry, and what tells it from others of its kind: the grit, the nap. */
    key: string;
    words: string;
    unit: string;
    count: number;
    price?: number;
  }[];
  families: {
    family: Family;
    metres: number;
  }[];
};
export type JointBody = {
  id: string;
  surfaceId: string;
  line: {
    wall: number;
    points: {
      x: number;
      y: number;
    }[];
  } | null;
  lengthM: number | null;
  note: string;
  side:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  otherSide:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  widthMm: number;
  holds: "open" | "unread" | "silicone" | "acrylic" | "hybrid" | "putty";
  state: "sound" | "split" | "loose" | "mouldy";
  shine: ("dull" | "slight" | "shiny") | null;
  flex: ("springs-back" | "dents" | "hard" | "crumbles") | null;
  smell: ("vinegar" | "oily" | "none") | null;
  oldPaint: ("holds" | "came-off" | "none") | null;
  dab: ("wets" | "beads") | null;
  moves: boolean | null;
  wet: boolean | null;
  painted: boolean | null;
  colour: string;
  remedy: Remedy | null;
  at: string;
};
export type JointChange = {
  id: string;
  version: number;
  surfaceId: string;
  line: {
    wall: number;
    points: {
      x: number;
      y: number;
    }[];
  } | null;
  lengthM: number | null;
  note: string;
  side:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  otherSide:
    | "wall"
    | "ceiling"
    | "trim"
    | "frame"
    | "cabinet"
    | "floor"
    | "bath"
    | "basin"
    | "worktop"
    | "tile"
    | "stone"
    | "metal"
    | "glass"
    | "plastic"
    | "siding"
    | "masonry";
  widthMm: number;
  holds: "open" | "unread" | "silicone" | "acrylic" | "hybrid" | "putty";
  state: "sound" | "split" | "loose" | "mouldy";
  shine: ("dull" | "slight" | "shiny") | null;
  flex: ("springs-back" | "dents" | "hard" | "crumbles") | null;
  smell: ("vinegar" | "oily" | "none") | null;
  oldPaint: ("holds" | "came-off" | "none") | null;
  dab: ("wets" | "beads") | null;
  moves: boolean | null;
  wet: boolean | null;
  painted: boolean | null;
  colour: string;
  remedy: Remedy | null;
  withdrawn: boolean;
};
export type Photo = {
  id: string;
  roomId: string;
  surfaceId: string | null;
  testId: string | null;
  workId: string | null;
  mark: {
    wall: number;
    x: number;
    y: number;
  } | null;
  note: string;
  width: number;
  height: number;
  hash: string;
  byName: string;
  at: string;
  jobId: string;
};
export type TestRow = {
  id: string;
  surfaceId: string;
  test: {
    kind: TestKind;
    result?: string | null;
    grade?: number | null;
    value?: number | null;
    layers?:
      | (
          | "waterborne"
          | "oil"
          | "clear"
          | "distemper"
          | "primer"
          | "paper"
          | "unknown"
        )[]
      | null;
    scale?: ("wood" | "gypsum" | "relative") | null;
    yellowed?: boolean | null;
    place?: string | null;
    filmAgeHours?: number | null;
    plane?: Plane | null;
    family?: Family | null;
    coats?: number | null;
    minutes?: number | null;
    readEarly?: boolean | null;
  };
  corrects: string | null;
  note: string;
  mark: {
    wall: number;
    x: number;
    y: number;
  } | null;
  withdrawn: boolean | null;
  byName: string;
  at: string;
  jobId: string;
};
export type TestBody = {
  id: string;
  test: {
    kind: TestKind;
    result?: string | null;
    grade?: number | null;
    value?: number | null;
    layers?:
      | (
          | "waterborne"
          | "oil"
          | "clear"
          | "distemper"
          | "primer"
          | "paper"
          | "unknown"
        )[]
      | null;
    scale?: ("wood" | "gypsum" | "relative") | null;
    yellowed?: boolean | null;
    place?: string | null;
    filmAgeHours?: number | null;
    plane?: Plane | null;
    family?: Family | null;
    coats?: number | null;
    minutes?: number | null;
    readEarly?: boolean | null;
  };
  at: string;
  corrects?: string;
  note?: string;
  mark?: {
    wall: number;
    x: number;
    y: number;
  } | null;
};
export type TakeTestBackBody = {
  id: string;
  note: string;
  movedTo?: string;
  movedId?: string;
};
export type PracticeGo = {
  id: string;
  plan: string;
  seed: number;
  judged: {
    surface: string;
    skill: string;
    truth: Finish;
    sure: number;
    right: boolean;
    lost: number;
  }[];
  minutes: number;
  policyMinutes: number;
  at: string;
  lost: number;
  engineLost: number;
  policyLost: number;
};
export type ShownPractice = {
  name: string;
  tried: number;
  right: number;
  words: string;
};
export type PracticePage = {
  currency: string;
  standings: SkillStanding[];
  calibration: OwnCalibration;
  words: string;
  next: {
    plan: string;
    seed: number;
  };
  drill: {
    code: "by-head" | "by-head-us" | "door" | "week" | "patches";
    seed: number;
  };
  drills: number;
  week: {
    plan: string;
    seed: number;
    mine: PracticeGo | null;
    others: {
      name: string;
      right: number;
      of: number;
      minutes: number;
      lost: number;
    }[];
  };
  cases: {
    id: string;
    name: string;
    surfaces: {
      id: string;
      name: string;
      facts: {
        element: Element;
        substrate: Substrate;
        exposure?: Exposure | null;
        texture?: Texture | null;
        conditions?: Condition[] | null;
        builtYear?: number | null;
        isNew?: boolean | null;
        currentColour?: string | null;
        areaM2?: number | null;
      };
      brush: string;
      lies: {
        top: Finish;
        under: string[];
        bond: string;
        depth: string | null;
      };
    }[];
    mine: PracticeGo | null;
  }[];
  goes: PracticeGo[];
  count: number;
  shown: boolean;
  others: ShownPractice[];
};
export type PracticeGoBody = {
  id: string;
  plan: string;
  seed: number;
  tests: {
    surface: string;
    kind: TestKind;
  }[];
  decisions: {
    surface: string;
    treatAs: string;
    departures?: (
      | {
          act: "skip";
          step: number;
        }
      | {
          act: "swap";
          step: number;
          family: Family;
        }
      | {
          act: "move";
          step: number;
          to: number;
        }
    )[];
    sure: number;
  }[];
  at: string;
};
export type PracticeDrill = {
  id: string;
  drill: string;
  seed: number;
  judged: {
    question: string;
    skill: string;
    sure: number;
    right: boolean;
  }[];
  at: string;
};
export type PracticeDrillBody = {
  id: string;
  drill: "by-head" | "by-head-us" | "door" | "week" | "patches";
  seed: number;
  answers: {
    question: string;
    says: number | string;
    sure: number;
  }[];
  at: string;
};
export type PracticeShownBody = {
  id: string;
  shown: boolean;
};
export type PracticeCaseKept = {
  id: string;
  name: string;
  surfaces: {
    id: string;
    name: string;
    facts: {
      element: Element;
      substrate: Substrate;
      exposure?: Exposure | null;
      texture?: Texture | null;
      conditions?: Condition[] | null;
      builtYear?: number | null;
      isNew?: boolean | null;
      currentColour?: string | null;
      areaM2?: number | null;
    };
    brush: string;
    lies: {
      top: Finish;
      under: string[];
      bond: string;
      depth: string | null;
    };
  }[];
  withdrawn: boolean;
};
export type PracticeCaseBody = {
  id: string;
  jobId: string;
  name: string;
};
export type PracticeCaseChange = {
  id: string;
  withdrawn: boolean;
};
export type Firm = {
  id: string;
  name: string;
  timeZone: string;
  hemisphere: "northern" | "southern";
  currency: string;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  terms: {
    board?: "plasterboard" | "drywall";
    firstCoat?: "primer" | "undercoat";
    units?: "metric" | "us";
  };
  weights: {
    cost?: number;
    time?: number;
    fumes?: number;
    durability?: number;
    risk?: number;
  };
  version: number;
  letterhead: {
    address?: string;
    phone?: string;
    email?: string;
    taxNumber?: string;
    registration?: string;
    quoteTerms?: string;
    payment?: string;
    quotesFrom?: number;
  };
  suppliers: {
    name: string;
    makers: string[];
    sundries: boolean;
    days: number[];
    orderBy: string | null;
  }[];
  shelfFrom: "demo" | "typical";
  lentTo: string | null;
  ownersSecond: boolean;
  yard: {
    lat: number;
    lon: number;
  } | null;
  pricing?: {
    hourCost?: number;
    visitMinutes?: number;
    dayMinutes?: number;
    equipmentPerVisit?: number;
    overhead?: number;
    margin?: number;
    tax?: number;
    taxName?: string;
    taxIncluded?: boolean;
    reserveL?: number;
    heldDays?: number;
    sundriesLevel?: number;
  };
};
export type Session = {
  person: {
    id: string;
    name: string;
    initials: string;
    role: Role;
    hasSecond: boolean;
    needsSecond: boolean;
  };
  firm: Firm;
};
export type EnterBody = {
  id: string;
};
export type LeaveDemoBody = {
  id: string;
  throwAway: boolean;
};
export type JobBrief = {
  id: string;
  title: string;
  place: string;
  builtYear: number | null;
  status: JobStatus;
  note: string;
  startsAt: string;
  temperatureC: number;
  relativeHumidityPct: number;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  crewIds: string[];
  racks: number;
  property: {
    occupants?: string;
    leadYear?: number;
    asbestosYear?: number;
    climate?: Climate | null;
    mapPlace?: {
      x: number;
      y: number;
    };
    at?: {
      lat: number;
      lon: number;
    } | null;
  };
  client: string;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  } | null;
  handedOver: {
    at: string;
    by: string;
    withWhom: string;
    note: string;
  } | null;
  clientEmail: string | null;
  cameFrom: {
    firm: string;
    currency: string;
    terms: {
      board?: "plasterboard" | "drywall";
      firstCoat?: "primer" | "undercoat";
      units?: "metric" | "us";
    };
  } | null;
  clientPhotos:
    | {
        id: string;
        before: string;
        after: string | null;
        words: string;
      }[]
    | null;
  colours:
    | {
        colour: string;
        name: string;
        code: string;
        maker: string;
        note: string;
      }[]
    | null;
  version: number;
  offers?: {
    id: string;
    surfaceId: string;
    key: string;
  }[];
  ownSums?:
    | {
        id: string;
        surfaceId: string | null;
        words: string;
        amount: number;
        note: string;
        currency?: string;
      }[]
    | null;
  surfaces: number;
  drying: number;
  open: number;
  done: number;
  tested: number;
  minutes: number;
  cost?: number;
  quote: {
    number: number;
    version: number;
    sentAt: string;
    agreedBy: string | null;
  } | null;
};
export type Job = {
  id: string;
  title: string;
  place: string;
  builtYear: number | null;
  status: JobStatus;
  note: string;
  startsAt: string;
  temperatureC: number;
  relativeHumidityPct: number;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  crewIds: string[];
  racks: number;
  property: {
    occupants?: string;
    leadYear?: number;
    asbestosYear?: number;
    climate?: Climate | null;
    mapPlace?: {
      x: number;
      y: number;
    };
    at?: {
      lat: number;
      lon: number;
    } | null;
  };
  client: string;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  } | null;
  handedOver: {
    at: string;
    by: string;
    withWhom: string;
    note: string;
  } | null;
  clientEmail: string | null;
  cameFrom: {
    firm: string;
    currency: string;
    terms: {
      board?: "plasterboard" | "drywall";
      firstCoat?: "primer" | "undercoat";
      units?: "metric" | "us";
    };
  } | null;
  clientPhotos:
    | {
        id: string;
        before: string;
        after: string | null;
        words: string;
      }[]
    | null;
  colours:
    | {
        colour: string;
        name: string;
        code: string;
        maker: string;
        note: string;
      }[]
    | null;
  version: number;
  offers?: {
    id: string;
    surfaceId: string;
    key: string;
  }[];
  ownSums?:
    | {
        id: string;
        surfaceId: string | null;
        words: string;
        amount: number;
        note: string;
        currency?: string;
      }[]
    | null;
};
export type JobBody = {
  id: string;
  title: string;
  place: string;
  builtYear?: number | null;
  note?: string;
  startsAt: string;
};
export type JobName = {
  id: string;
  title: string;
  place: string;
  status: JobStatus;
  empty: boolean;
};
export type JobTakenOut = {
  id: string;
  title: string;
  place: string;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  };
};
export type Room = {
  id: string;
  name: string;
  position: number;
  noDustWhileWet: boolean;
  backBy: string | null;
  fumesOutBy: string | null;
  maxNightsOut: number | null;
  airFrom: AirSource;
  kind: RoomKind;
  facing: Facing | null;
  sketch: {
    walls: {
      name: string;
      widthM: number;
      heightM: number;
      openings: {
        kind: "window" | "door" | "opening";
        x: number;
        y: number;
        widthM: number;
        heightM: number;
      }[];
    }[];
  } | null;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  } | null;
  jobId: string;
  version: number;
};
export type UnknownTest = {
  kind: TestKind;
  minutes: number;
  why: string;
  expectedSaving?: number;
  surfaceId: string;
  alsoTells: number;
};
export type Sheet = {
  id: string;
  name: string;
  maker: string;
  family: Family;
  drying: DryingFigures;
  spreadM2PerL: number;
  wetFilmUm: number;
  dryFilmUm: number;
  cureHours: number;
  /** Years that its maker promises the film will last; null where the sheet is silent. */
  lastsYears: null | number;
  sheens: Sheen[];
  odour: Odour;
  /** Volatile content, grams a litre. */
  vocGPerL: number;
  /** Share of the wet film that stays, by volume, in %. */
  solidsPct: number;
  tints: TintRange;
  spreadOn: {
    masonry?: number;
    paper?: number;
    metal?: number;
    hard?: number;
    timber?: number;
    plaster?: number;
    laminate?: number;
  };
  /** Two-part: parts by volume, base first, and minutes until the pot is lost at 23 °C. */
  mix: {
    base: number;
    hardener: number;
    potLifeMin: number;
  } | null;
  stir: Stir;
  does: {
    hide?: 1 | 2 | 3;
    "grip-gloss"?: 1 | 2 | 3;
    "grip-laminate"?: 1 | 2 | 3;
    "grip-hard"?: 1 | 2 | 3;
    "grip-metal"?: 1 | 2 | 3;
    "grip-nonferrous"?: 1 | 2 | 3;
    "seal-board"?: 1 | 2 | 3;
    "seal-plaster"?: 1 | 2 | 3;
    "seal-torn"?: 1 | 2 | 3;
    "seal-paste"?: 1 | 2 | 3;
    "seal-paper"?: 1 | 2 | 3;
    "seal-wood"?: 1 | 2 | 3;
    "seal-chalk"?: 1 | 2 | 3;
    "seal-masonry"?: 1 | 2 | 3;
    "seal-filler"?: 1 | 2 | 3;
    "block-water"?: 1 | 2 | 3;
    "block-tannin"?: 1 | 2 | 3;
    "block-knots"?: 1 | 2 | 3;
    "block-ink"?: 1 | 2 | 3;
    "block-smoke"?: 1 | 2 | 3;
    "block-odour"?: 1 | 2 | 3;
    "block-rust"?: 1 | 2 | 3;
  };
  /** Grounds its sheet forbids. */
  refuses: Ground[];
  tins: {
    litres: number;
    price?: number;
  }[];
};
export type WorkLine = {
  /** Index of the step in the system, and which of its coats, from 1. */
  step: number;
  coat: number;
  plan: {
    id: string;
    kind: StepKind;
    minutes: number;
    people?: null | number;
    waitMin?: null | number;
    dusty?: null | boolean;
    after?: string[] | null;
    skill?: null | string;
    splittable?: null | boolean;
    onRack?: null | boolean;
    /** No sooner than this: another trade's date, a delivery, a block that was dragged. */
    notBefore?: null | string;
    /** A step before it on this surface, on whose local day this one must end: a door is hung again by evening. */
    sameDayAs?: null | string;
    strongVapour?: null | boolean;
    drying?: {
      family?: Family | null;
      chemistry?: Chemistry | null;
      dustFreeMin?: null | number;
      recoatMin?: null | number;
      recoatPreferredMin?: null | number;
      recoatMaxMin?: null | number;
      handleMin?: null | number;
      minTempC?: null | number;
      maxTempC?: null | number;
      maxRhPct?: null | number;
      dewMarginC?: null | number;
      maxWindMs?: null | number;
      rainSafeMin?: null | number;
      limitsHoldMin?: null | number;
      thickness?: null | number;
    } | null;
    done?: null | boolean;
    start?: null | string;
    end?: null | string;
    crew?: string[] | null;
  };
  /** Done at a return visit, and no part of the first. */
  atReturn?: true;
  /** Done on these parts alone, that have colours of their own. */
  parts?: string;
  product: Sheet | null;
};
export type SurfaceBrief = {
  id: string;
  roomId: string;
  name: string;
  campaign: string | null;
  facts: {
    element: Element;
    substrate: Substrate;
    exposure?: Exposure | null;
    texture?: Texture | null;
    conditions?: Condition[] | null;
    areaM2?: number | null;
    currentColour?: string | null;
    currentColours?: string[] | null;
    currentFinish?: Finish | null;
    builtYear?: number | null;
    isNew?: boolean | null;
    sanded?: boolean | null;
    substrateAgeMonths?: number | null;
    extents?: {
      [key: string]: {
        areaM2?: number | null;
        lengthM?: number | null;
        count?: number | null;
      };
    } | null;
  };
  wanted: {
    chemistry?: ("waterborne" | "solvent-borne") | null;
    sheen?: Sheen | null;
    colour?: string | null;
    family?: Family | null;
    lowOdour?: boolean | null;
    maxNightsOut?: number | null;
    handling?: ("light" | "normal" | "heavy") | null;
    distressed?: boolean | null;
    leaveBare?: boolean | null;
  };
  position: number;
  measure:
    | (
        | {
            shape?: "face";
            widthM: number;
            heightM: number;
            gableM?: number;
            count: number;
            bothSides: boolean;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "moulding";
            moulding:
              | "skirting"
              | "tall-skirting"
              | "architrave"
              | "dado-rail"
              | "picture-rail"
              | "cornice"
              | "deep-cornice"
              | "handrail"
              | "string"
              | "fascia"
              | "gutter"
              | "downpipe";
            lengthM: number;
            girthM?: number;
            count: number;
          }
        | {
            shape: "panelling";
            widthM: number;
            heightM: number;
            panels: number;
            panelWidthM: number;
            panelHeightM: number;
            standsOutM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "spindles";
            section: "square" | "round" | "turned";
            heightM: number;
            thicknessM: number;
            count: number;
          }
        | {
            shape: "doors";
            pattern:
              | "flush"
              | "ledged"
              | "four-panel"
              | "six-panel"
              | "half-glazed"
              | "full-glazed"
              | "louvred";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "windows";
            pattern: "one-pane" | "casement" | "sash" | "small-panes";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "siding";
            widthM: number;
            heightM: number;
            gableM?: number;
            showsM: number;
            thickM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "radiators";
            widthM: number;
            heightM: number;
            panels: number;
            finned: boolean;
            count: number;
          }
      )
    | null;
  exclusions: {
    id: string;
    words: string;
    reason: LeftOutReason;
    whole: boolean;
    box: {
      wall: number;
      x: number;
      y: number;
      widthM: number;
      heightM: number;
    } | null;
  }[];
  access: Access;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  colourParts: {
    face:
      | {
          kind: "walls";
        }
      | {
          kind: "own";
          widthM: number;
          heightM: number;
          count: number;
        };
    parts: {
      id: string;
      name: string;
      colour: string;
      sheen: Sheen | null;
      shape:
        | {
            kind: "band";
            walls: number[];
            fromM: number;
            toM: number;
          }
        | {
            kind: "stripes";
            walls: number[];
            way: "upright" | "level";
            firstM: number;
            widthM: number;
            gapM: number;
            count: number;
          }
        | {
            kind: "wave";
            walls: number[];
            side: "below" | "above";
            heightM: number;
            swingM: number;
            lengthM: number;
            startM: number;
          }
        | {
            kind: "outline";
            wall: number;
            round: boolean;
            points: {
              x: number;
              y: number;
            }[];
          }
        | {
            kind: "figures";
            areaM2: number;
            edgeM: number;
          };
      note: string;
    }[];
  } | null;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  } | null;
  jobId: string;
  version: number;
  likeliest: FinishChance;
  tested: boolean;
  conditions: Condition[];
  inferred: boolean;
  zones: number;
  conflicts: number;
  lastCoatAt: string | null;
  minutes: number;
  section: Layer[];
  tests: TestRow[];
  cost?: number;
  standing: {
    standing: "closed" | "closing" | "done" | "drying" | "open" | "to-start";
    lastEnd: null | number;
    /** When the last coat opens for the next, and closes; minutes since the epoch. */
    opensAt: null | number;
    closesAt: null | number;
    next: WorkLine | null;
    last: WorkLine | null;
  };
};
export type WholeJob = {
  job: Job;
  rooms: Room[];
  totals: {
    minutes: number;
    cost?: number;
  };
  unknown: {
    atStake?: number;
    more: number;
    tests: UnknownTest[];
  };
  photos: Photo[];
  surfaces: SurfaceBrief[];
  takenOut: {
    what: "room" | "surface";
    id: string;
    name: string;
    withdrawn: {
      reason: string;
      by: string;
      at: string;
    };
  }[];
};
export type JobChange = {
  id: string;
  version: number;
  title?: string;
  place?: string;
  builtYear?: number | null;
  note?: string;
  status?: JobStatus;
  temperatureC?: number;
  relativeHumidityPct?: number;
  property?: {
    occupants?: string;
    leadYear?: number;
    asbestosYear?: number;
    climate?: Climate | null;
    mapPlace?: {
      x: number;
      y: number;
    };
    at?: {
      lat: number;
      lon: number;
    } | null;
  };
  client?: string;
  clientEmail?: string | null;
  startsAt?: string;
};
export type RoomBody = {
  id: string;
  name: string;
  kind?: RoomKind;
  facing?: Facing | null;
  sketch?: {
    walls: {
      name: string;
      widthM: number;
      heightM: number;
      openings: {
        kind: "window" | "door" | "opening";
        x: number;
        y: number;
        widthM: number;
        heightM: number;
      }[];
    }[];
  } | null;
};
export type Surface = {
  id: string;
  roomId: string;
  name: string;
  campaign: string | null;
  facts: {
    element: Element;
    substrate: Substrate;
    exposure?: Exposure | null;
    texture?: Texture | null;
    conditions?: Condition[] | null;
    areaM2?: number | null;
    currentColour?: string | null;
    currentColours?: string[] | null;
    currentFinish?: Finish | null;
    builtYear?: number | null;
    isNew?: boolean | null;
    sanded?: boolean | null;
    substrateAgeMonths?: number | null;
    extents?: {
      [key: string]: {
        areaM2?: number | null;
        lengthM?: number | null;
        count?: number | null;
      };
    } | null;
  };
  wanted: {
    chemistry?: ("waterborne" | "solvent-borne") | null;
    sheen?: Sheen | null;
    colour?: string | null;
    family?: Family | null;
    lowOdour?: boolean | null;
    maxNightsOut?: number | null;
    handling?: ("light" | "normal" | "heavy") | null;
    distressed?: boolean | null;
    leaveBare?: boolean | null;
  };
  position: number;
  measure:
    | (
        | {
            shape?: "face";
            widthM: number;
            heightM: number;
            gableM?: number;
            count: number;
            bothSides: boolean;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "moulding";
            moulding:
              | "skirting"
              | "tall-skirting"
              | "architrave"
              | "dado-rail"
              | "picture-rail"
              | "cornice"
              | "deep-cornice"
              | "handrail"
              | "string"
              | "fascia"
              | "gutter"
              | "downpipe";
            lengthM: number;
            girthM?: number;
            count: number;
          }
        | {
            shape: "panelling";
            widthM: number;
            heightM: number;
            panels: number;
            panelWidthM: number;
            panelHeightM: number;
            standsOutM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "spindles";
            section: "square" | "round" | "turned";
            heightM: number;
            thicknessM: number;
            count: number;
          }
        | {
            shape: "doors";
            pattern:
              | "flush"
              | "ledged"
              | "four-panel"
              | "six-panel"
              | "half-glazed"
              | "full-glazed"
              | "louvred";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "windows";
            pattern: "one-pane" | "casement" | "sash" | "small-panes";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "siding";
            widthM: number;
            heightM: number;
            gableM?: number;
            showsM: number;
            thickM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "radiators";
            widthM: number;
            heightM: number;
            panels: number;
            finned: boolean;
            count: number;
          }
      )
    | null;
  exclusions: {
    id: string;
    words: string;
    reason: LeftOutReason;
    whole: boolean;
    box: {
      wall: number;
      x: number;
      y: number;
      widthM: number;
      heightM: number;
    } | null;
  }[];
  access: Access;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  colourParts: {
    face:
      | {
          kind: "walls";
        }
      | {
          kind: "own";
          widthM: number;
          heightM: number;
          count: number;
        };
    parts: {
      id: string;
      name: string;
      colour: string;
      sheen: Sheen | null;
      shape:
        | {
            kind: "band";
            walls: number[];
            fromM: number;
            toM: number;
          }
        | {
            kind: "stripes";
            walls: number[];
            way: "upright" | "level";
            firstM: number;
            widthM: number;
            gapM: number;
            count: number;
          }
        | {
            kind: "wave";
            walls: number[];
            side: "below" | "above";
            heightM: number;
            swingM: number;
            lengthM: number;
            startM: number;
          }
        | {
            kind: "outline";
            wall: number;
            round: boolean;
            points: {
              x: number;
              y: number;
            }[];
          }
        | {
            kind: "figures";
            areaM2: number;
            edgeM: number;
          };
      note: string;
    }[];
  } | null;
  withdrawn: {
    reason: string;
    by: string;
    at: string;
  } | null;
  jobId: string;
  version: number;
};
export type SurfaceBody = {
  id: string;
  roomId: string;
  name: string;
  facts: {
    element: Element;
    substrate: Substrate;
    exposure?: Exposure | null;
    texture?: Texture | null;
    conditions?: Condition[] | null;
    areaM2?: number | null;
    currentColour?: string | null;
    currentColours?: string[] | null;
    currentFinish?: Finish | null;
    builtYear?: number | null;
    isNew?: boolean | null;
    sanded?: boolean | null;
    substrateAgeMonths?: number | null;
    extents?: {
      [key: string]: {
        areaM2?: number | null;
        lengthM?: number | null;
        count?: number | null;
      };
    } | null;
  };
  campaign?: string | null;
  wanted?: {
    chemistry?: ("waterborne" | "solvent-borne") | null;
    sheen?: Sheen | null;
    colour?: string | null;
    family?: Family | null;
    lowOdour?: boolean | null;
    maxNightsOut?: number | null;
    handling?: ("light" | "normal" | "heavy") | null;
    distressed?: boolean | null;
    leaveBare?: boolean | null;
  };
  measure?:
    | (
        | {
            shape?: "face";
            widthM: number;
            heightM: number;
            gableM?: number;
            count: number;
            bothSides: boolean;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "moulding";
            moulding:
              | "skirting"
              | "tall-skirting"
              | "architrave"
              | "dado-rail"
              | "picture-rail"
              | "cornice"
              | "deep-cornice"
              | "handrail"
              | "string"
              | "fascia"
              | "gutter"
              | "downpipe";
            lengthM: number;
            girthM?: number;
            count: number;
          }
        | {
            shape: "panelling";
            widthM: number;
            heightM: number;
            panels: number;
            panelWidthM: number;
            panelHeightM: number;
            standsOutM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "spindles";
            section: "square" | "round" | "turned";
            heightM: number;
            thicknessM: number;
            count: number;
          }
        | {
            shape: "doors";
            pattern:
              | "flush"
              | "ledged"
              | "four-panel"
              | "six-panel"
              | "half-glazed"
              | "full-glazed"
              | "louvred";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "windows";
            pattern: "one-pane" | "casement" | "sash" | "small-panes";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "siding";
            widthM: number;
            heightM: number;
            gableM?: number;
            showsM: number;
            thickM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "radiators";
            widthM: number;
            heightM: number;
            panels: number;
            finned: boolean;
            count: number;
          }
      )
    | null;
  access?: Access;
  colourNamed?: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  } | null;
};
export type WholeRoomBody = {
  id: string;
  room: {
    id: string;
    name: string;
    kind?: RoomKind;
    facing?: Facing | null;
    sketch?: {
      walls: {
        name: string;
        widthM: number;
        heightM: number;
        openings: {
          kind: "window" | "door" | "opening";
          x: number;
          y: number;
          widthM: number;
          heightM: number;
        }[];
      }[];
    } | null;
  };
  surfaces: {
    id: string;
    roomId: string;
    name: string;
    facts: {
      element: Element;
      substrate: Substrate;
      exposure?: Exposure | null;
      texture?: Texture | null;
      conditions?: Condition[] | null;
      areaM2?: number | null;
      currentColour?: string | null;
      currentColours?: string[] | null;
      currentFinish?: Finish | null;
      builtYear?: number | null;
      isNew?: boolean | null;
      sanded?: boolean | null;
      substrateAgeMonths?: number | null;
      extents?: {
        [key: string]: {
          areaM2?: number | null;
          lengthM?: number | null;
          count?: number | null;
        };
      } | null;
    };
    campaign?: string | null;
    wanted?: {
      chemistry?: ("waterborne" | "solvent-borne") | null;
      sheen?: Sheen | null;
      colour?: string | null;
      family?: Family | null;
      lowOdour?: boolean | null;
      maxNightsOut?: number | null;
      handling?: ("light" | "normal" | "heavy") | null;
      distressed?: boolean | null;
      leaveBare?: boolean | null;
    };
    measure?:
      | (
          | {
              shape?: "face";
              widthM: number;
              heightM: number;
              gableM?: number;
              count: number;
              bothSides: boolean;
              openings: {
                widthM: number;
                heightM: number;
                count: number;
              }[];
            }
          | {
              shape: "moulding";
              moulding:
                | "skirting"
                | "tall-skirting"
                | "architrave"
                | "dado-rail"
                | "picture-rail"
                | "cornice"
                | "deep-cornice"
                | "handrail"
                | "string"
                | "fascia"
                | "gutter"
                | "downpipe";
              lengthM: number;
              girthM?: number;
              count: number;
            }
          | {
              shape: "panelling";
              widthM: number;
              heightM: number;
              panels: number;
              panelWidthM: number;
              panelHeightM: number;
              standsOutM: number;
              openings: {
                widthM: number;
                heightM: number;
                count: number;
              }[];
            }
          | {
              shape: "spindles";
              section: "square" | "round" | "turned";
              heightM: number;
              thicknessM: number;
              count: number;
            }
          | {
              shape: "doors";
              pattern:
                | "flush"
                | "ledged"
                | "four-panel"
                | "six-panel"
                | "half-glazed"
                | "full-glazed"
                | "louvred";
              widthM: number;
              heightM: number;
              count: number;
              bothSides: boolean;
            }
          | {
              shape: "windows";
              pattern: "one-pane" | "casement" | "sash" | "small-panes";
              widthM: number;
              heightM: number;
              count: number;
              bothSides: boolean;
            }
          | {
              shape: "siding";
              widthM: number;
              heightM: number;
              gableM?: number;
              showsM: number;
              thickM: number;
              openings: {
                widthM: number;
                heightM: number;
                count: number;
              }[];
            }
          | {
              shape: "radiators";
              widthM: number;
              heightM: number;
              panels: number;
              finned: boolean;
              count: number;
            }
        )
      | null;
    access?: Access;
  }[];
};
export type OrderBody = {
  id: string;
  rooms: string[];
  surfaces: {
    id: string;
    roomId: string;
  }[];
};
export type CampaignBody = {
  id: string;
  name?: string | null;
  surfaceIds: string[];
};
export type RoomChange = {
  id: string;
  version: number;
  name?: string;
  facing?: Facing | null;
  sketch?: {
    walls: {
      name: string;
      widthM: number;
      heightM: number;
      openings: {
        kind: "window" | "door" | "opening";
        x: number;
        y: number;
        widthM: number;
        heightM: number;
      }[];
    }[];
  } | null;
  noDustWhileWet?: boolean;
  backBy?: string | null;
  fumesOutBy?: string | null;
  maxNightsOut?: number | null;
  airFrom?: AirSource;
};
export type Line = {
  step: Step;
  minutes: number;
  litres: number;
  thinnerL: number;
  parts: {
    baseL: number;
    hardenerL: number;
  } | null;
  pots: number;
  readyAfterMin: number;
  product: {
    id: string;
    name: string;
    maker: string;
  } | null;
  tools: string[];
  others: Family[];
};
export type TestWorthMaking = {
  kind: TestKind;
  minutes: number;
  why: string;
  expectedSaving?: number;
};
export type Override = {
  departures: (
    | {
        act: "skip";
        step: number;
      }
    | {
        act: "swap";
        step: number;
        family: Family;
      }
    | {
        act: "move";
        step: number;
        to: number;
      }
  )[];
  base: string;
  said: string[];
  reason: string;
  signedAs: string;
  told: {
    words: string;
    fault: Fault | null;
    odds: number;
    cost?: number;
  }[];
};
export type DoubtPart = {
  /** True where the system is not the one for the likeliest finish. */
  safer: boolean;
  options: {
    treatAs: Treatment;
    /** What it would be right for, in words: the likeliest finish of that kind. */
    words: string;
    /** Chance that this is what is there, 0 to 1. */
    share: number;
    chosen: boolean;
    cost?: number;
    expectedLoss?: number;
  }[];
  test: TestWorthMaking | null;
};
export type RiskLine = {
  ifSkipped: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost?: number;
};
export type WorkLog = {
  id: string;
  surfaceId: string;
  stepId: string;
  stepKind: StepKind;
  productId: string | null;
  batch: string | null;
  startedAt: string;
  endedAt: string;
  temperatureC: number | null;
  relativeHumidityPct: number | null;
  wetFilmUm: number | null;
  litres: number | null;
  method: Method | null;
  surfaceC: number | null;
  helper: string | null;
  note: string;
  instead: string | null;
  corrects: string | null;
  withdrawn: boolean;
  writtenAt: string | null;
  usualMin: number | null;
  handsOnMin: number | null;
  byName: string;
  jobId: string;
};
export type SurfacePage = {
  surface: Surface;
  job: Job;
  room: Room;
  firm: {
    currency: string;
    timeZone: string;
  };
  finish: FinishChance[];
  weights: EvidenceWeight[];
  inherited: {
    surfaceId: string;
    name: string;
    sameCampaign: boolean;
    ratio: number;
  }[];
  zones: {
    places: string[];
    likeliest: Finish;
    probability: number;
    adhesion: "grips" | "weak" | "unknown";
    found: Condition[];
  }[];
  conflicts: Conflict[];
  patches: PatchReading[];
  demands: Demand[];
  conditions: Condition[];
  cleared: Condition[];
  lines: Line[];
  section: Layer[];
  places: {
    place: string;
    layers: Layer[];
  }[];
  key: string;
  computedKey: string;
  settledOther: boolean;
  rules: {
    firm: {
      newBoard?: "prime" | "self-prime";
      fillerSpots?: "spot" | "whole-wall" | "none";
      bareTimberInside?: "prime" | "self-prime";
      oilTrim?:
        "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
      blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
      waterborneOverOil?: "keep-gripping" | "strip-all";
      woodwork?: "waterborne" | "oil";
      greaseRooms?: "waterborne" | "oil";
      undercoat?: "combined" | "separate";
      makers?: "best-of-each" | "one-maker";
      sanding?: "where-needed" | "always";
      primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
      finishCoats?: "by-coverage" | "fixed-two";
      furnitureClear?: "low-sheen-only" | "always";
      paper?: "paint-over" | "strip-first";
      exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
      silicone?: "cut-out" | "bridge" | "block-with-oil";
      caulkWhen?: "by-situation" | "after-primer" | "before-primer";
      roomOrder?: "ceiling-wall-trim" | "trim-first";
      rollers?: "new-each-coat" | "wash";
      planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
    };
    job: {
      newBoard?: "prime" | "self-prime";
      fillerSpots?: "spot" | "whole-wall" | "none";
      bareTimberInside?: "prime" | "self-prime";
      oilTrim?:
        "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
      blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
      waterborneOverOil?: "keep-gripping" | "strip-all";
      woodwork?: "waterborne" | "oil";
      greaseRooms?: "waterborne" | "oil";
      undercoat?: "combined" | "separate";
      makers?: "best-of-each" | "one-maker";
      sanding?: "where-needed" | "always";
      primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
      finishCoats?: "by-coverage" | "fixed-two";
      furnitureClear?: "low-sheen-only" | "always";
      paper?: "paint-over" | "strip-first";
      exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
      silicone?: "cut-out" | "bridge" | "block-with-oil";
      caulkWhen?: "by-situation" | "after-primer" | "before-primer";
      roomOrder?: "ceiling-wall-trim" | "trim-first";
      rollers?: "new-each-coat" | "wash";
      planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
    };
    surface: {
      newBoard?: "prime" | "self-prime";
      fillerSpots?: "spot" | "whole-wall" | "none";
      bareTimberInside?: "prime" | "self-prime";
      oilTrim?:
        "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
      blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
      waterborneOverOil?: "keep-gripping" | "strip-all";
      woodwork?: "waterborne" | "oil";
      greaseRooms?: "waterborne" | "oil";
      undercoat?: "combined" | "separate";
      makers?: "best-of-each" | "one-maker";
      sanding?: "where-needed" | "always";
      primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
      finishCoats?: "by-coverage" | "fixed-two";
      furnitureClear?: "low-sheen-only" | "always";
      paper?: "paint-over" | "strip-first";
      exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
      silicone?: "cut-out" | "bridge" | "block-with-oil";
      caulkWhen?: "by-situation" | "after-primer" | "before-primer";
      roomOrder?: "ceiling-wall-trim" | "trim-first";
      rollers?: "new-each-coat" | "wash";
      planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
    };
  };
  cautions: Caution[];
  blocks: Block[];
  nextTests: TestWorthMaking[];
  findings: Finding[];
  photos: Photo[];
  price: SystemCost;
  choice: {
    differs: string;
    by: string;
    at: string;
    override: Override | null;
  } | null;
  guarantee: Guarantee;
  holds: HoldsPart;
  doubt: DoubtPart | null;
  anotherYear: {
    brings: {
      condition: Condition;
      odds: number;
      text: string;
      addedCost?: number;
    }[];
    expectedCost?: number;
    atWorst?: number;
  };
  alternatives: {
    key: string;
    differs: string;
    against?: number | null;
    addedCost?: number | null;
    holds: HoldsPart;
  }[];
  schools: {
    rule: HouseRuleCode;
    choice: string;
    differs: string;
    addedCost?: number;
    holds: HoldsPart;
  }[];
  risks: RiskLine[];
  tests: TestRow[];
  work: WorkLog[];
  steps: WorkLine[];
  standing: {
    standing: "closed" | "closing" | "done" | "drying" | "open" | "to-start";
    lastEnd: null | number;
    /** When the last coat opens for the next, and closes; minutes since the epoch. */
    opensAt: null | number;
    closesAt: null | number;
    next: WorkLine | null;
    last: WorkLine | null;
    work: WorkLine[];
  };
};
export type SurfaceChange = {
  id: string;
  version: number;
  name?: string;
  campaign?: string | null;
  facts?: {
    element: Element;
    substrate: Substrate;
    exposure?: Exposure | null;
    texture?: Texture | null;
    conditions?: Condition[] | null;
    areaM2?: number | null;
    currentColour?: string | null;
    currentColours?: string[] | null;
    currentFinish?: Finish | null;
    builtYear?: number | null;
    isNew?: boolean | null;
    sanded?: boolean | null;
    substrateAgeMonths?: number | null;
    extents?: {
      [key: string]: {
        areaM2?: number | null;
        lengthM?: number | null;
        count?: number | null;
      };
    } | null;
  };
  wanted?: {
    chemistry?: ("waterborne" | "solvent-borne") | null;
    sheen?: Sheen | null;
    colour?: string | null;
    family?: Family | null;
    lowOdour?: boolean | null;
    maxNightsOut?: number | null;
    handling?: ("light" | "normal" | "heavy") | null;
    distressed?: boolean | null;
    leaveBare?: boolean | null;
  };
  measure?:
    | (
        | {
            shape?: "face";
            widthM: number;
            heightM: number;
            gableM?: number;
            count: number;
            bothSides: boolean;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "moulding";
            moulding:
              | "skirting"
              | "tall-skirting"
              | "architrave"
              | "dado-rail"
              | "picture-rail"
              | "cornice"
              | "deep-cornice"
              | "handrail"
              | "string"
              | "fascia"
              | "gutter"
              | "downpipe";
            lengthM: number;
            girthM?: number;
            count: number;
          }
        | {
            shape: "panelling";
            widthM: number;
            heightM: number;
            panels: number;
            panelWidthM: number;
            panelHeightM: number;
            standsOutM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "spindles";
            section: "square" | "round" | "turned";
            heightM: number;
            thicknessM: number;
            count: number;
          }
        | {
            shape: "doors";
            pattern:
              | "flush"
              | "ledged"
              | "four-panel"
              | "six-panel"
              | "half-glazed"
              | "full-glazed"
              | "louvred";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "windows";
            pattern: "one-pane" | "casement" | "sash" | "small-panes";
            widthM: number;
            heightM: number;
            count: number;
            bothSides: boolean;
          }
        | {
            shape: "siding";
            widthM: number;
            heightM: number;
            gableM?: number;
            showsM: number;
            thickM: number;
            openings: {
              widthM: number;
              heightM: number;
              count: number;
            }[];
          }
        | {
            shape: "radiators";
            widthM: number;
            heightM: number;
            panels: number;
            finned: boolean;
            count: number;
          }
      )
    | null;
  access?: Access;
  exclusions?: {
    id: string;
    words: string;
    reason: LeftOutReason;
    whole: boolean;
    box: {
      wall: number;
      x: number;
      y: number;
      widthM: number;
      heightM: number;
    } | null;
  }[];
  colourNamed?: {
    colour: string;
    name: string;
    code: string;
    maker: string;
    note: string;
  } | null;
};
export type WithdrawalBody = {
  id: string;
  reason?: string;
};
export type ReturnBody = {
  id: string;
  note?: string;
};
export type ReadingBody = {
  id: string;
  temperatureC: number;
  relativeHumidityPct: number;
  at: string;
};
export type SignInBody = {
  email: string;
  password: string;
  code?: string;
  key?: {
    id: string;
    rawId: string;
    type: "public-key";
    response: {
      [key: string]: string | number | string[];
    };
    clientExtensionResults?: {
      [key: string]: any;
    };
    authenticatorAttachment?: string;
  };
};
export type StaffPerson = {
  id: string;
  name: string;
  initials: string;
  role: Role;
  hours: {
    days: number[];
    from: string;
    to: string;
  } | null;
  skills: string[];
  version: number;
  email?: string;
  sessions?: number;
  hasSecond?: boolean;
};
export type StaffPage = {
  planning: {
    setUpMin?: number;
    packUpMin?: number;
    travelMin?: number;
    holidays?: string[];
    climate?: Climate;
  };
  version: number;
  people: StaffPerson[];
  invitations?: {
    id: string;
    email: string;
    name: string;
    role: Role;
    expiresAt: string;
  }[];
  access?: {
    id: string;
    kind: string;
    detail: string;
    byName: string;
    at: string;
  }[];
};
export type InvitationBody = {
  id: string;
  email: string;
  name: string;
  initials: string;
  role: Role;
  token: string;
};
export type IdBody = {
  id: string;
};
export type PersonChange = {
  id: string;
  version?: number;
  role?: Role;
  hours?: {
    days: number[];
    from: string;
    to: string;
  } | null;
  skills?: string[];
};
export type PasswordBody = {
  id: string;
  before: string;
  after: string;
};
export type PlanningBody = {
  id: string;
  version?: number;
  setUpMin: number;
  packUpMin: number;
  travelMin: number;
  holidays: string[];
  climate?: Climate;
};
export type Invited = {
  firm: string;
  name: string;
  email: string;
  role: Role;
  byName: string;
};
export type JoinBody = {
  id: string;
  password: string;
};
export type SecondLock = {
  phone: boolean;
  keys: {
    id: string;
    name: string;
    at: string;
  }[];
  onPaper: number;
};
export type NewLock = {
  secret: string;
  address: string;
  picture: string;
};
export type LockBody = {
  id: string;
  password: string;
};
export type LockCloseBody = {
  id: string;
  code: string;
};
export type PasskeyBody = {
  id: string;
  name: string;
  key: {
    id: string;
    rawId: string;
    type: "public-key";
    response: {
      [key: string]: string | number | string[];
    };
    clientExtensionResults?: {
      [key: string]: any;
    };
    authenticatorAttachment?: string;
  };
};
export type OwnersLockBody = {
  id: string;
  version: number;
  needed: boolean;
};
export type PlanRoom = {
  jobId: string;
  version: number;
  id: string;
  name: string;
  kind: RoomKind;
  airFrom: AirSource;
  noDustWhileWet: boolean;
  backBy: string | null;
  fumesOutBy: string | null;
  maxNightsOut: number | null;
};
export type StandingHold = {
  id: string;
  surfaceId: string;
  stepId: string;
  kind: HoldKind;
  until: string | null;
  reason: string;
  byName: string;
};
export type FirmSheet = {
  jobs: {
    id: string;
    title: string;
  }[];
  rooms: PlanRoom[];
  surfaces: {
    id: string;
    jobId: string;
    roomId: string;
    name: string;
    element: Element;
  }[];
  people: {
    id: string;
    name: string;
    initials: string;
    hours: {
      days: number[];
      from: string;
      to: string;
    } | null;
  }[];
  input: PlanInput;
  plan: Plan;
  now: string;
  difference: Difference | null;
  log: {
    surfaceId: string;
    stepId: string;
    by: string;
  }[];
  holds: StandingHold[];
  reliance: Reliance[];
  cannot: {
    jobId: string;
    title: string;
    text: string;
  }[];
};
export type PlanPage = {
  jobs: {
    id: string;
    title: string;
  }[];
  rooms: PlanRoom[];
  surfaces: {
    id: string;
    jobId: string;
    roomId: string;
    name: string;
    element: Element;
  }[];
  people: {
    id: string;
    name: string;
    initials: string;
    hours: {
      days: number[];
      from: string;
      to: string;
    } | null;
  }[];
  input: PlanInput;
  plan: Plan;
  now: string;
  difference: Difference | null;
  log: {
    surfaceId: string;
    stepId: string;
    by: string;
  }[];
  holds: StandingHold[];
  reliance: Reliance[];
  job: Job;
  posted: {
    at: string;
    by: string;
    plan: Plan;
  } | null;
  latestStarts: {
    surfaceId: string;
    at: string;
  }[];
  nearest: RelaxedPlan[];
};
export type PostBody = {
  id: string;
  afresh?: boolean;
  sought?: boolean;
  choice?: {
    visits: number;
    nights: number;
    surer: boolean;
  };
  drags?: {
    surface: string;
    step: string;
    to: string;
  }[];
};
export type PlanChoices = {
  asItStands: AsItStands | null;
  choices: PlanChoice[];
};
export type PunchSurface = {
  id: string;
  roomId: string;
  name: string;
  element: Element;
};
export type FaultAct = {
  id: string;
  markId: string;
  kind: FaultActKind;
  way: Mend | null;
  withWhat: string;
  note: string;
  byName: string;
  at: string;
  jobId: string;
};
export type MendWork = {
  causeFirst: boolean;
  causes: FaultCause[];
  lasts: {
    paintedOver: number;
    causeMended: number;
  } | null;
  makeGood: string | null;
  touchUp: TouchUp | null;
  kit: TouchUpKit | null;
};
export type MarkedFault = {
  id: string;
  surfaceId: string;
  roomId: string;
  number: number;
  fault: Fault;
  note: string;
  mark: {
    wall: number;
    x: number;
    y: number;
  } | null;
  photoId: string | null;
  photoPlace: {
    x: number;
    y: number;
  } | null;
  sizeM2: number;
  view: View;
  light: Light | null;
  byName: string;
  at: string;
  jobId: string;
  act: FaultAct | null;
  mend: MendWork | null;
};
export type HandoverCheck = {
  surfaceId: string;
  code: string;
  words: string;
  tried: {
    holds: boolean;
    note: string;
    byName: string;
    at: string;
  } | null;
};
export type PunchPage = {
  now: string;
  job: {
    id: string;
    title: string;
    place: string;
    status: JobStatus;
    handedOver: {
      at: string;
      by: string;
      withWhom: string;
      note: string;
    } | null;
  };
  unfinished: string[];
  rooms: {
    id: string;
    name: string;
    sketch: {
      walls: {
        name: string;
        widthM: number;
        heightM: number;
        openings: {
          kind: "window" | "door" | "opening";
          x: number;
          y: number;
          widthM: number;
          heightM: number;
        }[];
      }[];
    } | null;
    kind: RoomKind;
  }[];
  surfaces: PunchSurface[];
  photos: Photo[];
  faults: MarkedFault[];
  visits: {
    on: string;
    closes: string[];
  }[];
  standing: {
    id: string;
    onDay: string;
    fromTime: string;
    minutes: number;
    calls: {
      what: "fault" | "follow-up" | "look";
      id: string;
      code: string;
      words: string;
      minutes: number;
    }[];
    personId: string | null;
  }[];
  checks: HandoverCheck[];
};
export type FaultBody = {
  id: string;
  surfaceId: string;
  fault: Fault;
  sizeM2: number;
  view: View;
  note?: string;
  mark?: {
    wall: number;
    x: number;
    y: number;
  } | null;
  photoId?: string | null;
  photoPlace?: {
    x: number;
    y: number;
  } | null;
  light?: Light | null;
  at: string;
};
export type FaultActBody = {
  id: string;
  kind: FaultActKind;
  way?: Mend | null;
  withWhat?: string;
  note?: string;
  at: string;
};
export type CheckBody = {
  id: string;
  code: string;
  holds: boolean;
  note?: string;
  at: string;
};
export type Tin = {
  id: string;
  productId: string;
  batch: string;
  colour: string | null;
  litres: number;
  openedAt: string | null;
  version: number;
};
export type ProductNote = {
  id: string;
  productId: string;
  kind: "note" | "claim";
  text: string;
  standing: ("believed" | "tried" | "refuted") | null;
  trialId: string | null;
  jobId: string | null;
  about: string | null;
  byName: string;
  at: string;
};
export type KeptProduct = {
  id: string;
  name: string;
  maker: string;
  family: Family;
  drying: DryingFigures;
  spreadM2PerL: number;
  wetFilmUm: number;
  dryFilmUm: number;
  cureHours: number;
  /** Years that its maker promises the film will last; null where the sheet is silent. */
  lastsYears: null | number;
  sheens: Sheen[];
  odour: Odour;
  /** Volatile content, grams a litre. */
  vocGPerL: number;
  /** Share of the wet film that stays, by volume, in %. */
  solidsPct: number;
  tints: TintRange;
  spreadOn: {
    masonry?: number;
    paper?: number;
    metal?: number;
    hard?: number;
    timber?: number;
    plaster?: number;
    laminate?: number;
  };
  /** Two-part: parts by volume, base first, and minutes until the pot is lost at 23 °C. */
  mix: {
    base: number;
    hardener: number;
    potLifeMin: number;
  } | null;
  stir: Stir;
  does: {
    hide?: 1 | 2 | 3;
    "grip-gloss"?: 1 | 2 | 3;
    "grip-laminate"?: 1 | 2 | 3;
    "grip-hard"?: 1 | 2 | 3;
    "grip-metal"?: 1 | 2 | 3;
    "grip-nonferrous"?: 1 | 2 | 3;
    "seal-board"?: 1 | 2 | 3;
    "seal-plaster"?: 1 | 2 | 3;
    "seal-torn"?: 1 | 2 | 3;
    "seal-paste"?: 1 | 2 | 3;
    "seal-paper"?: 1 | 2 | 3;
    "seal-wood"?: 1 | 2 | 3;
    "seal-chalk"?: 1 | 2 | 3;
    "seal-masonry"?: 1 | 2 | 3;
    "seal-filler"?: 1 | 2 | 3;
    "block-water"?: 1 | 2 | 3;
    "block-tannin"?: 1 | 2 | 3;
    "block-knots"?: 1 | 2 | 3;
    "block-ink"?: 1 | 2 | 3;
    "block-smoke"?: 1 | 2 | 3;
    "block-odour"?: 1 | 2 | 3;
    "block-rust"?: 1 | 2 | 3;
  };
  /** Grounds its sheet forbids. */
  refuses: Ground[];
  tins: {
    litres: number;
    price?: number;
  }[];
  own: boolean;
  kept: boolean;
  version: number | null;
  van: Tin[];
  notes: ProductNote[];
};
export type Coming = {
  jobs: number;
  demands: number;
  products: {
    id: string;
    inVan: boolean;
    lines: number;
    uses: {
      job: string;
      surface: string;
      words: string;
    }[];
  }[];
  uncovered: {
    job: string;
    surface: string;
    words: string;
  }[];
};
export type ShelfLook = {
  added: Product[];
  changed: {
    product: Product;
    fields: string[];
  }[];
  same: number;
  faults: BadRow[];
  columns: {
    header: string;
    column: string | null;
    us: boolean;
  }[];
  seen: string;
};
export type ShelfFile = {
  format: "csv" | "json";
  text: string;
};
export type ShelfImport = {
  id: string;
  format: "csv" | "json";
  text: string;
  seen: string;
};
export type ProductBody = {
  id: string;
  version?: number | null;
  sheet: {
    [key: string]: any;
  };
  kept: boolean;
};
export type NoteBody = {
  id: string;
  kind: "note" | "claim";
  text: string;
  standing?: ("believed" | "tried" | "refuted") | null;
  trialId?: string | null;
  jobId?: string | null;
  about?: string | null;
};
export type TinBody = {
  id: string;
  productId: string;
  batch: string;
  litres: number;
  openedAt?: string | null;
  colour?: string | null;
};
export type TinChange = {
  id: string;
  version: number;
  litres: number;
  openedAt?: string;
};
export type DueCheck = {
  at: number;
  kind: "cure-look" | "first-look" | "later-look" | "recoat";
  words: string;
  due: string;
};
export type TrialAct = {
  id: string;
  trialId: string;
  kind: TrialActKind;
  corrects: string | null;
  byName: string;
  at: string;
  jobId: string;
  body: {
    cell?: string;
    part?: "cell" | "strip";
    test?: TestRecord;
    bond?: ("old-film" | "first-coat" | "between-coats") | null;
    text?: string;
    words?: TrialWord[];
    substrate?: Substrate | null;
    forFirm?: boolean;
  };
};
export type TrialBrief = {
  id: string;
  surfaceId: string | null;
  title: string;
  place: string;
  byName: string;
  at: string;
  jobId: string;
  jobTitle: string;
  design: TrialDesign;
  cells: Cell[];
  warnings: string[];
  primedAt: string | null;
  topcoatedAt: string | null;
  looks: number;
  due: DueCheck[];
  concluded: TrialAct | null;
};
export type Trial = {
  id: string;
  surfaceId: string | null;
  title: string;
  place: string;
  byName: string;
  at: string;
  jobId: string;
  jobTitle: string;
  design: TrialDesign;
  cells: Cell[];
  warnings: string[];
  primedAt: string | null;
  topcoatedAt: string | null;
  looks: number;
  due: DueCheck[];
  concluded: TrialAct | null;
  surfaceName: string | null;
  label: string;
  acts: TrialAct[];
  says: string[];
};
export type TrialBody = {
  id: string;
  title: string;
  place: string;
  design: {
    preparations: {
      id: string;
      words: string;
      family: Family | null;
      coats: number;
      does:
        | (
            | "degreaser"
            | "alkaline-cleaner"
            | "alcohol-wipe"
            | "spirit-wipe"
            | "acetone-wipe"
            | "deglosser"
            | "scraped"
            | "sanded-100"
            | "sanded-120"
            | "sanded-180"
            | "sanded-220"
            | "sanded-320"
            | "bead-cut-out"
            | "acrylic-bead"
            | "stretching-bead"
            | "hybrid-bead"
          )[]
        | null;
      waitMin: number | null;
    }[];
    primers: {
      id: string;
      words: string;
      family: Family | null;
      coats: number;
      does:
        | (
            | "degreaser"
            | "alkaline-cleaner"
            | "alcohol-wipe"
            | "spirit-wipe"
            | "acetone-wipe"
            | "deglosser"
            | "scraped"
            | "sanded-100"
            | "sanded-120"
            | "sanded-180"
            | "sanded-220"
            | "sanded-320"
            | "bead-cut-out"
            | "acrylic-bead"
            | "stretching-bead"
            | "hybrid-bead"
          )[]
        | null;
      waitMin: number | null;
    }[];
    topcoats: {
      id: string;
      words: string;
      family: Family | null;
      coats: number;
      does:
        | (
            | "degreaser"
            | "alkaline-cleaner"
            | "alcohol-wipe"
            | "spirit-wipe"
            | "acetone-wipe"
            | "deglosser"
            | "scraped"
            | "sanded-100"
            | "sanded-120"
            | "sanded-180"
            | "sanded-220"
            | "sanded-320"
            | "bead-cut-out"
            | "acrylic-bead"
            | "stretching-bead"
            | "hybrid-bead"
          )[]
        | null;
      waitMin: number | null;
    }[];
    leftOut: {
      preparation: number;
      primer: number;
      topcoat: number;
    }[];
    replicates: number;
    seed: number;
  };
  surfaceId?: string | null;
};
export type LaidBody = {
  id: string;
  kind: "primed" | "topcoated";
  at: string;
};
export type CellLookBody = {
  id: string;
  cell: string;
  part: "cell" | "strip";
  test: {
    kind: TestKind;
    result?: string | null;
    grade?: number | null;
    value?: number | null;
    layers?:
      | (
          | "waterborne"
          | "oil"
          | "clear"
          | "distemper"
          | "primer"
          | "paper"
          | "unknown"
        )[]
      | null;
    scale?: ("wood" | "gypsum" | "relative") | null;
    yellowed?: boolean | null;
    place?: string | null;
    filmAgeHours?: number | null;
    plane?: Plane | null;
    family?: Family | null;
    coats?: number | null;
    minutes?: number | null;
    readEarly?: boolean | null;
  };
  bond?: ("old-film" | "first-coat" | "between-coats") | null;
  at: string;
  corrects?: string;
};
export type ConclusionBody = {
  id: string;
  text: string;
  weighs: boolean;
  forFirm: boolean;
};
export type PatchSurface = {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  asked: {
    family: Family | null;
    waitMin: number;
    why: string[];
  }[];
  read: {
    id: string;
    test: TestRecord;
    at: string;
    by: string;
  }[];
};
export type PatchPicture = {
  id: string;
  photoId: string;
  setting: {
    corners: {
      topLeft: {
        x: number;
        y: number;
      };
      topRight: {
        x: number;
        y: number;
      };
      bottomRight: {
        x: number;
        y: number;
      };
      bottomLeft: {
        x: number;
        y: number;
      };
    };
    band: {
      from: number;
      to: number;
    };
  };
  coats: number;
  shows: {
    difference: number;
    doubt: number;
    worst: number;
  }[];
  byName: string;
  at: string;
  minutes: number;
};
export type SeenAs =
  "bleeds-through" | "covers" | "faint-bleed" | "shows-through";
export type LaidPatches = {
  id: string;
  surfaceId: string;
  families: Family[];
  coats: number;
  place: string;
  byName: string;
  at: string;
  looks: {
    at: number;
    words: string;
    due: string;
  }[];
  reads: {
    family: Family;
    result: string;
    minutes: number;
    id: string;
    at: string;
    byName: string;
  }[];
  next: {
    at: number;
    words: string;
    due: string;
  } | null;
  pictures: PatchPicture[];
  seen: {
    family: Family;
    sees: SeenAs;
    /** Its chance, 0 … 1. */
    sure: number;
    words: string;
  }[];
};
export type PatchBody = {
  id: string;
  families: Family[];
  coats: number;
  place?: string;
  at: string;
};
export type PictureBody = {
  id: string;
  photoId: string;
  setting: {
    corners: {
      topLeft: {
        x: number;
        y: number;
      };
      topRight: {
        x: number;
        y: number;
      };
      bottomRight: {
        x: number;
        y: number;
      };
      bottomLeft: {
        x: number;
        y: number;
      };
    };
    band: {
      from: number;
      to: number;
    };
  };
  coats: number;
  shows: {
    difference: number;
    doubt: number;
    worst: number;
  }[];
  at: string;
};
export type WayOff = {
  words: string;
  /** Hours since the coat was laid, from when on and until when it is the way; null: for good. */
  fromHours: number;
  untilHours: null | number;
  steps: Step[];
  /** It is the way at the age that was asked for. */
  isNow: boolean;
  price: SystemCost;
};
export type SecondCoat = {
  code: "cheaper-primer" | "more-finish" | "same-again";
  words: string;
  /** All that is laid from here on. */
  steps: Step[];
  /** How far what is seen in the end lies from the colour that is wanted. CIEDE2000; below 2 next to nobody sees it. */
  left: number;
  adds: {
    minutes: number;
    litres: number;
    waitingMin: number;
    cost?: number;
  };
};
export type WayBackFound = {
  cause: string;
  backTo: string;
  /** Taking it off, then the right system, in order. */
  steps: Step[];
  /** How many of the steps undo what was done; the rest is the right system. */
  undoes: number;
  price: SystemCost;
  ways: WayOff[];
  seconds: SecondCoat[];
  laidAt: string | null;
  product: string | null;
};
export type RescueAsked = {
  fault:
    | "peels"
    | "crawls"
    | "flashes"
    | "bleeds"
    | "shows-through"
    | "sinks"
    | "runs"
    | "brush-marks"
    | "roller-stipple"
    | "bubbles"
    | "crackles"
    | "cracks"
    | "wrinkles"
    | "sticks-shut"
    | "ragged-line"
    | "dust-in-film"
    | "rough-grain"
    | "detail-filled"
    | "knock"
    | "miss"
    | "stain"
    | "wrong-coat";
  wet: boolean;
  ageHours?: number;
  family?: Family;
  second?: "same-again" | "cheaper-primer" | "more-finish";
};
export type RescueBody = {
  id: string;
  fault:
    | "peels"
    | "crawls"
    | "flashes"
    | "bleeds"
    | "shows-through"
    | "sinks"
    | "runs"
    | "brush-marks"
    | "roller-stipple"
    | "bubbles"
    | "crackles"
    | "cracks"
    | "wrinkles"
    | "sticks-shut"
    | "ragged-line"
    | "dust-in-film"
    | "rough-grain"
    | "detail-filled"
    | "knock"
    | "miss"
    | "stain"
    | "wrong-coat";
  wet: boolean;
  ageHours?: number;
  family?: Family;
  second?: "same-again" | "cheaper-primer" | "more-finish";
  note?: string;
  photoId?: string | null;
};
export type PatchDue = {
  at: number;
  words: string;
  due: string;
  jobId: string;
  patchId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  place: string;
};
export type TrialCheck = {
  at: number;
  kind: "cure-look" | "first-look" | "later-look" | "recoat";
  words: string;
  due: string;
  trialId: string;
  title: string;
  jobId: string;
  jobTitle: string;
};
export type VisitSoon = {
  id: string;
  jobId: string;
  jobTitle: string;
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: {
    what: "fault" | "follow-up" | "look";
    id: string;
    code: string;
    words: string;
    minutes: number;
  }[];
  personId: string | null;
};
export type ClientSaid = {
  jobId: string;
  jobTitle: string;
  id: string;
  kind: "question" | "no" | "answer";
  about: string;
  words: string;
  name: string;
  at: string;
};
export type FollowUp = {
  jobId: string;
  id: string;
  surfaceId: string;
  kind: string;
  words: string;
  dueAt: string;
  name: string;
};
export type TodayLine = {
  jobId: string;
  jobTitle: string;
  startsAt: string;
  roomId: string;
  room: string;
  surfaceId: string;
  name: string;
  wear: Wear[];
  method: Method | null;
  plannedStart: string | null;
  crew: string[];
  held: {
    id: string;
    kind: HoldKind;
    until: string | null;
    reason: string;
    byName: string;
  } | null;
  offered: {
    batch: string | null;
    temperatureC: number;
    relativeHumidityPct: number;
  };
  done: Done[];
  curing: {
    words: string;
    at: string;
    why: string;
  } | null;
  standing: "closed" | "closing" | "done" | "drying" | "open" | "to-start";
  lastEnd: null | number;
  /** When the last coat opens for the next, and closes; minutes since the epoch. */
  opensAt: null | number;
  closesAt: null | number;
  next: WorkLine | null;
  last: WorkLine | null;
  work: WorkLine[];
};
export type TodayPage = {
  patches: PatchDue[];
  checks: TrialCheck[];
  visits: VisitSoon[];
  clients?: ClientSaid[];
  followUps: FollowUp[];
  now: string;
  lines: TodayLine[];
};
export type Logged = {
  log: WorkLog;
  warnings: string[];
  opensAt: number | null;
  addedMin: number;
};
export type WorkBody = {
  id: string;
  surfaceId: string;
  stepId: string;
  startedAt: string;
  endedAt: string;
  productId?: string;
  batch?: string;
  method?: Method;
  temperatureC?: number;
  relativeHumidityPct?: number;
  surfaceC?: number;
  wetFilmUm?: number;
  litres?: number;
  handsOnMin?: number;
  helper?: string;
  note?: string;
  instead?: string;
  corrects?: string;
  withdrawn?: boolean;
};
export type WorkAsked = {
  surfaceId: string;
  stepId: string;
  startedAt: string;
  endedAt: string;
  productId?: string;
  batch?: string;
  method?: Method;
  temperatureC?: number;
  relativeHumidityPct?: number;
  surfaceC?: number;
  wetFilmUm?: number;
  litres?: number;
  handsOnMin?: number;
  helper?: string;
  note?: string;
  instead?: string;
  corrects?: string;
  withdrawn?: boolean;
};
export type StretchBody = {
  id: string;
  surfaceId: string;
  steps: {
    id: string;
    stepId: string;
  }[];
  skipped: string[];
  startedAt: string;
  endedAt: string;
  handsOnMin?: number;
  helper?: string;
  note?: string;
};
export type HandoverBody = {
  id: string;
  withWhom: string;
  at: string;
  note?: string;
};
export type TakeHandoverBackBody = {
  id: string;
  note: string;
};
export type Hold = {
  id: string;
  surfaceId: string;
  stepId: string;
  kind: HoldKind;
  until: string | null;
  reason: string;
  releases: string | null;
  byName: string;
  at: string;
  jobId: string;
};
export type HoldBody = {
  id: string;
  stepId: string;
  until: string;
  reason: string;
};
export type ReleaseBody = {
  id: string;
  note?: string;
};
export type CloseBody = {
  id: string;
  note: string;
};
export type SearchHits = {
  jobs: {
    id: string;
    title: string;
    place: string;
  }[];
  surfaces: {
    id: string;
    jobId: string;
    name: string;
  }[];
};
export type FoundingBody = {
  id: string;
  code: string;
  firm: {
    name: string;
    timeZone: string;
    currency: string;
    hemisphere: "north" | "south";
    units: "metric" | "us";
    taxName: string;
    taxPct: number;
    taxIncluded?: boolean;
    address?: string;
    phone?: string;
    email?: string;
  };
  owner: {
    name: string;
    email: string;
    password: string;
  };
};
export type Backups = {
  made: boolean;
  folder: string | null;
  everyH: number | null;
  keep: number | null;
  days: number | null;
  last: {
    at: string;
    bytes: number;
  } | null;
  fault: {
    at: string;
    words: string;
  } | null;
};
export type LedgerEntry = {
  seq: number;
  /** What was done: `test-recorded`, `coat-logged`, … */
  kind: string;
  /** The surface or other thing it is about, where there is one. */
  subject: null | string;
  by: string;
  at: string;
  recordedAt: string;
  payload: any;
  previousHash: string;
  hash: string;
  jobId: string;
};
export type PostPage = {
  where: string;
  mails: {
    id: string;
    kind: "quote" | "reminder" | "visit-letter" | "care-sheet" | "invitation";
    jobId: string | null;
    toAddress: string;
    subject: string;
    attached: string | null;
    state: "waiting" | "going" | "out" | "failed";
    fault: string | null;
    byName: string;
    at: string;
    job: string | null;
  }[];
  more: boolean;
};
export type MailText = {
  id: string;
  kind: "quote" | "reminder" | "visit-letter" | "care-sheet" | "invitation";
  jobId: string | null;
  toAddress: string;
  subject: string;
  attached: string | null;
  state: "waiting" | "going" | "out" | "failed";
  fault: string | null;
  byName: string;
  at: string;
  fromAddress: string;
  text: string;
};
export type Mail = {
  id: string;
  kind: "quote" | "reminder" | "visit-letter" | "care-sheet" | "invitation";
  jobId: string | null;
  toAddress: string;
  subject: string;
  attached: string | null;
  state: "waiting" | "going" | "out" | "failed";
  fault: string | null;
  byName: string;
  at: string;
};
export type JobMailBody = {
  id: string;
  what: "quote" | "reminder" | "visit-letter" | "care-sheet";
  to: string;
  note?: string;
  token?: string;
};
export type InvitationMailBody = {
  id: string;
  token: string;
};
export type RecoveryBody = {
  id: string;
  email: string;
};
export type JobSums = {
  minutes: number;
  cost: number;
  visitMinutes: number;
  overhead: number;
  margin: number;
  tax: number;
  total: number;
  /** Visits of one person: those of the plan where there is one, else full days of work; and the minutes they take beside the work. */
  visits: number;
  net: number;
  paint: number;
  isPlanned: boolean;
  labour: number;
  sundriesCost: number;
  equipment: number;
};
export type PricePage = {
  job: Job;
  draft: ShownQuote;
  seen: string;
  changes: QuoteChange[];
  sums: JobSums;
  lines: PricedLine[];
  elsewhere: {
    words: string;
    amount: number;
    currency: string;
  }[];
  settings: {
    hourCost: number;
    visitMinutes: number;
    dayMinutes: number;
    equipmentPerVisit: number;
    overhead: number;
    margin: number;
    tax: number;
    taxName: string;
    taxIncluded: boolean;
    reserveL: number;
    heldDays: number;
    sundriesLevel: number;
  };
  learned: LearnedRate[];
  typical: Family[];
  sent: {
    id: string;
    number: number;
    version: number;
    total: number;
    currency: string;
    byName: string;
    sentAt: string;
    agreement: Agreed | null;
  }[];
  latest: {
    id: string;
    number: number;
    version: number;
  } | null;
  agreement: {
    name: string;
    at: string;
    total: number;
    options: string[];
    documentId: string;
  } | null;
  link: {
    expiresAt: string;
    madeAt: string;
    opened: string | null;
  } | null;
  replies: ClientReply[];
};
export type ClientPhotosBody = {
  id: string;
  version: number;
  clientPhotos: {
    id: string;
    before: string;
    after: string | null;
    words: string;
  }[];
};
export type OwnSumsBody = {
  id: string;
  version: number;
  ownSums: {
    id: string;
    surfaceId: string | null;
    words: string;
    amount: number;
    note: string;
    currency?: string;
  }[];
};
export type AnswerBody = {
  id: string;
  answers: string;
  words: string;
};
export type OffersBody = {
  id: string;
  version: number;
  offers: {
    id: string;
    surfaceId: string;
    key: string;
  }[];
};
export type LetGo = {
  notes: number;
  photos: number;
};
export type RetentionBody = {
  id: string;
  accessMonths?: number | null;
  photoYears?: number | null;
};
export type RuleEffect = {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  added: Step[];
  removed: Step[];
  changed: {
    before: Step;
    after: Step;
  }[];
  minutes: number;
  cost?: number;
  settled: boolean;
  begun: boolean;
};
export type RulesAsked = {
  level: "firm" | "job" | "surface";
  subject?: string;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
};
export type FirmChange = {
  id: string;
  version: number;
  houseRules?: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  terms?: {
    board?: "plasterboard" | "drywall";
    firstCoat?: "primer" | "undercoat";
    units?: "metric" | "us";
  };
  weights?: {
    cost?: number;
    time?: number;
    fumes?: number;
    durability?: number;
    risk?: number;
  };
  pricing?: {
    hourCost?: number;
    visitMinutes?: number;
    dayMinutes?: number;
    equipmentPerVisit?: number;
    overhead?: number;
    margin?: number;
    tax?: number;
    taxName?: string;
    taxIncluded?: boolean;
    reserveL?: number;
    heldDays?: number;
    sundriesLevel?: number;
  };
  letterhead?: {
    address?: string;
    phone?: string;
    email?: string;
    taxNumber?: string;
    registration?: string;
    quoteTerms?: string;
    payment?: string;
    quotesFrom?: number;
  };
  yard?: {
    lat: number;
    lon: number;
  } | null;
  logo?: null;
  suppliers?: {
    name: string;
    makers: string[];
    sundries: boolean;
    days: number[];
    orderBy: string | null;
  }[];
  name?: string;
  timeZone?: string;
  currency?: string;
  hemisphere?: "northern" | "southern";
  note?: string;
};
export type RulesChange = {
  id: string;
  version: number;
  houseRules: {
    newBoard?: "prime" | "self-prime";
    fillerSpots?: "spot" | "whole-wall" | "none";
    bareTimberInside?: "prime" | "self-prime";
    oilTrim?:
      "block-then-waterborne" | "hybrid-direct" | "etch-direct" | "stay-oil";
    blocker?: "by-situation" | "shellac" | "oil" | "bonding-acrylic";
    waterborneOverOil?: "keep-gripping" | "strip-all";
    woodwork?: "waterborne" | "oil";
    greaseRooms?: "waterborne" | "oil";
    undercoat?: "combined" | "separate";
    makers?: "best-of-each" | "one-maker";
    sanding?: "where-needed" | "always";
    primerTint?: "grey-by-depth" | "toward-finish" | "dark-to-light-only";
    finishCoats?: "by-coverage" | "fixed-two";
    furnitureClear?: "low-sheen-only" | "always";
    paper?: "paint-over" | "strip-first";
    exteriorBare?: "oil-primer" | "breathable-waterborne" | "epoxy-saturate";
    silicone?: "cut-out" | "bridge" | "block-with-oil";
    caulkWhen?: "by-situation" | "after-primer" | "before-primer";
    roomOrder?: "ceiling-wall-trim" | "trim-first";
    rollers?: "new-each-coat" | "wash";
    planGoal?: "finish-first" | "fewer-visits" | "rooms-back-first";
  };
  note?: string;
};
export type ShoppingPage = {
  job: {
    id: string;
    title: string;
  };
  currency: string;
  fromVan: {
    name: string;
    maker: string;
    colour: string;
    batch: string;
    litres: number;
  }[];
  items: {
    /** Names it from one look to the next, so that what was ticked stays ticked. */
    key: string;
    supplier: string;
    words: string;
    detail: string;
    count: number;
    had: number;
    by: string | null;
    price?: number;
  }[];
};
export type TickBody = {
  id: string;
  item: string;
  had: number;
};
export type JobFileHolds = {
  jobId: string;
  title: string;
  place: string;
  client: string;
  status: JobStatus;
  from: {
    firm: string;
    currency: string;
    terms: {
      board?: "plasterboard" | "drywall";
      firstCoat?: "primer" | "undercoat";
      units?: "metric" | "us";
    };
  } | null;
  rooms: number;
  surfaces: number;
  tests: number;
  steps: number;
  photos: number;
  entries: number;
  firstAt: string | null;
  lastAt: string | null;
  people: string[];
  products: number;
  quotes: {
    marked: string;
    total?: number;
    currency: string;
    agreedBy: string | null;
  }[];
  already: boolean;
  currency: string;
};
export type WeatherHours = {
  place: string;
  from: number;
  temperatureC: number[];
  relativeHumidityPct: number[];
  rainMm: number[];
  windMs: number[];
  doubtC: number[];
  rainChance: number[];
  rooms: {
    id: string;
    airFrom: AirSource;
    temperatureC: number;
    relativeHumidityPct: number;
    surfaceC: number;
  }[];
};
export type ReadingsBody = {
  id: string;
  csv: string;
};
export const {
  useAftercareQuery,
  useHeldQuery,
  useLetHeldCountMutation,
  useRoundLettersQuery,
  useFixVisitsMutation,
  useEndVisitMutation,
  useLookAgainMutation,
  useFeedQuery,
  useSetFeedMutation,
  useSetBusyMutation,
  useJobColoursQuery,
  useNameColoursMutation,
  useColourCardsQuery,
  useChipsQuery,
  useChipsNearQuery,
  useColourCardQuery,
  useLazyColourCardQuery,
  useKeepColourCardMutation,
  useColourPartsQuery,
  useKeepPartsMutation,
  useTryPartsQuery,
  useClientQuery,
  useAgreeMutation,
  useReplyAsClientMutation,
  useSendQuoteMutation,
  useSetLinkMutation,
  usePaperQuery,
  useSentPaperQuery,
  useChooseSystemMutation,
  useWhatIfQuery,
  useSchoolsQuery,
  useDamageQuery,
  useMarkDamageMutation,
  useFramePhotoMutation,
  useNoteFindingMutation,
  useJointsQuery,
  useDrawJointMutation,
  useChangeJointMutation,
  useKeepPhotoMutation,
  useRecordTestMutation,
  useTakeTestBackMutation,
  usePracticeQuery,
  useKeepPracticeMutation,
  useKeepDrillMutation,
  useShowPracticeMutation,
  useMakeCaseMutation,
  useChangeCaseMutation,
  useAddJobMutation,
  useJobSumsQuery,
  useJobNamesQuery,
  useJobsTakenOutQuery,
  useJobQuery,
  useChangeJobMutation,
  useAddSurfaceMutation,
  useAddWholeRoomMutation,
  usePutOrderMutation,
  useSetCampaignMutation,
  useChangeRoomMutation,
  useAsItStoodQuery,
  useSurfaceQuery,
  useChangeSurfaceMutation,
  useTakeOutJobMutation,
  useBringJobBackMutation,
  useTakeOutRoomMutation,
  useBringRoomBackMutation,
  useTakeOutSurfaceMutation,
  useBringSurfaceBackMutation,
  useReadAirMutation,
  useSignInMutation,
  useSessionQuery,
  usePeopleQuery,
  useInviteMutation,
  useWithdrawInvitationMutation,
  useChangePersonMutation,
  usePersonLeavesMutation,
  useSignOutPersonMutation,
  useSignOutEverywhereMutation,
  useChangePasswordMutation,
  useSetPlanningMutation,
  useInvitationQuery,
  useJoinMutation,
  useLockQuery,
  useBeginLockMutation,
  useCloseLockMutation,
  useAskForKeyMutation,
  useAddKeyMutation,
  useDropKeyMutation,
  useOpenLockMutation,
  useOpenLockOfMutation,
  useSetOwnersLockMutation,
  useFirmPlanQuery,
  usePlanQuery,
  usePostPlanMutation,
  useSoughtPlanQuery,
  usePlanChoicesQuery,
  usePunchQuery,
  useMarkFaultMutation,
  useCloseFaultMutation,
  useTryAtHandoverMutation,
  useShelfQuery,
  useComingQuery,
  useLookAtFileMutation,
  useTakeInMutation,
  useWriteProductMutation,
  useAddNoteMutation,
  useAddTinMutation,
  useChangeTinMutation,
  useTrialsQuery,
  useTrialQuery,
  useDesignTrialMutation,
  useLayTrialMutation,
  useLookAtCellMutation,
  useConcludeTrialMutation,
  usePatchesQuery,
  useLaidPatchesQuery,
  useLayPatchesMutation,
  useKeepPatchPictureMutation,
  useWayBackQuery,
  useWriteWayBackMutation,
  useTodayQuery,
  useLogWorkMutation,
  useLazyCheckWorkQuery,
  useLogStretchMutation,
  useHandOverMutation,
  useTakeHandoverBackMutation,
  useHoldStepMutation,
  useReleaseHoldMutation,
  useCloseFollowUpMutation,
  useLazyFindQuery,
  useFirstRunQuery,
  useFoundMutation,
  useBackupsQuery,
  useLedgerQuery,
  usePostQuery,
  useMailQuery,
  useSendAgainMutation,
  useWriteToClientMutation,
  useWriteToRoundMutation,
  useWriteInvitationMutation,
  useAskRecoveryMutation,
  useRecoveryLinkQuery,
  useRecoverMutation,
  useSendRecoveryMutation,
  usePriceQuery,
  useClientPreviewQuery,
  usePutClientPhotosMutation,
  usePutOwnSumsMutation,
  useAnswerClientMutation,
  useFanQuery,
  usePutOffersMutation,
  useRetentionQuery,
  useSetRetentionMutation,
  useFirmLogoQuery,
  useSetLogoMutation,
  useRulesPreviewQuery,
  useChangeFirmMutation,
  useChangeJobRulesMutation,
  useChangeSurfaceRulesMutation,
  useShoppingQuery,
  useTickMutation,
  useLazyCheckLedgerQuery,
  useLookIntoJobMutation,
  useBringJobInMutation,
  useWeatherQuery,
  useLazyWeatherQuery,
  useReadingsFileMutation,
} = injectedRtkApi;
