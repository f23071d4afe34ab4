<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Stock;

/** What a workshop keeps beside spacers and leads, which have a drawer of their own. */
enum StockKind: string
{
    case Clamp = 'clamp';
    case Chain = 'chain';
    case Inner = 'inner';
    case Ring = 'ring';
    case Insert = 'insert';
    case Compound = 'compound';
    case Pack = 'pack';
    case Small = 'small';

    public function label(): string
    {
        return match ($this) {
            self::Clamp => 'Clamp',
            self::Chain => 'Chain',
            self::Inner => 'Inner or housing',
            self::Ring => 'Ring',
            self::Insert => 'Insert',
            self::Compound => 'Compound',
            self::Pack => 'Battery',
            self::Small => 'Small part',
        };
    }

    /** By what it is counted: of a chain one asks for links, of all else for pieces. */
    public function unit(): string
    {
        return $this === self::Chain ? 'links' : 'pieces';
    }
}
