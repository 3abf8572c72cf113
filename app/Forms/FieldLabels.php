<?php

declare(strict_types=1);

namespace App\Forms;

use Symfony\Component\HttpFoundation\Request;

/** What the fields of the page that is being written are called, by their ids: for the list of what is to be mended. */
final class FieldLabels
{
    private const KEPT = 'field-labels';

    public function keep(string $id, string $label): void
    {
        self::request()->attributes->set(self::KEPT, [...$this->all(), $id => $label]);
    }

    /** Null where no field of that page has it. */
    public function of(string $id): ?string
    {
        return $this->all()[$id] ?? null;
    }

    /** @return array<array-key, string> */
    private function all(): array
    {
        $kept = self::request()->attributes->get(self::KEPT);

        return array_filter(is_array($kept) ? $kept : [], is_string(...));
    }

    private static function request(): Request
    {
        return resolve('request');
    }
}
