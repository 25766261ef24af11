import { Module } from '@nestjs/common';
import { LayPool } from './lay-pool.ts';
import { LaysController } from './lays.controller.ts';
import { LaysService } from './lays.service.ts';

@Module({ controllers: [LaysController], providers: [LaysService, LayPool] })
export class LaysModule {}
