<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Whole\Worksheet\Outlook;

/** What stands against a job as it is chosen. */
final readonly class Checks implements FromJob
{
    /**
     * @param  list<Gate>  $byHand  what the chosen mount wants looked at by hand
     * @param  list<Gate>  $gates  that, and what stands around the shell in the body's way
     * @param  ?Outlook  $outlook  how the whole job stands; null while nothing is chosen
     */
    private function __construct(public array $byHand, public array $gates, public ?Outlook $outlook) {}

    public static function of(OpenJob $open): static
    {
        $worksheet = $open->worksheet();
        if ($worksheet === null) {
            return new self([], [], null);
        }
        $byHand = $worksheet->recipe->steps($worksheet->stack, new Circumstances(found: new Found(answers: $open->findings->answers())))?->gates() ?? [];
        $gates = [...$byHand, ...$open->the(Surroundings::class)->gates()];

        return new self($byHand, $gates, Outlook::of(
            $worksheet, $open->job->stopped_for, $open->bracing(), $gates, $open->the(FittingOut::class)->answers(),
        ));
    }
}
