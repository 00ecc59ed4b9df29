<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\User;
use App\Policies\Role;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * What a shop drops or sends, damaged: a table of lots, a table of orders, a lot typed by hand, an article.
 *
 * An input is where it goes, a line feed, and its bytes: CSV for a table, JSON for the rest.
 */
final readonly class ShopSubject implements Subject
{
    public function __construct(private Application $app) {}

    public function samples(): array
    {
        $operation = '7b3f2f2e-6b0f-4d63-9e0e-0d8f8ff1a211';

        return [
            "/api/lots/file\npart,lot,quantity,unit_cost,received,supplier\nR1,26-101,200,0.012,2026-11-03,Reed and Pin\n\"10k 5%\",26-102,5.5,,,\n",
            "/api/orders/file\nnumber,date,customer,email,address,kit,quantity,price,currency,options,pack,dealing\nZ-1,2026-11-20,Elin Skarp,elin@saltmarsh.example,Dyke 1,Frost Bell,2,18.50,EUR,,10,pupil\n",
            "/api/lots\n" .
            (string) json_encode([
                'operationId' => $operation,
                'fingerprint' => 'r|10k|axial 1/4w|',
                'lot' => '26-1',
                'quantity' => '200',
                'unitCost' => '0.01',
                'receivedOn' => '2026-11-03',
                'supplier' => 'Reed and Pin',
            ]),
            "/api/articles\n" .
            (string) json_encode([
                'operationId' => $operation,
                'form' => 'spare',
                'name' => 'Spare',
                'kitId' => 1,
                'price' => '0.60',
                'parts' => [['fingerprint' => 'r|10k', 'title' => '10k', 'unit' => 'piece', 'quantity' => '1']],
            ]),
        ];
    }

    public function take(string $input): void
    {
        [$path, $bytes] = explode("\n", $input, 2) + ['', ''];
        if (!in_array($path, ['/api/lots/file', '/api/orders/file', '/api/lots', '/api/articles'], true)) {
            return;
        }
        $accept = ['HTTP_ACCEPT' => 'application/json'];
        $request = str_ends_with($path, '/file')
            ? Request::create($path, 'POST', files: ['files' => [$this->upload($bytes)]], server: $accept)
            : Request::create($path, 'POST', server: $accept + ['CONTENT_TYPE' => 'application/json'], content: $bytes);
        DB::beginTransaction();
        try {
            Auth::guard()->setUser(User::query()->where('role', Role::Maker)->firstOrFail());
            $answer = $this->app->make(Kernel::class)->handle($request);
        } finally {
            DB::rollBack();
        }
        if ($answer->getStatusCode() >= 500 || in_array($answer->getStatusCode(), [401, 403, 419], true)) {
            throw new RuntimeException(
                "answered {$answer->getStatusCode()}: " . substr((string) $answer->getContent(), 0, 300),
            );
        }
    }

    private function upload(string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'table');
        file_put_contents($path, $bytes);
        register_shutdown_function(static fn(): bool => @unlink($path));

        return new UploadedFile($path, 'table.csv', 'text/csv', null, true);
    }
}
