<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\FileStore;
use Chiralex\Kit\Edit\Edit;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Edit\FileEdit;
use Chiralex\Kit\Exception\UnusableEdit;

/**
 * Edits as the log keeps them: the bytes of files stand in the store, the log names them.
 *
 * @phpstan-import-type Entry from Edit
 */
final readonly class EditLog
{
    public function __construct(private FileStore $store) {}

    /** @return Entry */
    public function entry(Edit $edit): array
    {
        $entry = $edit->entry();

        return $edit instanceof FileEdit && $edit->bytes !== null
            ? ['value' => $this->store->put($edit->bytes)] + $entry
            : $entry;
    }

    /**
     * @param array<string, mixed> $entry
     * @throws UnusableEdit when the log holds what this version cannot read
     */
    public function edit(array $entry): Edit
    {
        $text = static fn(string $key): string => is_scalar($entry[$key] ?? null) ? (string) $entry[$key] : '';
        $kind =
            EditKind::tryFrom($text('type')) ??
            throw UnusableEdit::unknown('kind of edit', $text('type'), array_column(EditKind::cases(), 'value'));
        $value = $entry['value'] ?? null;

        return $kind === EditKind::File
            ? new FileEdit($text('target'), is_string($value) ? $this->store->get($value) : null)
            : $kind->read($text('target'), $text('field'), $value);
    }
}
