import { Body, Controller, Get, HttpCode, Param, Post, Req, Res, StreamableFile } from '@nestjs/common';
import { createReadStream } from 'node:fs';
import { RestoreRequest } from '@arcus/contract';
import type { Request, Response } from 'express';
import { BackupsService } from './backups.service.ts';

@Controller('backups')
export class BackupsController {
  constructor(private readonly backups: BackupsService) {}

  @Get()
  list() {
    return this.backups.list();
  }

  @Post()
  take() {
    return this.backups.take();
  }

  /** A file as application/octet-stream, to look what is inside before it is put back. */
  @Post('look')
  @HttpCode(200)
  receive(@Req() request: Request) {
    return this.backups.receive(request);
  }

  @Post('restore')
  @HttpCode(200)
  restore(@Body() request: RestoreRequest) {
    return this.backups.restore(request);
  }

  @Get(':name/look')
  look(@Param('name') name: string) {
    return this.backups.look(name);
  }

  @Get(':name')
  async file(@Param('name') name: string, @Res({ passthrough: true }) response: Response): Promise<StreamableFile> {
    const path = await this.backups.pathOf(name);
    response.setHeader('Content-Disposition', `attachment; filename="${name}"`);
    return new StreamableFile(createReadStream(path), { type: 'application/vnd.sqlite3' });
  }
}
