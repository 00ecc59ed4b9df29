<?php

declare(strict_types=1);

// Writes the documents that the component tests of the front end are shown, from a small kit: php bin/lib/sample-documents.php

require dirname(__DIR__, 2) . '/vendor/autoload.php';
require dirname(__DIR__, 2) . '/tests/Documents/SampleDocuments.php';

file_put_contents(
    dirname(__DIR__, 2) . '/resources/js/shared/testing/documents.json',
    Tests\Documents\SampleDocuments::json(),
);
