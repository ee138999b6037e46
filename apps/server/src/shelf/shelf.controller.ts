import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { SHIPPED_SHELF } from '@rustic/core';

@ApiTags('shelf')
@Controller('api/shelf')
export class ShelfController {
  @Get() all() {
    return SHIPPED_SHELF;
  }
}
