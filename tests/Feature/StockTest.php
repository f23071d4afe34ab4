<?php

declare(strict_types=1);

use App\Actions\Drawer\GivePiecesBack;
use App\Actions\Drawer\ReservePieces;
use App\Actions\Drawer\TakePieces;
use App\Actions\Stock\AddStockItem;
use App\Models\Movement;
use App\Models\Role;
use App\Models\Spacer;
use App\Models\StockItem;
use App\Models\StockRows;
use NeatSpindle\Core\Parts\Stock\StockKind;
use Tests\Support\Stockroom;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
});

it('puts things into the book, and says at the field what is missing or twice', function (): void {
    $add = fn (array $typed) => $this->from('/drawer/stock')
        ->post(
            '/drawer/stock',
            [
                'kind' => 'compound', 'name' => 'Threadlocker, blue', 'count' => '3', 'minimum' => '2', 'lies_in' => 'tray D',
                'good_until' => today()->addDays(10)->format('Y-m-d'), ...$typed,
            ],
        );
    $add([])->assertSessionHasNoErrors();
    $this->get('/drawer/stock')->assertOk()->assertSee('Compound: Threadlocker, blue')->assertSee('good until')->assertSee('tray D');
    $add([])->assertSessionHasErrors(['name' => 'There is a compound of this name already: count it there.']);
    $add(['name' => ''])->assertSessionHasErrors('name');
    $add(['name' => 'x', 'count' => '-1'])->assertSessionHasErrors('count');
    $add(['name' => ['x']])->assertSessionHasErrors('name');
    $add(['name' => 'x', 'kind' => 'anvil'])->assertSessionHasErrors('kind');
    $add(['name' => 'x', 'good_until' => 'soon'])->assertSessionHasErrors('good_until');
    $this->get('/drawer/stock?find=threadlocker')->assertSee('Threadlocker')->assertDontSee('Spacer 0.30');
    $this->get('/drawer/stock?find=zebra')->assertSee('Nothing matches');
    $this->get('/drawer/stock.csv')->assertOk()->assertSee('what,quantity,kept,minimum,lies_in,good_until')->assertSee('Threadlocker');
    expect(StockItem::query()->sole()->quantity)->toBe(3)->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
});

it('writes each movement with who, when and which job, orders what falls below its minimum, and takes no more than there are', function (): void {
    $job = Workshops::job($this->person);
    $item = app(AddStockItem::class)(
        $this->person, StockKind::Chain, 'Chain for eight cogs', 232, ['lies_in' => null, 'minimum' => 200, 'good_until' => null],
    );
    $key = StockRows::keyOf($item);
    $move = fn (array $typed) => $this->from("/drawer/stock/{$key}")
        ->post(
            "/drawer/stock/{$key}", ['how' => 'taken', 'count' => '112', 'job' => (string) $job->number, 'note' => 'new chain', ...$typed],
        );
    $move([])->assertSessionHasNoErrors();
    $this->get("/drawer/stock/{$key}")->assertOk()->assertSee('120 links there')->assertSee('−112')->assertSee('new chain')
        ->assertSee((string) $job->number)->assertSee($this->person->name);
    $this->get('/drawer/stock')->assertSee('<strong>80</strong>', false);
    $move(['count' => '121'])->assertSessionHasErrors(['count' => 'There are only 120, and 121 are wanted. Count them first.']);
    $move(['count' => '0'])->assertSessionHasErrors('count');
    $move(['how' => 'counted'])->assertSessionHasErrors('how');
    $move(['how' => 'received', 'job' => '999999'])->assertSessionHasErrors(['job' => 'No job of the workshop has this number.']);
    $this->put("/drawer/stock/{$key}", ['lies_in' => 'on the nail', 'minimum' => '50'])->assertSessionHasNoErrors();
    $this->put("/drawer/stock/{$key}", ['lies_in' => 'elsewhere', 'seen' => 'what stood there before'])->assertSessionHasErrors('lies_in');
    $this->get("/drawer/stock/{$key}/book.csv")->assertOk()->assertSee('at,how,changed,kept_changed,job,by,note')
        ->assertSee('taken,-112,0');
    $this->get('/drawer/labels?each=1')->assertOk()->assertSee('Chain for eight cogs');
    $this->get('/drawer/labels')->assertOk()->assertSee('on the nail')->assertSee('data-qr=', false);
    expect($item->refresh()->minimum)->toBe(50)->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
});

