<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Folder;

/** A kit after an edit, and the edit that takes it back. */
final readonly class Edited
{
    public function __construct(public Folder $folder, public Edit $inverse) {}
}
