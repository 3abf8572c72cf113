<?php

declare(strict_types=1);

// What is said at a field where its form has no sentence of its own. It stands beside the field, so that it does not name it.
$choice = 'This is not one of the choices.';
$together = 'Both are needed, or neither.';
$unread = 'This cannot be read.';
$broken = 'The file did not come whole; choose it again.';

return [
    'accepted' => 'Tick this first.',
    'after' => 'This is too early.',
    'array' => $choice,
    'before' => 'This is too late.',
    'between' => [
        'numeric' => 'This is :min to :max.',
        'string' => 'This has :min to :max characters.',
        'file' => 'The file has :min to :max kB.',
        'array' => 'These are :min to :max.',
    ],
    'boolean' => $choice,
    'date' => 'Write it like 2026-11-26 07:30.',
    'date_format' => 'There is no such day.',
    'enum' => $choice,
    'exists' => 'This is no longer there.',
    'file' => $broken,
    'in' => $choice,
    'integer' => 'This is a whole number.',
    'list' => $choice,
    'max' => [
        'numeric' => 'This is :max at the most.',
        'string' => 'This can have :max characters.',
        'file' => 'The file is larger than :max kB.',
        'array' => 'These are :max at the most.',
    ],
    'min' => [
        'numeric' => 'This is :min at least.',
        'string' => 'This has :min characters at least.',
        'file' => 'The file is smaller than :min kB.',
        'array' => 'These are :min at least.',
    ],
    'numeric' => 'This is a number.',
    'regex' => $unread,
    'required' => 'This is needed.',
    'required_with' => $together,
    'required_without' => 'One of the two is needed.',
    'same' => 'The two are not the same.',
    'size' => [
        'numeric' => 'This is :size.',
        'string' => 'This has :size characters.',
        'file' => 'The file has :size kB.',
        'array' => 'These are :size.',
    ],
    'string' => $unread,
    'timezone' => 'There is no such time zone; write it like Europe/London.',
    'unique' => 'There is one of that name already.',
    'uploaded' => $broken,
];
