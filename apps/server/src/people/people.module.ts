import { Module } from '@nestjs/common';
import { PeopleController } from './people.controller.ts';
import { PeopleService } from './people.service.ts';

@Module({ controllers: [PeopleController], providers: [PeopleService], exports: [PeopleService] })
export class PeopleModule {}
