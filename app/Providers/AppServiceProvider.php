<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\Feeds;
use App\Devices\SimulatedBuoy;
use App\Devices\SimulatedForecast;
use App\Devices\SimulatedWeather;
use App\Drawing\DarkHand;
use App\Files\Backup\BackupFile;
use App\Files\Backup\Backups;
use App\Files\Photo\Photograph;
use App\Files\Photo\PhotoShelf;
use App\Files\Upload\Uploads;
use App\Forms\Compass;
use App\Forms\FieldLabels;
use App\Forms\Written;
use App\Household\AsSeen;
use App\Household\Built;
use App\Household\Door;
use App\Household\FirstSteps;
use App\Household\HelpTopic;
use App\Household\OneRecord;
use App\Household\Settings;
use App\Household\Subjects;
use App\Household\Tab;
use App\Household\Theme;
use App\Models\Sentences;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\OwnLooks;
use App\Rooms\Log\SimulatedShoot;
use App\Rooms\Settings\UnitsController;
use App\Rooms\Upload\SentFile;
use App\Rooms\Weather\PlaceForecasts;
use App\Tide\StationCatalogue;
use GentlePour\Motion\WaterBody;
use GentlePour\Outing\Cautions;
use GentlePour\Sky\SkyBody;
use GentlePour\Units;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\View\View;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View as Views;
use Illuminate\Support\ServiceProvider;
use LogicException;

final class AppServiceProvider extends ServiceProvider
{
    /** What reads records once and keeps them as long as the request that asked. */
    private const ONCE_A_REQUEST = [
        Settings::class, KitShelf::class, Subjects::class, Sentences::class, OwnLooks::class, PlaceForecasts::class,
    ];

    public function register(): void
    {
        $this->app->singleton(StationCatalogue::class);
        $this->app->singleton(Compass::class);
        $this->app->bind(StatefulGuard::class, static function (Application $app): StatefulGuard {
            $guard = $app->make('auth')->guard('web');

            return $guard instanceof StatefulGuard ? $guard : throw new LogicException('The guard keeps no session.');
        });
        $this->app->bind(Feeds::class, static fn (): Feeds => new Feeds([
            'buoy' => new SimulatedBuoy, 'weather' => new SimulatedWeather, 'forecast' => new SimulatedForecast,
        ]));
        $this->app->bind(Backups::class, static fn (Application $app): Backups => new Backups(
            $app->make(BackupFile::class), is_string($folder = config('backups.folder')) ? $folder : '',
        ));
        $this->app->bind(PhotoShelf::class, static fn (): PhotoShelf => new PhotoShelf(
            is_string($folder = config('photos.folder')) ? $folder : storage_path('app/photos'),
        ));
        $this->app->bind(Uploads::class, static fn (): Uploads => new Uploads(
            is_string($folder = config('uploads.folder')) ? $folder : storage_path('app/uploads'),
        ));
        $this->app->when(SimulatedShoot::class)->needs('$layers')->give(static fn (): string => base_path('data/stages'));
        $this->app->bind(
            Units::class, static fn (Application $app): Units => Units::read($app->make(Settings::class)->read(UnitsController::SETTING)),
        );
        foreach (self::ONCE_A_REQUEST as $class) {
            $this->app->bind($class, static function (Application $app) use ($class): object {
                $kept = $app->make('request')->attributes;
                if (! $kept->has($class)) {
                    $kept->set($class, $app->build($class));
                }

                return $kept->get($class);
            });
        }
    }

    public function boot(): void
    {
        // Five tries a minute from one address, thirty from all: at that pace the passcode stands for a hundred million years.
        RateLimiter::for('enter', static fn (Request $request): array => [
            Limit::perMinute(30)->by('all'), Limit::perMinute(5)->by((string) $request->ip()),
        ]);
        Model::shouldBeStrict();
        // No record has a number beyond these digits, and none of them is too large to be one.
        Route::pattern('id', '[0-9]{1,15}');
        // Indents are for who reads a view, not for who waits for a page at one bar of signal.
        Blade::prepareStringsForCompilationUsing(static fn (string $view): string => preg_replace('/^[ \t]+/m', ' ', $view) ?? $view);
        Views::share([
            'write' => new Written, 'compass' => $this->app->make(Compass::class), 'labels' => new FieldLabels, 'built' => new Built,
            'asSeen' => AsSeen::of(...), 'helpOf' => HelpTopic::ofField(...),
            'formKey' => static fn (): string => OneRecord::key(resolve('request'), resolve(ConnectionInterface::class)),
        ]);
        Views::composer('components.layout', static function (View $view): void {
            $here = $view->getData()['here'] ?? '';
            $tab = Tab::tryFrom(is_string($here) ? $here : '');
            $view->with([
                'theme' => Theme::current(), 'themes' => Theme::cases(), 'doors' => Door::cases(), 'tab' => $tab, 'door' => Door::of($tab),
            ]);
        });
        Views::composer(
            ['components.taking', 'settings.backup'], static fn (View $view): View => $view->with('partBytes', SentFile::partBytes()),
        );
        Views::composer('components.taking', static fn (View $view): View => $view->with('mostBytes', Photograph::MOST_BYTES));
        Views::composer('components.dark-hand', static function (View $view): void {
            $phases = DarkHand::phases();
            $view->with('darkHand', array_combine(array_column($phases, 'value'), array_map(DarkHand::strokes(...), $phases)));
        });
        Views::composer(['components.first-steps', 'outlook.index'], static fn (View $view): View => $view->with(
            'steps', resolve(FirstSteps::class)->all(),
        ));
        Views::composer('places.around', static fn (View $view): View => $view->with([
            'bodies' => SkyBody::cases(), 'darkHand' => array_fill_keys(array_column(DarkHand::phases(), 'value'), ''),
        ]));
        Views::composer(['kit.card', 'water.index'], static function (View $view): void {
            $view->with(['edges' => array_map(Cautions::atTheEdgeOf(...), resolve(Subjects::class)->waters())]);
        });
        Views::composer(['places.cautions', 'kit.card', 'water.index'], static function (View $view): void {
            $view->with([
                'ofATide' => Cautions::OF_A_TIDE, 'atTheSea' => Cautions::atTheEdgeOf(WaterBody::Sea), 'tell' => Cautions::TELL,
                'leftOut' => Cautions::LEFT_OUT, 'whoDecides' => Cautions::WHO_DECIDES,
            ]);
        });
    }
}
