import { Module } from '@nestjs/common';
import { LaysController } from './lays.controller.ts';
import { LaysService } from './lays.service.ts';

@Module({ controllers: [LaysController], providers: [LaysService] })
export class LaysModule {}
