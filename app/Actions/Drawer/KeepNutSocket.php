<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\StandsOtherwise;
use App\Actions\WorkshopAction;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** Keeps which socket the workshop has for the nut of a sleeve, or that it has none. */
class KeepNutSocket extends WorkshopAction
{
    /** @param  ?string  $seen  the mark of the socket the person saw standing there; null where nothing is said of it */
    public function __invoke(User $by, ?NutSocket $socket, ?string $seen = null): void
    {
        $this->change($by, 'countDrawer', function (Workshop $workshop) use ($socket, $seen): void {
            if ($seen !== null && $seen !== $workshop->socketMark()) {
                throw StandsOtherwise::told('Somebody has measured the socket', 'socket_bore');
            }
            $workshop->forceFill(['nut_socket_bore_mm' => $socket?->bore, 'nut_socket_depth_mm' => $socket?->depth]);
            $workshop->renewCatalogue();
        });
    }
}
