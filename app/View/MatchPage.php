<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Insert;
use App\Models\Motor;
use App\Models\Stage;
use NeatSpindle\Core\Fit\MotorMatch;
use NeatSpindle\Core\Measure\Rounding;

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
        return match (true) {
            $row->stack !== null => Obstacle::of($row->stack, $this->unit),
            $this->sheet->identification()?->identified === null => 'The shell is not identified yet, so nobody can say whether it takes this motor.',
            default => 'This shell needs an insert the catalogue does not have.',
        };
    }

    /** The shell is known, and nothing in the catalogue makes it take this motor. */
    public function needsInsert(MotorMatch $row): bool
    {
        return $row->stack === null && $this->sheet->identification()?->identified !== null;
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
}
