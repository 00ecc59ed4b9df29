<?php

declare(strict_types=1);

namespace App\Http\Requests\Packing;

use App\Http\Requests\OperationRequest;
use Chiralex\Bagging\Packing\ScalePattern;
use Chiralex\Bagging\Packing\ScaleReading;

/** The check mass lies on the scale; with its lines, where it is connected to the browser. */
final class CheckScaleRequest extends OperationRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + SentLines::RULES;
    }

    /** @return ?list<ScaleReading> null where the scale is the shop's own */
    public function readings(ScalePattern $pattern): ?array
    {
        /** @var ?list<array{at: int|float|string, text: string}> $lines */
        $lines = $this->validated('lines');

        return $lines === null ? null : SentLines::readings($lines, $pattern);
    }
}
