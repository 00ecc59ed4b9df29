<?php

declare(strict_types=1);

namespace ChiralexRender;

use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;

/** Reasons, problems and matters as document fields. */
final readonly class Told
{
    public function __construct(private Words $words) {}

    /** @return array{code: string, text: string, origin: string, numbers: array<string, string|int|float|list<string>>} */
    public function reason(Reason $reason): array
    {
        return [
            'code' => $reason->code,
            'text' => $this->words->of($reason),
            'origin' => $reason->origin->value,
            'numbers' => $reason->args,
        ];
    }

    /**
     * @param list<Reason> $reasons
     * @return list<array{code: string, text: string, origin: string, numbers: array<string, string|int|float|list<string>>}>
     */
    public function reasons(array $reasons): array
    {
        return array_map($this->reason(...), $reasons);
    }

    /** @return array{severity: string, code: string, message: string, file: ?string, row: ?int, column: ?string} */
    public function problem(Problem $problem): array
    {
        return [
            'severity' => $problem->severity->value,
            'code' => $problem->code,
            'message' => $this->words->of($problem),
            'file' => $problem->file,
            'row' => $problem->row,
            'column' => $problem->column,
        ];
    }

    /** @return array{severity: string, station: string, code: string, message: string, designators: list<string>} */
    public function matter(Matter $matter): array
    {
        return [
            'severity' => $matter->severity->value,
            'station' => $matter->station->value,
            'code' => $matter->code,
            'message' => $this->words->of($matter),
            'designators' => $matter->designators,
        ];
    }
}
