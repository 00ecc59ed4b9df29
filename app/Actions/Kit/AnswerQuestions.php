<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Models\Revision;

/** An answer to "what is it?" holds for all parts of its row; what is said of a part or a column is remembered for the next kit. */
final readonly class AnswerQuestions
{
    public function __construct(
        private KitFolder $folder,
        private PartLibrary $library,
        private RememberedColumns $columns,
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
            $names = $this->folder->kit($revision)->part($change->target)->line->designators ?? [$change->target];
            foreach ($names as $designator) {
                $wide[] = new Change('line', $designator, 'kind', $change->value);
            }
        }

        return $wide;
    }

    /** @param list<Change> $changes */
    public function remember(Revision $revision, array $changes): void
    {
        $this->columns->rememberEdit($revision, $changes);
        $said = array_values(
            array_filter(
                $changes,
                static fn(Change $change): bool => $change->type === 'line' &&
                    $change->value !== null &&
                    in_array($change->field, PartLibrary::FACTS, true),
            ),
        );
        $kit = $said === [] ? null : $this->folder->kit($revision);
        foreach ($said as $change) {
            $part = $kit?->part($change->target);
            if ($part !== null) {
                $this->library->remember(
                    $part,
                    $change->field,
                    $change->value,
                    "said in {$revision->kit->name} {$revision->name}",
                );
            }
        }
    }
}
