<?php

declare(strict_types=1);

use App\Actions\Stock\AddStockItem;
use App\Bench\OpenJob;
use App\Models\Arrival;
use App\Models\Movement;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Role;
use App\Models\Spacer;
use App\Models\StockItem;
use App\Models\Supplier;
use App\Models\Workshop;
use App\Ordering\Proposed;
use App\Ordering\ToOrder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use NeatSpindle\Core\Parts\Stock\StockKind;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\Stockroom;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
    $contents = array_column(OpenJob::of(Workshops::fresh($this->job))->motor()->papers->contents ?? [], 'what');
    foreach (['Socket for the nut', 'Main harness, eight pins'] as $what) {
        $this->post("/jobs/{$this->job->id}/box", ['position' => array_search($what, $contents, true), 'state' => 'missing', 'seen' => ''])
            ->assertSessionHasNoErrors();
    }
    Spacer::query()->update(['quantity' => 0]);
    Movement::query()->delete();
    app(AddStockItem::class)(
        $this->person, StockKind::Compound, 'Threadlocker', 1, ['lies_in' => null, 'minimum' => 3, 'good_until' => null],
    );
});

/**
 * @param  Closure(Proposed): bool  $which
 * @return array<string, int>
 */
function proposedCounts(Closure $which): array
{
    $lines = array_filter(ToOrder::of(Workshop::query()->whereKey(Auth::user()?->workshop_id)->firstOrFail())->lines, $which);

    return array_column(array_map(fn (Proposed $line) => [$line->key, $line->count], $lines), 1, 0);
}

/**
 * @param  array<string, int>  $counts
 * @param  array<string, string|array<string, string>>  $typed
 * @return TestResponse<Response>
 */
function placeWith(array $counts, array $typed = []): TestResponse
{
    return test()->from('/drawer/orders/new')->post('/drawer/orders', [
        'supplier' => 'Skelder Turning', 'take' => array_keys($counts), 'lines' => array_map(strval(...), $counts), 'expected_on' => today()
            ->addDays(4)->format('Y-m-d'), ...$typed,
    ]);
}

it('proposes spacers for every open job, what else they need and what fell below its minimum, and nothing that is on its way', function (): void {
    $all = ToOrder::of($this->person->workshop)->lines;
    $spacers = proposedCounts(fn (Proposed $line) => $line->job !== null && $line->mark === null);
    $shelf = proposedCounts(fn (Proposed $line) => $line->job === null);
    $needs = proposedCounts(fn (Proposed $line) => $line->mark !== null);
    expect($spacers)->not->toBe([])->and($shelf)->toHaveCount(1)->and(array_values($shelf))->toBe([2])->and($needs)->not->toBe([]);
    $this->get('/drawer/orders/new')->assertOk()->assertSee('Compound: Threadlocker')->assertSee("name=\"lines[{$all[0]->key}]\"", false);

    placeWith([...$spacers, ...$shelf])->assertSessionHasNoErrors();
    expect(proposedCounts(fn (Proposed $line) => $line->mark === null))->toBe([])
        ->and(proposedCounts(fn (Proposed $line) => $line->mark !== null))->toBe($needs);
    $this->get('/drawer/stock')->assertDontSee('id="to-order"', false);
    expect(Workshops::fresh($this->job)->parts_on?->format('Y-m-d'))->toBe(today()->addDays(4)->format('Y-m-d'));
    placeWith($spacers)->assertSessionHasErrors('lines');
});

it('says at the field what is missing for an order, and keeps nothing of it', function (): void {
    $needs = proposedCounts(fn (Proposed $line) => $line->mark !== null);
    $key = (string) array_key_first($needs);
    placeWith([])->assertSessionHasErrors(['lines' => 'Nothing is on the order yet: say how many of something.']);
    placeWith([$key => 1], ['supplier' => ' '])->assertSessionHasErrors(['supplier' => 'From whom is it ordered?']);
    placeWith([$key => -3])->assertSessionHasErrors("lines.{$key}");
    placeWith([$key => 1], ['expected_on' => 'soon'])->assertSessionHasErrors('expected_on');
    placeWith([$key => 1], ['expected_on' => today()->subDay()->format('Y-m-d')])
        ->assertSessionHasErrors(['expected_on' => 'That day is over.']);
    placeWith([], ['else' => 'Rags', 'else_count' => ''])->assertSessionHasErrors('else_count');
    placeWith(['job-9-need-zebra' => 1])->assertSessionHasErrors('lines');
    placeWith($needs, ['lines' => [...array_map(strval(...), $needs), $key => '']])->assertSessionHasErrors("lines.{$key}");
    $this->get('/drawer/orders/new')->assertSee('How many? A whole number from 1 to 1000.');
    expect(Order::query()->count())->toBe(0)->and(Supplier::query()->count())->toBe(0);
    placeWith([], ['else' => 'Rags', 'else_count' => '2'])->assertSessionHasNoErrors();
    expect(OrderLine::query()->sole()->what)->toBe('Rags');
});

