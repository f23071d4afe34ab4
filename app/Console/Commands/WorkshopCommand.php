<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\People\FoundWorkshop;
use App\Models\Longest;
use App\Models\Values\MailAddress;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

use function is_string;

/** Makes a workshop and its first person, its owner. Asks for what no option says; there is no default password. */
class WorkshopCommand extends SaysInALine
{
    protected $signature = 'spindle:workshop
        {--name= : what the workshop is called}
        {--place= : where it is}
        {--owner= : the owner’s name}
        {--email= : the owner’s address}
        {--password-file= : a file with the owner’s password on its first line; asked for when it is not given}';

    protected $description = 'Make a workshop and its owner';

    public function handle(FoundWorkshop $found): int
    {
        $typed = [
            'name' => $this->said('name', 'What is the workshop called?'),
            'place' => $this->said('place', 'Where is it?'),
            'owner' => $this->said('owner', 'What is its owner called?'),
            'email' => MailAddress::normal($this->said('email', 'The owner’s e-mail address?')),
            'password' => $this->password(),
        ];
        $faults = Validator::make($typed, [
            'name' => ['required', 'string', 'max:'.Longest::NAME],
            'place' => ['required', 'string', 'max:'.Longest::NAME],
            'owner' => ['required', 'string', 'max:'.Longest::NAME],
            'email' => ['required', 'email', 'max:'.Longest::ADDRESS, 'unique:users,email'],
            'password' => ['required', 'max:'.Longest::SECRET, Password::defaults()],
        ])->errors()->all();
        if ($faults !== []) {
            $this->error(implode("\n", $faults));

            return self::INVALID;
        }
        $found($typed['name'], $typed['place'], $typed['owner'], $typed['email'], $typed['password']);
        $this->info("{$typed['name']} is there. {$typed['owner']} signs in as {$typed['email']}.");

        return self::SUCCESS;
    }

    private function said(string $option, string $question): string
    {
        $said = $this->option($option) ?? ($this->input->isInteractive() ? $this->ask($question) : null);

        if (is_string($said) && ! mb_check_encoding($said, 'UTF-8')) {
            throw ValidationException::withMessages([$option => "What was given for --{$option} is no text that can be read."]);
        }

        return is_string($said) ? trim($said) : '';
    }

    private function password(): string
    {
        $file = $this->option('password-file');
        if (is_string($file)) {
            $path = realpath($file);
            $isThere = $path !== false && is_file($path) && is_readable($path);

            return $isThere ? rtrim(explode("\n", (string) file_get_contents($path))[0], "\r")
                : throw ValidationException::withMessages(['password' => "The password’s file cannot be read: {$file}"]);
        }
        $typed = $this->input->isInteractive() ? $this->secret('A password for the owner, ten characters or more') : null;

        return is_string($typed) ? $typed : '';
    }
}
