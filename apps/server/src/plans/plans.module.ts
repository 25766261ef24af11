import { Module } from '@nestjs/common';
import { LaysModule } from '../lays/lays.module.ts';
import { PlansController } from './plans.controller.ts';
import { PlansService } from './plans.service.ts';

@Module({ imports: [LaysModule], controllers: [PlansController], providers: [PlansService], exports: [PlansService] })
export class PlansModule {}
