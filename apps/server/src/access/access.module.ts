import { Module, type DynamicModule } from '@nestjs/common';
import { SessionController } from './session.controller.ts';
import { Gate } from './sign-in.ts';

@Module({})
export class AccessModule {
  static with(gate: Gate): DynamicModule {
    return { module: AccessModule, controllers: [SessionController], providers: [{ provide: Gate, useValue: gate }] };
  }
}
