<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Document\TroubleDocument;
use ChiralexRender\Words;
use PHPUnit\Framework\TestCase;

final class TroubleDocumentTest extends TestCase
{
    public function test_what_may_be_noticed_is_said_once_in_the_kits_own_words_if_it_has_them(): void
    {
        $told = $this->told($this->kit());
        $names = array_column($told['symptoms'], 'name');
        self::assertSame(array_unique($names), $names);
        self::assertContains(
            'a lamp stays dark',
            array_column(array_filter($told['symptoms'], static fn(array $each): bool => $each['own']), 'id'),
        );
        self::assertSame(array_column($told['symptoms'], 'id'), array_keys((array) $told['starts']));
    }

    public function test_every_way_ends_and_each_look_is_one_that_is_told(): void
    {
        ['nodes' => $nodes, 'checks' => $checks, 'causes' => $causes] = $this->told($this->kit());
        self::assertGreaterThan(100, count($nodes));
        foreach ($nodes as $at => $node) {
            foreach (['good', 'bad', 'cannot'] as $answer) {
                self::assertGreaterThan($at, $node[$answer] ?? PHP_INT_MAX, 'a way leads on, never back');
                self::assertArrayHasKey($node[$answer] ?? 0, $nodes);
            }
            if (isset($node['check'])) {
                self::assertArrayHasKey($node['check'], $checks);
            }
            foreach ($node['causes'] ?? [] as $cause) {
                self::assertArrayHasKey($cause, $causes);
            }
        }
    }

    public function test_a_kit_on_mains_is_asked_nothing(): void
    {
        self::assertTrue($this->told($this->kit(['traits' => ['mains']]))['stop']);
    }

    /** @param array<string, mixed> $facts that kit.json says besides */
    private function kit(array $facts = []): Kit
    {
        $files = (new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/frost-bell');
        $said = (array) json_decode($files['kit.json'] ?? '{}', true);

        return (new KitReader())->read(['kit.json' => json_encode($facts + $said, JSON_THROW_ON_ERROR)] + $files);
    }

    /** @return array{symptoms: list<array{id: string, name: string, own: bool}>, stop: bool, starts: object, nodes: list<array<string, mixed>>, checks: list<array<string, mixed>>, causes: list<array<string, mixed>>} */
    private function told(Kit $kit): array
    {
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);

        return (new TroubleDocument(Words::english()))->of($kit, $order);
    }
}
