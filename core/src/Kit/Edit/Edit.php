<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Folder;
use Chiralex\Table\Exception\UnreadableTable;

/**
 * One change of a kit; there is a class for each kind of change, and {@see EditKind} reads them.
 *
 * @phpstan-import-type Node from \Chiralex\Kit\Internal\KitTree
 * @phpstan-type Entry array{type: string, target: string, field: string, value: Node}
 */
interface Edit
{
    /**
     * @throws UnusableEdit when it names nothing that can be changed
     * @throws UnusableKit when the kit file cannot be read
     * @throws UnreadableTable when a table cannot be read
     */
    public function on(Folder $folder): Edited;

    /** @return Entry as a log keeps it and EditKind reads it */
    public function entry(): array;
}
