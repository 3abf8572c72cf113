<?php

declare(strict_types=1);

use App\Files\Backup\Backups;
use App\Files\Upload\Upload;
use App\Household\Invited;
use App\Household\UndoController;
use App\Household\WholeOrNothing;
use App\Rooms\Almanac\AlmanacController;
use App\Rooms\Bench\BenchController;
use App\Rooms\Bench\PictureController;
use App\Rooms\Field\FieldController;
use App\Rooms\Field\JournalController;
use App\Rooms\Kit\CardController;
use App\Rooms\Kit\KitController;
use App\Rooms\Kit\KitFileController;
use App\Rooms\Kit\NeedsKit;
use App\Rooms\Learned\LearnedController;
use App\Rooms\Learned\TasteController;
use App\Rooms\Log\CheckController;
use App\Rooms\Log\CompareController;
use App\Rooms\Log\FireController;
use App\Rooms\Log\FrameController;
use App\Rooms\Log\PhotoController;
use App\Rooms\Log\SidecarController;
use App\Rooms\Manual\ManualController;
use App\Rooms\Outings\OutingController;
use App\Rooms\Outlook\CalendarFeed;
use App\Rooms\Outlook\OutlookController;
use App\Rooms\Places\AroundController;
use App\Rooms\Places\MarkController;
use App\Rooms\Places\PlaceController;
use App\Rooms\Places\SubjectController;
use App\Rooms\Practice\PracticeController;
use App\Rooms\Settings\BackupController;
use App\Rooms\Settings\BinController;
use App\Rooms\Settings\DevicesController;
use App\Rooms\Settings\EnterController;
use App\Rooms\Settings\FeedController;
use App\Rooms\Settings\UnitsController;
use App\Rooms\Shoot\ShootController;
use App\Rooms\Shoot\ShotListController;
use App\Rooms\Upload\UploadController;
use App\Rooms\Water\WaterController;
use App\Rooms\Weather\WeatherController;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\SetCacheHeaders;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

// Answers to what is being typed, tapped or dragged, and pictures. They know of no session: one that came back late would bring its old
// state with it, also that of somebody who has gone out meanwhile.
$ofSessions = [StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class];
Route::withoutMiddleware($ofSessions)->group(static function (): void {
    Route::get('/places/stations', [PlaceController::class, 'stations'])->name('places.stations');
    Route::get('/scene', [PictureController::class, 'recipe'])->name('scene');
    Route::get('/water/heard', [WaterController::class, 'heard'])->name('water.heard');
    Route::get('/calendar/{secret}.ics', CalendarFeed::class)->name('calendar')->where('secret', '[A-Za-z0-9]{40}')
        ->withoutMiddleware(Invited::class);
    Route::get('/kit/marking', [KitController::class, 'marking'])->name('kit.marking');
    Route::controller(PhotoController::class)->prefix('/photos')->name('photos.')->group(static function (): void {
        // A picture never changes: it is kept by who has seen it.
        Route::withoutMiddleware([SetCacheHeaders::using('private;no_cache;etag')])->group(static function (): void {
            Route::get('/{photo}.jpg', 'picture')->name('picture')->where('photo', '[0-9]{1,15}');
            Route::get('/{photo}-small.jpg', 'thumb')->name('thumb')->where('photo', '[0-9]{1,15}');
        });
        Route::get('/{photo}/original', 'original')->name('original');
    });
});

$enter = Route::withoutMiddleware([Invited::class])->middleware('throttle:enter')->controller(EnterController::class);
$enter->group(static function (): void {
    Route::get('/enter', 'show')->name('enter')->withoutMiddleware('throttle:enter');
    Route::post('/enter', 'enter');
    Route::post('/leave', 'leave')->name('leave');
});
Route::delete('/settings/entrances/{entrance}', [EnterController::class, 'end'])->name('entrances.end')->where('entrance', '[0-9]{1,15}');
Route::put('/settings/passcode', [EnterController::class, 'renew'])->name('passcode')->middleware('throttle:enter');

Route::get('/', OutlookController::class)->name('outlook');
Route::post('/undo/{drop}', UndoController::class)->name('undo')->where('drop', '[0-9]{1,15}');