it('keeps something for a job and for no other, gives it free when the job ends, and takes what is kept for that job alone', function (): void {
    [$job, $other] = [Workshops::job($this->person), Workshops::job($this->person)];
    $item = app(AddStockItem::class)(
        $this->person, StockKind::Clamp, 'Tube clamp', 3, ['lies_in' => null, 'minimum' => null, 'good_until' => null],
    );
    $key = StockRows::keyOf($item);
    $move = fn (string $how, int $count, ?int $number) => $this->from("/drawer/stock/{$key}")
        ->post("/drawer/stock/{$key}", ['how' => $how, 'count' => (string) $count, 'job' => $number]);
    $move('reserved', 2, null)->assertSessionHasErrors(['job' => 'For which job?']);
    $move('reserved', 2, $job->number)->assertSessionHasNoErrors();
    $move('reserved', 2, $other->number)->assertSessionHasErrors(['count' => 'Only 1 are not kept for other jobs, and 2 are wanted.']);
    $move('taken', 2, $other->number)->assertSessionHasErrors('count');
    $move('freed', 1, $other->number)->assertSessionHasErrors(['count' => 'None are kept for this job.']);
    $move('taken', 1, $job->number)->assertSessionHasNoErrors();
    expect([$item->refresh()->quantity, $item->kept])->toBe([2, 1]);
    $this->post("/jobs/{$job->id}/end", ['ended_as' => 'given-up', 'ended_because' => 'Frame cracked'])->assertSessionHasNoErrors();
    expect([$item->refresh()->quantity, $item->kept])->toBe([2, 0])->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
    $move('reserved', 1, $job->number)->assertSessionHasErrors('job');
    $move('received', 10000, null)->assertSessionHasNoErrors();
    foreach (range(1, 4) as $more) {
        $move('received', 10000, null)->assertSessionHasNoErrors();
    }
    $move('received', 10000, null)->assertSessionHasErrors(['count' => 'Of one thing the book holds 60000 at most.']);
    $this->post('/drawer/stock/spacer-'.Spacer::query()->value('id'), ['how' => 'reserved', 'count' => '1', 'job' => $other->number])
        ->assertSessionHasErrors('how');
});

it('counts a round in one go, writes what differs alone, and keeps nothing of it where somebody moved some meanwhile', function (): void {
    $all = StockRows::all();
    $saw = $all->map(fn ($row) => (string) $row->quantity)->all();
    [$first, $second] = $all->keys()->take(2)->all();
    $lines = Movement::query()->count();
    $count = fn (array $counts, array $seen) => $this->from('/drawer/count')->put('/drawer/count', ['counts' => $counts, 'saw' => $seen]);
    $this->get('/drawer/count')->assertOk()->assertSee("name=\"counts[{$first}]\"", false)->assertSee('data-step="1"', false);
    $count([...$saw, $first => '3'], $saw)->assertSessionHasNoErrors();
    expect(StockRows::find($first)?->quantity)->toBe(3)->and(Movement::query()->count())->toBe($lines + 1);

    $count([...$saw, $first => '5', $second => '7'], $saw)->assertSessionHasErrors("counts.{$first}");
    expect(StockRows::find($first)?->quantity)->toBe(3)->and(StockRows::find($second)?->quantity)->toBe((int) $saw[$second]);
    $told = (string) $this->followingRedirects()->from('/drawer/count')
        ->put('/drawer/count', ['counts' => [...$saw, $first => '5', $second => '7'], 'saw' => $saw])->getContent();
    preg_match_all('/name="saw\[([^\]]+)\]" value="(\d+)"/', $told, $shown);
    $now = array_combine($shown[1], $shown[2]);
    expect($now[$first])->toBe('3')->and($now[$second])->toBe($saw[$second]);
    $count([...$saw, $first => '5', $second => '7'], $now)->assertSessionHasNoErrors();
    expect(StockRows::find($first)?->quantity)->toBe(5)->and(StockRows::find($second)?->quantity)->toBe(7);
    $count([$first => 'many'], $saw)->assertSessionHasErrors("counts.{$first}");
    $count([$first => '4'], ['no' => '1'])->assertSessionHasErrors("counts.{$first}");
    $count(['spacer-99999999' => '4'], ['spacer-99999999' => '1'])->assertSessionHasErrors('counts.spacer-99999999');
    expect(Stockroom::odd($this->person->workshop_id))->toBe([]);
});

