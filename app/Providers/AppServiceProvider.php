<?php

declare(strict_types=1);

namespace App\Providers;

use App\Tide\StationCatalogue;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(StationCatalogue::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
    }
}
