<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Policies\Role;
use ChiralexAdapters\KitFiles;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files to take away, the settings and the words they are written by, and the page for machines. */
final class TakeAwayTest extends TradeCase
{
    private const FILES = [
        'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nD1,1N4148,DO-35\nBOX1,case,,enclosure\n",
        'kit.json' =>
            '{"format": 1, "name": "Test kit", "drilling": [{"by": "BOX1", "face": "lid", "size": [100, 60], "holes": [{"for": "cable", "at": [10, 5], "diameter": 6}]}]}',
    ];

    /** @return iterable<string, array{string, string, string}> what, media type, a piece of it */
    public static function files(): iterable
    {
        yield 'one HTML file' => ['manual.html', 'text/html; charset=UTF-8', '<h1>Test kit</h1>'];
        yield 'Markdown' => ['manual.md', 'text/markdown; charset=UTF-8', '# Test kit, revision A'];
        yield 'plain text' => ['manual.txt', 'text/plain; charset=UTF-8', 'TEST KIT, REVISION A'];
        yield 'a template' => ['drilling.svg', 'image/svg+xml', 'data-ref="cable"'];
    }

    #[DataProvider('files')]
    public function test_a_file_is_a_download_and_never_shown_here(string $what, string $type, string $piece): void
    {
        $answer = $this->actingAs($this->person())
            ->get("/api/revisions/{$this->kit(self::FILES)->id}/take/{$what}")
            ->assertOk();
        self::assertStringStartsWith('attachment;', (string) $answer->headers->get('Content-Disposition'));
        self::assertSame(strtolower($type), strtolower((string) $answer->headers->get('Content-Type')));
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
        self::assertStringContainsString($piece, (string) $answer->getContent());
    }

    public function test_the_folder_comes_back_as_the_kit_it_was_with_its_description(): void
    {
        $revision = $this->kit(self::FILES);
        $bytes = (string) $this->actingAs($this->person())
            ->get("/api/revisions/{$revision->id}/take/folder.zip")
            ->assertOk()
            ->getContent();
        $files = (new KitFiles())->fromBytes('kit.zip', $bytes);
        self::assertSame(self::FILES['bom.csv'], $files['bom.csv']);
        self::assertStringContainsString('datapackage.json', $bytes);
    }

    public function test_what_a_kit_has_not_is_said_with_what_to_do(): void
    {
        $revision = $this->kit();
        $this->actingAs($this->person())
            ->getJson("/api/revisions/{$revision->id}/take/drilling.svg")
            ->assertNotFound()
            ->assertJsonPath(
                'message',
                'Nothing of this kit is drilled: say holes under Facts, Drilling, or name a panel under Facts, Order.',
            );
        $this->actingAs($this->person())
            ->getJson("/api/revisions/{$revision->id}/take/manual.exe")
            ->assertNotFound();
    }

    public function test_who_may_not_see_kits_takes_nothing(): void
    {
        $revision = $this->kit();
        $this->getJson("/api/revisions/{$revision->id}/take/folder.zip")->assertUnauthorized();
    }

    public function test_an_answer_about_safety_is_saved_prints_its_caution_and_can_be_undone(): void
    {
        $user = $this->person();
        $revision = $this->kit();
        $answer = fn(): array => array_column(
            (array) $this->actingAs($user)
                ->getJson("/api/revisions/{$revision->id}/documents/safety")
                ->assertOk()
                ->json('questions'),
            null,
            'hazard',
        )['laser'];
        self::assertSame(['', false], [$answer()['answer'], $answer()['applies']]);
        $this->edit($user, $revision, 0, [
            ['type' => 'hazard', 'target' => 'laser', 'field' => '', 'value' => true],
        ])->assertOk();
        self::assertSame(['yes', true], [$answer()['answer'], $answer()['applies']]);
        $this->edit($user, $revision, 1, [
            ['type' => 'hazard', 'target' => 'laser', 'field' => '', 'value' => 'a picture of one'],
        ])->assertOk();
        self::assertSame(
            ['no', false, 'a picture of one'],
            [$answer()['answer'], $answer()['applies'], $answer()['why']],
        );
        $this->actingAs($user)
            ->postJson(
                "/api/revisions/{$revision->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '2'],
            )
            ->assertOk();
        self::assertSame('yes', $answer()['answer']);
        $this->edit($user, $revision, 3, [
            ['type' => 'hazard', 'target' => 'laser', 'field' => '', 'value' => false],
        ])->assertOk();
        self::assertSame(['no', ''], [$answer()['answer'], $answer()['why']]);
        $this->edit($user, $revision, 4, [
            ['type' => 'hazard', 'target' => 'laser', 'field' => '', 'value' => null],
        ])->assertOk();
        self::assertSame('', $answer()['answer']);
        $this->edit($user, $revision, 5, [
            ['type' => 'hazard', 'target' => 'dragons', 'field' => '', 'value' => true],
        ])->assertStatus(422);
    }

