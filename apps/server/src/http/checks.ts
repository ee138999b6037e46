import { registerDecorator, type ValidationOptions } from 'class-validator';

const DAY = 86_400_000;

/** A time somebody noted: ISO 8601 with offset, not before 2000 and not more than a day ahead of the clock. */
export function IsNotedTime(options?: ValidationOptions) {
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isNotedTime',
      target: target.constructor,
      propertyName,
      options,
      validator: {
        validate: (value: unknown) =>
          typeof value === 'string' &&
          /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,3})?)?(Z|[+-]\d\d:\d\d)$/.test(value) &&
          withinReason(Date.parse(value)),
        defaultMessage: () =>
          `${propertyName} must be a time with its offset, not before the year 2000 and not ahead of the clock`,
      },
    });
}

function withinReason(time: number): boolean {
  return time >= Date.UTC(2000, 0, 1) && time <= Date.now() + DAY;
}
