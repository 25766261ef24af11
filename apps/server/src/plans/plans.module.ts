import { Module } from '@nestjs/common';
import { PlansController } from './plans.controller.ts';

@Module({ controllers: [PlansController] })
export class PlansModule {}
