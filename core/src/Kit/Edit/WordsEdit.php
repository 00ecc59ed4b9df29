<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Internal\EditValue;

/** The maker's own words at a place of the manual, in place of the composed ones. */
final readonly class WordsEdit implements Edit
{
    /** Where own words can stand: a sentence, a callout, a step, a text between the steps. */
    private const PLACES = ['callout', 'sentence', 'step', 'text'];

    /** @param ?string $words null for the composed ones */
    private function __construct(public string $place, public ?string $words) {}

    /** @throws UnusableEdit when no words stand at such a place, or it is no text */
    public static function read(string $place, mixed $words): self
    {
        [$kind, $rest] = explode('.', $place, 2) + ['', ''];
        if (!in_array($kind, self::PLACES, true) || trim($rest) === '') {
            throw UnusableEdit::unknown(
                'place for words',
                $place,
                array_map(static fn(string $kind): string => "{$kind}. with what it is of", self::PLACES),
            );
        }

        return new self($place, $words === null ? null : EditValue::text('your words', $words));
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $path = ['overrides', 'words', $this->place];
        $before = $tree->at($path);
        $inverse = new self($this->place, is_string($before) ? $before : null);

        return new Edited(
            $folder->withTree($this->words === null ? $tree->without($path) : $tree->with($path, $this->words)),
            $inverse,
        );
    }

    public function entry(): array
    {
        return ['type' => 'words', 'target' => $this->place, 'field' => '', 'value' => $this->words];
    }
}
