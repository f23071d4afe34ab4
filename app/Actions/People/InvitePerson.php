<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Notifications\Invitation;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Takes somebody into the workshop and sends a letter with the way to choose a password. Nobody else ever knows one. */
class InvitePerson
{
    /** Whether it was known before, or came in by another form just now, is the same to who invites. */
    public const KNOWN = 'There is an account with this address already.';

    public function __construct(private readonly Gate $gate) {}

    public function __invoke(User $by, string $name, string $email, Role $role): User
    {
        try {
            $person = DB::transaction(function () use ($by, $name, $email, $role): User {
                $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
                $this->gate->forUser($by)->authorize('invite', $workshop);

                return $workshop->users()->create(['name' => $name, 'email' => $email, 'role' => $role, 'password' => Str::random(40)]);
            });
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['email' => self::KNOWN]);
        }
        $this->sendLetter($person, $by);

        return $person;
    }

    private function sendLetter(User $person, User $by): void
    {
        /** @var PasswordBroker $broker */
        $broker = Password::broker();
        $person->notify(new Invitation($by->name, $broker->createToken($person)));
    }
}
