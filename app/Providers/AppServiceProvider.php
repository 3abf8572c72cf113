<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\Feeds;
use App\Devices\SimulatedBuoy;
use App\Devices\SimulatedWeather;
use App\Tide\StationCatalogue;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(StationCatalogue::class);
        $this->app->bind(Feeds::class, static fn (): Feeds => new Feeds(['buoy' => new SimulatedBuoy, 'weather' => new SimulatedWeather]));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
    }
}
