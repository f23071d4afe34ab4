<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** Writes down one thing that was set in the display, with its reason where it is a decision. */
class KeepSetting extends JobAction
{
    public function __construct(ChangeJob $change, private readonly SettingWriter $writer)
    {
        parent::__construct($change);
    }

    /** @param  ?int  $seen  the setting the person saw standing there, 0 where none did; null where nothing is said of it */
    public function __invoke(Job $job, User $by, SettingName $name, string $typed, ?string $reason, ?string $law, ?int $seen = null): void
    {
        $isDecision = $name->isNoLimit((string) $name->read($typed));
        ($this->change)($job, $by, $isDecision ? 'decide' : 'work', null, fn (OpenJob $open) => $this->writer->write(
            $open, $by, $name, $typed, 'value', $seen, $reason, $law,
        ));
    }
}
