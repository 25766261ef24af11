import { Body, Controller, Delete, Get, HttpCode, Post, Req, Res } from '@nestjs/common';
import { SignIn } from '@arcus/contract';
import type { Request, Response } from 'express';
import { Gate } from './sign-in.ts';

@Controller('session')
export class SessionController {
  constructor(private readonly gate: Gate) {}

  @Get()
  state(@Req() request: Request) {
    return { needed: this.gate.isNeeded(), signedIn: this.gate.isIn(request) };
  }

  @Post()
  @HttpCode(204)
  signIn(@Body() { passphrase }: SignIn, @Req() request: Request, @Res({ passthrough: true }) response: Response) {
    return this.gate.signIn(passphrase, request, response);
  }

  @Delete()
  @HttpCode(204)
  signOut(@Res({ passthrough: true }) response: Response) {
    this.gate.signOut(response);
  }
}
