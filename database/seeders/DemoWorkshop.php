<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\Drawer\KeepNutSocket;
use App\Actions\Stock\AddStockItem;
use App\Actions\Stock\StockBook;
use App\Documents\CatalogueDocument;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Parts\Stock\Moved;
use NeatSpindle\Core\Parts\Stock\StockKind;

use function chr;
use function intdiv;

/** The made-up workshop of the demo: its people, its catalogue and its drawer. */
final class DemoWorkshop
{
    /** Kind, name, how many, at least, where, and for how many more days it is good. */
    private const STOCK = [
        ['clamp', 'Tube clamp 31 to 35', 3, 2, 'shelf 1', null], ['clamp', 'Boom clamp 50 to 52', 1, 1, 'shelf 1', null],
        ['chain', 'Nickel, for eight cogs', 348, 232, 'shelf 2', null], ['chain', 'Nickel, for ten cogs', 116, 232, 'shelf 2', null],
        ['inner', 'Gear inner, 2.1 m', 6, 4, 'wall, hook 6', null], ['compound', 'Threadlocker, medium', 2, 1, 'shelf 3', 200],
        ['compound', 'Carbon paste', 1, 1, 'shelf 3', 18], ['small', 'Ferrules, 5 mm', 60, 40, 'tray D, cup 1', null],
    ];

    private const LEADS = [['eight', 200, 2], ['eight', 400, 1], ['three', 150, 2], ['three', 600, 1], ['power', 300, 2]];

    /** @return array{maren: User, dov: User, ines: User} who works there */
    public static function make(int $firstNumber): array
    {
        $workshop = Workshop::query()->create(['name' => 'Tollgate Yard', 'place' => 'Upper Withen', 'first_number' => $firstNumber]);
        $maren = self::person($workshop, 'Maren Quillon', 'maren', Role::Owner);
        $people = [
            'maren' => $maren, 'dov' => self::person($workshop, 'Dov Larrish', 'dov', Role::Installer),
            'ines' => self::person($workshop, 'Ines Pellow', 'ines', Role::Apprentice),
        ];
        app(ReadCatalogueIn::class)($maren, CatalogueDocument::read((string) file_get_contents(database_path('demo/catalogue.json'))));
        foreach ($workshop->spacers()->get() as $i => $spacer) {
            $spacer->update(['lies_in' => 'tray '.chr(65 + intdiv($i, 4)).', cup '.($i % 4 + 1)]);
        }
        app(KeepNutSocket::class)($maren, new NutSocket(26.0, 58.0));
        foreach (self::LEADS as $i => [$connector, $length, $quantity]) {
            $lead = $workshop->leads()->create(['connector' => $connector, 'length_mm' => $length, 'lies_in' => 'wall, hook '.($i + 1)]);
            app(StockBook::class)->move($lead, Moved::Counted, $quantity, $maren);
        }

        foreach (self::STOCK as [$kind, $name, $count, $minimum, $place, $days]) {
            app(AddStockItem::class)($maren, StockKind::from($kind), $name, $count, [
                'lies_in' => $place, 'minimum' => $minimum, 'good_until' => $days === null ? null : today()->addDays($days)->format('Y-m-d'),
            ]);
        }

        return $people;
    }

    private static function person(Workshop $workshop, string $name, string $address, Role $role): User
    {
        return $workshop->users()->create([
            'name' => $name, 'email' => "{$address}@tollgate.example", 'password' => 'bench-demo', 'role' => $role,
        ]);
    }
}
