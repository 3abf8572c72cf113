<?php

declare(strict_types=1);

use App\Models\Filter;
use App\Models\Frame;
use App\Models\Place;
use App\Models\Subject;

// Two windows with the same form: the second is shown what the first has kept, and loses nothing that was typed.

/** @return array<string, string> what the form of a page holds, by the names of its fields */
function formOn(string $html): array
{
    $page = new DOMDocument;
    @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);
    $path = new DOMXPath($page);
    $form = $path->query('//form[.//input[@name="as_seen"]]')->item(0);
    $fields = [];
    foreach ($path->query('.//input[@name]|.//textarea[@name]|.//select[@name]', $form) as $field) {
        $type = $field->getAttribute('type');
        if (in_array($type, ['radio', 'checkbox'], true) && ! $field->hasAttribute('checked')) {
            continue;
        }
        $chosen = $field->nodeName === 'select' ? $path->query('.//option[@selected]|.//option', $field)->item(0)?->getAttribute('value')
            : null;
        foreach ($path->query('.//option[@selected]', $field) as $option) {
            $chosen = $option->getAttribute('value');
        }
        $fields[$field->getAttribute('name')] = (string) ($chosen
            ?? ($field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value')));
    }

    return $fields;
}

it('keeps what the first window sent, shows it to the second beside what was typed there, and takes the second when it is sent once more',
    function (
        string $edit, string $put, string $field, callable $kept,
    ): void {
        $one = formOn((string) $this->get($edit)->assertOk()->getContent());
        $two = $one;
        expect($one['as_seen'])->toMatch('/^[0-9a-f]{20}$/');
        $this->from(url($edit))->put($put, [$field => 'first window'] + $one)->assertSessionHasNoErrors();
        $this->travel(2)->seconds();
        $this->from(url($edit))->put($put, [$field => 'second window'] + $two)->assertRedirect($edit)
            ->assertSessionHasErrors('as_seen')->assertSessionHasInput($field, 'second window');
        expect($kept())->toBe('first window');
        $again = $this->get($edit)->assertOk()->assertSee('Another window has kept something else')->assertSee('“first window”')
            ->assertSee('second window');
        $this->travel(2)->seconds();
        $this->from(url($edit))->put($put, formOn((string) $again->getContent()))->assertSessionHasNoErrors();
        expect($kept())->toBe('second window');
    })->with([
        'a place' => ['/places/1/edit', '/places/1', 'name', fn () => Place::query()->findOrFail(1)->name],
        'a subject' => ['/subjects/1', '/subjects/1', 'name', fn () => Subject::query()->findOrFail(1)->name],
        'a filter' => ['/kit/filter/1', '/kit/filter/1', 'name', fn () => Filter::query()->findOrFail(1)->name],
        'a verdict' => ['/log/1', '/log/1', 'note', fn () => Frame::query()->findOrFail(1)->note],
    ]);

it('takes the same form again, as a retry over a slow network sends it, but not over what came from elsewhere since', function (): void {
    $form = ['name' => 'Twice'] + formOn((string) $this->get('/kit/filter/1')->getContent());
    $this->put('/kit/filter/1', $form)->assertSessionHasNoErrors();
    $this->travel(2)->seconds();
    $this->put('/kit/filter/1', $form)->assertSessionHasNoErrors()->assertSessionHas('done', 'Twice is kept.');
    $this->travel(5)->seconds();
    Filter::query()->findOrFail(1)->update(['name' => 'From another device']);
    $this->travel(2)->seconds();
    $this->put('/kit/filter/1', $form)->assertSessionHasErrors('as_seen');
    expect(Filter::query()->findOrFail(1)->name)->toBe('From another device');
});

it('is no hindrance where the other window kept the same, or nothing of it, and where no version is sent', function (): void {
    $form = formOn((string) $this->get('/kit/filter/1')->getContent());
    $this->put('/kit/filter/1', $form)->assertSessionHasNoErrors();
    $this->travel(2)->seconds();
    $this->put('/kit/filter/1', ['name' => 'Mine'] + $form)->assertSessionHasNoErrors();
    $this->travel(2)->seconds();
    unset($form['as_seen']);
    $this->put('/kit/filter/1', ['name' => 'Mine too'] + $form)->assertSessionHasNoErrors();
});
