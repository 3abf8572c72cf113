<?php

declare(strict_types=1);

use App\Household\Settings;
use App\Models\Camera;
use App\Rooms\Practice\Round;
use GentlePour\Practice\Drill;
use GentlePour\Practice\Record;

// A round of questions, one after the other, each with its reason; what was missed is remembered.

function practiceRound(): Round
{
    return Round::kept(app('session.store')) ?? throw new LogicException('There is no round.');
}

function practised(): Record
{
    app('request')->attributes->remove(Settings::class);

    return Record::read(resolve(Settings::class)->read('practice'));
}

/** Answers the question at hand, right or wrong. */
function answerIt(bool $right): void
{
    $round = practiceRound();
    $q = $round->question($round->at());
    $answer = match (true) {
        $q->truth !== null => (string) round($q->truth * ($right ? 1 : 2), 2),
        default => (string) ($right ? $q->right : ($q->right + 1) % count($q->choices)),
    };
    test()->put('/practice', ['at' => $round->at(), 'answer' => $answer])->assertRedirect('/practice');
}

it('asks eight questions, gives the reason after each, and says how it went', function (): void {
    $this->get('/practice')->assertOk()->assertSee('Begin')->assertSee('not asked yet')->assertDontSee('NAN');
    $this->post('/practice')->assertRedirect('/practice');
    for ($i = 0; $i < 8; $i++) {
        $q = practiceRound()->question($i);
        $this->get('/practice')->assertOk()->assertSee($q->asks)->assertSee(($i + 1).' of 8')->assertDontSee($q->why);
        answerIt($i % 2 === 0);
        $this->get('/practice')->assertOk()->assertSee($q->why)->assertSee($i % 2 === 0 ? 'Right.' : 'Not yet: '.$q->rightAnswer());
        $this->put('/practice/next')->assertRedirect('/practice');
    }
    $this->get('/practice')->assertOk()->assertSee('of 8 right')->assertSee('Another round');
    expect(array_sum(array_column(practised()->drills, 'asked')))->toBe(8)
        ->and(array_sum(array_column(practised()->drills, 'right')))->toBe(4)
        ->and(practised()->missed)->toHaveCount(4);

    // What was missed comes first the next time.
    $missed = practised()->missed;
    $this->travel(5)->minutes();
    $this->post('/practice');
    expect(array_slice(practiceRound()->questions, 0, 3))->toBe(array_slice($missed, 0, 3));
});

it('asks one thing alone, draws what has to be seen, and refuses a drill that there is not', function (Drill $drill): void {
    $this->post('/practice', ['drill' => $drill->value])->assertRedirect();
    expect(array_unique(array_column(practiceRound()->questions, 0)))->toBe([$drill->value]);
    $page = $this->get('/practice')->assertOk()->assertSee($drill->label());
    match ($drill) {
        Drill::Time => $page->assertSee('data-scene=', false)->assertDontSee('data-swell=', false),
        Drill::Histogram => $page->assertSee('class="h-light"', false),
        Drill::Swell => $page->assertSee('data-swell=', false)->assertSee('name="answer"', false),
        Drill::Leave => $page->assertSee('class="tide-line"', false)->assertDontSee('class="tide-leave"', false)
            ->assertDontSee('room for the tide'),
        Drill::Stops, Drill::Filter, Drill::Look, Drill::Order => $page->assertDontSee('data-scene=', false)
            ->assertSee('data-choice', false),
    };
    $this->from('/practice')->post('/practice', ['drill' => 'juggling'])->assertRedirect('/practice')
        ->assertSessionHasErrors(['drill' => 'There is no such drill.']);
})->with(Drill::cases());

it('shows when to have left only once that was answered, and what waits to be asked again on the way in', function (): void {
    $this->post('/practice', ['drill' => 'leave']);
    answerIt(false);
    $this->get('/practice')->assertOk()->assertSee('class="tide-leave"', false)
        ->assertSee('>leave '.practiceRound()->question(0)->rightAnswer().'<', false);
    for ($i = 1; $i < 8; $i++) {
        answerIt(true);
    }
    $this->put('/practice/next');
    $this->get('/practice')->assertOk()->assertSee('What goes wrong most: when to leave')->assertSee('1 question waits to be asked again')
        ->assertSee('<path class="is-missed" d="M2.5 2l6 6m0 -6l-6 6"/> <path d="M13 5h9"/>', false);
});

it('keeps the first answer when it is pressed twice, and refuses one that is none at the field', function (): void {
    $this->post('/practice', ['drill' => 'swell']);
    foreach (['', 'soon', '-3', '0'] as $none) {
        $this->from('/practice')->put('/practice', ['at' => 0, 'answer' => $none])->assertRedirect('/practice')
            ->assertSessionHasErrors('answer');
        expect(practiceRound()->given)->toBe([]);
    }
    answerIt(true);
    $this->put('/practice', ['at' => 0, 'answer' => '99'])->assertRedirect('/practice');
    expect(practiceRound()->right)->toBe([true])->and(practised()->asked(Drill::Swell))->toBe(1);
    $this->put('/practice', ['at' => 7, 'answer' => '1'])->assertRedirect('/practice');
    $this->put('/practice', ['answer' => ['x']])->assertStatus(422);
    expect(practiceRound()->given)->toHaveCount(1);
});

it('begins again in an empty house, asks no picture without a camera, and answers without a round go home', function (): void {
    $this->put('/practice', ['at' => 0, 'answer' => '1'])->assertRedirect('/practice');
    $this->put('/practice/next')->assertRedirect('/practice');
    Camera::query()->get()->each->delete();
    $this->post('/practice', ['drill' => 'time']);
    expect(array_unique(array_column(practiceRound()->questions, 0)))->toBe(['look']);
    $this->get('/practice')->assertOk();
});

it('draws each picture that it asks of', function (): void {
    for ($seed = 1; $seed <= 6; $seed++) {
        Round::of([['time', $seed], ['time', $seed]])->keep(app('session.store'));
        preg_match('/data-scene="([^"]+)"/', (string) $this->withSession(['practice' => Round::of([['time', $seed]])])->get('/practice')
            ->assertOk()->getContent(), $found);
        $this->getJson(html_entity_decode($found[1]))->assertOk()->assertJsonStructure(['layers', 'geometry']);
    }
});
