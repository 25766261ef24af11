import { Controller, Delete, Get, Header, HttpCode, Param, ParseUUIDPipe, Post, Put, Req, StreamableFile } from '@nestjs/common';
import type { Request } from 'express';
import { PhotosService } from './photos.service.ts';

/** A photograph never changes under its id. */
const FOR_GOOD = 'private, max-age=31536000, immutable';

@Controller()
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get('makes/:id/photos')
  list(@Param('id', ParseUUIDPipe) id: string) {
    return this.photos.list(id);
  }

  /** The picture itself as application/octet-stream. */
  @Post('makes/:id/photos')
  add(@Param('id', ParseUUIDPipe) id: string, @Req() request: Request) {
    return this.photos.add(id, request as AsyncIterable<Buffer>);
  }

  /** The same under an id of the sender's own: sent twice it is kept once. */
  @Put('makes/:id/photos/:photo')
  put(@Param('id', ParseUUIDPipe) id: string, @Param('photo', ParseUUIDPipe) photo: string, @Req() request: Request) {
    return this.photos.add(id, request as AsyncIterable<Buffer>, photo);
  }

  @Get('photos/:id')
  @Header('Cache-Control', FOR_GOOD)
  async image(@Param('id', ParseUUIDPipe) id: string) {
    return new StreamableFile(await this.photos.bytes(id, 'image'), { type: 'image/jpeg' });
  }

  @Get('photos/:id/thumb')
  @Header('Cache-Control', FOR_GOOD)
  async thumb(@Param('id', ParseUUIDPipe) id: string) {
    return new StreamableFile(await this.photos.bytes(id, 'thumb'), { type: 'image/jpeg' });
  }

  @Delete('photos/:id')
  @HttpCode(204)
  out(@Param('id', ParseUUIDPipe) id: string) {
    return this.photos.strike(id, true);
  }

  @Post('photos/:id/restore')
  @HttpCode(204)
  back(@Param('id', ParseUUIDPipe) id: string) {
    return this.photos.strike(id, false);
  }
}
