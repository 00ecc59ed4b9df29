<?php

declare(strict_types=1);

namespace Tests\Documents;

use PHPUnit\Framework\TestCase;

final class SampleDocumentsTest extends TestCase
{
    /** Component tests that are shown what the core said long ago would pass for nothing; bin/lib/sample-documents.php renews it. */
    public function test_the_front_end_is_tested_with_what_the_core_says_today(): void
    {
        self::assertJsonStringEqualsJsonFile(
            dirname(__DIR__, 2) . '/resources/js/shared/testing/documents.json',
            SampleDocuments::json(),
        );
    }
}