it('receives in part, sends back what is wrong, and puts into the book what is kept there', function (): void {
    placeWith(proposedCounts(fn (Proposed $line) => $line->mark === null))->assertSessionHasNoErrors();
    $order = Order::query()->sole();
    $shelf = $order->lines->sole(fn (OrderLine $line) => $line->job_id === null);
    $item = StockItem::query()->sole();
    $receive = fn (array $came, array $wrong = [], ?int $version = null) => $this->from("/drawer/orders/{$order->id}")
        ->post("/drawer/orders/{$order->id}", ['version' => $version ?? $order->refresh()->version, 'came' => $came, 'wrong' => $wrong]);
    $receive([$shelf->id => '3'])->assertSessionHasErrors("came.{$shelf->id}");
    $receive([$shelf->id => '1'], [$shelf->id => '2'])->assertSessionHasErrors("wrong.{$shelf->id}");
    $receive([$shelf->id => 'two'])->assertSessionHasErrors("came.{$shelf->id}");
    $receive([$shelf->id => '2'], [$shelf->id => '1'])->assertRedirect("/drawer/orders/{$order->id}")->assertSessionHasNoErrors();
    expect($item->refresh()->quantity)->toBe(2)->and($shelf->refresh()->out())->toBe(1)
        ->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
    expect(Movement::query()->where('stock_item_id', $item->id)->where('how', 'sent-back')->sole()->note)->toBe('order 1, the wrong one');
    $receive([$shelf->id => '1'], [], 0)->assertSessionHasErrors('came');
    $this->get("/drawer/orders/{$order->id}")->assertOk()->assertSee('still to come');
    $this->post("/drawer/orders/{$order->id}", ['version' => $order->refresh()->version])->assertSessionHasErrors('came');
    $this->post("/drawer/orders/{$order->id}", ['version' => $order->refresh()->version, 'all' => '1', 'came' => ['']])
        ->assertSessionHasNoErrors();
    expect($order->refresh()->ended_at)->not->toBeNull()->and(Stockroom::odd($this->person->workshop_id))->toBe([]);
    $this->get("/jobs/{$this->job->id}/stack/order")->assertOk()->assertSee('The drawer has every spacer');
    $receive([$shelf->id => '1'])->assertSessionHasErrors('came');
    $this->get('/drawer/orders')->assertOk()->assertSee('all here');
    $this->get('/drawer/orders.csv')->assertOk()->assertSee('order,supplier,placed_on')->assertSee('Skelder Turning');
});

it('says a job’s thing is here once all of it came, and not while it is wrong', function (): void {
    $needs = proposedCounts(fn (Proposed $line) => $line->mark !== null);
    placeWith($needs)->assertSessionHasNoErrors();
    $order = Order::query()->sole();
    $line = $order->lines->firstOrFail();
    $receive = fn (array $came, array $wrong = []) => $this
        ->post("/drawer/orders/{$order->id}", ['version' => $order->refresh()->version, 'came' => $came, 'wrong' => $wrong])
        ->assertSessionHasNoErrors();
    $receive([$line->id => (string) $line->count], [$line->id => '1']);
    expect(Arrival::query()->count())->toBe(0);
    $version = Workshops::fresh($this->job)->version;
    $receive([$line->id => '1']);
    expect(Arrival::query()->sole()->mark)->toBe($line->mark)->and(Workshops::fresh($this->job)->version)->toBe($version + 1);
    $receive($order->lines->skip(1)->mapWithKeys(fn (OrderLine $one) => [$one->id => (string) $one->count])->all());
    expect(proposedCounts(fn (Proposed $line) => $line->mark !== null))->toBe([]);
});

