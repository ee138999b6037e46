import { Module } from '@nestjs/common';
import { WeatherController, WeatherService } from './weather.ts';

@Module({
  controllers: [WeatherController],
  providers: [WeatherService],
})
export class WeatherModule {}
