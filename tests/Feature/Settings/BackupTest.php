<?php

declare(strict_types=1);

use App\Files\Backup\BackupKind;
use App\Files\Backup\Backups;
use App\Files\Backup\Into;
use App\Files\Backup\OpenedBackup;
use App\Files\Backup\RecordForm;
use App\Files\Backup\Restore;
use App\Models\AsFramePlan;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\MeasurementKind;
use App\Models\Place;
use App\Models\Subject;
use App\Models\TideSource;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use GentlePour\Limit;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\BlurVerdict;
use GentlePour\Solving\ShotRole;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** @return mixed something that the schema of a column allows, wherever it lies between its bounds */
function anything(array $said): mixed
{
    $types = (array) ($said['type'] ?? []);
    if (in_array('null', $types, true) && mt_rand(0, 3) === 0) {
        return null;
    }
    $time = fn (): string => gmdate('Y-m-d H:i:s', mt_rand(1_500_000_000, 1_900_000_000));

    return match (true) {
        isset($said['enum']) => $said['enum'][mt_rand(0, count($said['enum']) - 1)],
        ($said['format'] ?? '') === 'date-time' => str_replace(' ', 'T', $time()).(mt_rand(0, 1) === 1 ? '' : '.'.mt_rand(100, 999)).'Z',
        ($said['format'] ?? '') === 'date' => substr($time(), 0, 10),
        in_array('boolean', $types, true) => mt_rand(0, 1) === 1,
        in_array('integer', $types, true) => mt_rand((int) $said['minimum'], (int) min($said['maximum'], 1000)),
        in_array('number', $types,
            true) => $said['minimum'] + (min($said['maximum'], 1e6) - $said['minimum']) * mt_rand() / mt_getrandmax(),
        str_contains($said['pattern'] ?? '', ':-?') => mt_rand(1, 20).'.5:-'.mt_rand(1, 3).','.mt_rand(30, 900).':0.3333',
        // how the light changed
        in_array('string', $types, true) => mb_substr('É'.bin2hex(random_bytes(3)).' “ß” ∑ "\\ </b>'."\n".'夜 🌊', 0,
            min($said['maxLength'] ?? 60, mt_rand(8, 30))),
        in_array('object', $types, true) => (object) ['a' => mt_rand(0, 9) / 4, 'b' => [1, 2.5, null], 'c' => (object) [], 'place' => '3',
            'on' => ['1', '2']],
        default => ['compose', 'wipe'],
    };
}

/** Random records of every kind, with what they point to. */
function fillWithAnything(int $seed, int $each): void
{
    mt_srand($seed);
    $plan = AsFramePlan::document((string) DB::table('frames')->value('plan'));
    foreach (BackupKind::cases() as $kind) {
        $form = RecordForm::of($kind);
        $properties = json_decode($kind->schema(), true)['$defs']['record']['properties'];
        for ($i = 0; $i < $each; $i++) {
            $record = new stdClass;
            foreach ($properties as $name => $said) {
                $record->$name = anything($said);
            }
            foreach ($kind->pointsTo() as $column => $to) {
                $nullable = is_array($properties[$column]['type']) && mt_rand(0, 1) === 1;
                $record->$column = $nullable ? null : DB::table($to->value)->inRandomOrder()->value('id');
            }
            $record->id = DB::table($kind->value)->max($kind === BackupKind::Settings ? DB::raw('0') : 'id') + mt_rand(1, 5);
            isset($properties['uid']) && $record->uid = sprintf('%08x-%04x-4000-a000-%012x', mt_rand(), mt_rand(0, 65535), mt_rand());
            match ($kind) {
                BackupKind::Photos => [
                    $record->sha256 = hash('sha256', "{$seed} {$i}"), $record->water_area = [0.1, 0.2, 0.3, 0.4],
                    $record->still_area = null,
                ],
                BackupKind::Places => [$record->timezone = 'Europe/Lisbon', $record->name = "Place {$seed} {$i} ".$record->name],
                BackupKind::Cameras => [$record->iso_base = 100.0, $record->iso_low = null, $record->iso_max = 6400.0],
                BackupKind::Lenses => [
                    $record->focal_min_mm = 20.0, $record->focal_max_mm = 35.5, $record->widest_f = 2.8, $record->smallest_f = 22.0,
                    $record->widest_long_f = $record->smallest_long_f = $record->best_from_f = $record->best_to_f = null,
                ],
                BackupKind::Filters => [
                    $record->kind = 'nd', $record->mount = 'slot', $record->stops = 3.3, $record->lightest_stops = null,
                    $record->marking = null,
                ],
                BackupKind::Frames => $record->plan = (object) $plan,
                BackupKind::Settings => [$record->key = "k{$seed}-{$i}", $record->value = (object) ['x' => [1, 2.0], 'empty' => []]],
                default => null,
            };
            DB::table($kind->value)->insert($form->row($record));
        }
    }
}

