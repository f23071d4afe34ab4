<?php

declare(strict_types=1);

namespace App\Documents;

use App\Bench\OpenJob;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\SpotKind;
use NeatSpindle\Core\Whole\Exchange\Difference;
use NeatSpindle\Core\Whole\Exchange\Differing;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use stdClass;

use function array_filter;
use function array_map;
use function array_values;
use function json_encode;
use function str_starts_with;

/** A job’s document that was changed elsewhere, held against the job as it stands: what would be another, and what of that can be taken over. */
final readonly class JobReadIn
{
    /** @param  list<array{Differing, ?Spot}>  $rows  each with the spot at which it is measured or answered; null where it is chosen elsewhere */
    private function __construct(public array $rows) {}

    /** @throws InvalidDocument with every fault at its pointer */
    public static function of(OpenJob $open, string $json): self
    {
        $there = JsonText::object($json);
        JobReader::read($there);
        /** @var stdClass $here */
        $here = json_decode((string) json_encode(JobDocument::of($open), JSON_PRESERVE_ZERO_FRACTION), flags: JSON_THROW_ON_ERROR);

        return new self(array_map(fn (Differing $one) => [$one, self::spotOf($one)], Difference::between($here, $there)));
    }

    /** @return list<array{Differing, Spot}> what can be taken over: what was measured or answered, and is said there */
    public function takenOver(): array
    {
        $taken = [];
        foreach ($this->rows as [$differing, $spot]) {
            $spot === null || $differing->there === null || $taken[] = [$differing, $spot];
        }

        return $taken;
    }

    private static function spotOf(Differing $differing): ?Spot
    {
        if (str_starts_with($differing->pointer, '/bike/chainstay/profile/')) {
            $at = array_filter(Spot::cases(), fn (Spot $spot) => $spot->stayRadius() !== null
                && $differing->pointer === "/bike/chainstay/profile/{$spot->stayRadius()}/outboard_mm");

            return array_values($at)[0] ?? null;
        }
        $exactly = array_filter(Spot::cases(), fn (Spot $spot) => $spot->pointer() === $differing->pointer
            && $spot->kind() !== SpotKind::Count);

        return array_values($exactly)[0] ?? null;
    }
}
