import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Patch, Post, Query } from '@nestjs/common';
import { ClothCreate, ClothUpdate } from '@arcus/contract';
import { ClothsService } from './cloths.service.ts';

@Controller('cloths')
export class ClothsController {
  constructor(private readonly cloths: ClothsService) {}

  @Get()
  list(@Query('archived') archived?: string) {
    return this.cloths.list(archived === 'true');
  }

  @Post()
  create(@Body() cloth: ClothCreate) {
    return this.cloths.create(cloth);
  }

  @Get(':id')
  one(@Param('id', ParseUUIDPipe) id: string) {
    return this.cloths.one(id);
  }

  @Patch(':id')
  update(@Param('id', ParseUUIDPipe) id: string, @Body() patch: ClothUpdate) {
    return this.cloths.update(id, patch);
  }

  @Delete(':id')
  @HttpCode(204)
  archive(@Param('id', ParseUUIDPipe) id: string) {
    return this.cloths.archive(id, true);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.cloths.archive(id, false);
  }
}
