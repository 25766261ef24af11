import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Patch, Post, Query } from '@nestjs/common';
import { ElasticCreate, ElasticUpdate } from '@arcus/contract';
import { ElasticsService } from './elastics.service.ts';

@Controller('elastics')
export class ElasticsController {
  constructor(private readonly elastics: ElasticsService) {}

  @Get()
  list(@Query('archived') archived?: string) {
    return this.elastics.list(archived === 'true');
  }

  @Post()
  create(@Body() elastic: ElasticCreate) {
    return this.elastics.create(elastic);
  }

  @Get(':id')
  one(@Param('id', ParseUUIDPipe) id: string) {
    return this.elastics.one(id);
  }

  @Patch(':id')
  update(@Param('id', ParseUUIDPipe) id: string, @Body() patch: ElasticUpdate) {
    return this.elastics.update(id, patch);
  }

  @Delete(':id')
  @HttpCode(204)
  archive(@Param('id', ParseUUIDPipe) id: string) {
    return this.elastics.archive(id, true);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.elastics.archive(id, false);
  }
}
