<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The schools of the trade; each says what counts first. */
enum School: string
{
    case LowestFirst = 'lowest-first';
    case KindByKind = 'kind-by-kind';
    case BlockByBlock = 'block-by-block';
}
