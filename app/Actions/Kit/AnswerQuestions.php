<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;

/** An answer to "what is it?" holds for all parts of its row, and is remembered for the next kit. */
final readonly class AnswerQuestions
{
    public function __construct(
        private KitFolder $folder,
        private PartAnswers $answers,
    ) {}

    /**
     * @param list<Change> $changes
     * @return list<Change>
     */
    public function widened(Revision $revision, array $changes): array
    {
        $wide = [];
        foreach ($changes as $change) {
            if ($change->type !== 'line' || $change->field !== 'kind') {
                $wide[] = $change;
                continue;
            }
            foreach ($this->folder->kit($revision)->part($change->target)->line->designators ?? [$change->target] as $designator) {
                $wide[] = new Change('line', $designator, 'kind', $change->value);
            }
        }

        return $wide;
    }

    /** @param list<Change> $changes */
    public function remember(Revision $revision, array $changes): void
    {
        foreach ($changes as $change) {
            $part = $change->type === 'line' && $change->field === 'kind' && is_string($change->value) ? $this->folder->kit($revision)->part($change->target) : null;
            if ($part !== null) {
                $this->answers->remember($part, (string) $change->value);
            }
        }
    }
}
