<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** A report as a row of a table, or a line of JSON, has it; what it does not say is empty. */
final readonly class ReportRow
{
    private const FIELDS = ['serial', 'revision', 'kit', 'step', 'symptom', 'cause', 'text', 'name', 'email'];

    /**
     * @param int $number of the row in its file; the header is row 1
     * @param ?string $date `2026-07-28`; null where it says none
     * @param array<string, string> $fields
     */
    private function __construct(public int $number, public ?string $date, private array $fields) {}

    /** @param callable(string): string $cell field to what stands there */
    public static function of(int $number, ?string $date, callable $cell): self
    {
        $fields = [];
        foreach (self::FIELDS as $name) {
            $fields[$name] = trim($cell($name));
        }

        return new self($number, $date, $fields);
    }

    public function field(string $name): string
    {
        return $this->fields[$name] ?? '';
    }

    /** Two rows that say the same have the same. */
    public function content(): string
    {
        return implode("\x1F", [$this->date ?? '', ...array_values($this->fields)]);
    }
}
