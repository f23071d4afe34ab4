<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** Writes down all that was set in the display in one go: what was typed, and is not set like that already. All of it, or nothing. */
class KeepSettings extends JobAction
{
    public function __construct(ChangeJob $change, private readonly SettingWriter $writer)
    {
        parent::__construct($change);
    }

    /**
     * @param  array<string, string>  $typed  by the setting's code; what is not there was left empty
     * @param  array<string, int>  $seen  the settings the person saw standing there, 0 where none did
     */
    public function __invoke(Job $job, User $by, array $typed, array $seen): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($by, $typed, $seen): void {
            $stands = $open->the(LineWatch::class)->settings;
            foreach ($typed as $code => $text) {
                $name = SettingName::from($code);
                $value = $name->read($text);
                if ($value !== null && $stands->get($code)?->value === $value) {
                    continue;
                }
                if ($name->isNoLimit((string) $value)) {
                    $this->refuse("values.{$code}", 'That is as good as no limit: an owner takes it away below, with reason and law.');
                }
                $this->writer->write($open, $by, $name, $text, "values.{$code}", $seen[$code] ?? 0);
            }
        });
    }
}
