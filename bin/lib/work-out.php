<?php

declare(strict_types=1);

// Works the documents of one kit out and prints each as a line, its name before it; run by App\Actions\Kit\Workshop with its limits.

use Chiralex\Bagging\BagCosts;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use ChiralexRender\KitDocuments;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

/** @var array{files: array<string, string>, labels: array<string, string>, names: list<string>, costs: array{string, string, string, string}} $wanted */
$wanted = unserialize((string) stream_get_contents(STDIN), ['allowed_classes' => false]);
try {
    $documents = new KitDocuments(
        (new KitReader())->read($wanted['files'], [], $wanted['labels']),
        BagCosts::of(...$wanted['costs']),
    );
} catch (ChiralexException $fault) {
    fwrite(STDOUT, 'refused ' . preg_replace('~\s+~', ' ', $fault->getMessage()) . "\n");
    exit(0);
}
foreach ($wanted['names'] as $name) {
    fwrite(
        STDOUT,
        "{$name} " .
            json_encode(
                $documents->document($name),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
            ) .
            "\n",
    );
}