Route::get('/places', [PlaceController::class, 'index'])->name('places');
Route::get('/places.gpx', [PlaceController::class, 'waypoints'])->name('places.gpx');
Route::get('/places/new', [PlaceController::class, 'create'])->name('places.create');
Route::post('/places', [PlaceController::class, 'store'])->name('places.store');
Route::get('/places/{place}', [PlaceController::class, 'show'])->name('places.show');
Route::get('/places/{place}/edit', [PlaceController::class, 'edit'])->name('places.edit');
Route::put('/places/{place}', [PlaceController::class, 'update'])->name('places.update');
Route::delete('/places/{place}', [PlaceController::class, 'destroy'])->name('places.destroy');
Route::post('/subjects/draft', [SubjectController::class, 'draft'])->name('subjects.draft');
Route::get('/subjects/new', [SubjectController::class, 'create'])->name('subjects.create');
Route::post('/subjects', [SubjectController::class, 'store'])->name('subjects.store');
Route::get('/subjects/{subject}', [SubjectController::class, 'edit'])->name('subjects.edit');
Route::put('/subjects/{subject}', [SubjectController::class, 'update'])->name('subjects.update');
Route::put('/subjects/{subject}/move', [SubjectController::class, 'move'])->name('subjects.move');
Route::delete('/subjects/{subject}', [SubjectController::class, 'destroy'])->name('subjects.destroy');
Route::controller(AroundController::class)->prefix('/places/{place}')->name('places.')->group(function (): void {
    Route::get('/horizon', 'horizon')->name('horizon');
    Route::put('/around', 'update')->name('around');
    Route::put('/facing', 'facing')->name('facing');
});
Route::put('/places/{place}/forecast', [WeatherController::class, 'update'])->name('forecast.update');
Route::delete('/places/{place}/forecast', [WeatherController::class, 'destroy'])->name('forecast.destroy');
Route::post('/places/{place}/stand', [PlaceController::class, 'stand'])->name('places.stand');
Route::put('/sightings/{sighting}/struck', [MarkController::class, 'strike'])->name('sightings.strike');
Route::post('/places/{place}/marks', [MarkController::class, 'store'])->name('marks.store');
Route::delete('/marks/{mark}', [MarkController::class, 'destroy'])->name('marks.destroy');
Route::post('/marks/{mark}/sightings', [MarkController::class, 'sight'])->name('marks.sight');
Route::delete('/sightings/{sighting}', [MarkController::class, 'forget'])->name('sightings.destroy');
Route::post('/places/{place}/outings', [OutingController::class, 'store'])->name('outings.store');
Route::get('/outings', [OutingController::class, 'index'])->name('outings');
Route::controller(OutingController::class)->prefix('/outings/{outing}')->name('outings.')->group(function (): void {
    Route::get('/', 'show')->name('show');
    Route::put('/', 'update')->name('update');
    Route::delete('/', 'destroy')->name('destroy');
    Route::get('/outing.ics', 'calendar')->name('calendar');
    Route::post('/compositions', 'compose')->name('compose');
    Route::put('/packing', 'pack')->name('pack');
    Route::put('/packing/own', 'own')->name('own');
    Route::put('/close', 'close')->name('close');
});
Route::put('/compositions/{composition}/move', [OutingController::class, 'move'])->name('compositions.move');
Route::delete('/compositions/{composition}', [OutingController::class, 'leaveOut'])->name('compositions.destroy');

Route::get('/almanac', [AlmanacController::class, 'index'])->name('almanac');
Route::get('/windows', [AlmanacController::class, 'moved']);
Route::get('/almanac/keepers/{place}', [AlmanacController::class, 'likeKeepers'])->name('almanac.keepers');
Route::get('/almanac.ics', [AlmanacController::class, 'calendar'])->name('almanac.ics');
Route::get('/almanac.csv', [AlmanacController::class, 'table'])->name('almanac.csv');

Route::get('/bench', [BenchController::class, 'show'])->name('bench')->middleware(NeedsKit::class);
Route::put('/bench/release', [BenchController::class, 'release'])->name('bench.release');
Route::get('/bench/meter', [BenchController::class, 'meter'])->name('bench.meter')->middleware(NeedsKit::class);
Route::get('/bench/better', [BenchController::class, 'better'])->name('bench.better');
Route::get('/compare', [PictureController::class, 'compare'])->name('compare')->middleware(NeedsKit::class);

