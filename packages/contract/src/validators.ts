import { applyDecorators } from './apply-decorators.ts';
import { Transform } from 'class-transformer';
import { IsISO8601, IsNumber, IsObject, IsOptional, IsString, IsUUID, Matches, Max, MaxLength, Min, MinLength, ValidateIf } from 'class-validator';

const FINITE = { allowNaN: false, allowInfinity: false } as const;

/** May be left out, but not null: there is nothing to take away. */
export const Optional = () => ValidateIf((_, value) => value !== undefined);

/** A finite number within bounds; text that looks like one is refused. */
export const Figure = (min: number, max: number) => applyDecorators(IsNumber(FINITE), Min(min), Max(max));
/** The same, left out at will. */
export const OptionalFigure = (min: number, max: number) => applyDecorators(IsOptional(), Figure(min, max));
/** A short text with something in it that can be read. */
export const Name = () =>
  applyDecorators(
    IsString(),
    MinLength(1),
    MaxLength(120),
    Matches(/[^\s\p{Cc}\p{Cf}]/u, { message: '$property must not be blank' }),
    Matches(/^[^\p{Cc}\u2028\u2029]*$/u, { message: '$property must be one line without control characters' }),
  );
/** A longer text, possibly empty. */
export const Note = () => applyDecorators(Optional(), IsString(), MaxLength(4000));
/** The id of what is made, where whoever sends it has chosen one: sent twice, it is made once. */
export const OwnId = () => applyDecorators(Optional(), IsUUID());
/** A calendar date, ISO 8601: 2027-05-14. */
export const Day = () =>
  applyDecorators(
    IsString(),
    Matches(/^\d{4}-\d{2}-\d{2}$/, { message: '$property must be a date such as 2027-05-14' }),
    IsISO8601({ strict: true }, { message: '$property must be a day of the calendar, such as 2027-05-14' }),
  );
/** Figures by id, taken as they were sent: the core checks every id, also those an object would swallow (toString). */
export const ById = () =>
  applyDecorators(
    IsObject(),
    Transform(({ obj, key }) => (obj as Record<string, unknown>)[key]),
  );
