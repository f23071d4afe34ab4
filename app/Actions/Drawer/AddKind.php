<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\Stock\StockAction;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Stock\Moved;

/** Puts a new kind of spacer into the drawer. */
class AddKind extends StockAction
{
    /** @param  list<SpacerUse>  $uses */
    public function __invoke(User $by, float $mm, int $quantity, array $uses, ?string $liesIn): Spacer
    {
        return $this->change($by, 'countDrawer', function (Workshop $workshop) use ($by, $mm, $quantity, $uses, $liesIn): Spacer {
            if (Spacer::inUse($workshop)->count() >= Spacer::MOST_KINDS) {
                throw ValidationException::withMessages(['thickness' => Spacer::tooMany()]);
            }
            $known = $workshop->spacers()->where('thickness_mm', $mm)->where('uses_key', Spacer::usesKey($uses))->first();
            if ($known !== null && $known->retired_at === null) {
                throw ValidationException::withMessages(
                    ['thickness' => 'The drawer has a row of this thickness and these uses already: count it there.'],
                );
            }
            $kind = $known ?? $workshop->spacers()->make(['thickness_mm' => $mm, 'uses' => $uses]);
            $kind->fill(['lies_in' => $liesIn, 'retired_at' => null, 'retired_by_id' => null])->save();
            $this->book->move($kind, Moved::Counted, $quantity, $by);

            return $kind->refresh();
        });
    }
}
