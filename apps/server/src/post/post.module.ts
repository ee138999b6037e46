import { Module } from '@nestjs/common';
import { AftercareModule } from '../aftercare/aftercare.module.ts';
import { DocumentsModule } from '../documents/documents.module.ts';
import { InvitationMails } from './invitationMail.ts';
import { JobMails } from './jobMail.ts';
import { outwardBySetting } from './outward.ts';
import { Carrier, OUTWARD } from './carrier.ts';
import { Post } from './post.ts';
import { PostController } from './post.controller.ts';
import { RoundMails } from './roundMail.ts';

/** What leaves the firm by e-mail, and how. */
@Module({
  imports: [AftercareModule, DocumentsModule],
  controllers: [PostController],
  providers: [
    Carrier,
    InvitationMails,
    JobMails,
    Post,
    RoundMails,
    { provide: OUTWARD, useFactory: () => outwardBySetting() },
  ],
})
export class PostModule {}
