import { Body, Controller, Get, HttpCode, Param, Patch, Post, Put, Query, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type ShelfFormat } from '@rustic/core';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { Sender } from '../people/session.ts';
import { ForHands, ForMakers, ForPriceReaders } from '../people/roles.ts';
import { ExportAsked, NoteBody, ProductBody, ShelfFile, ShelfImport, TinBody, TinChange } from './shelf.dto.ts';
import { ComingJobs } from './coming.ts';
import { Shelf } from './shelf.service.ts';
import { Answers } from '../answers/answer.ts';
import { comingPage, keptAnswer, noteAnswer, shelfLook, shelfPage, takenIn, tinAnswer } from '../answers/firm.ts';

const TYPES: Record<ShelfFormat, string> = { csv: 'text/csv', json: 'application/json' };

@ApiTags('shelf')
@Controller('api/shelf')
export class ShelfController {
  constructor(
    private readonly shelf: Shelf,
    private readonly ahead: ComingJobs,
  ) {}

  @Answers('shelf', shelfPage) @Get() all(@Sender() who: Who) {
    return this.shelf.all(who);
  }
  @Answers('coming', comingPage) @Get('coming') coming(@Sender() who: Who) {
    return this.ahead.coming(who);
  }
  @ForPriceReaders() @Get('file') async file(@Sender() who: Who, @Query() asked: ExportAsked, @Res() response: Response): Promise<void> {
    const text = await this.shelf.export(who, asked.format);
    response.type(`${TYPES[asked.format]}; charset=utf-8`).setHeader('Content-Disposition', `attachment; filename="shelf.${asked.format}"`);
    response.send(text);
  }
  @ForMakers() @Answers('lookAtFile', shelfLook) @Post('preview') @HttpCode(200) preview(@Sender() who: Who, @Body() body: ShelfFile) {
    return this.shelf.preview(who, body);
  }
  @Answers('takeIn', takenIn) @Post('import') import(@Sender() who: Who, @Body() body: ShelfImport) {
    return this.shelf.import(who, body);
  }
  @Answers('writeProduct', keptAnswer) @Put('products/:productId') write(@Sender() who: Who, @Param('productId') productId: string, @Body() body: ProductBody) {
    return this.shelf.write(who, productId, body);
  }
  @ForHands() @Answers('addNote', noteAnswer) @Post('products/:productId/notes') note(@Sender() who: Who, @Param('productId') productId: string, @Body() body: NoteBody) {
    return this.shelf.addNote(who, productId, body);
  }
  @ForHands() @Answers('addTin', tinAnswer) @Post('tins') addTin(@Sender() who: Who, @Body() body: TinBody) {
    return this.shelf.addTin(who, body);
  }
  @ForHands() @Answers('changeTin', tinAnswer) @Patch('tins/:tinId') changeTin(@Sender() who: Who, @Param('tinId') id: string, @Body() body: TinChange) {
    return this.shelf.changeTin(who, id, body);
  }
}
