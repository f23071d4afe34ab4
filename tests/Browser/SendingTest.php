<?php

declare(strict_types=1);

use App\Models\Condition;
use App\Models\Job;
use App\Models\Reading;
use App\Models\StepRecord;
use App\Models\Track;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Filesystem\Filesystem;
use Tests\Support\Process;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** Opens a spot of a job and types a reading there, without sending it. */
function typeAReading(Site $site, Job $job): void
{
    $site->visit("/jobs/{$job->id}/survey?spot=shell_width");
    $site->type('typed', '73,04');
    $site->choose('instrument', 'rule');
}

/** Presses the button that keeps the reading, and waits for what is told about it. */
function sendInVain(Site $site, string $words): void
{
    $site->driver()->findElement(WebDriverBy::cssSelector('section.spot form button.btn-primary'))->click();
    $site->waitForText('#sending', $words);
    expect($site->value('typed'))->toBe('73,04')->and($site->value('instrument'))->toBe('rule')->and(Reading::query()->count())->toBe(0);
}

it('leaves what was typed where it is while the database is away, and takes it in when it is back', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $port = Process::freePort();
    $relay = fn (): Process => Process::start([
        PHP_BINARY, __DIR__.'/../Support/relay.php', (string) $port, (string) config('database.connections.mariadb.port'),
    ]);
    $door = $relay();
    $door->waitForPort($port);
    $site = Site::open()->restart(['DB_PORT' => (string) $port])->signIn($person->email, Workshops::PASSWORD);
    typeAReading($site, $job);
    $door->stop();
    Process::waitForSilence($port);
    sendInVain($site, 'records cannot be reached just now. Nothing was kept');
    $site->driver()->findElement(WebDriverBy::linkText('Drawer'))->click();
    $site->waitForText('#sending', 'This page stays as it was');

    $door = $relay();
    $door->waitForPort($port);
    $site->click('section.spot form button.btn-primary');
    $door->stop();
    expect(Reading::query()->sole()->value_mm)->toBe(73.04);
});

it('leaves it there while the server is away, too', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Site::open()->restart()->signIn($person->email, Workshops::PASSWORD);
    typeAReading($site, $job);
    $site->takeAway();
    sendInVain($site, 'does not answer. Nothing was kept');
    $site->restart()->click('section.spot form button.btn-primary');
    expect(Reading::query()->sole()->value_mm)->toBe(73.04);
});

it('leaves it there when the session has ended, until the person has signed in again', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Site::open()->restart()->signIn($person->email, Workshops::PASSWORD);
    typeAReading($site, $job);
    $site->driver()->manage()->deleteAllCookies();
    sendInVain($site, 'You are signed out');
    [$here] = $site->driver()->getWindowHandles();
    $site->driver()->findElement(WebDriverBy::cssSelector('#sending a'))->click();
    $site->driver()->wait()->until(fn () => count($site->driver()->getWindowHandles()) === 2);
    $site->driver()->switchTo()->window($site->driver()->getWindowHandles()[1]);
    $site->type('email', $person->email);
    $site->type('password', Workshops::PASSWORD);
    $site->press('Sign in');
    $site->driver()->close();
    $site->driver()->switchTo()->window($here);
    sendInVain($site, 'send it once more');
    $site->click('section.spot form button.btn-primary');
    expect(Reading::query()->sole()->value_mm)->toBe(73.04);
});

it('counts a double click once', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Site::open()->restart()->signIn($person->email, Workshops::PASSWORD);
    typeAReading($site, $job);
    $button = $site->driver()->findElement(WebDriverBy::cssSelector('section.spot form button.btn-primary'));
    $site->andWait(fn () => $site->driver()->action()->doubleClick($button)->perform());
    usleep(500_000);
    expect(Reading::query()->count())->toBe(1);
});

it('shows what another found first, to two people at one subject and one step', function (): void {
    $person = Workshops::stocked();
    $mate = Workshops::person(workshop: $person->workshop, name: 'Ilka Brandt');
    $job = Workshops::kitted($person);
    $site = Site::open()->restart()->signIn($person->email, Workshops::PASSWORD);
    $other = $site->besides()->signIn($mate->email, Workshops::PASSWORD);
    try {
        foreach ([$site, $other] as $each) {
            $each->visit("/jobs/{$job->id}/strip?step=power");
        }
        $other->driver()->findElement(WebDriverBy::cssSelector('details summary'))->click();
        $other->type('note', 'cable cut');
        $other->press('Stop here');
        $site->click('button[name="state"][value="done"]');
        expect($site->text())->toContain('Ilka')->toContain('cable cut')->and(StepRecord::query()->count())->toBe(1)
            ->and(Condition::query()->count())->toBe(0);
    } finally {
        $other->chrome->quit();
    }
});

it('takes in files as large as it says, and says so of larger ones', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->restart()->signIn($person->email, Workshops::PASSWORD);
    $points = implode(
        "\n",
        array_map(
            fn (int $i) => sprintf('<trkpt lat="%.6f" lon="11"><ele>%d</ele></trkpt>', 48 + $i / 20_000, 500 + $i % 40), range(0, 2_000),
        ),
    );
    $place = '<wpt lat="48" lon="11"><desc>'.str_repeat('a bench ', 100).'</desc></wpt>';
    $files = [
        'road.gpx' => '<gpx><trk><name>Long file</name><trkseg>'.$points.'</trkseg></trk>'.str_repeat(
            $place, intdiv(20 * 1024 ** 2 - strlen($points) - 200, strlen($place)),
        ).'</gpx>',
        'catalogue.json' => str_pad((string) file_get_contents(database_path('demo/catalogue.json')), 4 * 1024 ** 2 - 100),
        'huge.gpx' => str_repeat('x', 27 * 1024 ** 2),
    ];
    $folder = sys_get_temp_dir().'/large-'.bin2hex(random_bytes(4));
    mkdir($folder);
    foreach ($files as $name => $content) {
        file_put_contents("{$folder}/{$name}", $content);
    }
    try {
        $site->visit("/jobs/{$job->id}/line/hills")->attach('track', "{$folder}/road.gpx")->press('Load a road');
        expect(Track::query()->sole()->name)->toBe('Long file');
        $site->visit('/catalogue')->attach('file', "{$folder}/catalogue.json")->press('Read it in');
        expect($site->text('.kept'))->toContain('Read: 8 motors');
        $site->visit("/jobs/{$job->id}/line/hills")->attach('track', "{$folder}/huge.gpx");
        $site->driver()->findElement(WebDriverBy::xpath('//button[contains(., "Load a road")]'))->click();
        $site->waitForText('#sending', 'That is too large. Nothing was kept');
        expect(Track::query()->count())->toBe(1);
    } finally {
        (new Filesystem)->deleteDirectory($folder);
    }
});
