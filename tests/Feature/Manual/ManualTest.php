<?php

declare(strict_types=1);

use App\Household\HelpTopic;
use App\Models\Place;

// Fields that say by themselves what they are.
const PLAIN_FIELDS = [
    'name', 'note', 'camera', 'lens', 'place', 'place_id', 'subject', 'kind', 'frame', 'light', 'at', 'open', 'source', 'seconds', 'answer',
    'crop', 'twelve_hours', 'measured_on',
    'wind_m_s',
];

it('has a place for every topic, once, in the order of the work, and the cautions', function (): void {
    $page = (string) $this->get('/manual')->assertOk()->assertSee('Tell someone when you will be back')->getContent();
    preg_match_all('/<section class="topic" id="([a-z-]+)">/', $page, $found);
    $wanted = array_column(HelpTopic::cases(), 'value');
    expect(array_diff($wanted, $found[1]))->toBe([])->and(array_unique($found[1]))->toBe($found[1]);
    // The order of the enum is the order on the page.
    expect(array_values(array_intersect($found[1], $wanted)))->toBe($wanted);
});

it('leads from every field of a form to its place, or lets it be where it says itself what it is', function (): void {
    $fields = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(resource_path('views'),
        FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/<x-entry\b[^>]*?\sname="([a-z_0-9]+)"/', (string) file_get_contents($file->getPathname()), $found);
        $fields = [...$fields, ...$found[1]];
    }
    $fields = array_unique($fields);
    $lost = array_filter($fields, fn (string $field): bool => HelpTopic::ofField($field) === null
        && ! in_array($field, PLAIN_FIELDS, true));
    expect(count($fields))->toBeGreaterThan(100)->and(array_values($lost))->toBe([]);
    foreach (PLAIN_FIELDS as $field) {
        expect(HelpTopic::ofField($field))->toBeNull($field);
    }
});

it('stands at the field, with a name that says which, and at the habits', function (): void {
    $place = Place::query()->firstOrFail();
    $this->get("/places/{$place->id}/edit")->assertSee(route('manual').'#get-off', false)->assertSee('aria-label="About: Facing"', false);
    $this->get('/kit')->assertSee('#noise"', false)->assertSee('#iso"', false)->assertSee('#highlights"', false);
});

it('names both schools of each decision', function (): void {
    $page = (string) $this->get('/manual')->getContent();
    foreach (['exact', 'frames', 'highlights', 'iso', 'aperture', 'noise'] as $topic) {
        preg_match('/id="'.$topic.'">.*?<\/section>/s', $page, $section);
        expect(substr_count($section[0] ?? '', '<dt>'))->toBe(2, $topic);
    }
});
