<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\Stock\StockAction;
use App\Models\Spacer;
use App\Models\User;
use NeatSpindle\Core\Parts\Stock\Moved;

/**
 * Keeps how many of a kind lie in the drawer, and where. Only what the person changed is written: who moves a kind to
 * another tray says nothing of how many there are.
 */
class CountKind extends StockAction
{
    /**
     * @param  array{quantity: int, lies_in: ?string}  $seen  what the person saw
     * @param  array{quantity: int, lies_in: ?string}  $typed
     *
     * @throws CountedMeanwhile when somebody else changed the very thing
     */
    public function __invoke(User $by, Spacer $spacer, array $seen, array $typed): void
    {
        $this->change($by, 'countDrawer', function () use ($by, $spacer, $seen, $typed): void {
            $held = Spacer::query()->whereKey($spacer->id)->lockForUpdate()->firstOrFail();
            $stands = ['quantity' => $held->quantity, 'lies_in' => $held->lies_in];
            $changed = array_filter($typed, fn (int|string|null $value, string $of) => $value !== $seen[$of], ARRAY_FILTER_USE_BOTH);
            foreach ($changed as $of => $value) {
                if ($stands[$of] !== $seen[$of] && $stands[$of] !== $value) {
                    throw CountedMeanwhile::kind($held, $of);
                }
            }
            $held->update(array_diff_key($changed, ['quantity' => 1]));
            isset($changed['quantity']) && $this->book->move($held, Moved::Counted, $typed['quantity'], $by, field: 'quantity');
        });
    }
}
