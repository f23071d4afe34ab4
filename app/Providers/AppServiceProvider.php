<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\ChangeJob;
use App\Actions\Submission;
use App\Actions\Written;
use App\Instruments\Caliper;
use App\Instruments\Display;
use App\Instruments\PluggedIn;
use App\Instruments\Scale;
use App\Instruments\Wrench;
use App\Models\Longest;
use App\View\Shared\FormKeys;
use App\View\Shared\TradeWords;
use App\View\Shared\VerdictMark;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

use function is_string;

class AppServiceProvider extends ServiceProvider
{
    /** Letters a person, or an address, may have sent in a minute. */
    private const LETTERS = 6;

    /** So often a program may ask in a minute. */
    private const PROGRAMS = 120;

    private const INSTRUMENTS = [
        'caliper' => Caliper::class, 'wrench' => Wrench::class, 'display' => Display::class, 'scale' => Scale::class,
    ];

    public function register(): void
    {
        $this->app->singleton(Written::class);
        $this->app->scoped(ChangeJob::class);
        $this->app->scoped(Submission::class);
        $this->app->scoped(FormKeys::class);
        $this->app->extend('url', function (UrlGenerator $url, Application $app): UrlGenerator {
            $plain = new PlainAddresses($app->make('routes'), $url->getRequest());

            return $plain->setSessionResolver(fn () => $app->make('session'))
                ->setKeyResolver(fn () => [config('app.key'), ...(array) config('app.previous_keys')]);
        });
        foreach (self::INSTRUMENTS as $kind => $class) {
            $this->app->bind($class, function () use ($kind, $class): PluggedIn {
                $address = config("instruments.{$kind}");

                return new $class(is_string($address) ? $address : null);
            });
        }
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Blade::directive(
            'formkey', fn () => '<input type="hidden" name="form_key" value="<?php echo app('.FormKeys::class.'::class)->next(); ?>">',
        );
        Blade::directive('most', fn (string $what) => '<?php echo '.Longest::class."::{$what}; ?>");
        Blade::directive('words', fn (string $text) => '<?php echo '.TradeWords::class."::in({$text}); ?>");
        Blade::directive('verdict', fn (string $what) => '<?php echo '.VerdictMark::class."::draw({$what}); ?>");
        Password::defaults(fn () => Password::min(10));
        RateLimiter::for(
            'letters', fn (Request $request) => Limit::perMinute(self::LETTERS)->by((string) ($request->user()->id ?? $request->ip())),
        );
        RateLimiter::for('api', fn (Request $request) => Limit::perMinute(self::PROGRAMS)
            ->by((string) ($request->bearerToken() ?? $request->ip())));
        Queue::failing(fn (JobFailed $failed) => Log::error(
            'A letter could not be sent.', ['what' => $failed->job->resolveName(), 'why' => $failed->exception::class],
        ));
        Event::listen(DiagnosingHealth::class, fn () => DB::select('select 1'));
    }
}
