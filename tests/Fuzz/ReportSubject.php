<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * What a builder's page sends, damaged: the body of a report or of its ticks, the bytes of its photo, what is asked for in an address.
 *
 * An input is what it is (`report`, `ticks`, `photo`, `address`), a line feed, and its bytes.
 */
final readonly class ReportSubject implements Subject
{
    public function __construct(private Application $app, private string $token) {}

    public function samples(): array
    {
        $operation = '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a111';

        return [
            "report\n" .
            json_encode(
                [
                    'operationId' => $operation,
                    'text' => 'The lamp stays dark.',
                    'serial' => 'FB-C-0001',
                    'step' => 'solder:R1',
                    'stepNumber' => 12,
                    'name' => 'Gwen Tressel',
                    'email' => 'gwen@saltmarsh.example',
                    'lang' => 'de',
                ],
                JSON_THROW_ON_ERROR,
            ),
            "report\n" .
            http_build_query(['operationId' => $operation, 'text' => 'Dead.', 'serial' => '', 'stepNumber' => '3']),
            "ticks\n" .
            json_encode(
                [
                    'ticks' => [
                        ['operationId' => $operation, 'step' => 'solder:R1', 'done' => true],
                        [
                            'operationId' => '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a112',
                            'step' => 'solder:R2',
                            'done' => false,
                        ],
                    ],
                ],
                JSON_THROW_ON_ERROR,
            ),
            "photo\n" . $this->photo(),
            "address\nlang=de&step=3&options[]=1&page=2",
        ];
    }

    public function take(string $input): void
    {
        [$what, $bytes] = explode("\n", $input, 2) + ['', ''];
        $path =
            "/api/public/{$this->token}" .
            (['report' => '/reports', 'ticks' => '/ticks', 'photo' => '/reports'][$what] ?? '');
        $kind = str_starts_with($bytes, 'operationId=') ? 'application/x-www-form-urlencoded' : 'application/json';
        $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $kind];
        @parse_str($kind === 'application/json' && $what !== 'address' ? '' : $bytes, $fields);
        Cache::flush();
        $request = match ($what) {
            'report', 'ticks' => Request::create($path, 'POST', $fields, server: $server, content: $bytes),
            'photo' => Request::create(
                $path,
                'POST',
                ['operationId' => '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a113', 'text' => 'See the photo.'],
                files: ['photo' => $this->upload($bytes)],
                server: ['HTTP_ACCEPT' => 'application/json'],
            ),
            default => Request::create($path, 'GET', $fields, server: ['HTTP_ACCEPT' => 'application/json']),
        };
        DB::beginTransaction();
        try {
            $answer = $this->app->make(Kernel::class)->handle($request);
        } finally {
            DB::rollBack();
        }
        if ($answer->getStatusCode() >= 500) {
            throw new RuntimeException(
                "answered {$answer->getStatusCode()}: " . substr((string) $answer->getContent(), 0, 300),
            );
        }
    }

    private function upload(string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($path, $bytes);
        register_shutdown_function(static fn(): bool => @unlink($path));

        return new UploadedFile($path, 'photo.jpg', 'image/jpeg', null, true);
    }

    private function photo(): string
    {
        $picture = imagecreatetruecolor(60, 40);
        ob_start();
        imagejpeg($picture);

        return (string) ob_get_clean();
    }
}
