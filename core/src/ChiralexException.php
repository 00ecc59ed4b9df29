<?php

declare(strict_types=1);

namespace Chiralex;

use Throwable;

/** Marks every exception this package throws, so that a caller can catch them all by one name. */
interface ChiralexException extends Throwable {}