it('leaves nothing out: every table is in a backup or said not to be, every column of it by the schema', function (): void {
    $tables = array_diff(DB::getSchemaBuilder()->getTableListing(schemaQualified: false), ['migrations', 'sqlite_sequence']);
    // What can be undone, forecasts, which are old by then, sentences, which lie in the plans of frames again, and the passcode’s hash with who came in by it, which are of this machine.
    expect(array_values(array_diff($tables, array_column(BackupKind::cases(), 'value'))))->toEqualCanonicalizing(['drops', 'sentences',
        'keepers', 'sendings', 'forecasts', 'entrances']);
    foreach (BackupKind::cases() as $kind) {
        expect(RecordForm::of($kind)->columns())->toEqualCanonicalizing(DB::getSchemaBuilder()->getColumnListing($kind->value),
            $kind->value);
    }
});

it('takes every case of every closed set, and no number that the core would not', function (): void {
    $said = fn (BackupKind $kind, string $column): array => json_decode($kind->schema(), true)['$defs']['record']['properties'][$column];
    $sets = [
        [BackupKind::Frames, 'water_kind', WaterKind::class], [BackupKind::Subjects, 'water_kind', WaterKind::class],
        [BackupKind::Frames, 'look', Look::class],
        [BackupKind::Frames, 'blur', BlurVerdict::class], [BackupKind::Frames, 'role', ShotRole::class],
        [BackupKind::Filters, 'kind', FilterKind::class],
        [BackupKind::Filters, 'mount', Mount::class], [BackupKind::Places, 'tide', TideSource::class],
        [BackupKind::Measurements, 'kind', MeasurementKind::class],
    ];
    foreach ($sets as [$kind, $column, $enum]) {
        expect(array_filter($said($kind, $column)['enum']))->toEqualCanonicalizing(array_column($enum::cases(), 'value'),
            "{$kind->value}.{$column}");
    }
    $limits = [
        [BackupKind::Places, [
            'latitude' => Limit::Latitude, 'longitude' => Limit::Longitude, 'facing_deg' => Limit::Facing,
            'high_minutes' => Limit::TideMinutes, 'low_m' => Limit::TideDifference,
            'stand_m' => Limit::StandLevel, 'way_out_m' => Limit::StandLevel, 'margin_m' => Limit::Margin,
            'walk_minutes' => Limit::WalkMinutes,
            'wave_height_m' => Limit::SurgeHeight, 'wave_period_s' => Limit::SwellPeriod, 'slope' => Limit::ForeshoreSlope,
        ]],
        [BackupKind::Subjects, [
            'speed_m_s' => Limit::WaterSpeed, 'drop_m' => Limit::Drop, 'float_m' => Limit::FloatDistance, 'float_s' => Limit::FloatTime,
            'period_s' => Limit::WavePeriod,
            'feature_m' => Limit::TextureSize, 'height_m' => Limit::WaveHeight, 'depth_m' => Limit::Depth, 'distance_m' => Limit::Distance,
            'focal_mm' => Limit::FocalLength,
        ]],
        [BackupKind::LevelMarks, ['height_m' => Limit::MarkHeight]], [BackupKind::TideEntries, ['height_m' => Limit::TideHeight]],
        [BackupKind::Cameras, ['sensor_width_mm' => Limit::SensorWidth, 'iso_base' => Limit::Iso, 'battery_minutes' => Limit::Battery,
            'reciprocity' => Limit::FilmExponent]],
        [BackupKind::Lenses, ['focal_max_mm' => Limit::FocalLength, 'widest_f' => Limit::Aperture, 'thread_mm' => Limit::Thread]],
        [BackupKind::Filters, ['stops' => Limit::FilterStrength, 'cast_red' => Limit::CastRed, 'cast_blue' => Limit::CastBlue]],
    ];
    foreach ($limits as [$kind, $columns]) {
        foreach ($columns as $column => $limit) {
            $bounds = [(float) $said($kind, $column)['minimum'], (float) $said($kind, $column)['maximum']];
            expect($bounds)->toBe([$limit->least(), $limit->most()], "{$kind->value}.{$column}");
        }
    }
});

