<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Documents\Photograph;
use App\Models\Job;
use App\Models\Picture;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\Pictures;
use Tests\Support\Workshops;

beforeEach(function (): void {
    Storage::fake();
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
});

/**
 * @param  array<string, string>  $typed
 * @return TestResponse<Response>
 */
function keepPicture(Job $job, UploadedFile $file, array $typed = []): TestResponse
{
    return test()->from("/jobs/{$job->id}/pictures")
        ->post("/jobs/{$job->id}/pictures", ['picture' => $file, 'of' => 'intake', 'code' => '', ...$typed]);
}

it('draws a picture anew: upright, without place and device, at most so large, beside what it shows', function (): void {
    keepPicture(
        $this->job, Pictures::jpeg(300, 200, orientation: 6, hidden: 'GPS 47.1 N <?php echo 1;'),
        ['of' => 'spot', 'code' => 'shell_width', 'picture_note' => 'A burr at the edge'],
    )
        ->assertSessionHasNoErrors();
    $picture = Picture::query()->sole();
    expect([$picture->width, $picture->height, $picture->title])->toBe([200, 300, 'Shell width']);
    $kept = (string) Storage::get($picture->path());
    expect($kept)->not->toContain('GPS')->not->toContain('<?php')->not->toContain('Exif')
        ->and(getimagesizefromstring($kept))->toMatchArray([200, 300]);
    $this->get("/jobs/{$this->job->id}/survey?spot=shell_width")->assertOk()->assertSee('A burr at the edge')
        ->assertSee("/pictures/{$picture->id}/small.jpg");
    $this->get("/jobs/{$this->job->id}/survey?spot=cups_width")->assertOk()->assertDontSee('A burr at the edge');
    $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}/large.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    keepPicture($this->job, Pictures::png(4_400, 60))->assertSessionHasNoErrors();
    expect(Picture::query()->latest('id')->value('width'))->toBe(Photograph::MOST_SIDE);
});

it('says of each file that is no picture what to do about it, and keeps nothing', function (UploadedFile $file, string $says): void {
    keepPicture($this->job, $file)->assertSessionHasErrors(['picture' => $says]);
    expect(Picture::query()->count())->toBe(0)->and(Storage::allFiles())->toBe([]);
})->with([
    'a script' => [
        fn () => Pictures::file('<script>alert(1)</script>', 'x.jpg'), 'That is no picture we can read: send a JPEG, PNG or WebP.',
    ],
    'a vector with a script' => [
        fn () => Pictures::file('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>', 'x.png'),
        'That is no picture we can read: send a JPEG, PNG or WebP.',
    ],
    'HEIC' => [
        fn () => Pictures::file("\0\0\0\x18ftypheic\0\0\0\0mif1heic".str_repeat('x', 200), 'x.heic'),
        'This is a HEIC picture, which cannot be read here. Set the telephone’s camera to “most compatible”, or send it as JPEG.',
    ],
    'cut short' => [
        fn () => Pictures::file(substr((string) Pictures::png(300, 300)->getContent(), 0, 120), 'x.png'),
        'The picture is broken or did not arrive whole. Send it once more.',
    ],
    'half a JPEG' => [
        fn () => Pictures::file(substr((string) Pictures::jpeg(300, 300)->getContent(), 0, 900), 'x.jpg'),
        'The picture is broken or did not arrive whole. Send it once more.',
    ],
    'sixty megapixels' => [
        fn () => Pictures::file(Pictures::claiming(10_000, 6_000), 'x.png'),
        'It has 60 megapixels, and at most 50 can be taken in. Take it at a lower resolution.',
    ],
    'a line' => [fn () => Pictures::file(Pictures::claiming(1, 60_000), 'x.png'), 'A picture of 1 × 60000 pixels shows nothing.'],
    'thirty megabytes' => [
        fn () => UploadedFile::fake()->create('x.jpg', 30_000, 'image/jpeg'),
        'The picture is larger than 20 MiB. Take it at a lower resolution.',
    ],
]);