Route::get('/water.csv', [WaterController::class, 'table'])->name('water.csv');
Route::get('/water', [WaterController::class, 'index'])->name('water');
Route::delete('/water/measurements/{measurement}', [WaterController::class, 'destroy'])->name('water.destroy');
Route::put('/water/taste/{kind}', [TasteController::class, 'update'])->name('water.taste');
Route::get('/water/{kind}', [WaterController::class, 'tool'])->name('water.tool');
Route::post('/water/{kind}', [WaterController::class, 'store'])->name('water.store');

Route::post('/shoot', [ShootController::class, 'plan'])->name('shoot.plan');
Route::post('/lists', [ShotListController::class, 'store'])->name('lists.store');
Route::get('/lists/{list}', [ShotListController::class, 'show'])->name('lists.show');
Route::delete('/lists/{list}', [ShotListController::class, 'destroy'])->name('lists.destroy');
Route::get('/shoot', [ShootController::class, 'latest'])->name('shoot');
Route::get('/shoot/{frame}', [ShootController::class, 'show'])->name('shoot.show');
Route::put('/shoot/{frame}/steps', [ShootController::class, 'steps'])->name('shoot.steps');
Route::post('/shoot/{frame}/again', [ShootController::class, 'again'])->name('shoot.again');
Route::post('/shoot/{frame}/fire', FireController::class)->name('shoot.fire');
Route::put('/shoot/{frame}/open', [ShootController::class, 'opened'])->name('shoot.open');

Route::get('/log.csv', [FrameController::class, 'table'])->name('log.csv');
Route::get('/log', [FrameController::class, 'index'])->name('log');
Route::get('/log/compare', [CompareController::class, 'show'])->name('log.compare');
Route::get('/log/mean.jpg', [CompareController::class, 'mean'])->name('log.mean');
Route::get('/log/{frame}.xmp', SidecarController::class)->name('log.xmp')->where('frame', '[0-9]{1,15}');
Route::controller(CheckController::class)->group(static function (): void {
    Route::get('/photos/{photo}/check', 'show')->name('photos.check');
    Route::post('/log/{frame}/filter', 'calibrate')->name('log.calibrate');
    Route::put('/calibrations/{calibration}/use', 'use')->name('calibrations.use');
    Route::delete('/calibrations/{calibration}', 'forget')->name('calibrations.destroy');
    Route::put('/log/{frame}/fit', 'fit')->name('log.fit');
    Route::delete('/log/{frame}/fit', 'unfit')->name('log.unfit');
});
Route::controller(PhotoController::class)->prefix('/photos')->name('photos.')->group(static function (): void {
    // A picture takes seconds to be looked at, and is written within a moment: nobody else's press waits for it.
    Route::post('/', 'take')->name('take')->withoutMiddleware(WholeOrNothing::class);
    Route::get('/open', 'open')->name('open');
    Route::put('/{photo}/frame', 'lay')->name('lay');
    Route::put('/{photo}/areas', 'areas')->name('areas');
    Route::delete('/{photo}', 'destroy')->name('destroy');
});
// Parts of large files: no record is written, and nobody's press waits for one.
Route::controller(UploadController::class)->prefix('/uploads')->name('uploads')
    ->withoutMiddleware([WholeOrNothing::class, SetCacheHeaders::using('private;no_cache;etag')])
    ->group(static function (): void {
        Route::options('/', 'options');
        Route::post('/', 'begin')->name('.begin');
        Route::match('HEAD', '/{upload}', 'where')->name('.where')->where('upload', Upload::ID);
        Route::patch('/{upload}', 'append')->name('.part')->where('upload', Upload::ID);
        Route::delete('/{upload}', 'end')->name('.end')->where('upload', Upload::ID);
    });
Route::put('/settings/devices', [DevicesController::class, 'update'])->name('devices.update');
Route::put('/settings/photos', [PhotoController::class, 'choose'])->name('photos.choose');
Route::put('/log/{frame}/keeper', [FrameController::class, 'mark'])->name('log.mark');
Route::put('/log/{frame}/water', [FrameController::class, 'tell'])->name('log.tell');
Route::get('/log/{frame}', [FrameController::class, 'show'])->name('log.show');
Route::put('/log/{frame}', [FrameController::class, 'judge'])->name('log.judge');
Route::delete('/log/{frame}', [FrameController::class, 'destroy'])->name('log.destroy');