it('points to where the tables point', function (BackupKind $kind): void {
    $keys = collect(DB::getSchemaBuilder()->getForeignKeys($kind->value))->mapWithKeys(fn (array $key): array => [$key['columns'][0] => $key['foreign_table']]);
    expect(array_map(fn (BackupKind $to): string => $to->value, $kind->pointsTo()))->toEqualCanonicalizing($keys->all());
})->with(BackupKind::cases());

it('brings everything back exactly as it was, whatever it was and whatever came since (random records)', function (int $seed): void {
    fillWithAnything($seed, 12);
    $before = ($this->written)('before');
    expect(DB::table('frames')->whereNull('uid')->count())->toBe(0);
    // What came since: some gone, some changed, some new.
    fillWithAnything($seed + 100, 3);
    Place::query()->inRandomOrder()->limit(2)->get()->each->delete();
    Filter::query()->limit(3)->delete();
    Frame::query()->limit(4)->update(['note' => 'later', 'open_s' => 1.25]);
    DB::table('settings')->limit(1)->delete();
    expect(documents(($this->written)('since')))->not->toEqual(documents($before));

    $restore = app(Restore::class);
    $plan = $restore->plan(OpenedBackup::open($before), Into::Replace);
    expect($restore->run(OpenedBackup::open($before), Into::Replace))->toBe($plan)
        ->and(documents(($this->written)('after')))->toBe(documents($before))
        ->and(DB::select('PRAGMA foreign_key_check'))->toBe([])
        ->and(array_sum(array_column($restore->plan(OpenedBackup::open($before), Into::Replace), 'same')))
        ->toBe(array_sum(array_column($plan, 'same')) + array_sum(array_column($plan, 'added')) + array_sum(array_column($plan, 'changed')))
        ->and(array_sum(array_column($restore->plan(OpenedBackup::open($before), Into::Merge), 'same')))
        ->toBe(array_sum(OpenedBackup::open($before)->counts()));
})->with(range(1, 4));

it('merges whatever came since into whatever was, once, and points to nothing that is not there (random records)', function (int $seed): void {
    fillWithAnything($seed, 6);
    $backup = ($this->written)();
    // On the other machine: some gone, some new under numbers that are taken here, some by the name or the file of another.
    foreach (array_reverse(BackupKind::cases()) as $kind) {
        $kind === BackupKind::Settings || DB::table($kind->value)->whereRaw('id % 5 = ?', [$seed % 5])->delete();
        if ($kind->markedBy() !== null) {
            DB::table($kind->value)->whereRaw('id % 5 = ?', [($seed + 1) % 5])->update(['uid' => DB::raw("'f' || substr(uid, 2)")]);
            DB::table($kind->value)->whereRaw('id % 5 = ?', [($seed + 2) % 5])->update([
                'updated_at' => '2040-01-01 00:00:00',
                $kind->markedBy() => DB::raw($kind === BackupKind::Photos ? 'sha256' : "'N ' || name"),
            ]);
        }
    }
    fillWithAnything($seed + 500, 4);
    $had = collect(BackupKind::cases())->mapWithKeys(fn (BackupKind $kind): array => [$kind->value => DB::table($kind->value)->count()]);

    $plan = app(Restore::class)->plan(OpenedBackup::open($backup), Into::Merge);
    expect(app(Restore::class)->run(OpenedBackup::open($backup), Into::Merge))->toBe($plan)
        ->and(DB::select('PRAGMA foreign_key_check'))->toBe([]);
    foreach (BackupKind::cases() as $kind) {
        expect(DB::table($kind->value)->count())->toBe($had[$kind->value] + $plan[$kind->value]['added'], $kind->value);
    }
    $again = app(Restore::class)->plan(OpenedBackup::open($backup), Into::Merge);
    expect([array_sum(array_column($again, 'added')), array_sum(array_column($again, 'changed'))])->toBe([0, 0]);
    // And it is a state that can be written, read and brought back itself.
    OpenedBackup::open(($this->written)('merged'));
})->with(range(1, 6));

