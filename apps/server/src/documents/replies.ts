import { ConflictException, Injectable } from '@nestjs/common';
import { refusedWith } from '../http/refused.ts';
import { ClientReplyEntity, DocumentEntity } from '../record/documentEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import type { AnswerBody, ReplyBody } from './documents.dto.ts';

/** Questions and noes of clients, and what the firm answers. Nothing of it is ever changed. */
@Injectable()
export class Replies {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** All that was said about a job's papers, in the order in which it was. */
  of(scope: FirmScope, jobId: string): Promise<ClientReplyEntity[]> {
    return scope.find(ClientReplyEntity, { jobId }, { at: 'ASC', id: 'ASC' });
  }

  /** The client asks about a line, or says no, with the reason. */
  say(who: Who, jobId: string, newest: DocumentEntity, body: ReplyBody) {
    if (newest.id !== body.documentId)
      throw new ConflictException({
        code: 'newer-version',
        message: 'A newer version was sent since this page was opened. Nothing was written; read the new one first.',
      });
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const { id, documentId, kind, about = '', words } = body;
      const row = { id, jobId, documentId, kind, answers: null, about, words, name: who.name, at: who.now };
      const reply = await scope.add(ClientReplyEntity, row);
      await this.ledger.append(scope, {
        jobId,
        kind: kind === 'no' ? 'client-declined' : 'client-asked',
        subject: documentId,
        at: who.now,
        payload: { id, name: who.name, about, words },
      });
      return reply;
    });
  }

  /** The firm answers: the client reads it on the link. */
  answer(who: Who, jobId: string, { id, answers, words }: AnswerBody) {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const asked = await scope.one(ClientReplyEntity, answers, 'question');
      if (asked.jobId !== jobId || asked.kind === 'answer')
        throw refusedWith([{ path: 'answers', message: 'names nothing that a client said of this job' }]);
      const reply = await scope.add(ClientReplyEntity, {
        id,
        jobId,
        documentId: asked.documentId,
        kind: 'answer',
        answers,
        about: asked.about,
        words,
        name: who.name,
        at: who.now,
      });
      await this.ledger.append(scope, {
        jobId,
        kind: 'client-answered',
        subject: asked.documentId,
        at: who.now,
        payload: { id, words },
      });
      return reply;
    });
  }
}
