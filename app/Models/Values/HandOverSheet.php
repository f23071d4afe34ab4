<?php

declare(strict_types=1);

namespace App\Models\Values;

use function array_filter;
use function array_map;
use function array_values;
use function is_array;
use function is_string;

/**
 * What leaves with a bike, in words, as it stood when it left: screen, paper, PDF and the customer's address show this,
 * and nothing that is read in, renamed or set later alters it.
 */
final readonly class HandOverSheet implements Kept
{
    /**
     * @param  string  $bike  number and label
     * @param  ?string  $handed  when and by whom; null for a draft
     * @param  array<string, string>  $fitted  by what it is
     * @param  array<string, string>  $set  by what is set
     * @param  list<array{string, string, string}>  $torques  where, what was wanted, what was given
     * @param  list<string>  $decided  every decision with a reason, those that stand first
     * @param  list<string>  $found  how the bike was found
     * @param  list<string>  $liesIn  what came off, and where it lies
     * @param  array<string, string>  $comesBack  titles of what is looked at when it comes back, by code
     * @param  array<int, string>  $pictures  what those show that leave with it, by their numbers
     */
    public function __construct(
        public string $bike,
        public string $customer,
        public string $workshop,
        public ?string $handed = null,
        public ?string $note = null,
        public string $recheckOn = '',
        public array $fitted = [],
        public array $set = [],
        public array $torques = [],
        public array $decided = [],
        public array $found = [],
        public array $liesIn = [],
        public array $comesBack = [],
        public array $pictures = [],
    ) {}

    public static function fromArray(array $kept): static
    {
        $text = fn (string $key): ?string => is_string($kept[$key] ?? null) ? $kept[$key] : null;
        $rows = is_array($kept['torques'] ?? null) ? array_map(fn (mixed $row) => array_values(self::texts($row)), $kept['torques']) : [];

        return new self(
            bike: $text('bike') ?? '',
            customer: $text('customer') ?? '',
            workshop: $text('workshop') ?? '',
            handed: $text('handed'),
            note: $text('note'),
            recheckOn: $text('recheck_on') ?? '',
            fitted: self::named($kept['fitted'] ?? null),
            set: self::named($kept['set'] ?? null),
            torques: array_values(array_map(fn (array $row) => [$row[0] ?? '', $row[1] ?? '', $row[2] ?? ''], $rows)),
            decided: array_values(self::texts($kept['decided'] ?? null)),
            found: array_values(self::texts($kept['found'] ?? null)),
            liesIn: array_values(self::texts($kept['lies_in'] ?? null)),
            comesBack: self::named($kept['comes_back'] ?? null),
            pictures: array_filter(self::texts($kept['pictures'] ?? null), is_int(...), ARRAY_FILTER_USE_KEY),
        );
    }

    public function toArray(): array
    {
        return [
            'bike' => $this->bike, 'customer' => $this->customer, 'workshop' => $this->workshop, 'handed' => $this->handed,
            'note' => $this->note,
            'recheck_on' => $this->recheckOn, 'fitted' => $this->fitted, 'set' => $this->set, 'torques' => $this->torques,
            'decided' => $this->decided,
            'found' => $this->found, 'lies_in' => $this->liesIn, 'comes_back' => $this->comesBack,
            ...($this->pictures === [] ? [] : ['pictures' => $this->pictures]),
        ];
    }

    /** @return array<array-key, string> */
    private static function texts(mixed $kept): array
    {
        return is_array($kept) ? array_filter($kept, is_string(...)) : [];
    }

    /** @return array<string, string> */
    private static function named(mixed $kept): array
    {
        $named = [];
        foreach (self::texts($kept) as $what => $words) {
            $named[(string) $what] = $words;
        }

        return $named;
    }
}
