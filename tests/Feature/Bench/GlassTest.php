<?php

declare(strict_types=1);

use App\Models\Filter;
use App\Models\Frame;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchForm;

// The bench answers both ways: from the look to the glass, and from the glass to the look.

function filterId(string $name): string
{
    return (string) Filter::query()->where('name', $name)->value('id');
}

/** @return array{string, string, string, string} time, aperture, ISO and filters of what is picked */
function pickedOf(Bench $bench): array
{
    $way = $bench->picked ?? throw new LogicException('Nothing is picked.');

    return [$way->shutterLabel(), $way->aperture->label(), $way->iso->label(), $way->filters->label()];
}

it('takes the glass that is pressed at the reading’s own settings, and says the look that it gives', function (): void {
    $bench = openBench(['glass' => 'Six', 'glass_was' => '']);
    // Six stops on 1/60 f/11.
    expect(pickedOf($bench))->toBe(['1 s', 'f/11', '100', 'Six'])->and($bench->band->look->value)->toBe('silk')
        ->and(pickedOf(openBench(['glass' => 'Six', 'glass_was' => 'Six', 'shutter' => '1/500'])))->toBe(['1/8', 'f/11', '100', 'Six'])
        ->and(openBench(['glass' => 'Six', 'glass_was' => 'Six', 'shutter' => '1/500'])->band->look->value)->toBe('brushed');
});

it('lets one lead at a time: the glass, the look or the target that was touched last', function (array $fields, string $glass, string $target): void {
    $aim = BenchForm::of(benchQuery($fields))->toQuery();
    $form = BenchForm::of(benchQuery($fields))->aim;
    expect($form->glass)->toBe($glass)->and($form->targetText)->toBe($target)->and($aim)->toHaveKey('glass');
})->with([
    'glass pressed over a target' => [['glass' => 'Six', 'glass_was' => '', 'target' => '1/8'], 'Six', ''],
    'look pressed over a glass' => [['glass' => 'Six', 'glass_was' => 'Six', 'look' => 'mist', 'look_was' => 'silk'], '', ''],
    'target typed over a glass' => [['glass' => 'Six', 'glass_was' => 'Six', 'target' => '1/8'], '', '1/8'],
    'glass stays' => [['glass' => 'Six', 'glass_was' => 'Six'], 'Six', ''],
    'let go by hand' => [['glass' => '', 'glass_was' => 'Six'], '', ''],
]);

it('keeps the stack that was picked when the reading changes', function (): void {
    $pick = openBench()->ways()[1]->filters->label();
    foreach (['1/60', '1/50', '1/80'] as $shutter) {
        expect(openBench(['pick' => $pick, 'shutter' => $shutter])->picked?->filters->label())->toBe($pick);
    }
});

it('offers first the reading’s own aperture and ISO where they come within a third of a stop of the target', function (): void {
    $first = openBench(['target' => '1', 'shutter' => '1/60', 'aperture' => 'f/16'])->ways()[0];
    // f/16 is off the habit of f/8 to f/11, and yet it is what was read.
    expect([$first->shutterLabel(), $first->aperture->label(), $first->iso->label()])->toBe(['1 s', 'f/16', '100']);
});

it('never moves a pinned aperture or ISO, a filter that must be on or one that stays off', function (): void {
    $bench = openBench(['shutter' => '1/8', 'pin_aperture' => 'f/16', 'pin_iso' => '200', 'must' => [filterId('Pola')],
        'off' => [filterId('Six')]]);
    expect($bench->answer->ways)->not->toBe([]);
    foreach ($bench->answer->ways as $way) {
        expect([$way->aperture->label(), $way->iso->label()])->toBe(['f/16', '200'])
            ->and($way->filters->names())->toContain('Pola')->not->toContain('Six');
    }
});

