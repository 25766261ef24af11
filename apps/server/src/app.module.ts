import { Module, type DynamicModule } from '@nestjs/common';
import { AccessModule } from './access/access.module.ts';
import type { Gate } from './access/sign-in.ts';
import { BackupModule } from './backup/backup.module.ts';
import { CupboardModule } from './cupboard/cupboard.module.ts';
import type { Database } from './database/database.ts';
import { DatabaseModule } from './database/database.module.ts';
import { ExperienceModule } from './experience/experience.module.ts';
import { EngineModule } from './engine/engine.module.ts';
import { HealthController } from './health/health.controller.ts';
import { LaysModule } from './lays/lays.module.ts';
import { MakesModule } from './makes/makes.module.ts';
import { PeopleModule } from './people/people.module.ts';
import { PhotosModule } from './photos/photos.module.ts';
import { PlansModule } from './plans/plans.module.ts';
import { SettingsModule } from './settings/settings.module.ts';

@Module({})
export class AppModule {
  static with(database: Database, gate: Gate): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DatabaseModule.with(database),
        AccessModule.with(gate),
        EngineModule,
        PeopleModule,
        CupboardModule,
        ExperienceModule,
        MakesModule,
        PhotosModule,
        PlansModule,
        LaysModule,
        SettingsModule,
        BackupModule,
      ],
      controllers: [HealthController],
    };
  }
}
