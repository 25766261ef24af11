import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { catalogueView, planFor, previewOf, type PlanPreview } from '@arcus/core';
import { PlanPreviewRequest } from '@arcus/contract';

/** Plans are worked out from what is sent and kept nowhere. */
@Controller()
export class PlansController {
  @Get('constructions')
  constructions() {
    return catalogueView();
  }

  @Post('plans/preview')
  @HttpCode(200)
  preview(@Body() { construction, body, choices, cloth, elastic, units }: PlanPreviewRequest): PlanPreview {
    return previewOf(
      planFor({
        construction,
        body,
        choices: choices ?? undefined,
        cloth: cloth && { ...cloth },
        elastic: elastic && { ...elastic },
        units: units ?? undefined,
      }),
    );
  }
}
