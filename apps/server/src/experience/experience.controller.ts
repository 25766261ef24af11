import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { Declined, SwatchCreate } from '@arcus/contract';
import { ExperienceService } from './experience.service.ts';

@Controller('experience')
export class ExperienceController {
  constructor(private readonly experience: ExperienceService) {}

  @Get()
  all() {
    return this.experience.all();
  }

  @Put('declined')
  @HttpCode(204)
  decline(@Body() declined: Declined) {
    return this.experience.decline(declined);
  }

  @Post('swatches')
  create(@Body() swatch: SwatchCreate) {
    return this.experience.create(swatch);
  }

  @Delete('swatches/:id')
  @HttpCode(204)
  archive(@Param('id', ParseUUIDPipe) id: string) {
    return this.experience.archive(id, true);
  }

  @Post('swatches/:id/restore')
  @HttpCode(204)
  restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.experience.archive(id, false);
  }
}
