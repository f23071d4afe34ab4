<?php

declare(strict_types=1);

use App\Models\Picture;
use App\Models\Reading;
use Tests\Support\Pictures;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** A file on the disk, as a telephone has it. */
function onDisk(string $content, string $name): string
{
    $path = sys_get_temp_dir().'/'.getmypid()."-{$name}";
    file_put_contents($path, $content);

    return $path;
}

it('brings a picture from intake to the sheet that leaves with the bike', function (): void {
    $person = Workshops::stocked();
    $file = onDisk((string) Pictures::jpeg(640, 480, orientation: 6)->getContent(), 'intake.jpg');
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit('/jobs/new');
    $site->type('customer', 'Ida Vell')->type('bike', 'Blue mixte')->attach('picture', $file)->press('Start measuring');
    $picture = Picture::query()->sole();
    expect([$picture->width, $picture->height])->toBe([480, 640]);
    $at = "/jobs/{$picture->job_id}";
    $site->visit("{$at}/pictures/{$picture->id}");
    expect(
        $site->driver()
            ->executeScript("const one = document.querySelector('.picture-large img'); return one.complete && one.naturalWidth;"),
    )
        ->toBe(480);
    $site->type('note', 'Scratched by the gears')->tick('input[name=on_sheet]')->press('Keep d');
    $site->visit("{$at}/prove/hand-over");
    $site->waitForText('.sheet-paper', 'Scratched by the gears');
    expect(
        $site->driver()
            ->executeScript("const one = document.querySelector('.sheet-pictures img'); return one.complete && one.naturalWidth > 0;"),
    )
        ->toBeTrue()
        ->and($site->consoleErrors())->toBe([]);
    unlink($file);
});

it('gives out a job, reads it back changed, and shows its difference before anything is kept', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $document = json_decode((string) $this->get("/jobs/{$job->id}/job.json")->getContent());
    $document->bike->shell->width_mm = ['value' => 73.3, 'plus_minus' => 0.1];
    $file = onDisk((string) json_encode($document), 'job.json');
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD);
    $site->visit("/jobs/{$job->id}/read-in");
    $site->attach('document', $file)->press('See what it says otherwise')->waitForText('#main', 'measured afresh');
    expect(Reading::query()->where('typed', 'like', '%from a document')->count())->toBe(0);
    $site->press('Take over this one d')->waitForText('#main', 'One place is another now');
    expect(Reading::query()->where('typed', 'like', '%from a document')->sole()->value_mm)->toBe(73.3);
    unlink($file);
});
