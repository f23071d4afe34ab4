<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** What a job can go without, in the order in which it is dealt with. */
enum LackKind: string
{
    case Margin = 'tight';
    case Lead = 'lead';
    case Part = 'part';
    case Pack = 'pack';
    case Condition = 'condition';
    case Brakes = 'brakes';

    public function label(): string
    {
        return match ($this) {
            self::Margin => 'only tight',
            self::Lead => 'a lead',
            self::Part => 'a part that is not here',
            self::Pack => 'the battery',
            self::Condition => 'condition not looked at',
            self::Brakes => 'brakes',
        };
    }

    public function putRight(): PutRight
    {
        return match ($this) {
            self::Margin => PutRight::Stack,
            self::Lead => PutRight::Route,
            self::Part => PutRight::Get,
            self::Pack => PutRight::Battery,
            self::Condition => PutRight::Condition,
            self::Brakes => PutRight::Brakes,
        };
    }
}
