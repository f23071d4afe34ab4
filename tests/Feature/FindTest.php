<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->actingAs(Workshops::stocked());
});

it('finds in drawer and catalogue by the words that stand there, and says so where nothing does', function (): void {
    $this->get('/drawer')->assertSee('data-key="/"', false)->assertSee('under the crank')->assertSee('0.30 mm');
    $this->get('/drawer?find=boss')->assertSee('1.60 mm')->assertDontSee('Where 10.00 mm lies');
    $this->get('/drawer?find=zebra')->assertSee('No spacer matches');
    $this->get('/catalogue?find=otter')->assertSee('otter-68')->assertSee('BSA thread')->assertDontSee('heron-68</small>', false);
    $this->get('/catalogue?find=YOKE')->assertSee('bittern-83')->assertDontSee('otter-68</small>', false);
    $this->get('/catalogue?find=44+teeth')->assertSee('deep-44')->assertDontSee('half-36');
    $mate = Workshops::person(Role::Apprentice, auth()->user()?->workshop, 'Sable Quint');
    $this->get('/people?find=quint')->assertSee($mate->email)->assertDontSee((string) auth()->user()?->email.'</span>', false);
    $this->get('/people?find=apprentice')->assertSee('Sable Quint');
    $this->get('/people?find=zebra')->assertSee('Nobody matches');
    foreach ([
        '/people?find[]=x', '/drawer?find[]=x', '/catalogue?find[]=x', '/catalogue?find='.str_repeat('y', 500), '/drawer?find=%00',
    ] as $odd) {
        $this->get($odd)->assertOk();
    }
});
