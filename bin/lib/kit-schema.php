<?php

declare(strict_types=1);

// Writes docs/schema/kit.json from the table by which kit.json is read.

use ChiralexRender\Document\KitFileSchema;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;
file_put_contents(dirname(__DIR__, 2) . '/docs/schema/kit.json', json_encode(KitFileSchema::document(), $flags) . "\n");
