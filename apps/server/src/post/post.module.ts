import { Module } from '@nestjs/common';
import { AftercareModule } from '../aftercare/aftercare.module.ts';
import { DocumentsModule } from '../documents/documents.module.ts';
import { PeopleModule } from '../people/people.module.ts';
import { InvitationMails } from './invitationMail.ts';
import { JobMails } from './jobMail.ts';
import { outwardBySetting } from './outward.ts';
import { Carrier, OUTWARD } from './carrier.ts';
import { Post } from './post.ts';
import { PostController } from './post.controller.ts';
import { Recovery } from './recovery.ts';
import { RecoveryController } from './recovery.controller.ts';
import { RoundMails } from './roundMail.ts';

/** What leaves the firm by e-mail, and how. */
@Module({
  imports: [AftercareModule, DocumentsModule, PeopleModule],
  controllers: [PostController, RecoveryController],
  providers: [
    Carrier,
    InvitationMails,
    JobMails,
    Post,
    Recovery,
    RoundMails,
    { provide: OUTWARD, useFactory: () => outwardBySetting() },
  ],
})
export class PostModule {}
