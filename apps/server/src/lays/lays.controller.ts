import { Body, Controller, HttpCode, Post, Res } from '@nestjs/common';
import { LayPreviewRequest } from '@arcus/contract';
import type { Lay } from '@arcus/core';
import type { Response } from 'express';
import { LaysService } from './lays.service.ts';

@Controller('lays')
export class LaysController {
  constructor(private readonly lays: LaysService) {}

  @Post('preview')
  @HttpCode(200)
  preview(@Body() request: LayPreviewRequest, @Res({ passthrough: true }) response: Response): Promise<Lay> {
    return this.lays.preview(request, whileWanted(response));
  }
}

/** Aborts when whoever asked has gone. */
function whileWanted(response: Response): AbortSignal {
  const gone = new AbortController();
  response.on('close', () => gone.abort());
  return gone.signal;
}
