<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\Sheet;
use App\Models\StepState;
use App\Models\Values\AboutKind;
use NeatSpindle\Core\Holding\Build\BuildGate;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Ticks;
use NeatSpindle\Core\Holding\Reaction\Bracing;

use function array_filter;
use function array_map;
use function array_values;

/** How far a bike is built: its sheet, what of it is open, and what may be ticked now. */
final readonly class BuildState implements FromJob
{
    /**
     * @param  ?BuildSheet  $sheet  null while nothing is chosen
     * @param  list<BuildStep>  $open  steps that are not done
     */
    private function __construct(public ?BuildSheet $sheet, public ?BuildGate $gate, public Ticks $ticks, public array $open) {}

    /** @return list<BuildStep> what is done in one movement of the hands, the step itself first */
    public function movement(BuildStep $first): array
    {
        return $this->gate?->movement($first) ?? [$first];
    }

    public static function of(OpenJob $open): static
    {
        $sheet = $open->buildSheet();
        $worksheet = $open->worksheet();
        if ($sheet === null || $worksheet === null) {
            return new self(null, null, Ticks::none(), []);
        }
        $passed = array_map(fn (Decision $decision) => $decision->choice, $open->decisions->ofKind(AboutKind::Pass));
        $ticks = Ticks::of(
            $sheet, $open->records->done(Sheet::Build), $open->records->that(Sheet::Build, StepState::Stopped), $passed, $open->records->asked(Sheet::Build),
        );
        $gate = new BuildGate(
            $sheet, $ticks, $worksheet->stack->verdict, $open->the(Checks::class)->gates, Stop::of($open),
            Bracing::undecided($open->bracing(), $worksheet->reaction), $passed, $open->the(Lacking::class)->open,
        );

        return new self($sheet, $gate, $ticks, array_values(array_filter($sheet->steps, fn (BuildStep $step) => ! $ticks->isDone($step->code))));
    }
}
