import { Module } from '@nestjs/common';
import { BackupsController } from './backups.controller.ts';
import { BackupsService } from './backups.service.ts';
import { ExportController } from './export.controller.ts';

@Module({ controllers: [BackupsController, ExportController], providers: [BackupsService], exports: [BackupsService] })
export class BackupModule {}
