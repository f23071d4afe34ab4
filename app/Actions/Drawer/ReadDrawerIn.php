<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Documents\DrawerTable;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;

use function count;

/** Adds new kinds from a table and counts known ones anew; a kind is known by thickness and uses. */
class ReadDrawerIn extends DrawerAction
{
    /** @return int how many rows were read */
    public function __invoke(User $by, DrawerTable $table): int
    {
        return $this->change($by, function (Workshop $workshop) use ($table): int {
            $known = $workshop->spacers()->get()->keyBy(fn (Spacer $spacer) => $spacer->key());
            foreach ($table->rows() as ['thickness' => $thickness, 'uses' => $uses, 'quantity' => $quantity, 'lies_in' => $liesIn]) {
                $spacer = $known->get(Spacer::keyOf($thickness, $uses))
                    ?? $workshop->spacers()->make(['thickness_mm' => $thickness, 'uses' => $uses]);
                $spacer->fill(['quantity' => $quantity, 'lies_in' => $liesIn ?? $spacer->lies_in])->save();
            }

            return count($table->rows());
        });
    }
}
