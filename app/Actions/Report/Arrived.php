<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\Unit;
use Illuminate\Support\Carbon;

/** A report as it arrived, by whatever way. */
final readonly class Arrived
{
    /**
     * @param ?Unit $unit the kit itself, where its own page or letter says so
     * @param string $serial as written
     * @param ?Carbon $at when it was written; null for now
     */
    public function __construct(
        public string $operationId,
        public string $source,
        public string $text,
        public ?int $releaseId = null,
        public ?Unit $unit = null,
        public string $serial = '',
        public Noticed $noticed = new Noticed(),
        public ?Carbon $at = null,
    ) {}
}
