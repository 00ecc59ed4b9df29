<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Part\Kind;
use Chiralex\Part\Outline;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\ValueFault;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What a line is taken for, how surely, and why. */
final readonly class Recognition
{
    /** Below this the maker is asked. */
    public const SURE = 0.5;

    /**
     * @param float $confidence 0 to 1
     * @param ?ParsedValue $value null where the kind has no value, or none could be read
     * @param Origin $outlineOrigin the package named, or the usual outline of the kind
     * @param list<Kind> $candidates what else it could be
     * @param list<Reason> $reasons
     */
    public function __construct(
        public Kind $kind,
        public float $confidence,
        public ?ParsedValue $value,
        public ?ValueFault $fault,
        public Outline $outline,
        public Origin $outlineOrigin,
        public array $candidates,
        public array $reasons,
    ) {}

    /** The value in its base unit (ohms, farads, henries), null where none could be read. */
    public function amount(): ?float
    {
        return $this->value?->value->amount->toFloat();
    }

    public function needsAnswer(): bool
    {
        return $this->confidence < self::SURE;
    }
}
