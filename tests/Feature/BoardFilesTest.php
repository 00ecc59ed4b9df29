<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

/** Layer files dropped on a draft, from where a part is reached, and the log of a pilot build. */
final class BoardFilesTest extends FeatureCase
{
    private const LAYER = '%TF.FileFunction,Component,L1,Top*%%FSLAX46Y46*%%MOMM*%%TA.AperFunction,ComponentMain*%%ADD10C,0.3*%%TD*%D10*%TO.C,R1*%%TO.CRot,90*%%TO.CHgt,2.9*%X10000000Y20000000D03*M02*';

    public function test_a_layer_dropped_on_a_draft_places_its_parts_and_undo_takes_it_back(): void
    {
        $draft = $this->kit();
        $maker = $this->person();
        $this->drop($draft, $maker, ['Main-Top.GBR' => self::LAYER])
            ->assertOk()
            ->assertJsonFragment(['main-top.gbr']);
        $this->getJson("/api/revisions/{$draft->id}/boards")
            ->assertOk()
            ->assertJsonPath('parts.R1.x', 10)
            ->assertJsonPath('parts.R1.rotation', 90)
            ->assertJsonPath('parts.R1.height', 2.9);
        $this->getJson("/api/revisions/{$draft->id}/documents/parts")->assertJsonPath(
            'lines.0.heightSource',
            'placement file',
        );

        $this->postJson(
            "/api/revisions/{$draft->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertOk();
        self::assertSame([], $this->getJson("/api/revisions/{$draft->id}/boards")->json('parts'));
    }

    public function test_a_layer_that_cannot_be_followed_is_told_with_its_line(): void
    {
        $draft = $this->kit();
        $this->drop($draft, $this->person(), ['top.gbr' => "%FSLAX46Y46*%\n%MOMM*%\nHELLO*\n"])->assertOk();
        $problems = (array) $this->getJson("/api/revisions/{$draft->id}/documents/parts")->json('problems');
        self::assertContains(
            ['layer.operation', 'top.gbr', 3],
            array_map(static fn(array $each): array => [$each['code'], $each['file'], $each['row']], $problems),
        );
    }

    public function test_files_of_a_board_are_told_by_what_they_are_and_the_maker_says_what_nothing_tells(): void
    {
        $draft = $this->kit();
        $maker = $this->person();
        $this->drop($draft, $maker, [
            'Holes.TXT' => "M48\nMETRIC\nT1C3.2\n%\nT1\nX3.0Y3.0\nM30\n",
            'Front.art' => "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX1000000Y0D01*\nM02*\n",
        ])
            ->assertOk()
            ->assertJsonFragment(['code' => 'layer.no-function', 'station' => 'board']);
        $fates = fn(): array => array_column(
            (array) $this->getJson("/api/revisions/{$draft->id}/documents/files")
                ->assertOk()
                ->json('files'),
            'how',
            'name',
        );
        self::assertSame(['front.art' => 'unknown', 'holes.txt' => 'content'], $fates());
        $said = static fn(mixed $role): array => [
            ['type' => 'file-role', 'target' => 'front.art', 'field' => '', 'value' => $role],
        ];
        $this->edit($maker, $draft, 1, $said('nonsense'))->assertStatus(422);
        $this->edit($maker, $draft, 1, $said('legend-top'))
            ->assertOk()
            ->assertJsonMissing(['code' => 'layer.no-function']);
        self::assertSame(['front.art' => 'maker', 'holes.txt' => 'content'], $fates());
        $this->postJson(
            "/api/revisions/{$draft->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"2"'],
        )->assertOk();
        self::assertSame('unknown', $fates()['front.art']);
        $this->actingAs($this->person(Role::Packer));
        $this->edit($this->person(Role::Packer), $draft, 3, $said('drill'))->assertForbidden();
    }

    public function test_what_the_maker_says_of_files_words_and_columns_is_used_for_the_next_kit(): void
    {
        $files = [
            'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\n",
            'placements.csv' =>
                "# another program\nTeil;Q;Links;Unten;Dreh;Wo\nR1;1;10;20;90;Kupferseite\nR2;2;12;30;0;Kupferseite\n",
            'front.art' => "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX1000000Y0D01*\nM02*\n",
        ];
        $maker = $this->person();
        $draft = $this->kit($files);
        $this->actingAs($maker);
        $read = fn(int $id): array => (array) $this->getJson("/api/revisions/{$id}/documents/files")
            ->assertOk()
            ->json();
        $first = $read($draft->id);
        $places = array_values(
            array_filter($first['files'], static fn(array $each): bool => $each['role'] === 'places'),
        )[0];
        self::assertSame(
            ['designator', 'x', 'y', '', 'rotation', ''],
            $places['table']['fields'],
            'x and y of two counts and lengths: the first that differ, which is wrong',
        );
        self::assertSame(['designator', 'x', 'y', 'rotation'], $places['table']['guessed']);
        self::assertSame(['R1', '1', '10', '20', '90', 'Kupferseite'], $places['table']['rows'][0]);
        self::assertStringContainsString('<svg', $first['files'][0]['picture']);

        $column = static fn(int $at, string $field): array => [
            'type' => 'column',
            'target' => (string) $at,
            'field' => 'placements.csv',
            'value' => $field,
        ];
        $this->edit($maker, $draft, 0, [
            $column(0, 'designator'),
            $column(1, '(left)'),
            $column(2, 'x'),
            $column(3, 'y'),
            $column(4, 'rotation'),
            $column(5, 'side'),
            ['type' => 'file-role', 'target' => 'front.art', 'field' => '', 'value' => 'legend-top'],
        ])->assertOk();
        self::assertSame([['word' => 'Kupferseite', 'count' => 2]], $read($draft->id)['sideWords']);
        $this->edit($maker, $draft, 1, [
            ['type' => 'side-word', 'target' => 'Kupferseite', 'field' => '', 'value' => 'bottom'],
        ])->assertOk();
        self::assertSame([], $read($draft->id)['sideWords']);

        $next = $read($this->kit($files)->id);
        self::assertSame([], $next['sideWords']);
        self::assertSame(
            [['front.art', 'legend-top', 'maker'], ['placements.csv', 'places', 'name']],
            array_map(static fn(array $each): array => [$each['name'], $each['role'], $each['how']], $next['files']),
        );
        self::assertSame('side', $next['files'][1]['table']['fields'][5]);

        foreach ([2, 3] as $seen) {
            $this->postJson(
                "/api/revisions/{$draft->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => (string) $seen],
            )->assertOk();
        }
        $after = $read($this->kit($files)->id);
        self::assertSame('unknown', $after['files'][0]['how'], 'what was taken back is not said of the next one');
        self::assertSame('', $after['files'][1]['table']['fields'][5]);
    }

    public function test_of_two_lists_dropped_at_once_on_a_kit_none_is_lost_without_a_word(): void
    {
        $draft = $this->kit();
        $list = "Ref,Value,Package\nR9,10k,Axial 1/4W\n";
        $this->drop($draft, $this->person(), ['one.csv' => $list, 'two.csv' => $list])
            ->assertStatus(422)
            ->assertSee('one.csv, two.csv')
            ->assertJsonPath('lists', ['one.csv', 'two.csv']);
        self::assertSame(0, $draft->refresh()->sequence);

        $more = "{$list}R10,47k,Axial 1/4W\n";
        $this->drop($draft, $this->person(), ['one.csv' => $list, 'two.csv' => $more], 'two.csv')->assertOk();
        self::assertCount(2, (array) $this->getJson("/api/revisions/{$draft->id}/documents/parts")->json('lines'));
    }

    public function test_of_two_sheets_dropped_on_a_kit_the_maker_says_which_is_its_list(): void
    {
        $book = new Spreadsheet();
        $book
            ->getActiveSheet()
            ->setTitle('old')
            ->fromArray([['Ref', 'Value', 'Package'], ['R1', '10k', 'Axial 1/4W']]);
        $book
            ->createSheet()
            ->setTitle('new')
            ->fromArray([['Ref', 'Value', 'Package'], ['R7', '47k', 'Axial 1/4W']]);
        $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        (new Xlsx($book))->save($path);
        $bytes = (string) file_get_contents($path);
        unlink($path);
        $draft = $this->kit();

        $this->drop($draft, $this->person(), ['lists.xlsx' => $bytes])
            ->assertStatus(422)
            ->assertJsonPath('lists', ['lists.xlsx: old', 'lists.xlsx: new']);
        $this->drop($draft, $this->person(), ['lists.xlsx' => $bytes], 'lists.xlsx: new')->assertOk();
        $lines = (array) $this->getJson("/api/revisions/{$draft->id}/documents/parts")->json('lines');
        self::assertSame([['R7']], array_column($lines, 'designators'));
    }

    public function test_all_places_are_moved_over_the_outline_and_back(): void
    {
        $draft = $this->kit([
            'kit.json' => '{"format": 1, "board": {"outline": [[0, 0], [60, 0], [60, 40], [0, 40]]}}',
            'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\n",
            'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,110,120,0,top\nR2,130,120,0,top\n",
        ]);
        $maker = $this->person();
        $this->actingAs($maker);
        $boards = fn(): array => (array) $this->getJson("/api/revisions/{$draft->id}/boards")
            ->assertOk()
            ->json();
        self::assertSame([-90, -100], $boards()['boards'][0]['suggestedMove']);
        $put = static fn(mixed $value): array => [
            ['type' => 'board', 'target' => 'main', 'field' => 'places', 'value' => $value],
        ];
        $this->edit($maker, $draft, 0, $put(['move' => ['far', 0]]))->assertStatus(422);
        $this->edit($maker, $draft, 0, $put(['move' => [-90, -100], 'turn' => 0]))
            ->assertOk()
            ->assertJsonMissing(['code' => 'board.places-off']);
        self::assertSame([20, 20], [$boards()['parts']['R1']['x'], $boards()['parts']['R1']['y']]);
        self::assertNull($boards()['boards'][0]['suggestedMove']);
        $this->edit($maker, $draft, 1, $put(null))
            ->assertOk()
            ->assertJsonFragment(['code' => 'board.places-off']);
    }

    public function test_the_directions_a_part_is_reached_from_are_drawn_for_a_step_and_for_the_whole(): void
    {
        $draft = $this->kit([
            'bom.csv' =>
                "Ref,Value,Package,Description\nSW1,set,6x6,tact switch\nK1,5 V,block 15x15x15.5,relay\nK2,5 V,block 15x15x15.5,relay\nK3,5 V,block 15x15x15.5,relay\n",
            'placements.csv' =>
                "Ref,X,Y,Rotation,Side\nSW1,40,30,0,top\nK1,53.5,30,0,top\nK2,26.5,30,0,top\nK3,40,43.5,0,top\n",
        ]);
        $this->actingAs($this->person(Role::Packer));
        $whole = $this->getJson("/api/revisions/{$draft->id}/approach/SW1")
            ->assertOk()
            ->assertJsonPath('board', 'main')
            ->assertJsonPath('fits', false);
        self::assertContains('Two fingers find no opposite gaps of 40 degrees.', (array) $whole->json('notes'));
        self::assertStringContainsString('class="free tight"', (string) $whole->json('top'));
        $this->getJson("/api/revisions/{$draft->id}/approach/SW1?step=1")
            ->assertOk()
            ->assertJsonPath('fits', true)
            ->assertJsonPath('top', '');
        $this->getJson("/api/revisions/{$draft->id}/approach/NONE")
            ->assertOk()
            ->assertJsonPath('board', null)
            ->assertJsonPath('notes', []);
    }

    public function test_a_pilot_build_is_logged_corrected_and_taken_back(): void
    {
        $draft = $this->kit();
        $maker = $this->person();
        $usual = (float) $this->actingAs($maker)
            ->getJson("/api/revisions/{$draft->id}/documents/order")
            ->json('minutes');
        $row = static fn(string $step, string $minutes, string $snag = ''): array => [
            'build' => '1',
            'step' => $step,
            'minutes' => $minutes,
            'snag' => $snag,
            'settled' => '',
            'photo' => '',
        ];
        $log = static fn(mixed $value, string $target = ''): array => [
            ['type' => 'pilot', 'target' => $target, 'field' => '', 'value' => $value],
        ];

        $this->edit($maker, $draft, 0, $log($row('solder:R1,R2', '20')))->assertOk();
        $this->edit($maker, $draft, 1, $log($row('snag solder:C1', '', "its can, \"tall\", touches R1")))
            ->assertOk()
            ->assertJsonFragment(['code' => 'order.snag']);
        self::assertGreaterThan(
            $usual,
            (float) $this->getJson("/api/revisions/{$draft->id}/documents/order")->json('minutes'),
        );
        self::assertSame(
            [['1', 'solder:R1,R2', '20'], ['1', 'snag solder:C1', '']],
            array_map(
                static fn(array $each): array => [$each['build'], $each['step'], $each['minutes']],
                (array) $this->getJson("/api/revisions/{$draft->id}/pilot")->json('rows'),
            ),
        );

        $this->edit($maker, $draft, 2, $log(['settled' => 'yes'] + $row('snag solder:C1', '', 'its can'), '2'))
            ->assertOk()
            ->assertJsonMissing(['code' => 'order.snag']);
        $this->edit($maker, $draft, 3, $log(null, '1'))->assertOk();
        $this->getJson("/api/revisions/{$draft->id}/pilot")->assertJsonCount(1, 'rows');
        foreach ([4, 5, 6, 7] as $seen) {
            $this->postJson(
                "/api/revisions/{$draft->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => "\"{$seen}\""],
            )->assertOk();
        }
        $this->getJson("/api/revisions/{$draft->id}/pilot")->assertJsonCount(0, 'rows');
        self::assertEqualsWithDelta(
            $usual,
            (float) $this->getJson("/api/revisions/{$draft->id}/documents/order")->json('minutes'),
            1e-9,
        );
    }

