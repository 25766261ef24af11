import { Module } from '@nestjs/common';
import { LayStore } from './lay-store.ts';
import { LaysController } from './lays.controller.ts';
import { LaysService } from './lays.service.ts';

@Module({ controllers: [LaysController], providers: [LaysService, LayStore], exports: [LayStore] })
export class LaysModule {}
