<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Parts\Part\Insert;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function in_array;

/** Something about a stack that no margin says, in the order it is told. */
enum Note: string
{
    case ShellNotIdentified = 'shell_not_identified';
    case ShellNeedsInsert = 'shell_needs_insert';
    case InsertDoesNotSuit = 'insert_does_not_suit';
    case ToothedPlateOnCarbon = 'toothed_plate_on_carbon';
    case CaseNotMeasured = 'case_not_measured';
    case RingNotMeasured = 'ring_not_measured';

    /**
     * What stands against a motor in a shell; null when nothing does.
     *
     * @param  ?ShellStandard  $standard what the shell is known to be
     * @param  list<ShellStandard>  $nativeShells those the motor goes into as it comes
     */
    public static function ofShell(?ShellStandard $standard, string $motor, array $nativeShells, ?Insert $insert): ?self
    {
        return match (true) {
            $standard === null => self::ShellNotIdentified,
            $insert === null => in_array($standard, $nativeShells, true) ? null : self::ShellNeedsInsert,
            default => $insert->suits($standard, $motor) ? null : self::InsertDoesNotSuit,
        };
    }

    /** What the note alone makes of an otherwise clear stack. */
    public function verdict(): Verdict
    {
        return match ($this) {
            self::ShellNeedsInsert, self::InsertDoesNotSuit, self::ToothedPlateOnCarbon => Verdict::Fails,
            default => Verdict::Tight,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::ShellNotIdentified => 'The shell is not identified yet.',
            self::ShellNeedsInsert => 'This shell needs an insert for this motor.',
            self::InsertDoesNotSuit => 'The insert does not suit this shell or this motor.',
            self::ToothedPlateOnCarbon => 'A toothed plate never goes on carbon: the frame’s maker decides, and never with teeth.',
            self::CaseNotMeasured => 'The chainstay is not measured as far as the case reaches.',
            self::RingNotMeasured => 'The chainstay is not measured as far as the ring reaches.',
        };
    }
}
