<?php

declare(strict_types=1);

use App\Household\Unparted;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

it('keeps figure and unit on a line, and day and month', function (string $html, string $kept): void {
    expect(str_replace("\u{00A0}", '~', Unparted::page($html)))->toBe($kept);
})->with([
    ['<p>waves 1.6 m 10 s, 4.9 m/s, 8 mph, 50 °F, 3 inches</p>', '<p>waves 1.6~m 10~s, 4.9~m/s, 8~mph, 50~°F, 3~inches</p>'],
    ["<p>Friday 4\n  December, 100 %</p>", '<p>Friday 4~December, 100~%</p>'],
    ['<b>2.5</b> s', '<b>2.5</b>~s'],
    ['97 <span class="unit">mm</span>', '97~<span class="unit">mm</span>'],
    ['EV 4 to 14, ISO 100', 'EV~4 to 14, ISO~100'],
    'words that only begin like a unit' => ['<p>3 minutes, 2 short, 5 Mayors</p>', '<p>3 minutes, 2 short, 5 Mayors</p>'],
    'attributes' => ['<input value="1.6 m" title=\'2 s > 3 s\'> 4 s', '<input value="1.6 m" title=\'2 s > 3 s\'> 4~s'],
    'what is typed or run' => ['<textarea>2 s</textarea><script>if (1 < 2) "3 m"</script><option>2 s</option><pre>2 s</pre>',
        '<textarea>2 s</textarea><script>if (1 < 2) "3 m"</script><option>2 s</option><pre>2 s</pre>'],
    'a page that breaks off' => ['<p>1 m<b', '<p>1~m<b'],
]);

it('does so on every page and part of one, and in nothing else', function (): void {
    $asked = static fn (string $path): string => (string) app(Kernel::class)->handle(Request::create('http://127.0.0.1'.$path))->getContent();
    $pages = array_map($asked, ['/', '/bench', '/places/2', '/places/2/horizon', '/almanac', '/water', '/log/1']);
    foreach ($pages as $page) {
        expect($page)->toContain("\u{00A0}")->not->toMatch('~>[^<]*\d (?:m|s|m/s|mm)[ <,]~');
    }
    expect($asked('/water.csv').$asked('/log.csv').$asked('/places.gpx').$asked('/almanac.ics'))->not->toContain("\u{00A0}");
});
