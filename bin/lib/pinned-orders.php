<?php

declare(strict_types=1);

// Writes anew what the pinned orders are, after a change of the search that was meant: php bin/lib/pinned-orders.php

use Chiralex\Tests\PinnedKit;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$lines = [];
foreach (PinnedKit::cases() as $name => [$case]) {
    $lines[] = "{$name}: " . PinnedKit::told($case);
}
file_put_contents(dirname(__DIR__, 2) . '/core/tests/Build/pinned-orders.txt', implode("\n", $lines) . "\n");
