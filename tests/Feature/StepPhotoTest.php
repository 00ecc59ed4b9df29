<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\User;
use App\Policies\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Photographs at a step: squared by four taps, kept with the kit, asked about where they do not fit. */
final class StepPhotoTest extends FeatureCase
{
    private const FILES = [
        'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nC1,100u,6.3x11\n",
        'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,20,20,0,top\nC1,40,20,0,top\n",
        'kit.json' => '{"board": {"outline": [[0, 0], [60, 0], [60, 40], [0, 40]]}}',
    ];
    /** The board in the picture: a green trapezium on grey, its upper left corner red within. */
    private const CORNERS = '0.2 0.2;0.8 0.2;0.9 0.8;0.1 0.8';

    public function test_a_photograph_is_squared_and_its_places_are_ringed_at_its_step(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit(self::FILES)];
        $this->place($maker, $revision, self::CORNERS)->assertOk()->assertJsonPath('sequence', 1);

        $steps = (array) $this->getJson("/api/revisions/{$revision->id}/documents/manual")->json('steps');
        $photos = array_values(array_filter(array_map(static fn(array $step): array => $step['photos'], $steps)));
        self::assertCount(1, $photos);
        self::assertStringContainsString('>R1</text>', $photos[0][0]['picture']);
        preg_match('~base64,([^"]+)~', $photos[0][0]['picture'], $found);
        $picture = imagecreatefromstring((string) base64_decode($found[1] ?? ''));
        self::assertNotFalse($picture);
        self::assertSame([900, 600], [imagesx($picture), imagesy($picture)]);
        // Green to the edges, and the red corner where it was tapped first.
        foreach ([[880, 300], [450, 590], [20, 580], [880, 20]] as [$x, $y]) {
            self::assertGreaterThan(120, (imagecolorat($picture, $x, $y) >> 8) & 255, "{$x} {$y}");
        }
        self::assertGreaterThan(150, imagecolorat($picture, 20, 20) >> 16, 'red');

        $file = $revision->refresh()->files;
        self::assertNotSame([], preg_grep('~^photo-[0-9a-f]{12}\.jpg$~', array_keys($file)));
        $this->postJson(
            "/api/revisions/{$revision->id}/undo",
            ['operationId' => (string) Str::uuid()],
            ['If-Match' => '"1"'],
        )->assertOk();
        self::assertSame([], preg_grep('~^photo-~', array_keys($revision->refresh()->files)));
    }

    public function test_taps_that_are_no_board_are_refused_and_another_shape_is_asked_about(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit(self::FILES)];
        $this->place($maker, $revision, '0.2 0.2;0.9 0.8;0.8 0.2;0.1 0.8')
            ->assertStatus(422)
            ->assertJsonPath('asks', false);
        $tall = '0.3 0.1;0.5 0.1;0.5 0.9;0.3 0.9';
        $this->place($maker, $revision, $tall)->assertStatus(422)->assertJsonPath('asks', true);
        $this->place($maker, $revision, '0.2 0.2;0.8')->assertStatus(422);
        self::assertSame(0, $revision->refresh()->sequence);
        $this->place($maker, $revision, $tall, ['sure' => '1'])->assertOk();
    }

    public function test_a_board_of_another_size_asks_whether_it_is_still_this_one(): void
    {
        [$maker, $revision] = [$this->person(), $this->kit(self::FILES)];
        $this->place($maker, $revision, self::CORNERS)->assertOk();
        $this->edit($maker, $revision, 1, [
            [
                'type' => 'board',
                'target' => 'main',
                'field' => 'outline',
                'value' => [[0, 0], [70, 0], [70, 40], [0, 40]],
            ],
        ])->assertOk();

        $matters = (array) $this->getJson("/api/revisions/{$revision->id}")->json('matters');
        self::assertContains('manual.photo-outline', array_column($matters, 'code'));
    }

    public function test_a_kit_takes_twelve(): void
    {
        $photo = ['file' => 'photo-1.jpg', 'at' => ['R1'], 'board' => 'main', 'side' => 'top', 'outline' => [60, 40]];
        $kit = json_decode(self::FILES['kit.json'], true);
        $with = fn(int $count): Revision => $this->kit(
            [
                'kit.json' => (string) json_encode(['photos' => array_fill(0, $count, $photo)] + (array) $kit),
            ] + self::FILES,
        );
        $maker = $this->person();

        $this->place($maker, $with(11), self::CORNERS)->assertOk();
        $this->place($maker, $with(12), self::CORNERS)
            ->assertStatus(422)
            ->assertJsonPath('message', 'This kit has 12 photographs already; take one out before another comes in.');
    }

    public function test_only_makers_place_them_and_what_is_no_picture_is_refused(): void
    {
        $revision = $this->kit(self::FILES);
        $this->place($this->person(Role::Packer, 'Packer'), $revision, self::CORNERS)->assertForbidden();
        $this->actingAs($this->person(Role::Maker, 'Other'))
            ->post(
                "/api/revisions/{$revision->id}/step-photos",
                $this->fields(self::CORNERS) + ['photo' => UploadedFile::fake()->createWithContent('a.jpg', 'words')],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(422);
    }

    /** @param array<string, string> $more */
    private function place(User $by, Revision $revision, string $corners, array $more = []): TestResponse
    {
        return $this->actingAs($by)->post(
            "/api/revisions/{$revision->id}/step-photos",
            $more +
                $this->fields($corners) + [
                    'photo' => UploadedFile::fake()->createWithContent('a.jpg', self::picture()),
                ],
            ['Accept' => 'application/json'],
        );
    }

    /** @return array<string, string> */
    private function fields(string $corners): array
    {
        return [
            'operationId' => (string) Str::uuid(),
            'sequence' => '0',
            'corners' => $corners,
            'at' => 'R1',
            'board' => 'main',
            'side' => 'top',
        ];
    }

    private static function picture(): string
    {
        $image = imagecreatetruecolor(600, 400);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 90, 90, 90));
        imagefilledpolygon(
            $image,
            [120, 80, 480, 80, 540, 320, 60, 320],
            (int) imagecolorallocate($image, 20, 160, 40),
        );
        imagefilledrectangle($image, 122, 82, 160, 110, (int) imagecolorallocate($image, 220, 20, 20));
        ob_start();
        imagejpeg($image, null, 90);

        return (string) ob_get_clean();
    }
}
