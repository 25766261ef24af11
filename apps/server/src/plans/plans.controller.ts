import { Body, Controller, Get, Header, HttpCode, Post } from '@nestjs/common';
import { catalogueView, type CatalogueEntry } from '@arcus/core';
import { PlanPreviewRequest } from '@arcus/contract';
import { PlansService } from './plans.service.ts';

/** Plans are worked out from what is sent and kept nowhere. */
@Controller()
export class PlansController {
  constructor(private readonly plans: PlansService) {}

  @Get('constructions')
  constructions(): CatalogueEntry[] {
    return catalogueView();
  }

  @Post('plans/preview')
  @HttpCode(200)
  @Header('Content-Type', 'application/json; charset=utf-8')
  preview(@Body() { construction, body, choices, cloth, cloths, elastic, wearer, estimated, figures, units }: PlanPreviewRequest): Promise<string> {
    return this.plans.preview({
      construction,
      body,
      choices: choices ?? undefined,
      cloth: cloth && { ...cloth },
      cloths: cloths ?? undefined,
      elastic: elastic && { ...elastic },
      wearer: wearer ?? undefined,
      estimated: estimated ?? undefined,
      figures: figures ?? undefined,
      units: units ?? undefined,
    });
  }
}
