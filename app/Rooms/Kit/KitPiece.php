<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;

/** The three kinds of kit record, by the word in their address. */
enum KitPiece: string
{
    case Camera = 'camera';
    case Lens = 'lens';
    case Filter = 'filter';

    /** @return class-string<Camera>|class-string<Lens>|class-string<Filter> */
    public function model(): string
    {
        return match ($this) {
            self::Camera => Camera::class,
            self::Lens => Lens::class,
            self::Filter => Filter::class,
        };
    }

    public function table(): string
    {
        return match ($this) {
            self::Camera => 'cameras',
            self::Lens => 'lenses',
            self::Filter => 'filters',
        };
    }

    public function fresh(): Camera|Lens|Filter
    {
        $model = $this->model();

        return new $model;
    }

    public function find(int $id): Camera|Lens|Filter
    {
        return $this->model()::query()->findOrFail($id);
    }
}
