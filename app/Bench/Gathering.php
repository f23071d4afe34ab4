<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\ReceivedBox;
use App\Models\Arrival;
use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Whole\Needs\JobNeeds;
use NeatSpindle\Core\Whole\Needs\Need;

use function in_array;

/** What has to be got together for a job, and what of it was seen to be here. */
final readonly class Gathering implements FromJob
{
    /**
     * @param  list<Need>  $needs  none while there is no sheet
     * @param  list<string>  $here  marks of what was seen here
     * @param  ?Shortage  $shortage  what of spacers is missing; null while there is no sheet
     */
    private function __construct(public array $needs, public array $here, public ?Shortage $shortage) {}

    public static function of(OpenJob $open): static
    {
        $worksheet = $open->worksheet();
        if ($worksheet === null) {
            return new self([], [], null);
        }
        $build = $open->buildSheet();
        $shortage = Shortage::of($worksheet->recipe, $worksheet->job->catalogue->drawer, $worksheet->job->kit->byHand);
        $box = ReceivedBox::of($open->job, $open->motor());

        return new self(
            $build === null ? [] : JobNeeds::of($worksheet, $build, $open->circumstances(), $box->packed(), $box->astray(), $shortage),
            array_values($open->job->arrivals->map(fn (Arrival $arrival) => $arrival->mark)->all()),
            $shortage,
        );
    }

    /** @return list<Need> what has to come from elsewhere and nobody has seen here */
    public function away(): array
    {
        return array_values(array_filter($this->needs, fn (Need $need) => $need->isFetched() && ! $this->isHere($need)));
    }

    public function isHere(Need $need): bool
    {
        return in_array($need->mark(), $this->here, true);
    }
}
