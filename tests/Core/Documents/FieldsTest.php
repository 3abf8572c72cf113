<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;
use GentlePour\Solving\IsoHabit;

function fields(): Fields
{
    return new Fields([
        'number' => 2.5,
        'whole' => 3,
        'part' => 3.5,
        'text' => 'silk',
        'yes' => true,
        'list' => ['a', 'b'],
        'mixed' => ['a', 1],
        'object' => ['inner' => 1, 'deep' => ['x' => 'y']],
        'objects' => [['n' => 1], ['n' => 'two']],
        'datums' => ['MSL' => 2.9, 'LAT' => 0],
        'harmonics' => [['M2', 1.6, 140], ['S2', 0.5, 170.5]],
        'crooked' => [['M2', 1.6]],
        'nothing' => null,
    ]);
}

it('reads each kind of value', function (): void {
    expect(fields()->number('number'))->toBe(2.5)
        ->and(fields()->whole('whole'))->toBe(3)
        ->and(fields()->text('text'))->toBe('silk')
        ->and(fields()->flagOr('yes', false))->toBeTrue()
        ->and(fields()->flagOr('absent', true))->toBeTrue()
        ->and(fields()->texts('list'))->toBe(['a', 'b'])
        ->and(fields()->texts('absent'))->toBe([])
        ->and(fields()->child('object')->number('inner'))->toBe(1.0)
        ->and(fields()->choice('text', Look::class))->toBe(Look::Silk)
        ->and(fields()->choiceOr('absent', IsoHabit::Lowest))->toBe(IsoHabit::Lowest)
        ->and(fields()->numbersByName('datums'))->toBe(['MSL' => 2.9, 'LAT' => 0.0])
        ->and(fields()->harmonics('harmonics'))->toBe([['M2', 1.6, 140.0], ['S2', 0.5, 170.5]])
        ->and(fields()->has('nothing'))->toBeFalse();
});

it('refuses each kind at its own path', function (Closure $read, string $field, string $says): void {
    expect(fn () => $read(fields()))->toBeRefused($says, $field);
})->with([
    'absent' => [fn (Fields $f) => $f->number('absent'), 'absent', '“absent” is needed.'],
    'text for a number' => [fn (Fields $f) => $f->number('text'), 'text', '“text” must be a number.'],
    'part for a whole' => [fn (Fields $f) => $f->whole('part'), 'part', '“part” must be a whole number.'],
    'number for a text' => [fn (Fields $f) => $f->text('number'), 'number', '“number” must be text.'],
    'number for a flag' => [fn (Fields $f) => $f->flagOr('number', true), 'number', '“number” must be true or false.'],
    'text for a list' => [fn (Fields $f) => $f->texts('text'), 'text', '“text” must be a list.'],
    'number in a list' => [fn (Fields $f) => $f->texts('mixed'), 'mixed.1', 'Must be text.'],
    'list for an object' => [fn (Fields $f) => $f->child('list'), 'list', '“list” must be an object.'],
    'text for an inner number' => [
        fn (Fields $f) => $f->child('object')->child('deep')->number('x'), 'object.deep.x', '“object.deep.x” must be a number.',
    ],
    'text in an object of a list' => [
        fn (Fields $f) => $f->children('objects')[1]->number('n'), 'objects.1.n', '“objects.1.n” must be a number.',
    ],
    'texts for objects' => [fn (Fields $f) => $f->children('list'), 'list.0', 'Each of “list” must be an object.'],
    'no such choice' => [
        fn (Fields $f) => $f->choice('text', IsoHabit::class), 'text', '“text” cannot be “silk”; it is one of lowest, raise.',
    ],
    'short harmonic' => [
        fn (Fields $f) => $f->harmonics('crooked'), 'crooked.0', 'A harmonic constant is a name, an amplitude and a phase.',
    ],
    'too many times' => [fn (Fields $f) => (new Fields(['t' => [1, 2, 3]]))->shutters('t', 2), 't', 'At most 2 of them.'],
]);

it('says of an inner refusal where it was', function (): void {
    $inner = fn () => throw (new InvalidValue('Too small.'))->at('width');

    expect(fn () => fields()->child('object')->make($inner))->toBeRefused('Too small.', 'object.width')
        ->and(fn () => fields()->make($inner, 'text'))->toBeRefused('Too small.', 'text.width');
});

it('writes numbers in its refusals as a person would', function (): void {
    expect(
        InvalidValue::outside('The drop', -3, 0.05, 1000, 'm')->getMessage(),
    )->toBe('The drop must be between 0.05 and 1000 m, and is -3 m.')
        ->and(InvalidValue::outside('The drop', INF, 0.05, 1000, 'm')->getMessage())->toContain('is not a finite number')
        ->and(InvalidValue::notOneOf('The look', 'fluffy', ['held', 'silk'])->getMessage())
        ->toBe('The look cannot be “fluffy”; it is one of held, silk.');
});
