<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Refuses;
use App\Actions\WorkshopAction;
use App\Models\TokenScope;
use App\Models\User;
use Illuminate\Support\Carbon;

use function array_column;

/** Gives somebody a token for a program of theirs, which may do so much and no more than they may, until a day. */
class GiveToken extends WorkshopAction
{
    use Refuses;

    private const MOST = 20;

    /**
     * @param  non-empty-list<TokenScope>  $scopes
     * @return string it is told once, and kept as a hash
     */
    public function __invoke(User $by, string $name, array $scopes, Carbon $until): string
    {
        return $this->change($by, 'startJob', function () use ($by, $name, $scopes, $until): string {
            $by->tokens()->where('expires_at', '<', now())->delete();
            $by->tokens()->count() < self::MOST || $this->refuse('token_name', 'That is as many as open at one time: call one back first.');

            return $by->createToken($name, array_column($scopes, 'value'), $until)->plainTextToken;
        });
    }
}
