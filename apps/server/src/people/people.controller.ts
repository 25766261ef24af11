import { Body, Controller, Delete, Get, HttpCode, Param, ParseIntPipe, ParseUUIDPipe, Patch, Post, Query } from '@nestjs/common';
import { MeasureEntries, PersonCreate, PersonUpdate } from '@arcus/contract';
import { PeopleService } from './people.service.ts';

@Controller('people')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get()
  list(@Query('archived') archived?: string) {
    return this.people.list(archived === 'true');
  }

  @Post()
  create(@Body() person: PersonCreate) {
    return this.people.create(person);
  }

  @Get(':id')
  one(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.one(id);
  }

  @Patch(':id')
  update(@Param('id', ParseUUIDPipe) id: string, @Body() patch: PersonUpdate) {
    return this.people.update(id, patch);
  }

  @Delete(':id')
  @HttpCode(204)
  archive(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.archive(id, true);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.archive(id, false);
  }

  @Get(':id/measures')
  ledger(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.ledger(id);
  }

  @Delete(':id/measures/:line')
  @HttpCode(204)
  strike(@Param('id', ParseUUIDPipe) id: string, @Param('line', ParseIntPipe) line: number) {
    return this.people.strike(id, line, true);
  }

  @Post(':id/measures/:line/restore')
  @HttpCode(204)
  putBack(@Param('id', ParseUUIDPipe) id: string, @Param('line', ParseIntPipe) line: number) {
    return this.people.strike(id, line, false);
  }

  @Post(':id/measures')
  measure(@Param('id', ParseUUIDPipe) id: string, @Body() lot: MeasureEntries) {
    return this.people.measure(id, lot);
  }
}
