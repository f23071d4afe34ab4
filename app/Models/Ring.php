<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Holding\Catalogue\RingPapers;
use NeatSpindle\Core\Parts\Part\RingMounting;
use NeatSpindle\Core\Parts\Part\Spider as AdapterSpider;
use NeatSpindle\Core\Whole\Exchange\PapersReader;

/**
 * @property string $code
 * @property int $teeth
 * @property float $dish_mm
 * @property float $thickness_mm
 * @property array<string, mixed>|null $details what the contract does not know: `bolt_circle_mm`, `narrow_wide`, `guard`, `reversible`
 */
#[ScopedBy(OwnWorkshop::class)]
class Ring extends Row
{
    use NamedInDetails;

    /** A workshop keeps at most so many. */
    public const MOST = 200;

    protected $fillable = ['code', 'teeth', 'dish_mm', 'thickness_mm', 'details'];

    protected $casts = ['teeth' => 'int', 'dish_mm' => 'float', 'thickness_mm' => 'float', 'details' => 'array'];

    /** Whether its bolt pattern lets it go on the other way round, so that its dish changes sides. */
    public function isReversible(): bool
    {
        return $this->says('reversible') && abs($this->dish_mm) > 0.0;
    }

    /** Whether its catalogue entry says so of it. */
    public function says(string $property): bool
    {
        return ($this->details[$property] ?? false) === true;
    }

    /** What its papers say; nothing where its entry cannot be read as such, and then it is asked for as if nobody had said. */
    public function papers(): RingPapers
    {
        try {
            return PapersReader::ringFrom($this->details ?? []);
        } catch (InvalidDocument) {
            return new RingPapers(null, null);
        }
    }

    /** In mm; null where nobody has said. */
    public function boltCircle(): ?float
    {
        $circle = $this->details['bolt_circle_mm'] ?? null;

        return is_numeric($circle) ? (float) $circle : null;
    }

    /**
     * Every way to put it on, as a job's document may name them.
     *
     * @param  list<AdapterSpider>  $spiders
     * @return array<string, RingMounting> by the words of it
     */
    public function mountings(array $spiders): array
    {
        $ways = RingMounting::all($this->isReversible(), $this->boltCircle(), $spiders);
        $byWords = array_combine(array_map(fn (RingMounting $way) => $way->words(), $ways), $ways);

        return array_filter(
            $byWords, fn (string $words) => mb_strlen(trim("{$this->code} {$words}")) <= Longest::CODE, ARRAY_FILTER_USE_KEY,
        );
    }
}
