import { Module } from '@nestjs/common';
import { Pricing, PricingController } from './pricing.ts';
import { DocumentsModule } from '../documents/documents.module.ts';

@Module({
  imports: [DocumentsModule],
  controllers: [PricingController],
  providers: [Pricing],
})
export class PricingModule {}
