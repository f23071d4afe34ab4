<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Drawer\SpacerUse;

/** Puts a new kind of spacer into the drawer. */
class AddKind extends DrawerAction
{
    /** @param  list<SpacerUse>  $uses */
    public function __invoke(User $by, float $mm, int $quantity, array $uses, ?string $liesIn): Spacer
    {
        return $this->change($by, function (Workshop $workshop) use ($mm, $quantity, $uses, $liesIn): Spacer {
            if ($workshop->spacers()->count() >= Spacer::MOST_KINDS) {
                throw ValidationException::withMessages(['thickness' => 'The drawer holds 300 kinds already; no more are kept.']);
            }
            if ($workshop->spacers()->where('thickness_mm', $mm)->where('uses_key', Spacer::usesKey($uses))->exists()) {
                throw ValidationException::withMessages(['thickness' => 'The drawer has a row of this thickness and these uses already: count it there.']);
            }

            return $workshop->spacers()->create([
                'thickness_mm' => $mm, 'uses' => $uses, 'quantity' => $quantity, 'lies_in' => $liesIn,
            ]);
        });
    }
}
