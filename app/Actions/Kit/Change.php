<?php

declare(strict_types=1);

namespace App\Actions\Kit;

/** One change of a draft, in the shape the edit log keeps. */
final readonly class Change
{
    /**
     * @param string $type `line` (a field of a part), `cell` (a cell of the parts list), `column` (what a column of it holds), `setting`, `board`, `order` (all order overrides), `words` (a sentence the maker wrote), `test` (a test of the bench), `hazard` (an answer about safety), `block` (the parts of a block of the circuit), `pilot` (a row of the log), `file`
     * @param string $target designator, record number, column number from 0, setting, board name or file name
     * @param string $field what of it
     * @param mixed $value null takes the field away
     */
    public function __construct(
        public string $type,
        public string $target,
        public string $field,
        public mixed $value,
    ) {}

    /** @param array<string, mixed> $data */
    public static function from(array $data): self
    {
        $text = static fn(string $key): string => is_scalar($data[$key] ?? null) ? (string) $data[$key] : '';

        return new self($text('type'), $text('target'), $text('field'), $data['value'] ?? null);
    }

    /** @return array{type: string, target: string, field: string, value: mixed} */
    public function toArray(): array
    {
        return ['type' => $this->type, 'target' => $this->target, 'field' => $this->field, 'value' => $this->value];
    }
}
