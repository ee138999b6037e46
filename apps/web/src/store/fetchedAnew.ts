import { endpoints } from './endpoints.ts';
import { ALL_COMPUTED, tagsMovedBy, type Moved } from './moved.ts';
import { FIRM, type Tag, type TagType } from './tags.ts';

type Written = object | undefined;
/** Nothing moved where it was refused. */
const unless = (refused: unknown, tags: readonly Tag[]): Tag[] => (refused ? [] : [...tags]);

/** Some tags, whatever was sent, where it was taken. */
const moves =
  (...tags: readonly Tag[]) =>
  (_answer: Written, refused: unknown) =>
    unless(refused, tags);

/** What an entry of this kind moves, on the job and about the subject that the address or the answer names. */
const writes =
  <Arg extends object>(
    subject: (arg: Arg, answer: { surfaceId?: string | null; roomId?: string; jobId?: string }) => string | null,
    kind: Moved['kind'],
  ) =>
  (answer: Written, refused: unknown, arg: Arg): Tag[] => {
    const { jobId } = { ...answer, ...arg } as { jobId?: string };
    return jobId ? unless(refused, tagsMovedBy({ jobId, kind, subject: subject(arg, answer ?? {}) })) : [];
  };
const onSurface = (arg: object, answer: { surfaceId?: string | null }) =>
  (arg as { surfaceId?: string }).surfaceId ?? answer.surfaceId ?? null;
const onRoom = ({ roomId }: { roomId: string }) => roomId;
const onNone = () => null;

/** An answer about what the address names. */
const about =
  (type: TagType, ...more: Tag[]) =>
  (_answer: unknown, _refused: unknown, id: string): Tag[] => [{ type, id }, ...more];
/** What the shelf has a part in, of one job. */
const priced = about('Job', 'Shelf');
const bySurface = (_answer: unknown, _refused: unknown, { surfaceId }: { surfaceId: string }): Tag[] => [
  { type: 'Surface', id: surfaceId },
  'Question',
];

