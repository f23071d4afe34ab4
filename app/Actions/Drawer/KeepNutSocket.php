<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** Keeps which socket the workshop has for the nut of a sleeve, or that it has none. */
class KeepNutSocket extends DrawerAction
{
    public function __invoke(User $by, ?NutSocket $socket): void
    {
        $this->change($by, function (Workshop $workshop) use ($socket): void {
            $workshop->forceFill(['nut_socket_bore_mm' => $socket?->bore, 'nut_socket_depth_mm' => $socket?->depth]);
            $workshop->renewCatalogue();
        });
    }
}
