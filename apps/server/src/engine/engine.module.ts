import { Global, Module } from '@nestjs/common';
import { Engine } from './engine.ts';

@Global()
@Module({ providers: [Engine], exports: [Engine] })
export class EngineModule {}
