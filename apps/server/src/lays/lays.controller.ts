import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { LayPreviewRequest } from '@arcus/contract';
import { LaysService } from './lays.service.ts';

@Controller('lays')
export class LaysController {
  constructor(private readonly lays: LaysService) {}

  @Post('preview')
  @HttpCode(200)
  preview(@Body() request: LayPreviewRequest) {
    return this.lays.preview(request);
  }
}