    public function test_a_row_that_is_none_is_refused_and_a_photograph_is_shown_only_where_it_is_named(): void
    {
        $draft = $this->kit();
        $maker = $this->person();
        foreach (
            [
                ['step' => ''],
                ['step' => 'solder:R1', 'minutes' => 'long'],
                ['step' => 'solder:R1', 'photo' => '../secret'],
                'words',
            ] as $value
        ) {
            $this->edit($maker, $draft, 0, [
                ['type' => 'pilot', 'target' => '', 'field' => '', 'value' => $value],
            ])->assertStatus(422);
        }
        $this->edit($maker, $draft, 0, [['type' => 'pilot', 'target' => '7', 'field' => '', 'value' => null]])
            ->assertStatus(422)
            ->assertJsonPath('message', 'pilot.csv has no row 7 any more; it has none. Reload the page.');

        $photo = (string) $this->actingAs($maker)
            ->post(
                "/api/revisions/{$draft->id}/pilot/photos",
                ['photo' => UploadedFile::fake()->image('snag.jpg', 30, 20)],
                ['Accept' => 'application/json'],
            )
            ->assertCreated()
            ->json('photo');
        $this->getJson("/api/revisions/{$draft->id}/pilot/photos/{$photo}")->assertNotFound();
        $this->edit($maker, $draft, 0, [
            [
                'type' => 'pilot',
                'target' => '',
                'field' => '',
                'value' => ['build' => '1', 'step' => 'snag solder:R1', 'snag' => 'askew', 'photo' => $photo],
            ],
        ])->assertOk();
        $this->get("/api/revisions/{$draft->id}/pilot/photos/{$photo}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->post(
            "/api/revisions/{$draft->id}/pilot/photos",
            ['photo' => UploadedFile::fake()->createWithContent('a.txt', 'no picture')],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
        $this->actingAs($this->person(Role::Packer))
            ->post(
                "/api/revisions/{$draft->id}/pilot/photos",
                ['photo' => UploadedFile::fake()->image('a.jpg', 3, 3)],
                ['Accept' => 'application/json'],
            )
            ->assertForbidden();
    }

    /** @param array<string, string> $files */
    private function drop(Revision $draft, User $user, array $files, ?string $list = null): TestResponse
    {
        $uploads = array_map(
            static fn(string $name, string $bytes): UploadedFile => UploadedFile::fake()->createWithContent(
                $name,
                $bytes,
            ),
            array_keys($files),
            $files,
        );

        return $this->actingAs($user)->post(
            "/api/revisions/{$draft->id}/files",
            ['operationId' => (string) Str::uuid(), 'sequence' => '0', 'files' => $uploads] +
                ($list === null ? [] : ['list' => $list]),
            ['Accept' => 'application/json'],
        );
    }
}
