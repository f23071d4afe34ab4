<?php

declare(strict_types=1);

use App\Actions\Stock\AddStockItem;
use App\Models\Movement;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Role;
use App\Models\Spacer;
use App\Models\Supplier;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Parts\Stock\StockKind;
use Symfony\Component\Process\Process;
use Tests\Support\Stockroom;
use Tests\Support\Workshops;

it('has of everything what its movements add up to, after two thousand by three people at once', function (): void {
    $owner = Workshops::stocked();
    $this->actingAs($owner);
    foreach (range(1, 3) as $i) {
        Workshops::kitted($owner);
        app(AddStockItem::class)($owner, StockKind::Clamp, "Clamp {$i}", 5, ['lies_in' => null, 'minimum' => 2, 'good_until' => null]);
    }
    $job = $owner->workshop->jobs()->firstOrFail();
    $supplier = Supplier::query()->create(['workshop_id' => $owner->workshop_id, 'name' => 'Skelder Turning']);
    foreach (range(1, 3) as $number) {
        $order = Order::query()
            ->create(['workshop_id' => $owner->workshop_id, 'supplier_id' => $supplier->id, 'number' => $number, 'placed_on' => today()]);
        foreach (Spacer::query()->limit(4)->pluck('id') as $spacer) {
            $order->lines()
                ->create([
                    'workshop_id' => $owner->workshop_id, 'what' => 'Spacer', 'count' => 300, 'spacer_id' => $spacer, 'job_id' => $job->id,
                ]);
        }
        $order->lines()
            ->create([
                'workshop_id' => $owner->workshop_id, 'what' => 'Rags', 'count' => 20, 'job_id' => $job->id,
                'mark' => str_repeat('a', 31).$number,
            ]);
    }
    $people = [$owner, Workshops::person(Role::Installer, $owner->workshop), Workshops::person(Role::Apprentice, $owner->workshop)];
    $at = [];
    foreach ($people as $i => $person) {
        $at[] = $process = new Process([
            PHP_BINARY, base_path('tests/Support/in-the-stockroom.php'), (string) $person->id, (string) (26 + $i), '670',
        ], base_path(), [
            'APP_ENV' => 'testing', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array', 'LOG_CHANNEL' => 'single', 'DB_DATABASE' => DB::connection()
                ->getDatabaseName(),
        ], timeout: 240);
        $process->start();
    }
    foreach ($at as $process) {
        $process->wait();
        expect($process->getExitCode())->toBe(0, $process->getOutput().$process->getErrorOutput());
        $did = json_decode($process->getOutput(), true);
        expect($did['moved'])
            ->toBeGreaterThan(200)->and($did['refused'])->toBeGreaterThan(0);
    }
    expect((int) OrderLine::query()->whereNotNull('spacer_id')->sum('came'))
        ->toBe((int) Movement::query()->where('how', 'received')->where('note', 'like', 'order%')->sum('changed'))
        ->and((int) OrderLine::query()->sum('came'))->toBeGreaterThan(50);
    expect(Stockroom::odd($owner->workshop_id))->toBe([])->and(Movement::query()->withoutGlobalScopes()->count())->toBeGreaterThan(800);
});
