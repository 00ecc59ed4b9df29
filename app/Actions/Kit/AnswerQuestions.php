<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\PartLibrary;
use App\Actions\Library\RememberedColumns;
use App\Actions\Library\RememberedFiles;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\Edit;
use Chiralex\Kit\Edit\LineEdit;

/** An answer to "what is it?" holds for all parts of its row; what is said of a part or a column is remembered for the next kit. */
final readonly class AnswerQuestions
{
    public function __construct(
        private KitFolder $folder,
        private PartLibrary $library,
        private RememberedColumns $columns,
        private RememberedFiles $files,
    ) {}

    /**
     * @param list<Edit> $edits
     * @return list<Edit>
     * @throws ChiralexException when the kit cannot be read
     */
    public function widened(Revision $revision, array $edits): array
    {
        $wide = [];
        foreach ($edits as $edit) {
            if (!($edit instanceof LineEdit) || $edit->field !== 'kind') {
                $wide[] = $edit;
                continue;
            }
            $part = $this->folder->kit($revision)->part($edit->designator);
            foreach ($part->line->designators ?? [$edit->designator] as $designator) {
                $wide[] = LineEdit::read($designator, 'kind', $edit->value);
            }
        }

        return $wide;
    }

    /**
     * @param list<Edit> $edits
     * @throws ChiralexException when the kit cannot be read
     */
    public function remember(Revision $revision, array $edits): void
    {
        $this->columns->rememberEdit($revision, $edits);
        $this->files->rememberEdits($revision, $edits);
        $said = array_filter(
            $edits,
            static fn(Edit $edit): bool => $edit instanceof LineEdit &&
                $edit->value !== null &&
                in_array($edit->field, PartLibrary::FACTS, true),
        );
        $kit = $said === [] ? null : $this->folder->kit($revision);
        foreach ($said as $edit) {
            $part = $kit?->part($edit->designator);
            if ($part !== null) {
                $this->library->remember(
                    $part,
                    $edit->field,
                    $edit->value,
                    "said in {$revision->kit->name} {$revision->name}",
                );
            }
        }
    }
}
