<?php

declare(strict_types=1);

// Writes resources/js/shared/ui/kinds.ts from the kinds of the core and their English names.

use Chiralex\Part\Kind;
use ChiralexRender\Words;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$words = Words::english();
$lines =
    "// Made by bin/lib/kinds.php from the kinds of the core.\n" .
    "export const KINDS: readonly { id: string; name: string }[] = [\n";
foreach (Kind::cases() as $kind) {
    if ($kind !== Kind::Unknown) {
        $lines .= "  { id: '{$kind->value}', name: '{$words->kind($kind)}' },\n";
    }
}
file_put_contents(dirname(__DIR__, 2) . '/resources/js/shared/ui/kinds.ts', "{$lines}];\n");
