<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\ChangeJob;
use App\Instruments\Caliper;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

use function is_string;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(ChangeJob::class);
        $this->app->bind(Caliper::class, function (): Caliper {
            $address = config('instruments.caliper');

            return new Caliper(is_string($address) ? $address : null);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
    }
}
