import { Module } from '@nestjs/common';
import { CupboardModule } from '../cupboard/cupboard.module.ts';
import { ExperienceController } from './experience.controller.ts';
import { ExperienceService } from './experience.service.ts';

@Module({ imports: [CupboardModule], controllers: [ExperienceController], providers: [ExperienceService], exports: [ExperienceService] })
export class ExperienceModule {}
