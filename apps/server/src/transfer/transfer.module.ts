import { Module } from '@nestjs/common';
import { JobExportController } from './jobExport.ts';
import { JobImport, JobImportController } from './jobImport.ts';
import { PeopleModule } from '../people/people.module.ts';

@Module({
  imports: [PeopleModule],
  controllers: [JobExportController, JobImportController],
  providers: [JobImport],
})
export class TransferModule {}
