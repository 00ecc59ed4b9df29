<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LibraryPart;
use App\Models\Revision;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What is said of a part or a column once is there in the next kit. */
final class LibraryTest extends FeatureCase
{
    private const CAN = [
        'bom.csv' => "Ref,Value,Package,Description\nC1,100u 16V,6.3x11,electrolytic\nJ2,2 way,5.08,\n",
    ];
    private const CAN_KEY = 'c|100u 16v|6.3x11|electrolytic';

    public function test_what_is_said_in_one_kit_is_known_in_the_next(): void
    {
        $maker = $this->person();
        $first = $this->kit(self::CAN);
        $this->edit($maker, $first, 0, [
            ['type' => 'line', 'target' => 'J2', 'field' => 'kind', 'value' => 'terminal-block'],
            ['type' => 'line', 'target' => 'C1', 'field' => 'height', 'value' => '0.45 in'],
        ])->assertOk();

        $second = $this->kit(self::CAN);
        $lines = (array) $this->getJson("/api/revisions/{$second->id}/documents/parts")
            ->assertOk()
            ->json('lines');
        self::assertSame(
            [11.43, 'typed in', 'terminal-block', false],
            [$lines[0]['height'], $lines[0]['heightSource'], $lines[1]['kind'], $lines[1]['question']],
        );
        self::assertSame(
            'said in ' . $first->kit->name . ' A',
            LibraryPart::query()->where('fingerprint', self::CAN_KEY)->firstOrFail()->origins['height'],
        );
    }

