<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Holding\Catalogue\Motor;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Whole\Job\Kit;

use function in_array;

/** Reads what is to be fitted, against the catalogue it is taken from. */
final readonly class KitReader
{
    private const MOST_PIECES_BY_HAND = 60;

    private function __construct(
        private Cursor $at,
        private Cursor $root,
        private Catalogue $catalogue,
    ) {}

    /** Null when something it needs was at fault. */
    public static function read(Cursor $root, Catalogue $catalogue): ?Kit
    {
        return (new self($root->object('kit'), $root, $catalogue))->kit();
    }

    private function kit(): ?Kit
    {
        $motor = $this->catalogue->motors[$this->code('motor', 'motors')] ?? null;
        $ring = $this->catalogue->rings[$this->code('ring', 'rings')] ?? null;
        $insert = $this->at->has('insert') ? $this->catalogue->inserts[$this->code('insert', 'inserts')] ?? null : null;
        $byHand = $this->byHand($motor);
        $this->expectMeasuresFor($motor);

        return $motor === null || $ring === null ? null : new Kit($motor, $ring, $insert, $byHand);
    }

    /** A code the catalogue has; where the catalogue itself cannot be read, its codes are not judged. */
    private function code(string $key, string $section): string
    {
        $code = $this->at->textOrNull($key);
        $known = $this->root->peek('catalogue')->peek($section);
        if ($code !== null && ! $known->names($code) && ($known->isObject() || $section === 'inserts')) {
            $this->at->faultAt($key, 'The catalogue has no such code.');
        }

        return $code ?? '';
    }

    /** @return array<string, list<float>> */
    private function byHand(?Motor $motor): array
    {
        $byHand = [];
        $at = $this->at->optionalObject('spacers');
        foreach ($at?->entries() ?? [] as $entry) {
            $place = Place::tryFrom($entry->key());
            $places = $motor?->mount()->places() ?? Place::cases();
            if ($place === null || ! in_array($place, $places, true)) {
                $entry->fault('Expected one of the places: '.implode(', ', array_map(fn (Place $one) => $one->value, $places)).'.');

                continue;
            }
            $byHand[$place->value] = array_map(
                fn (Cursor $piece) => $piece->here()->length() ?? 1.0,
                $entry->itemsHere(0, self::MOST_PIECES_BY_HAND),
            );
        }

        return $byHand;
    }

    /** Some motors are fitted to measures of their own. */
    private function expectMeasuresFor(?Motor $motor): void
    {
        $bike = $this->root->peek('bike');
        $measures = $motor?->mount()->measuresKey();
        if ($measures !== null && $bike->isObject() && ! $bike->has($measures)) {
            $bike->faultAt($measures, "A {$motor->mount()->code()} motor needs these measures.");
        }
    }
}
