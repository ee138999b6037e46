import { Module } from '@nestjs/common';
import { FirmPlanController, Plans, PlansController } from './plans.ts';
import { SystemsModule } from '../systems/systems.module.ts';

@Module({
  imports: [SystemsModule],
  controllers: [FirmPlanController, PlansController],
  providers: [Plans],
  exports: [Plans],
})
export class PlansModule {}