it('shows what a slip moves before it is kept, and plans every job that waits for the order with the new day', function (): void {
    placeWith(proposedCounts(fn (Proposed $line) => $line->mark === null))->assertSessionHasNoErrors();
    $order = Order::query()->sole();
    $day = today()->addDays(30)->format('Y-m-d');
    $this->post("/drawer/orders/{$order->id}/day", ['version' => $order->version, 'expected_on' => $day])->assertOk()
        ->assertSee('What would move')->assertSee((string) $this->job->number);
    expect(Workshops::fresh($this->job)->parts_on?->format('Y-m-d'))->not->toBe($day);
    $this->put("/drawer/orders/{$order->id}/day", ['version' => $order->version, 'expected_on' => $day])->assertSessionHasNoErrors();
    expect(Workshops::fresh($this->job)->parts_on?->format('Y-m-d'))->toBe($day)
        ->and($order->refresh()->expected_on?->format('Y-m-d'))->toBe($day);
    $this->put("/drawer/orders/{$order->id}/day", ['version' => 0, 'expected_on' => $day])->assertSessionHasErrors('expected_on');
    $this->delete("/drawer/orders/{$order->id}", ['version' => $order->version])->assertSessionHasNoErrors();
    expect(proposedCounts(fn (Proposed $line) => $line->job !== null && $line->mark === null))->not->toBe([]);
    $this->travel(40)->days();
    $this->get('/drawer/orders')->assertOk()->assertSee('given up in part');
});

it('lets apprentices receive but not order, and nobody of another workshop either', function (): void {
    placeWith(proposedCounts(fn (Proposed $line) => $line->job === null))->assertSessionHasNoErrors();
    $order = Order::query()->sole();
    $line = $order->lines->sole();
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop, 'Ines Tester'));
    $this->get('/drawer/orders/new')->assertOk()->assertSee('Ordering is for the owner and the installers');
    placeWith([], ['else' => 'Rags', 'else_count' => '1'])->assertForbidden();
    $this->delete("/drawer/orders/{$order->id}", ['version' => 0])->assertForbidden();
    $this->post("/drawer/orders/{$order->id}", ['version' => 0, 'came' => [$line->id => '1']])->assertSessionHasNoErrors();
    $this->actingAs(Workshops::stocked());
    $this->get("/drawer/orders/{$order->id}")->assertNotFound();
    $this->post("/drawer/orders/{$order->id}", ['version' => 1, 'came' => [$line->id => '1']])->assertNotFound();
});

it('works out what the drawer should hold from the bikes that left, and keeps it until one more does', function (): void {
    $this->get('/drawer/should-hold')->assertOk()->assertSee('No bike has left yet');
    $this->job->forceFill(['handed_over_at' => now()])->save();
    $this->person->workshop->jobs()->first();
    DB::table('logbook_entries')
        ->insert([
            'workshop_id' => $this->person->workshop_id, 'job_id' => $this->job->id, 'kind' => 'diamond', 'measures' => '{}',
            'pieces' => '{}', 'left_over' => '[]', 'found' => '{}', 'written_at' => now(),
        ]);
    $this->get('/drawer/should-hold')->assertOk()->assertSee('Nobody has worked it out');
    $this->post('/drawer/should-hold', ['percent' => '101'])->assertSessionHasErrors('percent');
    $this->post('/drawer/should-hold', ['percent' => '100'])->assertSessionHasNoErrors();
    $this->get('/drawer/should-hold?percent=100')->assertOk()->assertSee('of the last 1 jobs clear');
    $this->get('/drawer/should-hold.csv?percent=100')->assertOk()->assertSee('thickness_mm,use,should_hold,there,to_get');
    $this->get('/drawer/should-hold?percent=zebra')->assertOk()->assertSee('95 of a hundred');
});

it('gives every list out as a table', function (): void {
    $this->get('/jobs.csv')->assertOk()->assertSee('number,bike,kind,customer')->assertSee((string) $this->job->number);
    $this->get('/people.csv')->assertOk()->assertSee($this->person->email);
    $this->get('/house.csv')->assertOk()->assertSee('question,answer,why,by,since');
    $this->get('/parts.csv')->assertOk()->assertSee('code,kind,figure,value');
    $this->get('/calendar.csv')->assertOk()->assertSee('number,bike,promised_on,honest_on')->assertSee((string) $this->job->number);
});