    public function test_settings_and_own_words_are_in_the_manual_at_once(): void
    {
        $user = $this->person();
        $revision = $this->kit();
        $this->edit($user, $revision, 0, [
            ['type' => 'setting', 'target' => '', 'field' => 'language', 'value' => 'de'],
            ['type' => 'setting', 'target' => '', 'field' => 'units', 'value' => 'both'],
            ['type' => 'words', 'target' => 'text.intro', 'field' => '', 'value' => '**Ours** <script>x</script>'],
        ])->assertOk();
        $manual = $this->actingAs($user)
            ->getJson("/api/revisions/{$revision->id}/documents/manual")
            ->assertOk();
        $manual->assertJsonPath('language', 'de')->assertJsonPath('texts.0.html', '<p><strong>Ours</strong> x</p>');
        self::assertStringContainsString(
            "0,8\u{2009}mm (0,031\u{2009}in)",
            implode(' ', (array) $manual->json('tools')),
        );
    }

    public function test_a_block_is_added_changed_and_taken_back_and_leaves_the_file_clean(): void
    {
        $user = $this->person();
        $revision = $this->kit();
        $blocks = fn(): array => array_column(
            (array) $this->actingAs($user)
                ->getJson("/api/revisions/{$revision->id}/documents/manual")
                ->assertOk()
                ->json('blocks'),
            'designators',
            'name',
        );
        $this->edit($user, $revision, 0, [
            ['type' => 'block', 'target' => 'input', 'field' => '', 'value' => 'R1-R2; R2 '],
        ])->assertOk();
        self::assertSame(['input' => ['R1', 'R2']], $blocks());
        $this->edit($user, $revision, 1, [
            ['type' => 'block', 'target' => 'input', 'field' => '', 'value' => null],
        ])->assertOk();
        self::assertSame([], $blocks());
        $this->actingAs($user)
            ->postJson(
                "/api/revisions/{$revision->id}/undo",
                ['operationId' => (string) Str::uuid()],
                ['If-Match' => '2'],
            )
            ->assertOk();
        self::assertSame(['input' => ['R1', 'R2']], $blocks());
        $this->edit($user, $revision, 3, [
            ['type' => 'block', 'target' => '', 'field' => '', 'value' => ['R1']],
        ])->assertStatus(422);
        $this->edit($user, $revision, 3, [
            ['type' => 'block', 'target' => 'input', 'field' => '', 'value' => 'R1, 7 up'],
        ])
            ->assertStatus(422)
            ->assertJsonPath('message', '"7" is no designator; write designators and ranges, like R1, R3-R5, C2.');
    }

    public function test_the_public_page_tells_machines_its_steps_and_its_questions(): void
    {
        $release = $this->released();
        $html = (string) $this->get('/b/' . $this->token($release))
            ->assertOk()
            ->getContent();
        self::assertSame(
            1,
            preg_match('~<script type="application/ld\+json" nonce="\w+">(.*?)</script>~s', $html, $found),
        );
        /** @var array{'@context': string, '@graph': list<array<string, mixed>>} $data */
        $data = json_decode($found[1] ?? '', true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('https://schema.org', $data['@context']);
        $how = $data['@graph'][0];
        self::assertSame('HowTo', $how['@type']);
        self::assertMatchesRegularExpression('~^PT\d+M$~', is_string($how['totalTime']) ? $how['totalTime'] : '');
        /** @var list<array<string, mixed>> $steps */
        $steps = $how['step'];
        self::assertNotSame([], $steps);
        foreach ($steps as $index => $step) {
            self::assertSame(['HowToStep', $index + 1], [$step['@type'], $step['position']]);
            self::assertNotSame('', $step['text']);
        }
    }

    public function test_support_may_take_a_manual(): void
    {
        $this->actingAs($this->person(Role::Support))
            ->get("/api/revisions/{$this->kit()->id}/take/manual.txt")
            ->assertOk();
    }
}