it('parts what is many into documents that can be read in little memory', function (): void {
    $place = Place::query()->firstOrFail()->id;
    for ($i = 0; $i < 1001; $i++) {
        DB::table('tide_entries')->insert(['place_id' => $place, 'at' => gmdate('Y-m-d H:i:s', 1_700_000_000 + 22_000 * $i),
            'height_m' => 1.5, 'high' => $i % 2]);
    }
    $path = ($this->written)();
    expect(array_keys(documents($path)))->toContain('tide_entries.json', 'tide_entries-002.json', 'tide_entries-003.json')
        ->and(OpenedBackup::open($path)->counts()['tide_entries'])->toBe(1001);
});

it('merges: adds what is gone, renews what is older here, leaves what is newer, and follows numbers that are taken', function (): void {
    $place = Place::query()->whereHas('subjects')->firstOrFail();
    $subject = Subject::query()->where('place_id', $place->id)->firstOrFail();
    $camera = DB::table('cameras')->first();
    $frame = Frame::query()->firstOrFail();
    $frame->update(['place_id' => $place->id, 'subject_id' => $subject->id,
        'inputs' => ['place' => (string) $place->id, 'subject' => (string) $subject->id, 'camera' => (string) $camera->id, 'on' => ['1']]]);
    DB::table('places')->update(['updated_at' => '2026-11-20 10:00:00']);
    $older = Place::query()->whereKeyNot($place->id)->firstOrFail();
    $backup = ($this->written)();
    $counts = OpenedBackup::open($backup)->counts();

    $frame->delete();
    $place->delete();
    // Another has taken the numbers meanwhile.
    DB::table('places')->insert(['id' => $place->id, 'name' => 'Another', 'tide' => 'none', 'timezone' => 'UTC']);
    DB::table('subjects')->insert(['id' => $subject->id, 'place_id' => $place->id, 'name' => 'Another', 'water_kind' => 'river',
        'distance_m' => 4]);
    DB::table('cameras')->where('id', $camera->id)->update(['longest_timed_s' => 77, 'updated_at' => '2030-01-01 00:00:00']);
    DB::table('places')->where('id', $older->id)->update(['walk_minutes' => 99, 'updated_at' => '2026-11-01 00:00:00']);
    // The same filter by its name, made on another machine.
    $filter = Filter::query()->firstOrFail();
    DB::table('filters')->where('id', $filter->id)->update(['uid' => '00000000-0000-4000-a000-000000000000',
        'name' => mb_strtoupper($filter->name), 'updated_at' => '2030-01-01 00:00:00']);

    $done = app(Restore::class)->run(OpenedBackup::open($backup), Into::Merge);
    $back = Place::query()->where('name', $place->name)->firstOrFail();
    $again = Subject::query()->where('place_id', $back->id)->where('name', $subject->name)->firstOrFail();
    $framed = Frame::query()->where('planned_s', $frame->planned_s)->whereBelongsTo($again)->firstOrFail();
    expect($back->id)->not->toBe($place->id)->and($again->id)->not->toBe($subject->id)
        ->and($framed->place_id)->toBe($back->id)->and($framed->plan)->toEqual($frame->plan)
        ->and($framed->inputs)->toBe(['place' => (string) $back->id, 'subject' => (string) $again->id, 'camera' => (string) $camera->id,
            'on' => ['1']])
        ->and(Place::query()->where('name', 'Another')->value('id'))->toBe($place->id)
        ->and(DB::table('cameras')->where('id', $camera->id)->value('longest_timed_s'))->toBe(77.0)
        ->and(DB::table('places')->where('id', $older->id)->value('walk_minutes'))->toBe($older->walk_minutes)
        ->and(Filter::query()->count())->toBe($counts['filters'])
        ->and($done['places'])->toMatchArray(['added' => 1, 'changed' => 1, 'left' => 0, 'removed' => 0])
        ->and($done['cameras'])->toMatchArray(['left' => 1, 'added' => 0])->and($done['filters'])->toMatchArray(['left' => 1, 'added' => 0])
        ->and(DB::select('PRAGMA foreign_key_check'))->toBe([]);
    // Once more there is nothing left to add.
    $more = app(Restore::class)->plan(OpenedBackup::open($backup), Into::Merge);
    expect(array_sum(array_column($more, 'added')) + array_sum(array_column($more, 'changed')))->toBe(0);
});

