<?php

declare(strict_types=1);

use App\Http\Controllers\AdapterController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BatteryController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\BuildController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CockpitController;
use App\Http\Controllers\ConditionController;
use App\Http\Controllers\ElsewhereController;
use App\Http\Controllers\EstimateController;
use App\Http\Controllers\FeedController;
use App\Http\Controllers\GearsController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\HillsController;
use App\Http\Controllers\HoursController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InstrumentsController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobEndController;
use App\Http\Controllers\JobHouseController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\LogbookController;
use App\Http\Controllers\MatchController;
use App\Http\Controllers\MeasuredPartController;
use App\Http\Controllers\NewsController;
use App\Http\Controllers\ObstacleController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\OwnStretchController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\ProveController;
use App\Http\Controllers\ReadJobController;
use App\Http\Controllers\RecheckController;
use App\Http\Controllers\RestController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\RunDetailsController;
use App\Http\Controllers\SensorController;
use App\Http\Controllers\SheetAddressController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StackController;
use App\Http\Controllers\StartJobController;
use App\Http\Controllers\StripController;
use App\Http\Controllers\SurveyController;
use App\Http\Controllers\TokenController;
use App\Http\Controllers\UpController;
use App\Http\Controllers\WaysController;
use Illuminate\Support\Facades\Route;

Route::get('/up', UpController::class)->withoutMiddleware('web')->name('up');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store']);
    Route::get('/password/forgotten', [PasswordController::class, 'forgotten'])->name('password.forgotten');
    Route::post('/password/forgotten', [PasswordController::class, 'send'])->middleware('throttle:letters')->name('password.send');
    Route::get('/password/new/{token}', [PasswordController::class, 'choose'])->name('password.reset');
    Route::post('/password/new', [PasswordController::class, 'reset'])->middleware('throttle:letters')->name('password.keep');
});

Route::get('/sheet/{address}', [SheetAddressController::class, 'show'])->whereNumber('address')->middleware(['signed',
    'throttle:60,1'])->name('sheet');

Route::get('/feed/{secret}.ics', [FeedController::class, 'show'])->where('secret', '[A-Za-z0-9]{48}')->middleware('throttle:60,1')
    ->name('feed');

