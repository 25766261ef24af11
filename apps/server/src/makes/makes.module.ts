import { Module } from '@nestjs/common';
import { CupboardModule } from '../cupboard/cupboard.module.ts';
import { PeopleModule } from '../people/people.module.ts';
import { MakesController } from './makes.controller.ts';
import { MakesService } from './makes.service.ts';

@Module({ imports: [PeopleModule, CupboardModule], controllers: [MakesController], providers: [MakesService] })
export class MakesModule {}
