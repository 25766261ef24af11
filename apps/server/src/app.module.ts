import { Module, type DynamicModule } from '@nestjs/common';
import { CupboardModule } from './cupboard/cupboard.module.ts';
import type { Database } from './database/database.ts';
import { DatabaseModule } from './database/database.module.ts';
import { HealthController } from './health/health.controller.ts';
import { LaysModule } from './lays/lays.module.ts';
import { MakesModule } from './makes/makes.module.ts';
import { PeopleModule } from './people/people.module.ts';
import { PlansModule } from './plans/plans.module.ts';

@Module({})
export class AppModule {
  static with(database: Database): DynamicModule {
    return {
      module: AppModule,
      imports: [DatabaseModule.with(database), PeopleModule, CupboardModule, MakesModule, PlansModule, LaysModule],
      controllers: [HealthController],
    };
  }
}