Route::middleware(['auth', 'auth.session'])->group(function (): void {
    Route::get('/token', [SignInController::class, 'token'])->name('token');
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::put('/preferences', [PreferenceController::class, 'update'])->name('preferences');
    Route::get('/account', [PreferenceController::class, 'show'])->name('account');
    Route::put('/account/hands', [PreferenceController::class, 'hands'])->name('account.hands');
    Route::put('/account/password', [PasswordController::class, 'change'])->name('password.change');
    Route::post('/account/tokens', [TokenController::class, 'give'])->name('tokens.give');
    Route::delete('/account/tokens/{token}', [TokenController::class, 'back'])->whereNumber('token')->name('tokens.back');
    Route::post('/account/sign-out-everywhere', [PasswordController::class, 'endSessions'])->name('sessions.end');

    Route::get('/', BenchController::class)->name('bench');
    Route::get('/jobs.csv', [LogbookController::class, 'csv'])->name('jobs.csv');
    Route::get('/jobs/new', [StartJobController::class, 'create'])->name('job.start');
    Route::post('/jobs', [StartJobController::class, 'store'])->name('job.store');

    Route::prefix('/jobs/{job}')->name('job.')->scopeBindings()->whereNumber(
        ['job', 'reading', 'obstacle', 'condition', 'motor', 'run', 'track', 'ownStretch', 'sheetAddress', 'picture'],
    )->group(function (): void {
        Route::get('/', [JobController::class, 'show'])->name('show');
        Route::get('/job.json', [JobController::class, 'document'])->name('document');
        Route::get('/worksheet.json', [JobController::class, 'worksheet'])->name('worksheet');
        Route::get('/news', NewsController::class)->name('news');

        Route::get('/survey', [SurveyController::class, 'show'])->name('survey');
        Route::post('/readings', [SurveyController::class, 'reading'])->name('reading');
        Route::post('/rows', [SurveyController::class, 'row'])->name('row');
        Route::post('/caliper', [SurveyController::class, 'caliper'])->name('caliper');
        Route::delete('/readings/{reading}', [SurveyController::class, 'takeBack'])->name('reading.take-back');
        Route::put('/readings/{reading}', [SurveyController::class, 'bringBack'])->name('reading.bring-back');
        Route::post('/answers', [SurveyController::class, 'answer'])->name('answer');
        Route::get('/condition', [ConditionController::class, 'show'])->name('condition');
        Route::post('/condition', [ConditionController::class, 'store'])->name('condition.store');
        Route::put('/condition', [ConditionController::class, 'rest'])->name('condition.rest');
        Route::put('/condition/{condition}', [ConditionController::class, 'lift'])->name('condition.lift');

        Route::get('/strip', [StripController::class, 'show'])->name('strip');
        Route::post('/strip', [StripController::class, 'record'])->name('strip.step');
        Route::post('/obstacles', [ObstacleController::class, 'store'])->name('obstacle');
        Route::put('/obstacles/{obstacle}', [ObstacleController::class, 'cure'])->name('obstacle.cure');

        Route::get('/match', [MatchController::class, 'show'])->name('match');
        Route::put('/motor', [MatchController::class, 'choose'])->name('motor');
        Route::get('/insert/{motor}', [AdapterController::class, 'insert'])->name('adapter');
        Route::get('/insert/{motor}/drawing.svg', [AdapterController::class, 'insertSvg'])->name('adapter.svg');
        Route::get('/sleeve/{motor}', [AdapterController::class, 'sleeve'])->name('sleeve');
        Route::get('/sleeve/{motor}/drawing.svg', [AdapterController::class, 'sleeveSvg'])->name('sleeve.svg');

        Route::get('/stack', [StackController::class, 'show'])->name('stack');
        Route::put('/stack', [StackController::class, 'edit'])->name('edit');
        Route::delete('/stack', [StackController::class, 'solve'])->name('solve');
        Route::get('/section.svg', [StackController::class, 'svg'])->name('section');
        Route::post('/stack/undo', [StackController::class, 'undo'])->name('undo');
        Route::post('/stack/redo', [StackController::class, 'redo'])->name('redo');
        Route::get('/stack/ways', [WaysController::class, 'show'])->name('ways');
        Route::put('/stack/like', [WaysController::class, 'like'])->name('like');
        Route::put('/stack/ways', [WaysController::class, 'choose'])->name('way');
        Route::get('/stack/order', [OrderController::class, 'show'])->name('order');
        Route::get('/stack/order.csv', [OrderController::class, 'csv'])->name('order.csv');
        Route::post('/stack/order', [OrderController::class, 'pieces'])->name('reserve');
        Route::put('/stack/needs', [OrderController::class, 'arrivals'])->name('arrivals');
        Route::get('/stack/needs.csv', [OrderController::class, 'needs'])->name('needs.csv');
        Route::get('/read-in', [ReadJobController::class, 'show'])->name('read-in');
        Route::post('/read-in', [ReadJobController::class, 'look'])->name('read-in.look');
        Route::put('/read-in', [ReadJobController::class, 'keep'])->name('read-in.keep');
        Route::get('/pictures', [PictureController::class, 'index'])->name('pictures');
        Route::post('/pictures', [PictureController::class, 'store'])->name('picture.keep');
        Route::get('/pictures/{picture}', [PictureController::class, 'show'])->name('picture');
        Route::put('/pictures/{picture}', [PictureController::class, 'say'])->name('picture.say');
        Route::delete('/pictures/{picture}', [PictureController::class, 'away'])->name('picture.away');
        Route::get('/pictures/{picture}/{size}.jpg', [PictureController::class, 'file'])->whereIn('size', ['large', 'small'])
            ->name('picture.file');
        Route::get('/box', [BoxController::class, 'show'])->name('box');
        Route::post('/box', [BoxController::class, 'note'])->name('box.note');
        Route::get('/stack/rest', [RestController::class, 'show'])->name('rest');
        Route::put('/stack/rest', [RestController::class, 'brace'])->name('brace');

        Route::get('/line', [LineController::class, 'show'])->name('line');
        Route::get('/line/line.svg', [LineController::class, 'svg'])->name('line.svg');
        Route::put('/ring', [LineController::class, 'ring'])->name('ring');
        Route::put('/line/weights', [LineController::class, 'weights'])->name('weights');
        Route::get('/line/gears', [GearsController::class, 'show'])->name('gears');
        Route::get('/line/gears.svg', [GearsController::class, 'svg'])->name('gears.svg');
        Route::get('/line/hills', [HillsController::class, 'show'])->name('hills');
        Route::get('/line/road.svg', [HillsController::class, 'svg'])->name('road.svg');
        Route::put('/line/hills', [HillsController::class, 'riding'])->name('riding');
        Route::put('/line/hills/weigh', [HillsController::class, 'weigh'])->name('weigh');
        Route::post('/line/roads', [HillsController::class, 'keepRoad'])->name('track');
        Route::delete('/line/roads/{track}', [HillsController::class, 'dropRoad'])->name('track.drop');
        Route::put('/line/roads/{track}', [HillsController::class, 'bringRoadBack'])->name('track.bring-back');

        Route::get('/route', [RouteController::class, 'show'])->name('route');
        Route::get('/route.svg', [RouteController::class, 'svg'])->name('route.svg');
        Route::put('/runs/{run}', [RouteController::class, 'supply'])->name('supply');
        Route::post('/runs', [RouteController::class, 'add'])->name('run');
        Route::put('/runs/{run}/details', [RunDetailsController::class, 'keep'])->name('run.details');
        Route::post('/stretches', [OwnStretchController::class, 'add'])->name('stretch');
        Route::delete('/stretches/{ownStretch}', [OwnStretchController::class, 'remove'])->name('stretch.remove');
        Route::put('/runs/{run}/way', [RouteController::class, 'move'])->name('run.move');

        Route::get('/route/battery', [BatteryController::class, 'show'])->name('battery');
        Route::put('/route/battery', [BatteryController::class, 'choose'])->name('battery.choose');
        Route::patch('/route/battery', [BatteryController::class, 'set'])->name('battery.set');
        Route::get('/route/cockpit', [CockpitController::class, 'show'])->name('cockpit');
        Route::put('/route/cockpit', [CockpitController::class, 'keep'])->name('cockpit.keep');
        Route::get('/route/sensors', [SensorController::class, 'show'])->name('sensors');
        Route::put('/route/sensors', [SensorController::class, 'decide'])->name('sensors.decide');
        Route::patch('/route/sensors', [SensorController::class, 'allow'])->name('sensors.allow');
        Route::post('/route/sensors', [SensorController::class, 'gap'])->name('sensors.gap');

        Route::get('/build', [BuildController::class, 'show'])->name('build');
        Route::post('/build', [BuildController::class, 'record'])->name('build.step');
        Route::put('/build/pass', [BuildController::class, 'pass'])->name('build.pass');
        Route::post('/build/wrench', [BuildController::class, 'fromWrench'])->name('build.wrench');
        Route::post('/build/band', [BuildController::class, 'band'])->name('build.band');
        Route::get('/build/print', [BuildController::class, 'paper'])->name('build.print');

        Route::get('/build/estimate', [EstimateController::class, 'show'])->name('estimate');
        Route::get('/build/estimate.csv', [EstimateController::class, 'csv'])->name('estimate.csv');
        Route::put('/build/estimate', [EstimateController::class, 'hour'])->name('estimate.hour');
        Route::get('/build/house', [JobHouseController::class, 'show'])->name('house');
        Route::put('/build/house', [JobHouseController::class, 'depart'])->name('house.depart');
        Route::post('/build/house', [JobHouseController::class, 'insist'])->name('house.insist');

        Route::get('/prove', [ProveController::class, 'show'])->name('prove');
        Route::post('/prove', [ProveController::class, 'record'])->name('prove.check');
        Route::get('/prove/live', [ProveController::class, 'live'])->name('prove.live');
        Route::post('/prove/line', [ProveController::class, 'fromLine'])->name('prove.line');
        Route::get('/prove/settings', [ProveController::class, 'settings'])->name('settings');
        Route::put('/prove/settings', [ProveController::class, 'setAll'])->name('settings.all');
        Route::post('/prove/settings', [ProveController::class, 'set'])->name('settings.keep');
        Route::get('/prove/hand-over', [HandOverController::class, 'show'])->name('hand-over');
        Route::get('/prove/hand-over.pdf', [HandOverController::class, 'pdf'])->name('hand-over.pdf');
        Route::get('/prove/hand-over/decided.csv', [HandOverController::class, 'decided'])->name('hand-over.decided');
        Route::post('/prove/hand-over', [HandOverController::class, 'store'])->name('hand-over.give');
        Route::put('/prove/hand-over', [HandOverController::class, 'answerFor'])->name('hand-over.answer');
        Route::delete('/prove/hand-over', [HandOverController::class, 'takeBack'])->name('hand-over.take-back');
        Route::post('/end', [JobEndController::class, 'end'])->name('end');
        Route::delete('/end', [JobEndController::class, 'takeUp'])->name('take-up');
        Route::get('/customer', [JobEndController::class, 'forget'])->name('forget');
        Route::delete('/customer', [JobEndController::class, 'erase'])->name('erase');
        Route::get('/prove/come-back', [RecheckController::class, 'show'])->name('come-back');
        Route::post('/prove/come-back/wrench', [RecheckController::class, 'wrench'])->name('come-back.wrench');
        Route::post('/prove/come-back', [RecheckController::class, 'store'])->name('come-back.keep');
        Route::put('/prove/come-back', [RecheckController::class, 'takeUp'])->name('come-back.take-up');
        Route::post('/prove/hand-over/addresses', [SheetAddressController::class, 'give'])->name('sheet-address');
        Route::delete('/prove/hand-over/addresses/{sheetAddress}', [SheetAddressController::class, 'revoke'])->name('sheet-address.revoke');
    });

    Route::get('/calendar', [CalendarController::class, 'show'])->name('calendar');
    Route::get('/calendar.csv', [CalendarController::class, 'csv'])->name('calendar.csv');
    Route::post('/calendar/jobs/{job}', [CalendarController::class, 'tryJob'])->whereNumber('job')->name('calendar.try');
    Route::put('/calendar/jobs/{job}', [CalendarController::class, 'keepJob'])->whereNumber('job')->name('calendar.job');
    Route::post('/calendar/away', [CalendarController::class, 'tryAbsence'])->name('calendar.away.try');
    Route::put('/calendar/away', [CalendarController::class, 'keepAbsence'])->name('calendar.away');
    Route::delete(
        '/calendar/away/{absence}', [CalendarController::class, 'takeAbsenceBack'],
    )->whereNumber('absence')->name('calendar.here');
    Route::post('/calendar/jobs/{job}/elsewhere', [ElsewhereController::class, 'note'])->whereNumber('job')->name('calendar.elsewhere');
    Route::delete(
        '/calendar/jobs/{job}/elsewhere/{number}', [ElsewhereController::class, 'back'],
    )->whereNumber(['job', 'number'])->name('calendar.back');
    Route::put('/calendar/jobs/{job}/contact', [ElsewhereController::class, 'contact'])->whereNumber('job')->name('calendar.contact');
    Route::get('/calendar/hours', [HoursController::class, 'show'])->name('calendar.hours');
    Route::put('/calendar/hours', [HoursController::class, 'keep'])->name('calendar.hours.keep');
    Route::put('/calendar/skills', [HoursController::class, 'skill'])->name('calendar.skill');
    Route::post('/calendar/feeds', [FeedController::class, 'give'])->name('feed.give');
    Route::delete('/calendar/feeds/{feed}', [FeedController::class, 'revoke'])->whereNumber('feed')->name('feed.revoke');
    Route::get('/instruments', [InstrumentsController::class, 'show'])->name('instruments');
    Route::put('/instruments', [InstrumentsController::class, 'play'])->name('instruments.play');
    Route::get('/house', [HouseController::class, 'show'])->name('house');
    Route::get('/house.csv', [HouseController::class, 'csv'])->name('house.csv');
    Route::put('/house', [HouseController::class, 'choose'])->name('house.choose');
    Route::get('/logbook', [LogbookController::class, 'show'])->name('logbook');
    Route::get('/catalogue', [CatalogueController::class, 'show'])->name('catalogue');
    Route::post('/catalogue', [CatalogueController::class, 'readIn'])->name('catalogue.import');
    Route::get('/catalogue.json', [CatalogueController::class, 'json'])->name('catalogue.export');
    Route::get('/parts', [MeasuredPartController::class, 'index'])->name('parts');
    Route::get('/parts.csv', [MeasuredPartController::class, 'csv'])->name('parts.csv');
    Route::post('/parts', [MeasuredPartController::class, 'begin'])->name('parts.begin');
    Route::get('/parts/{part}', [MeasuredPartController::class, 'show'])->whereNumber('part')->name('part');
    Route::put('/parts/{part}', [MeasuredPartController::class, 'keep'])->whereNumber('part')->name('part.keep');
    Route::delete('/parts/{part}', [MeasuredPartController::class, 'drop'])->whereNumber('part')->name('part.drop');
    Route::post('/parts/{part}/drawing', [MeasuredPartController::class, 'drawing'])->whereNumber('part')->name('part.drawing');
    require __DIR__.'/drawer.php';

    Route::get('/archive', [ArchiveController::class, 'show'])->name('archive');
    Route::post('/archive', [ArchiveController::class, 'look'])->name('archive.look');
    Route::put('/archive', [ArchiveController::class, 'in'])->name('archive.in');
    Route::get('/archive.zip', [ArchiveController::class, 'out'])->name('archive.out');
    Route::get('/people', [PeopleController::class, 'show'])->name('people');
    Route::get('/people.csv', [PeopleController::class, 'csv'])->name('people.csv');
    Route::post('/people', [PeopleController::class, 'invite'])->middleware('throttle:letters')->name('people.invite');
    Route::put('/people/{user}', [PeopleController::class, 'change'])->whereNumber('user')->name('people.change');
    Route::put('/people/{user}/access', [PeopleController::class, 'access'])->whereNumber('user')->name('people.access');
});

if (app()->environment('local', 'testing')) {
    Route::view('/family', 'family')->name('family');
    Route::view('/mounts', 'mounts')->name('mounts');
    Route::view('/bare', 'bare');
}