it('leaves at home what comes back on top of a full bag, from a backup and from what was deleted', function (): void {
    $backup = ($this->written)();
    $gone = Filter::query()->where('packed', true)->firstOrFail();
    $this->delete("/kit/filter/{$gone->id}");
    $fill = function (): void {
        while (! Filter::fillTheBag()) {
            Filter::factory()->create(['packed' => true]);
        }
    };
    $fill();
    $this->post('/undo/'.App\Models\Drop::query()->value('id'))->assertSessionHas('done');
    expect($gone->fresh()->packed)->toBeFalse()->and(count(Filter::packedIds()))->toBe(60);
    Filter::query()->whereNotNull('marking')->delete();
    $fill();
    app(Restore::class)->run(OpenedBackup::open($backup), Into::Merge);
    expect(count(Filter::packedIds()))->toBe(60)->and(Filter::query()->where('name', $gone->name)->value('packed'))->toBeFalse();
    $this->get('/bench')->assertOk();
});

it('is all or nothing: what fails in the midst of it leaves everything as it was', function (Into $into): void {
    $backup = ($this->written)();
    Frame::query()->limit(1)->delete();
    DB::table('settings')->delete();
    $before = documents(($this->written)('before'));
    DB::unprepared("CREATE TRIGGER broken BEFORE INSERT ON settings BEGIN SELECT RAISE(ABORT, 'the disk is full'); END");
    expect(fn () => app(Restore::class)->run(OpenedBackup::open($backup), $into))->toThrow(Illuminate\Database\QueryException::class)
        ->and(documents(($this->written)('after')))->toBe($before);
})->with(Into::cases());

it('is saved, looked into and brought back by hand, with a backup of what was before', function (): void {
    $this->get('/settings/backup')->assertOk()->assertSee('Never')->assertSee('None yet');
    $file = $this->post('/settings/backup/download')->assertOk()->assertDownload();
    $saved = $this->folder.'/saved.zip';
    copy($file->baseResponse->getFile()->getPathname(), $saved);
    $this->get('/settings')->assertOk()->assertDontSee('Put a backup on another disk');
    Frame::query()->limit(2)->delete();
    $look = $this->post('/settings/backup', ['backup' => new UploadedFile($saved, 'b.zip', null, null, true)])
        ->assertRedirect()->headers->get('Location');
    $frames = Frame::query()->count();
    $this->get($look)->assertOk()
        ->assertSee('Nothing is done yet')->assertSeeInOrder(['Merge', 'Frames', '2', 'Merge it in', 'Replace', 'Frames', '2']);
    expect(Frame::query()->count())->toBe($frames);
    $this->post($look, ['into' => 'merge'])->assertRedirect('/settings/backup')->assertSessionHas('done');
    expect(Frame::query()->count())->toBe($frames + 2);
    $this->get('/settings/backup')->assertOk()->assertSee('before a backup was brought back');
    $this->post($look, ['into' => 'everything'])->assertSessionHasErrors('into');
    $this->post($look, ['into' => ['merge']])->assertSessionHasErrors('into');
});

it('keeps to its own folder', function (string $path): void {
    app(Backups::class)->take('by-hand');
    $this->get($path)->assertNotFound();
})->with([
    '/settings/backup/..%2F..%2F.env', '/settings/backup/20261126T195501Z-daily', '/settings/backup/20261126T195501Z-daily.zip',
    '/settings/backup/%00', '/settings/backup/x.zip', '/schemas/backup/..%2Fkit.json', '/schemas/backup/drops.json',
]);

it('publishes its schemas', fn () => $this->get('/schemas/backup/frames.json')
    ->assertOk()->assertJsonPath('$id', 'urn:gentle-pour:backup:1:frames'));

