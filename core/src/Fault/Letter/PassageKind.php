<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** Whose words a passage has. */
enum PassageKind: string
{
    /** The writer's own. */
    case Said = 'said';
    /** Words of an earlier letter. */
    case Quoted = 'quoted';
    /** Name and address under the letter. */
    case Signature = 'signature';
    /** The prepared block of the builder's page (`docs/report-block.md`). */
    case Block = 'block';
}
