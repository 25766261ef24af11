import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { Database } from '../database/database.ts';

/** How long an answer of the disk holds, and how long one waits for a new one, ms. */
const FRESH = 1000;
const PATIENCE = 60;

/** Whether all is well: the database answers and takes a write. Asked often, it asks the disk at most once a second, and waits for no queue. */
@Controller('health')
export class HealthController {
  private fault: string | undefined;
  private at = -Infinity;
  private asking: Promise<void> | undefined;

  constructor(private readonly database: Database) {}

  @Get()
  async health() {
    if (performance.now() - this.at > FRESH) {
      this.asking ??= this.ask();
      await Promise.race([this.asking, new Promise((later) => setTimeout(later, PATIENCE))]);
    }
    if (this.fault !== undefined) throw new ServiceUnavailableException(this.fault);
    return { status: 'ok' };
  }

  private async ask(): Promise<void> {
    try {
      this.fault = await this.database.fault();
      this.at = performance.now();
    } finally {
      this.asking = undefined;
    }
  }
}