it('keeps one on each day of use, the last fourteen and one of each month', function (): void {
    $kept = fn (): array => array_map(fn ($b): string => $b->at->format('m-d').' '.$b->why, app(Backups::class)->all());
    $this->travelTo(Carbon::parse('2026-09-10 06:00', 'UTC'));
    $this->get('/kit')->assertOk();
    $this->get('/kit');
    expect($kept())->toBe(['09-10 daily']);
    for ($day = 1; $day <= 60; $day++) {
        $this->travelTo(Carbon::parse('2026-09-10 06:00', 'UTC')->addDays($day));
        touch($this->folder.'/kept/.daily', time() - 90000);
        $this->get('/kit')->assertOk();
    }
    expect($kept())->toHaveCount(15)->and($kept()[0])->toBe('11-09 daily')
        ->and(array_slice($kept(), -2))->toBe(['10-27 daily', '09-30 daily']);
    // By a clock that was a century ahead for a while, and by one that stands before all of them: there is one of the day, and it stays.
    foreach ([time() + 100 * 31_557_600, time() - 90_000] as $i => $stamp) {
        touch($this->folder.'/kept/.daily', $stamp);
        $this->travelTo(Carbon::parse('1970-01-02 06:00', 'UTC')->addDays($i));
        $this->get('/kit')->assertOk();
    }
    expect(array_slice($kept(), -1))->toBe(['01-03 daily']);
    array_map(unlink(...), glob($this->folder.'/kept/1970*') ?: []);
    // A page that is not there, or none that can be written, keeps none and hurts nobody.
    touch($this->folder.'/kept/.daily', time() - 90000);
    $this->get('/nowhere')->assertNotFound();
    expect($kept())->toHaveCount(15);
    config(['backups.folder' => '/proc/nowhere']);
    $this->get('/kit')->assertOk();
    $this->post('/settings/backup/take')->assertSessionHasErrors('backup');
});

it('writes and reads by commands', function (): void {
    $file = $this->folder.'/by-command.zip';
    $this->artisan('pour:backup', ['file' => $file])->assertExitCode(0)->expectsOutputToContain('"frames": ');
    $this->artisan('pour:restore', ['file' => $file])->assertExitCode(0)->expectsOutputToContain('"would": {');
    $this->artisan('pour:restore', ['file' => $file, '--into' => 'merge'])->assertExitCode(0)->expectsOutputToContain('before-restore.zip');
    $this->artisan('pour:restore', ['file' => $file, '--into' => 'both'])->assertExitCode(2)->expectsOutputToContain('"field": "into"');
    $this->artisan('pour:restore', ['file' => $this->folder.'/none.zip'])->assertExitCode(2)->expectsOutputToContain('There is no file');
    $this->artisan('pour:backup',
        ['file' => $this->folder.'/no/such/file.zip'])->assertExitCode(2)->expectsOutputToContain('There is no folder');
});

it('reads a backup of before there were compositions, forecasts and changes of light', function (): void {
    $later = [
        'outings.json' => ['travel_minutes', 'told', 'packed', 'brought_back', 'forecast', 'rain', 'came_of_it', 'closed_at'],
        'frames.json' => ['light_changes'],
    ];
    $path = ($this->written)();
    foreach ($later as $name => $columns) {
        tampered($path, edited($name, function (stdClass $document) use ($columns): void {
            foreach ($document->records as $record) {
                foreach ($columns as $column) {
                    unset($record->$column);
                }
            }
        }));
    }
    tampered($path, function (ZipArchive $zip): void {
        $manifest = json_decode((string) $zip->getFromName('manifest.json'));
        $manifest->documents = array_values(array_filter($manifest->documents,
            static fn (stdClass $one): bool => $one->kind !== 'compositions'));
        $zip->deleteName('compositions.json');
        $zip->addFromString('manifest.json', (string) json_encode($manifest));
    });
    App\Models\Outing::query()->delete();
    $this->artisan('pour:restore', ['file' => $path, '--into' => 'replace'])->assertExitCode(0);

    expect(App\Models\Outing::query()->count())->toBeGreaterThan(0)->and(App\Models\Outing::query()->firstOrFail()->packed)->toBe([])
        ->and(App\Models\Outing::query()->firstOrFail()->rain)->toBeFalse()->and(App\Models\Composition::query()->count())->toBe(0);
});
