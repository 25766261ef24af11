import { Module } from '@nestjs/common';
import { CupboardModule } from '../cupboard/cupboard.module.ts';
import { ExperienceModule } from '../experience/experience.module.ts';
import { LaysModule } from '../lays/lays.module.ts';
import { PeopleModule } from '../people/people.module.ts';
import { PlansModule } from '../plans/plans.module.ts';
import { MakeSummaries } from './make-summary.ts';
import { MakesController } from './makes.controller.ts';
import { MakesService } from './makes.service.ts';

@Module({
  imports: [PeopleModule, CupboardModule, ExperienceModule, PlansModule, LaysModule],
  controllers: [MakesController],
  providers: [MakesService, MakeSummaries],
})
export class MakesModule {}