/** Which answers a page asks for again, and after what. */
endpoints.enhanceEndpoints({
  endpoints: {
    session: { providesTags: ['Session'] },
    signIn: { invalidatesTags: moves('Session') },
    join: { invalidatesTags: moves('Session') },
    firstRun: { providesTags: ['Session'] },
    found: { invalidatesTags: moves('Session') },
    people: { providesTags: ['People'] },
    invite: { invalidatesTags: moves('People') },
    withdrawInvitation: { invalidatesTags: moves('People') },
    changePerson: { invalidatesTags: moves('People', 'Plan', 'Session') },
    personLeaves: { invalidatesTags: moves('People', 'Plan', 'Aftercare') },
    signOutPerson: { invalidatesTags: moves('People') },
    changePassword: { invalidatesTags: moves('People') },
    lock: { providesTags: ['Session'] },
    addKey: { invalidatesTags: moves('Session', 'People') },
    dropKey: { invalidatesTags: moves('Session', 'People') },
    closeLock: { invalidatesTags: moves('Session', 'People') },
    openLock: { invalidatesTags: moves('Session', 'People') },
    openLockOf: { invalidatesTags: moves('People') },
    setOwnersLock: { invalidatesTags: moves('Session', 'People') },
    setPlanning: { invalidatesTags: moves('People', 'Plan', 'Aftercare') },
    retention: { providesTags: ['People'] },
    setRetention: { invalidatesTags: moves('People', 'Job', 'House', 'Ledger') },
    feed: { providesTags: ['Feed'] },
    setFeed: { invalidatesTags: moves('Feed') },
    setBusy: { invalidatesTags: moves('Feed', 'Plan') },
    firmLogo: { providesTags: ['Session'] },
    setLogo: { invalidatesTags: moves(...ALL_COMPUTED) },
    changeFirm: { invalidatesTags: moves(...ALL_COMPUTED) },
    rulesPreview: { providesTags: ['Jobs'] },
    changeJobRules: { invalidatesTags: moves(...ALL_COMPUTED) },
    changeSurfaceRules: { invalidatesTags: writes(onSurface, 'rules-changed') },

    shelf: { providesTags: ['Shelf'] },
    coming: { providesTags: ['Shelf', 'Jobs'] },
    takeIn: { invalidatesTags: moves(...ALL_COMPUTED) },
    writeProduct: { invalidatesTags: moves(...ALL_COMPUTED) },
    addTin: { invalidatesTags: moves(...ALL_COMPUTED) },
    changeTin: { invalidatesTags: moves(...ALL_COMPUTED) },
    addNote: { invalidatesTags: moves('Shelf') },

    jobSums: { providesTags: ['Jobs'] },
    jobNames: { providesTags: ['Jobs'] },
    jobsTakenOut: { providesTags: ['Jobs'] },
    addJob: { invalidatesTags: moves('Jobs') },
    takeOutJob: { invalidatesTags: writes(onNone, 'job-withdrawn') },
    bringJobBack: { invalidatesTags: writes(onNone, 'job-brought-back') },
    takeOutRoom: { invalidatesTags: writes(onRoom, 'room-withdrawn') },
    bringRoomBack: { invalidatesTags: writes(onRoom, 'room-brought-back') },
    takeOutSurface: { invalidatesTags: writes(onSurface, 'surface-withdrawn') },
    bringSurfaceBack: { invalidatesTags: writes(onSurface, 'surface-brought-back') },
    bringJobIn: { invalidatesTags: writes(onNone, 'job-brought-in') },
    job: { providesTags: about('Job') },
    changeJob: { invalidatesTags: writes(onNone, 'job-changed') },
    addWholeRoom: { invalidatesTags: writes(onNone, 'room-added') },
    changeRoom: { invalidatesTags: writes(onNone, 'room-changed') },
    putOrder: { invalidatesTags: writes(onNone, 'order-changed') },
    setCampaign: { invalidatesTags: writes(onNone, 'campaign-joined') },
    addSurface: { invalidatesTags: writes(onNone, 'surface-added') },
    changeSurface: { invalidatesTags: writes(onSurface, 'surface-changed') },
    keepPhoto: { invalidatesTags: writes(onNone, 'photo-kept') },
    ledger: { providesTags: about('Ledger') },

    surface: {
      providesTags: (page, _refused, id): Tag[] => [
        { type: 'Surface', id },
        ...(page
          ? [
              { type: 'House' as const, id: page.job.id },
              { type: 'Room' as const, id: page.room.id },
            ]
          : []),
      ],
    },
    schools: { providesTags: about('Surface', 'Question') },
    whatIf: { providesTags: bySurface },
    wayBack: { providesTags: bySurface },
    recordTest: { invalidatesTags: writes(onSurface, 'test-recorded') },
    takeTestBack: { invalidatesTags: writes(onSurface, 'test-withdrawn') },
    damage: {
      providesTags: (page, _refused, id): Tag[] => [
        { type: 'Surface', id },
        ...(page ? [{ type: 'House' as const, id: page.job.id }] : []),
      ],
    },
    framePhoto: { invalidatesTags: writes(onSurface, 'photo-framed') },
    joints: {
      providesTags: (page): Tag[] => (page ? [{ type: 'House', id: page.job.id }] : []),
    },
    drawJoint: { invalidatesTags: writes(onSurface, 'joint-drawn') },
    changeJoint: { invalidatesTags: writes(onSurface, 'joint-changed') },
    markDamage: { invalidatesTags: writes(onSurface, 'damage-marked') },
    noteFinding: { invalidatesTags: writes(onSurface, 'found-while-working') },
    chooseSystem: { invalidatesTags: writes(onSurface, 'system-chosen') },
    writeWayBack: {
      invalidatesTags: (_way, refused, { surfaceId }) =>
        unless(refused, [{ type: 'Surface', id: surfaceId }, 'Today', 'Plan', 'Ledger']),
    },
    patches: { providesTags: ['Patches'] },
    laidPatches: { providesTags: about('PatchesOn') },
    layPatches: { invalidatesTags: writes(onSurface, 'patches-laid') },
    keepPatchPicture: { invalidatesTags: writes(onSurface, 'patch-pictured') },

    price: { providesTags: priced },
    fan: { providesTags: priced },
    clientPreview: { providesTags: priced },
    jobColours: { providesTags: priced },
    colourParts: {
      providesTags: (page, _refused, id): Tag[] => [
        { type: 'Surface', id },
        ...(page ? [{ type: 'House' as const, id: page.job.id }] : []),
      ],
    },
    tryParts: { providesTags: bySurface },
    keepParts: { invalidatesTags: writes(onSurface, 'parts-coloured') },
    nameColours: { invalidatesTags: writes(onNone, 'colours-named') },
    colourCards: { providesTags: ['Colours'] },
    colourCard: { providesTags: ['Colours'] },
    chips: { providesTags: ['Colours'] },
    keepColourCard: { invalidatesTags: moves('Colours') },
    putClientPhotos: { invalidatesTags: writes(onNone, 'client-photos-chosen') },
    putOwnSums: { invalidatesTags: writes(onNone, 'own-sums-changed') },
    answerClient: { invalidatesTags: writes(onNone, 'client-answered') },
    replyAsClient: { invalidatesTags: moves('Client') },
    shopping: { providesTags: priced },
    paper: {
      providesTags: (_paper, _refused, { jobId }): Tag[] => [
        { type: 'Job', id: jobId },
        { type: 'Plan', id: jobId },
        'Shelf',
      ],
    },
    sentPaper: { providesTags: ['Job'] },
    sendQuote: { invalidatesTags: writes(onNone, 'quote-sent') },
    setLink: { invalidatesTags: writes(onNone, 'link-made') },
    putOffers: { invalidatesTags: writes(onNone, 'offers-changed') },
    tick: {
      // The tick stands on the page at once; where it is refused the page says so and takes it back.
      async onQueryStarted({ jobId, item, had }, { dispatch, queryFulfilled }) {
        const shown = dispatch(
          endpoints.util.updateQueryData('shopping', jobId, (page) => {
            const found = page.items.find((i) => i.key === item);
            if (found) found.had = had;
          }),
        );
        await queryFulfilled.catch(() => shown.undo());
      },
    },
    post: { providesTags: ['Post'] },
    writeToClient: { invalidatesTags: writes(onNone, 'mail-written') },
    writeToRound: { invalidatesTags: moves('Post', 'Ledger') },
    writeInvitation: { invalidatesTags: moves('Post') },
    sendAgain: { invalidatesTags: moves('Post') },
    client: { providesTags: ['Client'] },
    agree: { invalidatesTags: moves('Client') },

    plan: { providesTags: (_page, _refused, { jobId }): Tag[] => [{ type: 'Plan', id: jobId }] },
    soughtPlan: { providesTags: (_plan, _refused, jobId): Tag[] => [{ type: 'Plan', id: jobId }] },
    planChoices: { providesTags: (_choices, _refused, jobId): Tag[] => [{ type: 'Plan', id: jobId }] },
    firmPlan: { providesTags: [{ type: 'Plan', id: FIRM }] },
    postPlan: { invalidatesTags: writes(onNone, 'plan-posted') },
    holdStep: { invalidatesTags: writes(onSurface, 'step-held') },
    releaseHold: { invalidatesTags: writes(onSurface, 'step-released') },
    readAir: { invalidatesTags: writes(onRoom, 'air-read') },
    readingsFile: {
      invalidatesTags: (_read, refused, { roomId }) =>
        unless(refused, [{ type: 'Room', id: roomId }, 'Job', 'Plan', 'Today', 'Ledger']),
    },

    today: { providesTags: ['Today'] },
    logWork: { invalidatesTags: writes(onSurface, 'coat-logged') },
    logStretch: { invalidatesTags: writes(onSurface, 'stretch-done') },
    handOver: { invalidatesTags: writes(onNone, 'handed-over') },
    takeHandoverBack: { invalidatesTags: writes(onNone, 'handover-taken-back') },
    closeFollowUp: { invalidatesTags: writes(onSurface, 'follow-up-closed') },

    punch: { providesTags: about('Punch') },
    markFault: { invalidatesTags: writes(onSurface, 'fault-marked') },
    closeFault: { invalidatesTags: writes(onNone, 'fault-mended') },
    tryAtHandover: { invalidatesTags: writes(onSurface, 'handover-tried') },

    aftercare: { providesTags: ['Aftercare'] },
    held: { providesTags: ['Aftercare'] },
    letHeldCount: { invalidatesTags: moves('Aftercare', 'House', 'Surface', 'Job', 'Jobs', 'Question') },
    fixVisits: { invalidatesTags: moves('Aftercare', 'Punch', 'Today', 'Plan', 'Ledger') },
    endVisit: { invalidatesTags: writes(onNone, 'visit-made') },
    lookAgain: { invalidatesTags: writes(onNone, 'looked-again') },

    practice: { providesTags: ['Practice'] },
    makeCase: { invalidatesTags: moves('Practice') },
    changeCase: { invalidatesTags: moves('Practice') },
    keepDrill: { invalidatesTags: moves('Practice') },
    keepPractice: { invalidatesTags: moves('Practice') },
    showPractice: { invalidatesTags: moves('Practice') },

    trials: { providesTags: ['Trials'] },
    trial: { providesTags: about('Trial') },
    designTrial: { invalidatesTags: writes(onNone, 'trial-designed') },
    layTrial: { invalidatesTags: writes(onNone, 'trial-primed') },
    lookAtCell: { invalidatesTags: writes(onNone, 'trial-look') },
    concludeTrial: { invalidatesTags: writes(onNone, 'trial-concluded') },
  },
});
