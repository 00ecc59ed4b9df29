<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Board\Side;
use Chiralex\Bom\Provision;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\School;
use Chiralex\Kit\SolderFrom;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KitReaderTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> kit.json, part of the message */
    public static function faults(): iterable
    {
        yield 'unknown at the top' => [['colour' => 'red'], 'unknown field "colour"'];
        yield 'unknown deep down' => [['lines' => ['R1' => ['hight' => 3]]], 'unknown field "lines.R1.hight"'];
        yield 'unknown in a list' => [['gates' => [['name' => 'a', 'need' => []]]], 'unknown field "gates[0].need"'];
        yield 'wrong type' => [['settings' => ['group' => 'six']], '"settings.group" must be a whole number'];
        yield 'wrong word' => [['settings' => ['school' => 'tallest-first']], '"settings.school" must be one of'];
        yield 'a kind that is none' => [['lines' => ['R1' => ['kind' => 'resitor']]], '"lines.R1.kind" must be one of'];
        yield 'a format of the future' => [['format' => 2], '"format" must be one of 1'];
        yield 'outline too short' => [['board' => ['outline' => [[0, 0], [1, 1]]]], 'at least three'];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('faults')]
    public function test_a_fault_in_kit_json_is_named_by_its_path(array $json, string $message): void
    {
        $this->expectException(UnusableKit::class);
        $this->expectExceptionMessage($message);

        KitMaker::kit(['R1,1k,,'], [], $json);
    }

    public function test_broken_json_says_so_and_a_kit_without_list_too(): void
    {
        try {
            (new KitReader())->read(['kit.json' => '{"name": ', 'bom.csv' => "Ref\nR1\n"]);
            self::fail('broken JSON was read');
        } catch (UnusableKit $fault) {
            self::assertStringContainsString('kit.json is not valid JSON', $fault->getMessage());
        }
        $this->expectException(UnusableKit::class);
        $this->expectExceptionMessage('no bom.csv');
        (new KitReader())->read(['kit.json' => '{}']);
    }

    public function test_absent_fields_take_the_defaults_of_the_format(): void
    {
        $kit = KitMaker::kit(['R1,1k,,']);

        self::assertSame(
            [School::LowestFirst, 6, Alloy::Leaded, Workholding::Table, SolderFrom::Back],
            [
                $kit->choices->settings->school,
                $kit->choices->settings->group,
                $kit->choices->settings->bench->alloy,
                $kit->choices->settings->bench->workholding,
                $kit->choices->settings->bench->solderFrom,
            ],
        );
        self::assertSame(
            [1.6, true, 0],
            [$kit->boards[0]->stuff->thickness, $kit->boards[0]->stuff->plated, $kit->boards[0]->turn],
        );
    }

    public function test_what_the_maker_types_wins_and_says_so(): void
    {
        $part = KitMaker::kit(
            ['C1,47u,6.3x11,'],
            [],
            ['lines' => ['C1' => ['height' => 11.5, 'supply' => 'optional']]],
        )->part('C1');

        self::assertNotNull($part);
        self::assertSame(
            [11.5, Origin::Typed, Provision::Optional],
            [$part->shape->height, $part->shape->heightOrigin, $part->supply],
        );
    }

    public function test_an_ic_finds_its_socket_as_told_by_place_or_as_the_only_one(): void
    {
        $bom = ['XU1,8 way,DIP-8,IC socket', 'XU2,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,', 'U2,LM358,DIP-8,'];
        $told = KitMaker::kit($bom, [], ['groups' => ['sockets' => [['XU2', 'U1']]]]);
        $placed = KitMaker::kit($bom, ['XU1,10,10,0,top', 'XU2,30,10,0,top', 'U1,30.2,10,0,top', 'U2,10,10,0,top']);
        $only = KitMaker::kit(['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,'], ['XU1,10,10,90,bottom']);
        $open = KitMaker::kit($bom);

        self::assertSame(['XU2', 'XU1'], [$told->part('U1')?->place->socket, $told->part('U2')?->place->socket]);
        self::assertSame(['XU2', 'XU1'], [$placed->part('U1')?->place->socket, $placed->part('U2')?->place->socket]);
        self::assertSame(
            ['XU1', 90.0, Side::Bottom, 8.0],
            [
                $only->part('U1')?->place->socket,
                $only->part('U1')?->place->placement?->rotation,
                $only->part('U1')?->place->placement?->side,
                $only->part('U1')?->shape->height,
            ],
        );
        self::assertSame(['U1', 'U2'], $open->findings->openSockets);
    }

    public function test_options_not_chosen_are_left_out(): void
    {
        $files = KitMaker::files(
            ['BOX1,plain,,enclosure', 'BOX2,drilled,,enclosure'],
            [],
            ['options' => ['box' => ['default' => 'plain', 'plain' => ['BOX1'], 'drilled' => ['BOX2']]]],
        );

        self::assertSame(Provision::Alternative, (new KitReader())->read($files)->part('BOX2')?->supply);
        self::assertSame(
            Provision::Alternative,
            (new KitReader())->read($files, ['box' => 'drilled'])->part('BOX1')?->supply,
        );
        $this->expectException(UnusableKit::class);
        (new KitReader())->read($files, ['box' => 'gold']);
    }

    public function test_strays_and_unknown_names_are_kept_for_the_review(): void
    {
        $kit = KitMaker::kit(['R1,1k,,'], ['R1,1,1,0,top', 'R9,2,2,0,top'], ['groups' => ['before' => [['R1', 'Q7']]]]);

        self::assertSame([['R9'], ['Q7']], [$kit->findings->strayPlacements, $kit->findings->unknownNames]);
    }

    public function test_a_board_without_an_outline_gets_one_around_its_bodies(): void
    {
        $kit = (new KitReader())->read([
            'bom.csv' => "Ref,Value,Description\nK1,5 V,relay\n",
            'placements.csv' => "Ref,X,Y,Side\nK1,30,20,top\n",
        ]);

        self::assertFalse($kit->boards[0]->outlineGiven);
        self::assertSame([30.0 - 9.5 - 3.0, 20.0 - 7.7 - 3.0], array_slice($kit->boards[0]->outline->bounds(), 0, 2));
    }

    public function test_weighings_give_known_masses(): void
    {
        $files = KitMaker::files(['T1,12V,,transformer'], ['T1,10,10,0,top']) + [
            'masses.csv' => "part,pieces,grams\nT1,2,120\nT1,1,61\n",
        ];
        $part = (new KitReader())->read($files)->part('T1');

        self::assertSame(Kind::Transformer, $part?->kind());
        self::assertEqualsWithDelta(181 / 3, (float) $part?->shape->grams, 1e-9);
    }
}