it('keeps pictures of what is on the bike alone', function (): void {
    foreach ([['of' => 'spot', 'code' => 'zebra'], ['of' => 'build', 'code' => 'zebra'], ['of' => 'intake', 'code' => 'frame']] as $typed) {
        keepPicture($this->job, Pictures::png(40, 40), $typed)->assertSessionHasErrors('picture');
    }
    keepPicture($this->job, Pictures::png(40, 40), ['of' => 'zebra'])->assertSessionHasErrors('of');
    $this->post("/jobs/{$this->job->id}/pictures", ['of' => 'intake'])
        ->assertSessionHasErrors(['picture' => 'Take a picture or choose one first.']);
    foreach ([
        ['of' => 'condition', 'code' => 'frame'],
        ['of' => 'strip', 'code' => OpenJob::of(Workshops::fresh($this->job))->stripPlan()->steps[0]->code],
        ['of' => 'build', 'code' => 'body-in'],
    ] as $typed) {
        keepPicture($this->job, Pictures::png(40, 40), $typed)->assertSessionHasNoErrors();
    }
    expect(Storage::allFiles())->toHaveCount(6);
});

it('puts on the sheet what is ticked, sends it along, and lets go of what shows a person when the customer is forgotten', function (): void {
    keepPicture($this->job, Pictures::png(40, 40), ['picture_note' => 'As it stood in the yard', 'shows_person' => '1'])
        ->assertSessionHasNoErrors();
    keepPicture($this->job, Pictures::png(60, 40), ['picture_note' => 'The chain'])->assertSessionHasNoErrors();
    [$first, $second] = Picture::query()->orderBy('id')->get()->all();
    $say = fn (Picture $picture, array $typed, ?string $seen = null) => $this
        ->put("/jobs/{$this->job->id}/pictures/{$picture->id}", ['note' => $picture->note, 'seen' => $seen ?? $picture->mark(), ...$typed]);
    $say($second, ['on_sheet' => '1'])->assertSessionHasNoErrors();
    $say($second, [], 'what stood there')->assertSessionHasErrors('note');
    $this->get("/jobs/{$this->job->id}/pictures/{$second->id}?beside={$first->id}")->assertOk()->assertSee('As it stood in the yard');
    $this->get("/jobs/{$this->job->id}/prove/hand-over")->assertOk()->assertSee("pictures/{$second->id}/small.jpg", false)
        ->assertDontSee("pictures/{$first->id}/small.jpg", false);
    $this->get("/jobs/{$this->job->id}/prove/hand-over.pdf")->assertOk();
    $this->get("/jobs/{$this->job->id}/customer")->assertOk()->assertSee('A picture that shows a person goes');
    $this->delete("/jobs/{$this->job->id}/customer")->assertSessionHasNoErrors();
    expect(Picture::query()->pluck('id')->all())->toBe([$second->id])->and(Storage::allFiles())->toHaveCount(2);
    $this->delete("/jobs/{$this->job->id}/pictures/{$second->id}")->assertSessionHasNoErrors();
    expect(Storage::allFiles())->toBe([]);
});

it('takes one in with the bike, and none where the form is wrong', function (): void {
    $typed = ['customer' => 'Ida Vell', 'bike' => 'Blue mixte', 'kind' => 'diamond', 'frame_material' => 'steel'];
    $this->from('/jobs/new')->post('/jobs', [...$typed, 'picture' => Pictures::file('no picture', 'x.jpg')])
        ->assertSessionHasErrors('picture');
    expect(Job::query()->count())->toBe(1);
    $this->post('/jobs', [...$typed, 'form_key' => str_repeat('a', 26), 'picture' => Pictures::png(80, 60)])->assertSessionHasNoErrors();
    expect(Picture::query()->sole()->job->bike->label)->toBe('Blue mixte');
});

it('shows pictures to their own workshop alone, and keeps at most so many', function (): void {
    keepPicture($this->job, Pictures::png(40, 40))->assertSessionHasNoErrors();
    $picture = Picture::query()->sole();
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop));
    $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}/small.jpg")->assertOk();
    $this->actingAs($stranger = Workshops::stocked());
    $theirs = Workshops::job($stranger);
    foreach ([
        "/jobs/{$this->job->id}/pictures/{$picture->id}/small.jpg", "/jobs/{$theirs->id}/pictures/{$picture->id}/large.jpg",
        "/jobs/{$theirs->id}/pictures/{$picture->id}",
    ] as $path) {
        $this->get($path)->assertNotFound();
    }
    $this->actingAs($this->person);
    Picture::query()
        ->insert(array_map(fn (int $i) => [...$picture->getAttributes(), 'id' => null, 'file' => "x{$i}"], range(1, Picture::MOST - 1)));
    keepPicture($this->job, Pictures::png(40, 40))->assertSessionHasErrors('picture');
    expect(Storage::allFiles())->toHaveCount(2);
});