    public function test_a_height_that_is_none_is_refused_with_the_character(): void
    {
        $this->edit($this->person(), $this->kit(self::CAN), 0, [
            ['type' => 'line', 'target' => 'C1', 'field' => 'height', 'value' => '12 furlong'],
        ])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                '"12 furlong" is not a length: character 4, "f", does not fit; write it like 12.3, 12.3mm, 0.5in, 1/8 in or 500mil.',
            );
    }

    public function test_a_part_is_written_once_and_the_second_writer_is_told(): void
    {
        $maker = $this->person();
        $this->kit(self::CAN);
        $answer = $this->written(
            [
                'number' => 'SB-1',
                'height' => '11.5',
                'mass' => '0.62',
                'note' => 'beside the 22 u',
                'origins' => ['height' => 'measured'],
            ],
            0,
        )->assertOk();
        $part = (array) $answer->json();
        self::assertEquals(
            ['SB-1', ['height' => 11.5, 'mass' => 0.62], ['height' => 'measured'], 1, 'electrolytic'],
            [$part['number'], $part['facts'], $part['origins'], $part['version'], $part['kindName']],
        );
        self::assertCount(1, $part['usedIn']);

        $this->written(['note' => 'mine'], 0)
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                'Somebody else wrote this part since you opened it (it is "100u 16V, 6.3x11, electrolytic" now). Your words are kept: look at both, then save again.',
            );
        $this->actingAs($maker)
            ->postJson('/api/library', [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => 'other',
                'title' => 'another',
                'version' => 0,
                'number' => 'SB-1',
            ])
            ->assertStatus(409);
        $this->written(['height' => 'tall'], 1)->assertStatus(422);
        $this->written(['mark' => 'stripe', 'terminal' => 'negative'], 1)->assertOk();
        self::assertSame(
            ['polarity' => ['mark' => 'stripe', 'terminal' => 'negative']],
            LibraryPart::query()->where('fingerprint', self::CAN_KEY)->firstOrFail()->facts,
        );
    }

    public function test_drafts_take_what_they_do_not_say_themselves_and_give_it_back(): void
    {
        $maker = $this->person();
        $silent = $this->kit(self::CAN);
        $spoken = $this->kit(
            ['kit.json' => '{"format": 1, "name": "Spoken", "lines": {"C1": {"height": 12.5}}}'] + self::CAN,
        );
        $this->written(['height' => '11.5'], 0)->assertOk();

        $taken = (array) $this->actingAs($maker)
            ->postJson('/api/library/give', ['operationId' => (string) Str::uuid()])
            ->assertOk()
            ->json('taken');
        self::assertContains("{$silent->kit->name} A", $taken);
        self::assertNotContains('Spoken A', $taken);
        self::assertSame([11.5, 12.5], [$this->height($silent), $this->height($spoken)]);
        $this->postJson(
            "/api/revisions/{$silent->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertOk();
        self::assertEqualsWithDelta(11.0, $this->height($silent), 1e-9);
    }

    public function test_a_photo_is_kept_without_anything_but_its_picture_and_no_other_file_is(): void
    {
        $this->kit(self::CAN);
        $png = UploadedFile::fake()->image('can.png', 40, 30);
        $answer = $this->actingAs($this->person())
            ->post(
                '/api/library',
                [
                    'operationId' => (string) Str::uuid(),
                    'fingerprint' => self::CAN_KEY,
                    'title' => 'can',
                    'version' => '0',
                    'photo' => $png,
                ],
                ['Accept' => 'application/json'],
            )
            ->assertOk();
        $part = (array) $answer->json();
        self::assertTrue($part['photo']);
        $this->get("/api/library/{$part['id']}/photo")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->post(
            '/api/library',
            [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => self::CAN_KEY,
                'title' => 'can',
                'version' => '1',
                'photo' => UploadedFile::fake()->createWithContent('can.svg', '<svg/>'),
            ],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
    }

    public function test_a_part_is_found_by_anything_that_is_written_of_it(): void
    {
        $this->kit(['kit.json' => '{"format": 1, "name": "Searched kit"}'] + self::CAN);
        $this->written(['number' => 'SB-77', 'note' => 'beside the 22 u'], 0)->assertOk();
        foreach (['sb-77', 'SEARCHED', 'C1', '22 u', '6.3X11'] as $text) {
            self::assertContains(
                self::CAN_KEY,
                array_column(
                    (array) $this->getJson('/api/library?rows=100&search=' . urlencode($text))
                        ->assertOk()
                        ->json('parts'),
                    'fingerprint',
                ),
                $text,
            );
        }
        self::assertSame(0, $this->getJson('/api/library?search=relay-of-the-moon')->json('total'));
    }

    public function test_a_packer_reads_the_library_and_does_not_write_it(): void
    {
        $packer = $this->person(Role::Packer);
        $this->actingAs($packer)->getJson('/api/library')->assertOk();
        $this->postJson('/api/library', [
            'operationId' => (string) Str::uuid(),
            'fingerprint' => 'x',
            'title' => 'x',
            'version' => 0,
        ])->assertForbidden();
        $this->postJson('/api/library/give', ['operationId' => (string) Str::uuid()])->assertForbidden();
    }

    public function test_what_a_column_holds_is_known_for_the_next_file_with_the_same_headers(): void
    {
        $maker = $this->person();
        $odd = "Platz,Wasistdas,Zusatz\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\n";
        $files = fn(): array => [UploadedFile::fake()->createWithContent('odd.csv', $odd)];
        $import = fn(array $more = []): TestResponse => $this->actingAs($maker)
            ->post('/api/imports', ['operationId' => (string) Str::uuid(), 'files' => $files()] + $more, [
                'Accept' => 'application/json',
            ])
            ->assertStatus(202);
        $import()->assertJsonPath('status', 'failed');
        $first = (int) $import(['designatorColumn' => '0'])
            ->assertJsonPath('status', 'done')
            ->json('revisionId');
        $this->edit($maker, Revision::query()->findOrFail($first), 0, [
            ['type' => 'column', 'target' => '1', 'field' => '', 'value' => 'value'],
        ])->assertOk();
        $this->edit($maker, Revision::query()->findOrFail($first), 1, [
            ['type' => 'column', 'target' => '2', 'field' => '', 'value' => 'package'],
        ])->assertOk();

        $second = (int) $import()->assertJsonPath('status', 'done')->json('revisionId');
        $lines = (array) $this->getJson("/api/revisions/{$second}/documents/parts")
            ->assertOk()
            ->json('lines');
        self::assertSame(
            [['R1'], '10000', 'axial-1/4W'],
            [$lines[0]['designators'], $lines[0]['value'], $lines[0]['outline']],
        );

        $draft = $this->kit();
        $this->post(
            "/api/revisions/{$draft->id}/files",
            ['operationId' => (string) Str::uuid(), 'sequence' => '0', 'files' => $files()],
            ['Accept' => 'application/json'],
        )->assertOk();
        self::assertSame('47000', $this->getJson("/api/revisions/{$draft->id}/documents/parts")->json('lines.1.value'));
    }

    /** @param array<string, mixed> $fields */
    private function written(array $fields, int $version): TestResponse
    {
        return $this->actingAs($this->person())->postJson(
            '/api/library',
            $fields + [
                'operationId' => (string) Str::uuid(),
                'fingerprint' => self::CAN_KEY,
                'title' => '100u 16V, 6.3x11, electrolytic',
                'version' => $version,
            ],
        );
    }

    private function height(Revision $revision): mixed
    {
        return $this->getJson("/api/revisions/{$revision->id}/documents/parts")
            ->assertOk()
            ->json('lines.0.height');
    }
}
