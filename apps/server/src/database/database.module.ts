import { Global, Module, type DynamicModule, type OnApplicationShutdown } from '@nestjs/common';
import { Database } from './database.ts';

/** Makes the one open database known to every feature and closes it with the server. */
@Global()
@Module({})
export class DatabaseModule implements OnApplicationShutdown {
  constructor(private readonly database: Database) {}

  static with(database: Database): DynamicModule {
    return { module: DatabaseModule, providers: [{ provide: Database, useValue: database }], exports: [Database] };
  }

  onApplicationShutdown(): Promise<void> {
    return this.database.close();
  }
}
