<?php

declare(strict_types=1);

use App\Drawing\LookSpan;
use App\Drawing\MovingRow;
use App\Drawing\RuleSubject;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookTarget;
use GentlePour\Scene\Stroke;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;

// What stop rules are drawn of, for tests of several files.

function seconds(float $seconds): ShutterTime
{
    return ShutterTime::ofSeconds($seconds);
}

function ruleWindow(float $min = 1.0, float $max = 4.0): ShutterWindow
{
    return ShutterWindow::of(seconds($min), seconds($max));
}

function movingRow(string $label = 'Water', ?string $wanted = 'silk'): MovingRow
{
    return new MovingRow(
        $label, '4.0 m/s',
        [
            new LookSpan('held', 'every drop', null, 1 / 64), new LookSpan('silk', 'strands', 1.0, 4.0),
            new LookSpan('glass', 'flat', 16.0, null),
        ],
        $wanted === null ? null : new LookTarget('the water', $wanted, ruleWindow()), fn (float $s): Stroke => Stroke::ofStreak(0.1, 0.5),
    );
}

/**
 * @param  list<Way>  $ways
 * @param  list<Wall>  $walls
 * @param  list<MovingRow>|null  $rows
 */
function subject(
    array $ways = [], array $walls = [], ?array $rows = null, ?LookBand $band = null, ?ShutterWindow $window = null,
    string $reading = '1/60', ?Way $picked = null,
    float $bias = 0.0, float $on = 0.0,
): RuleSubject {
    return new RuleSubject(
        $rows ?? [movingRow()], $window ?? ruleWindow(), $band ?? new LookBand(Look::Silk, 1.0, 4.0),
        new Reading(new Exposure(Aperture::named(11), ShutterTime::parse($reading), Iso::of(100)), Stops::of($on)), Stops::of($bias), $ways,
        $picked ?? $ways[0] ?? null, $walls,
    );
}

/** @return list<Way> */
function waysOf(Question $question): array
{
    return BackSolver::solve($question)->byStack;
}

// The wide axis has 1112 px for 23 stops, from 62 to 1174.
function wideX(float $stopsFromSecond): float
{
    return round(62 + 1112 * ($stopsFromSecond + 12) / 23, 1);
}
