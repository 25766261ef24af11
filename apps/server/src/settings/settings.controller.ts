import { Body, Controller, Get, Put } from '@nestjs/common';
import { OnTheTable, SewingBox, TimeToSew } from '@arcus/contract';
import { SettingsService } from './settings.service.ts';

@Controller('settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  all() {
    return this.settings.all();
  }

  @Put('table')
  table(@Body() table: OnTheTable) {
    return this.settings.set('table', table);
  }

  @Put('hours')
  hours(@Body() hours: TimeToSew) {
    return this.settings.set('hours', hours);
  }

  @Put('box')
  box(@Body() box: SewingBox) {
    return this.settings.set('box', box);
  }
}
