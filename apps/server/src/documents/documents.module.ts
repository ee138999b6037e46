import { Module } from '@nestjs/common';
import { AftercareModule } from '../aftercare/aftercare.module.ts';
import { CareSheets } from './careSheets.ts';
import { ClientLinks } from './clientLinks.ts';
import { Clients, ClientsController } from './clients.ts';
import { DocumentsController } from './documents.controller.ts';
import { Papers } from './papers.ts';
import { Printer } from './printer.ts';
import { Quotes } from './quotes.ts';
import { Replies } from './replies.ts';
import { SystemsModule } from '../systems/systems.module.ts';
import { WalkroundModule } from '../walkround/walkround.module.ts';

@Module({
  imports: [AftercareModule, SystemsModule, WalkroundModule],
  controllers: [ClientsController, DocumentsController],
  providers: [CareSheets, ClientLinks, Clients, Papers, Printer, Quotes, Replies],
  exports: [CareSheets, ClientLinks, Clients, Printer, Quotes, Replies],
})
export class DocumentsModule {}