it('says which pin to let go where they leave nothing', function (): void {
    $page = $this->get('/bench?'.http_build_query(benchQuery(['pin_aperture' => 'f/4', 'pin_iso' => '100', 'target' => '60',
        'off' => [filterId('Ten')], 'must' => [filterId('Six')]])));
    $page->assertOk()->assertSee('Nothing that you hold gives')->assertSee('Let go of');
});

it('refuses what lens and camera do not have, at its field', function (string $field, string $value, string $words): void {
    $page = $this->get('/bench?'.http_build_query(benchQuery([$field => $value])));
    $page->assertStatus(422)->assertSee($words)->assertSee('id="f-'.$field.'-problem"', false);
})->with([
    ['pin_aperture', 'f/1.2', 'The lens goes from'], ['pin_aperture', 'wide', 'aperture'], ['pin_iso', '999999', 'ISO goes from'],
]);

it('refuses a filter that is to be on and off at once', function (): void {
    $six = filterId('Six');
    $this->get('/bench?'.http_build_query(benchQuery(['must' => [$six], 'off' => [$six]])))->assertStatus(422)
        ->assertSee('cannot be both on and off');
});

it('says so where the glass that led is not to be had any more', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['glass' => 'Nine', 'glass_was' => 'Nine'])))->assertOk()
        ->assertSee('“Nine” cannot be put on with this bag; the look leads again.');
});

it('leaves the polariser of the reading on, and has a step for taking it off', function (): void {
    $pola = filterId('Pola');
    expect(pickedOf(openBench(['on' => [$pola], 'glass' => 'Pola + Six', 'glass_was' => '']))[3])->toBe('Pola + Six');

    $query = benchQuery(['on' => [$pola], 'off' => [$pola]]);
    $this->post('/shoot', $query + ['way' => openBench(['on' => [$pola], 'off' => [$pola]])->picked?->key()])->assertRedirect();
    $frame = Frame::query()->latest('id')->firstOrFail();
    $this->get('/shoot/'.$frame->id)->assertSee('Take off: Pola');
});

it('is a whole bench by its address: what that leaves out is the default, not what stood there last', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['longest' => '10', 'pin_iso' => '200', 'glass' => 'Three', 'glass_was' => 'Three',
        'bias' => '-1'])));
    $this->get('/bench?look=silk&look_was=silk')->assertOk()->assertSee('id="f-pin_iso" name="pin_iso" value=""', false)
        ->assertDontSee('your limit');
    // The door itself leads to what stood there last.
    $this->get('/bench?'.http_build_query(benchQuery(['pin_iso' => '200'])));
    $this->get('/bench')->assertOk()->assertSee('name="pin_iso" value="200"', false);
});

it('refuses what is no text or no list, keeping the rest', function (string $query): void {
    $this->get('/bench?look=silk&look_was=silk&shutter=1/30&'.$query)->assertStatus(422)->assertSee('value="1/30"', false);
})->with(['glass[]=x', 'glass_was[]=x', 'pick[]=x', 'pin_iso[]=1', 'pin_aperture[]=1', 'must=x', 'off[]=x', 'must[a][b]=1', 'pin_iso=-3',
    'pin_aperture=f/0']);

it('keeps the glass that leads on the strip, however long it takes', function (): void {
    $bench = openBench(['shutter' => '1', 'glass' => 'Fifteen', 'glass_was' => 'Fifteen']);
    // Fifteen stops on a second are nine hours.
    expect($bench->lostGlass())->toBeNull()
        ->and(array_map(static fn ($mark): string => $mark->filters->label(), $bench->marks()))->toContain('Fifteen');
    $others = array_filter($bench->marks(), static fn ($mark): bool => $mark->shutter->seconds > 3600);
    expect($others)->toHaveCount(1);
});

it('climbs its ladder by habit, also where the target was set by hand', function (): void {
    $rung = static fn (array $fields): array => array_map(
        static fn ($shot): string => $shot->way->key(),
        GentlePour\Solving\ShotPlans::ladder(openBench($fields)->question, openBench($fields)->moving->bands)->shots,
    );
    expect($rung(['target' => '1/5']))->toBe($rung([]));
});
