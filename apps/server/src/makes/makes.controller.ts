import { Body, Controller, Delete, Get, HttpCode, Param, ParseIntPipe, ParseUUIDPipe, Patch, Post, Put, Query } from '@nestjs/common';
import { FoundLays, LogCreate, MakeCreate, MakeUpdate } from '@arcus/contract';
import { MakesService } from './makes.service.ts';

@Controller('makes')
export class MakesController {
  constructor(private readonly makes: MakesService) {}

  @Get()
  list(@Query('archived') archived?: string) {
    return this.makes.list(archived === 'true');
  }

  @Post()
  create(@Body() make: MakeCreate) {
    return this.makes.create(make);
  }

  @Get(':id')
  one(@Param('id', ParseUUIDPipe) id: string) {
    return this.makes.one(id);
  }

  @Patch(':id')
  update(@Param('id', ParseUUIDPipe) id: string, @Body() patch: MakeUpdate) {
    return this.makes.update(id, patch);
  }

  @Delete(':id')
  @HttpCode(204)
  archive(@Param('id', ParseUUIDPipe) id: string) {
    return this.makes.archive(id, true);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.makes.archive(id, false);
  }

  @Put(':id/lays')
  found(@Param('id', ParseUUIDPipe) id: string, @Body() lays: FoundLays) {
    return this.makes.found(id, lays);
  }

  @Post(':id/seen')
  @HttpCode(200)
  seen(@Param('id', ParseUUIDPipe) id: string) {
    return this.makes.seen(id);
  }

  @Get(':id/log')
  log(@Param('id', ParseUUIDPipe) id: string) {
    return this.makes.log(id);
  }

  @Delete(':id/log/:entry')
  @HttpCode(204)
  strike(@Param('id', ParseUUIDPipe) id: string, @Param('entry', ParseIntPipe) entry: number) {
    return this.makes.strike(id, entry, true);
  }

  @Post(':id/log/:entry/restore')
  @HttpCode(204)
  putBack(@Param('id', ParseUUIDPipe) id: string, @Param('entry', ParseIntPipe) entry: number) {
    return this.makes.strike(id, entry, false);
  }

  @Post(':id/log')
  finish(@Param('id', ParseUUIDPipe) id: string, @Body() entry: LogCreate) {
    return this.makes.finish(id, entry);
  }
}
