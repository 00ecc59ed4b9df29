<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Hazard;
use Chiralex\Reason\Reason;

/** Whether a kit has a hazard: what its parts show, and what its maker answered. */
final readonly class FoundHazard
{
    /**
     * @param list<Reason> $shown what of the parts, the supply and the work shows it
     * @param bool $declared the maker says that the kit has it
     * @param ?string $ruledOut the maker says that it has not, and why; null where nothing is said
     */
    public function __construct(
        public Hazard $hazard,
        public array $shown,
        public bool $declared,
        public ?string $ruledOut,
    ) {}

    /** Its caution is printed. */
    public function applies(): bool
    {
        return $this->declared ||
            ($this->shown !== [] && (!$this->isRuledOut() || $this->hazard->standsWhateverIsSaid()));
    }

    /** Nobody has said yet, and nothing shows it. */
    public function isOpen(): bool
    {
        return !$this->declared && $this->shown === [] && $this->ruledOut === null;
    }

    /** Ruled out though the parts show it, without a reason or where no reason counts. */
    public function isContradicted(): bool
    {
        return $this->shown !== [] &&
            !$this->declared &&
            $this->ruledOut !== null &&
            (trim($this->ruledOut) === '' || $this->hazard->standsWhateverIsSaid());
    }

    private function isRuledOut(): bool
    {
        return $this->ruledOut !== null && trim($this->ruledOut) !== '';
    }
}
