<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Measurement;
use App\Models\Place;
use App\Models\Subject;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

// A form that makes a record makes one, however often it is sent: a network that tries again, a way back, a second window.

/** The key that the forms of a page carry. */
function formKey(TestResponse $page): string
{
    preg_match('/name="form_key" value="(\w{32})"/', (string) $page->assertOk()->getContent(), $key);

    return $key[1] ?? '';
}

it('makes one record of a form that is sent again minutes later, and leads to where it led at first', function (string $page, string $to, array $sent, string $table): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    [$page, $to] = str_replace('{place}', (string) $place->id, [$page, $to]);
    $sent = ['form_key' => formKey($this->get($page))] + str_replace('{place}', (string) $place->id, $sent);
    $before = DB::table($table)->count();
    $first = $this->from(url($page))->post($to, $sent)->assertSessionHasNoErrors()->assertRedirect();
    foreach ([3, 60 * 24] as $minutes) {
        $this->travel($minutes)->minutes();
        $this->from(url($page))->post($to, $sent)->assertRedirect($first->headers->get('Location'))->assertSessionHas('done',
            'This was sent before: it is here once.');
    }
    expect(DB::table($table)->count())->toBe($before + 1);
    // From a page that was opened since, the very same is another record, where two may be alike.
    $other = ['form_key' => $key = formKey($this->get($page))] + $sent;
    expect($key)->not->toBe($sent['form_key']);
    $this->travel(1)->minutes();
    $this->from(url($page))->post($to, $other);
    expect(DB::table($table)->count())->toBe($before + (in_array($table, ['level_marks', 'measurements'], true) ? 2 : 1));
})->with([
    'a place' => ['/places/new', '/places', ['name' => 'Once Ledge', 'position' => '56.5, -9.8', 'tide' => 'none'], 'places'],
    'a subject' => ['/subjects/new?place={place}', '/subjects',
        ['place' => '{place}', 'name' => 'Once', 'kind' => 'swell', 'period' => '9', 'distance' => '20'], 'subjects'],
    'a mark' => ['/places/{place}', '/places/{place}/marks', ['name' => 'once', 'above' => '1', 'height_m' => '3.3'], 'level_marks'],
    'a measurement' => ['/water/drop', '/water/drop', ['by' => 'typed', 'drop_m' => '3.5', 'note' => 'once'], 'measurements'],
    'a filter' => ['/kit/filter/new', '/kit/filter', ['name' => 'Once', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot',
        'packed' => '1'], 'filters'],
]);

it('plans one frame from the bench, and another when the bench has been opened anew or says something else', function (): void {
    $query = benchQuery();
    $page = fn (): string => shootThis((string) $this->get('/bench?'.http_build_query($query))->getContent());
    $address = $page();
    $before = Frame::query()->count();
    $this->post($address, $query);
    $this->travel(2)->minutes();
    $this->post($address, $query);
    expect(Frame::query()->count())->toBe($before + 1);
    $this->post($address, ['distance' => '9'] + $query);
    $this->travel(2)->minutes();
    $this->post($page(), $query);
    expect(Frame::query()->count())->toBe($before + 3);
});

it('takes a form that was refused once it is put right, and one whose record was deleted', function (): void {
    $key = formKey($this->get('/water/drop'));
    $send = fn (string $drop): TestResponse => $this->from(url('/water/drop'))->post('/water/drop',
        ['form_key' => $key, 'by' => 'typed', 'drop_m' => $drop]);
    $before = Measurement::query()->count();
    $send('high')->assertSessionHasErrors('drop_m');
    $this->travel(1)->minutes();
    $send('high')->assertSessionHasErrors('drop_m');
    $send('3')->assertSessionHasNoErrors();
    expect(Measurement::query()->count())->toBe($before + 1);
    $this->delete('/water/measurements/'.Measurement::query()->max('id'));
    $this->travel(1)->minutes();
    $send('3');
    expect(Measurement::query()->count())->toBe($before + 1);
});

it('tells files apart by what is in them', function (): void {
    $key = formKey($this->get('/kit'));
    $file = fn (string $name): UploadedFile => UploadedFile::fake()->createWithContent('kit.json',
        (string) json_encode(['format' => 'gentle-pour-kit-1', 'cameras' => [], 'lenses' => [],
            'filters' => [['name' => $name, 'kind' => 'nd', 'stops' => 3, 'mount' => 'slot']]]));
    $send = fn (string $name): TestResponse => $this->from(url('/kit'))->post('/kit/file', ['form_key' => $key, 'kit' => $file($name)]);
    $send('One')->assertSessionHasNoErrors();
    $this->travel(1)->minutes();
    $send('One')->assertSessionHas('done', 'This was sent before: it is here once.');
    $send('Two')->assertSessionMissing('errors');
    expect(DB::table('filters')->whereIn('name', ['One', 'Two'])->count())->toBe(2);
});

it('takes several files at once', function (): void {
    $file = UploadedFile::fake()->createWithContent('buoy.txt', "#YY MM DD hh mm WVHT DPD\n2026 11 26 06 50 1.4 9\n");
    $this->post('/water/buoy', ['form_key' => formKey($this->get('/water/buoy')), 'at' => '2026-11-26T07:00', 'files' => [$file, $file]])
        ->assertOk()->assertSee('9.0');
});

it('has the key in every form that makes a record', function (): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $frame = Frame::query()->whereNotNull('open_s')->firstOrFail();
    $pages = [
        '/places/new', "/places/{$place->id}", '/subjects/new?place='.$place->id, '/subjects/'.Subject::query()->value('id'),
        '/almanac?light=low&months=3&place='.$place->id, '/kit', '/kit/filter/new', '/kit/camera/new', '/kit/first',
        '/water/drop', '/water/waves', '/water/float', "/log/{$frame->id}", '/bench?'.http_build_query(benchQuery()), '/shoot',
    ];
    $making = '~/(places|subjects|marks|outings|sightings|lists|shoot|again|file|first|filter|camera|lens|drop|waves|float)$~';
    $seen = [];
    foreach ($pages as $page) {
        $dom = new DOMDocument;
        @$dom->loadHTML((string) $this->get($page)->assertOk()->getContent());
        $x = new DOMXPath($dom);
        foreach ($x->query('//form[@method="post"][not(.//input[@name="_method"])] | //button[@formmethod="post"]') ?: [] as $form) {
            $to = (string) parse_url($form->getAttribute('action') ?: $form->getAttribute('formaction'), PHP_URL_PATH);
            if (preg_match($making, $to, $what) === 1) {
                $seen[$what[1]] = true;
                expect($dom->saveHTML($form))->toMatch('/name="form_key" value="\w{32}"|form_key=\w{32}/', "{$page}: {$to}");
            }
        }
    }
    expect(array_keys($seen))->toContain('places', 'subjects', 'marks', 'outings', 'sightings', 'shoot', 'again', 'file', 'first', 'filter',
        'camera', 'drop', 'waves', 'float');
});
