<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexRender\Document\OlderDocument;
use PHPUnit\Framework\TestCase;

/** A release keeps the documents of its day: what steps say since is filled in where the rooms read it. */
final class OlderDocumentTest extends TestCase
{
    public function test_a_step_of_an_older_release_has_every_list_the_rooms_read(): void
    {
        $old = ['school' => 'lowest-first', 'steps' => [['action' => 'solder', 'parts' => [['designator' => 'R1']]]]];
        $newer = [
            'school' => 'lowest-first',
            'steps' => [['action' => 'solder', 'fits' => ['R1'], 'apart' => ['R2'], 'parts' => []]],
        ];
        $step = OlderDocument::completed($old)['steps'][0] ?? [];

        self::assertSame([['R1'], [], [], []], [$step['fits'], $step['apart'], $step['uses'], $step['with']]);
        $kept = OlderDocument::completed($newer)['steps'][0] ?? [];
        self::assertSame([['R1'], ['R2'], [], []], [$kept['fits'], $kept['apart'], $kept['uses'], $kept['with']]);
    }

    public function test_a_step_of_an_older_manual_gets_nothing_that_manuals_do_not_say(): void
    {
        $step = OlderDocument::completed(['steps' => [['action' => 'solder', 'parts' => []]]])['steps'][0] ?? [];

        self::assertSame(['action', 'parts', 'fits'], array_keys($step));
    }

    public function test_every_list_that_the_schema_asks_of_a_step_is_filled_in(): void
    {
        /** @var array{$defs: array{Step: array{required: list<string>, properties: array<string, array{type?: mixed}>}}} $schema */
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/docs/schema/chiralex.json'),
            true,
            512,
            JSON_THROW_ON_ERROR,
        );
        $step =
            OlderDocument::completed(['school' => 'lowest-first', 'steps' => [['action' => 'solder', 'parts' => []]]])[
                'steps'
            ][0] ?? [];
        $lists = array_filter(
            $schema['$defs']['Step']['required'],
            static fn(string $field): bool => ($schema['$defs']['Step']['properties'][$field]['type'] ?? '') ===
                'array',
        );
        // These were there from the first release on.
        $always = ['parts', 'overridden', 'cautions'];

        self::assertSame([], array_diff($lists, array_keys($step), $always));
    }
}
