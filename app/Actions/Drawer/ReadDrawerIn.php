<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\StandsOtherwise;
use App\Actions\Stock\StockAction;
use App\Documents\DrawerTable;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;

use function count;

/** Adds new kinds from a table and counts known ones anew; a kind is known by thickness and uses. */
class ReadDrawerIn extends StockAction
{
    /**
     * @param  ?string  $seen  the mark of the drawer the person saw; null where nothing is said of it
     * @return int how many rows were read
     */
    public function __invoke(User $by, DrawerTable $table, ?string $seen = null): int
    {
        return $this->change($by, 'countDrawer', function (Workshop $workshop) use ($by, $table, $seen): int {
            if ($seen !== null && $seen !== $workshop->drawerMark()) {
                throw StandsOtherwise::told('Somebody has counted, taken or put something into the drawer', 'table');
            }
            $places = $workshop->spacers()->get()->mapWithKeys(fn (Spacer $spacer) => [$spacer->key() => $spacer->lies_in])->all();
            $rows = array_map(fn (array $row) => Spacer::rowOf($workshop, $row['thickness'], $row['uses'], $row['quantity']) + [
                'lies_in' => $row['lies_in'] ?? $places[Spacer::keyOf($row['thickness'], $row['uses'])] ?? null,
            ], $table->rows());
            $this->book->counting($workshop, $by, 'read in from a table', fn () => Spacer::query()->upsert(
                $rows, ['workshop_id', 'thickness_mm', 'uses_key'], ['quantity', 'lies_in', 'retired_at', 'retired_by_id', 'updated_at'],
            ));
            if (Spacer::inUse($workshop)->count() > Spacer::MOST_KINDS) {
                throw ValidationException::withMessages(
                    ['table' => 'With what is there already it would be more. '.Spacer::tooMany().' Nothing was read in.'],
                );
            }

            return count($table->rows());
        });
    }
}
