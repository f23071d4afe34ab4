<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Insert;
use App\Models\Motor;
use App\Models\Stage;
use NeatSpindle\Core\Fit\MotorMatch;
use NeatSpindle\Core\Measure\Rounding;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Note;
use NeatSpindle\Core\Stack\Unsolved;

class MatchPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Match;
    }

    /** @return list<MotorMatch> */
    public function rows(): array
    {
        return $this->sheet->matches();
    }

    /** What stands in the way, in millimetres and words; null when nothing does. */
    public function obstacle(MotorMatch $row): ?string
    {
        $reason = $row->stack === null ? 'no_insert' : $row->stack->limitedBy();

        return match (true) {
            $reason === null => null,
            $reason instanceof Unsolved => "The drawer has no set for “{$reason->place()->label()}”: {$this->unit->show($row->stack->needed[$reason->place()->value] ?? 0.0)} or a little more is needed.",
            $reason instanceof MarginName => $this->marginText($row, $reason),
            $reason instanceof Note => $reason->label(),
            $reason === 'no_insert' => $this->sheet->identification()?->identified === null
                ? 'The shell is not identified yet, so nobody can say whether it takes this motor.'
                : 'This shell needs an insert the catalogue does not have.',
            default => 'No washers in the drawer, or no bolt of the trade, fit between plate and bosses.',
        };
    }

    public function offset(MotorMatch $row): ?string
    {
        return $row->weightedOffset === null ? null : $this->unit->show(Rounding::halfAway($row->weightedOffset));
    }

    public function motor(MotorMatch $row): Motor
    {
        return $this->sheet->catalogue->motors->firstWhere('code', $row->motor->code) ?? abort(404);
    }

    public function insert(MotorMatch $row): ?Insert
    {
        return $this->sheet->catalogue->inserts->firstWhere('code', $row->insert?->code);
    }

    public function isChosen(MotorMatch $row): bool
    {
        return $this->motor($row)->id === $this->job->kit?->motor_id;
    }

    private function marginText(MotorMatch $row, MarginName $name): string
    {
        $margin = $row->stack?->margin($name);
        if ($margin === null) {
            return $name->label();
        }
        $value = $this->unit->show($margin->value);
        $limit = $this->unit->show($margin->limit);

        $broken = $name->isCeiling() ? 'over' : 'short of';

        return $margin->slack() < 0
            ? "{$name->label()}: {$value}, {$broken} its limit of {$limit} by {$this->unit->show(abs($margin->slack()))}"
            : "{$name->label()}: {$value} against {$limit}, but the readings are ± {$this->unit->show($margin->plusMinus)}";
    }
}
