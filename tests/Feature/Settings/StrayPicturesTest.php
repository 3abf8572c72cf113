<?php

declare(strict_types=1);

// Files of photographs that are in no frame any more: removed by a press, and nothing else with them.

use App\Household\Dropping;
use App\Models\Photo;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/strays-'.getmypid();
    config(['photos.folder' => $this->folder]);
    $this->lay = function (string $name, int $bytes = 1000, int $daysOld = 40): string {
        $path = $this->folder.'/'.$name;
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        file_put_contents($path, str_repeat('x', $bytes));
        touch($path, now()->subDays($daysOld)->getTimestamp());

        return $path;
    };
});

afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

it('removes what belongs to no frame and is in no bin, says how much it is, and leaves the rest', function (): void {
    [$used, $dropped, $stray, $fresh] = array_map(static fn (string $digit): string => str_repeat($digit, 64), ['a', 'b', 'c', 'd']);
    $frame = DB::table('frames')->value('id');
    $photo = static fn (string $sha): Photo => Photo::query()->create(['frame_id' => $frame, 'sha256' => $sha, 'name' => 'x.jpg',
        'width' => 3, 'height' => 2]);
    $photo($used);
    resolve(Dropping::class)($photo($dropped));
    $stays = [($this->lay)("aa/{$used}.jpg"), ($this->lay)("bb/{$dropped}.original"), ($this->lay)("dd/{$fresh}.jpg", 1000, 0),
        ($this->lay)('cc/notes.txt'), ($this->lay)("aa/{$used}.jpg.part", 10, 0), ($this->lay)("ca/{$stray}.jpg")];
    $goes = [($this->lay)("cc/{$stray}.jpg", 1_200_000), ($this->lay)("cc/{$stray}-small.jpg", 100_000),
        ($this->lay)("cc/{$stray}.original", 2_000_000), ($this->lay)("aa/{$used}.original.part", 500_000)];

    $this->get('/settings/deleted')->assertOk()->assertSee('Pictures without a frame')->assertSeeInOrder(['4', 'files', '3.8 MB']);
    $this->delete('/settings/deleted/pictures')->assertRedirect('/settings/deleted')->assertSessionHas('done',
        'Files of pictures removed: 4, 3.8 MB.');
    expect(array_filter($goes, is_file(...)))->toBe([])->and(array_filter($stays, is_file(...)))->toBe($stays);
    $this->get('/settings/deleted')->assertOk()->assertDontSee('Pictures without a frame');

    // What was deleted longer ago than it can be brought back is needed no more.
    $this->travel(31)->days();
    $this->get('/settings/deleted')->assertSee('Pictures without a frame');
    $this->delete('/settings/deleted/pictures');
    expect(is_file($stays[1]))->toBeFalse()->and(is_file($stays[0]))->toBeTrue();
});