it('books what a job keeps, takes and gives back', function (): void {
    $job = Workshops::kitted($this->person);
    foreach ([[ReservePieces::class, 'reserved'], [TakePieces::class, 'taken'], [GivePiecesBack::class, 'given-back']] as [$does, $how]) {
        app($does)(Workshops::fresh($job), $this->person, Workshops::fresh($job)->version);
        expect(Movement::query()->where('job_id', $job->id)->where('how', $how)->count())->toBeGreaterThan(0)
            ->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
    }
    $clamp = app(AddStockItem::class)(
        $this->person, StockKind::Clamp, 'Tube clamp', 3, ['lies_in' => null, 'minimum' => null, 'good_until' => null],
    );
    $this->post('/drawer/stock/'.StockRows::keyOf($clamp), ['how' => 'reserved', 'count' => '1', 'job' => $job->number])
        ->assertSessionHasNoErrors();
    foreach ([ReservePieces::class, TakePieces::class, GivePiecesBack::class, ReservePieces::class] as $does) {
        app($does)(Workshops::fresh($job), $this->person, Workshops::fresh($job)->version);
        expect($clamp->refresh()->kept)->toBe(1);
    }
    expect(Spacer::query()->sum('kept'))->toBeGreaterThan(0);
    $this->post("/jobs/{$job->id}/end", ['ended_as' => 'given-up', 'ended_because' => 'Frame cracked'])->assertSessionHasNoErrors();
    expect((int) Spacer::query()->sum('kept'))->toBe(0)->and($clamp->refresh()->kept)->toBe(0)
        ->and(Movement::query()->where('changed', 0)->where('kept_changed', 0)->count())->toBe(0)
        ->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
});

it('shows nothing of another workshop, and lets nobody in who is not signed in', function (): void {
    $item = app(AddStockItem::class)(
        $this->person, StockKind::Small, 'Ferrule', 40, ['lies_in' => null, 'minimum' => null, 'good_until' => null],
    );
    $key = StockRows::keyOf($item);
    $this->actingAs(Workshops::stocked(Role::Owner));
    $this->get('/drawer/stock')->assertDontSee('Ferrule');
    $this->get("/drawer/stock/{$key}")->assertNotFound();
    $this->post("/drawer/stock/{$key}", ['how' => 'taken', 'count' => '1'])->assertNotFound();
    $this->put("/drawer/stock/{$key}", [])->assertNotFound();
    foreach (['spacer-0', 'item-x', 'user-1', 'item--1', str_repeat('9', 30)] as $odd) {
        $this->get("/drawer/stock/{$odd}")->assertNotFound();
    }
    auth()->logout();
    $this->get('/drawer/stock')->assertRedirect('/sign-in');
    expect($item->refresh()->quantity)->toBe(40);
});

it('takes with a bike that leaves what was kept for it by hand', function (): void {
    $job = Workshops::proved(Workshops::ready(Workshops::kitted($this->person)), $this->person);
    $clamp = app(AddStockItem::class)(
        $this->person, StockKind::Clamp, 'Tube clamp', 3, ['lies_in' => null, 'minimum' => null, 'good_until' => null],
    );
    $this->post('/drawer/stock/'.StockRows::keyOf($clamp), ['how' => 'reserved', 'count' => '2', 'job' => $job->number])
        ->assertSessionHasNoErrors();
    $this->post(
        "/jobs/{$job->id}/prove/hand-over",
        ['version' => Workshops::fresh($job)->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d')],
    )
        ->assertSessionHasNoErrors();
    expect(Workshops::fresh($job)->handed_over_at)->not->toBeNull()->and([$clamp->refresh()->quantity, $clamp->kept])->toBe([1, 0])
        ->and(Movement::query()->where('stock_item_id', $clamp->id)->where('how', 'taken')->sole()->note)->toBe('left with the bike')
        ->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
});