Route::get('/manual', ManualController::class)->name('manual');
Route::get('/practice', [PracticeController::class, 'show'])->name('practice');
Route::post('/practice', [PracticeController::class, 'start'])->name('practice.start');
Route::put('/practice', [PracticeController::class, 'answer'])->name('practice.answer');
Route::put('/practice/next', [PracticeController::class, 'next'])->name('practice.next');
Route::get('/learned', [LearnedController::class, 'show'])->name('learned');
Route::delete('/learned/looks', [LearnedController::class, 'forgetLooks'])->name('learned.looks');

Route::get('/kit/file', [KitFileController::class, 'export'])->name('kit.export');
Route::post('/kit/file', [KitFileController::class, 'import'])->name('kit.import');
Route::get('/schemas/kit.json', [KitFileController::class, 'schema'])->name('kit.schema');
Route::get('/kit/first', [KitFileController::class, 'first'])->name('kit.first');
Route::post('/kit/first', [KitFileController::class, 'start'])->name('kit.start');
Route::get('/card', [CardController::class, 'show'])->name('card');
Route::get('/card.csv', [CardController::class, 'table'])->name('card.csv');

Route::get('/field', [FieldController::class, 'show'])->name('field')->middleware(NeedsKit::class);
Route::get('/field/file', [FieldController::class, 'file'])->name('field.file')->middleware(NeedsKit::class);
Route::get('/field/weight', [FieldController::class, 'weight'])->name('field.weight')->middleware(NeedsKit::class);
Route::get('/field/home', [JournalController::class, 'show'])->name('field.home');
Route::post('/field/home', [JournalController::class, 'take'])->name('field.take');
Route::get('/schemas/journal.json', [JournalController::class, 'schema'])->name('journal.schema');

Route::get('/settings', [UnitsController::class, 'show'])->name('settings');
Route::put('/settings', [UnitsController::class, 'update'])->name('settings.update');
Route::get('/settings/deleted', [BinController::class, 'show'])->name('bin');
Route::delete('/settings/deleted/pictures', [BinController::class, 'sweep'])->name('bin.sweep');
Route::post('/settings/calendar', [FeedController::class, 'renew'])->name('feed.renew');
Route::delete('/settings/calendar', [FeedController::class, 'end'])->name('feed.end');
Route::get('/schemas/backup/{kind}.json', [BackupController::class, 'schema'])->name('backup.schema')->where('kind', '[a-z_]{1,20}');
Route::prefix('/settings/backup')->name('backup')->controller(BackupController::class)->group(static function (): void {
    Route::get('/', 'index');
    // To look through pictures, and to pack them, takes its time: nobody else's press waits for it.
    Route::post('/', 'receive')->name('.receive')->withoutMiddleware(WholeOrNothing::class);
    Route::post('/take', 'take')->name('.take');
    Route::post('/download', 'download')->name('.download')->withoutMiddleware(WholeOrNothing::class);
    Route::post('/begin', 'begin')->name('.begin');
    Route::get('/{backup}', 'show')->name('.show')->where('backup', Backups::NAME);
    Route::get('/{backup}.zip', 'file')->name('.file')->where('backup', Backups::NAME);
    Route::post('/{backup}', 'restore')->name('.restore')->where('backup', Backups::NAME);
});

Route::get('/kit', [KitController::class, 'index'])->name('kit');
Route::put('/kit/release', [KitController::class, 'release'])->name('kit.release');
Route::put('/kit/carry', [KitController::class, 'carry'])->name('kit.carry');
Route::put('/kit/habits', [KitController::class, 'habits'])->name('kit.habits');
Route::get('/kit/{item}/new', [KitController::class, 'create'])->name('kit.create');
Route::post('/kit/{item}', [KitController::class, 'store'])->name('kit.store');
Route::get('/kit/{item}/{id}', [KitController::class, 'edit'])->name('kit.edit');
Route::put('/kit/{item}/{id}', [KitController::class, 'update'])->name('kit.update');
Route::put('/kit/filter/{filter}/packed', [KitController::class, 'pack'])->name('kit.pack');
Route::delete('/kit/{item}/{id}', [KitController::class, 'destroy'])->name('kit.destroy');
