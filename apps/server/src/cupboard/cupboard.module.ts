import { Module } from '@nestjs/common';
import { ClothsController } from './cloths.controller.ts';
import { ClothsService } from './cloths.service.ts';
import { ElasticsController } from './elastics.controller.ts';
import { ElasticsService } from './elastics.service.ts';

@Module({
  controllers: [ClothsController, ElasticsController],
  providers: [ClothsService, ElasticsService],
  exports: [ClothsService, ElasticsService],
})
export class CupboardModule {}
