<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\Drawer\KeepNutSocket;
use App\Documents\CatalogueDocument;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Part\NutSocket;

use function chr;
use function intdiv;

/** The made-up workshop of the demo: its people, its catalogue and its drawer. */
final class DemoWorkshop
{
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
        foreach (self::LEADS as [$connector, $length, $quantity]) {
            $workshop->leads()->create(['connector' => $connector, 'length_mm' => $length, 'quantity' => $quantity]);
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
