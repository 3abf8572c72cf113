<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterWindow;

/**
 * When nothing fits: how many stops are missing on which side, and what would make them good. Each remedy is a promise: it is offered only
 * when the question that it makes has an answer, and the number that it says is the one which was tried. Where a wall has to give and
 * something else as well, the two are offered together.
 */
final class Remedies
{
    /** @return non-empty-list<Remedy> */
    public static function for(Question $q): array
    {
        $pins = self::pins($q);
        if ($pins !== [] || $q->pins->held() !== []) {
            return $pins !== [] ? $pins : self::for($q->pinning(new Pins));
        }
        $walls = self::inTheWay($q);
        $remedies = $walls === [] ? Fixes::of($q) : self::throughWalls($q, $walls);
        $way = Averaging::nearest($q);
        $average = Averaging::of($q, $way);
        $nearest = $way === null ? null : self::nearest($q, $way);
        $remedies = [...$remedies, ...$average === null ? [] : [$average]];

        return [...$remedies === [] ? [self::between($q, $nearest)] : $remedies, ...$nearest === null ? [] : [$nearest]];
    }

    /**
     * Walls short of the look; where none is, those inside of it, if nothing fits before them but something behind.
     *
     * @return list<Wall>
     */
    private static function inTheWay(Question $q): array
    {
        $before = static fn (float $seconds): array => array_values(
            array_filter($q->walls(), static fn (Wall $w): bool => $w->longest->seconds < $seconds * (1 - 1e-9)),
        );
        $short = $before($q->target->min->seconds);
        if ($short !== []) {
            return $short;
        }
        $inside = $before($q->target->max->seconds);
        $kinds = array_map(static fn (Wall $w): WallKind => $w->kind, $inside);

        return $inside !== [] && BackSolver::best($q->withoutWalls(...$kinds)) !== null ? $inside : [];
    }

    /**
     * What would have to give, all of it at once; and where that alone is not enough, what else.
     *
     * @param  non-empty-list<Wall>  $walls
     * @return list<Remedy>
     */
    private static function throughWalls(Question $q, array $walls): array
    {
        $kinds = array_map(static fn (Wall $w): WallKind => $w->kind, $walls);
        $free = $q->withoutWalls(...$kinds);
        $missing = max(0.0, $q->target->min->stopsFrom($walls[0]->longest)->value);
        $words = implode(' And ', array_map(static fn (Wall $w): string => self::ofWall($q, $w), $walls));
        // The shortest that would do behind the wall is what a limit of one's own would have to be.
        $way = BackSolver::best($free->with($q->target->aimedAt($q->target->min), insists: true));
        if ($way !== null) {
            $words .= in_array(WallKind::Longest, $kinds, true) ? sprintf(' A limit of %s would do.', $way->shutterLabel()) : '';
            $stops = $missing > 0 ? $missing : $way->shutter->stopsFrom($walls[0]->longest)->value;

            return [new Remedy($walls[0]->kind->remedy(), $stops, $words, $way->shutter->seconds, walls: $kinds)];
        }

        return array_map(static fn (Remedy $also): Remedy => new Remedy(
            $walls[0]->kind->remedy(), max($missing, $also->stops), $words.' And besides: '.lcfirst($also->detail), null, $also->ev100,
            walls: $kinds, and: $also,
        ), Fixes::of($free));
    }

    private static function ofWall(Question $q, Wall $wall): string
    {
        $missing = $q->target->min->stopsFrom($wall->longest)->value;
        $longest = $wall->longest->label($q->bag->camera->longestTimed);
        if ($missing <= 0) {
            return ucfirst($wall->why).': no setting comes before it.';
        }

        return match ($wall->kind) {
            WallKind::Release => sprintf('Take a release: the camera times %s at most, %.1f stops short of the look.', $longest, $missing),
            WallKind::Longest => sprintf(
                'Your limit of %s is %.1f stops short of the look, which asks for %s.', $wall->longest->label(), $missing,
                $q->target->min->label(),
            ),
            WallKind::Battery, WallKind::Light, WallKind::Wind, WallKind::GetOff => sprintf(
                '%s: %.1f stops short of the look, which asks for %s.', ucfirst($wall->why), $missing, $q->target->min->label(),
            ),
        };
    }

    private static function nearest(Question $q, Way $way): Remedy
    {
        return new Remedy(RemedyKind::Nearest, abs($way->shutter->stopsFrom($q->target->best)->value), sprintf(
            'Take the nearest within reach: %s.', $way->shutterLabel(),
        ), $way->shutter->seconds);
    }

    /**
     * Which pin to let go, and what that gives: one alone, or where none alone is enough, two, three, all.
     *
     * @return list<Remedy>
     */
    private static function pins(Question $q): array
    {
        $held = $q->pins->held();
        for ($count = 1; $count <= count($held); $count++) {
            $found = [];
            foreach (self::choices($held, $count) as $pins) {
                $free = $q->pinning($q->pins->lettingGoOf(...$pins));
                $anyTime = ShutterWindow::any($q->target->best);
                $way = BackSolver::best(in_array(Pin::Shutter, $pins, true) ? $free->with($anyTime, insists: true) : $free);
                if ($way !== null) {
                    $found[] = new Remedy(RemedyKind::Pin, $way->score(), sprintf(
                        'Let go of %s: it would be %s %s ISO %s with %s.',
                        implode(' and ', array_map(static fn (Pin $p): string => $p->words(), $pins)),
                        $way->shutterLabel(), $way->aperture->label(), $way->iso->label(), $way->filters->label(),
                    ), pin: $pins[0]);
                }
            }
            if ($found !== []) {
                usort($found, static fn (Remedy $a, Remedy $b): int => $a->stops <=> $b->stops);

                return $found;
            }
        }

        return [];
    }

    /**
     * @param  list<Pin>  $held
     * @return list<non-empty-list<Pin>> every choice of so many
     */
    private static function choices(array $held, int $count): array
    {
        $choices = [];
        foreach ($held as $i => $pin) {
            $more = $count === 1 ? [[]] : self::choices(array_slice($held, $i + 1), $count - 1);
            foreach ($more as $rest) {
                $choices[] = [$pin, ...$rest];
            }
        }

        return $choices;
    }

    /**
     * Bag and light reach both sides of the window and no setting falls inside, since it is narrower than their steps; or they reach no
     * time at all that anybody could count.
     */
    private static function between(Question $q, ?Remedy $nearest): Remedy
    {
        $stops = $q->target->width()->value;
        if ($nearest === null) {
            return new Remedy(
                RemedyKind::Window, $stops, 'In this light no setting of the bag gives a time that can be had before every wall.',
            );
        }

        return new Remedy(RemedyKind::Window, $stops, sprintf(
            'Your settings step over the wanted %s to %s, which is only %.2f %s wide: widen the window or the range of apertures and ISOs.',
            $q->target->min->label(), $q->target->max->label(), $stops, abs($stops - 1) < 0.005 ? 'stop' : 'stops',
        ), $nearest->seconds);
    }
}
