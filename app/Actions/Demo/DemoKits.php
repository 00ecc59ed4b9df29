<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Kit\ImportKit;
use App\Devices\Mail\SimulatedMailbox;
use App\Models\Kit;
use App\Models\Shop;
use Chiralex\Kit\KitReader;

/** The demo kits, imported from the kit folders that ship, and what happened to them so far. */
final readonly class DemoKits
{
    public function __construct(
        private ImportKit $import,
        private DemoHistory $history,
        private DemoLibrary $library,
        private DemoStock $stock,
        private DemoArticles $articles,
        private DemoOffers $offers,
        private SimulatedMailbox $mailbox,
    ) {}

    public function load(?int $userId): void
    {
        // A shop that says who it is already is not the demo's.
        Shop::query()
            ->where('name', '')
            ->update([
                'name' => 'Saltmarsh Bench',
                'address' => "Dyke Lane 3\n4321 Saltmarsh",
                'email' => 'hello@saltmarsh.example',
            ]);
        foreach (glob(database_path('demo/*'), GLOB_ONLYDIR) ?: [] as $folder) {
            $files = [];
            foreach (array_filter(glob("{$folder}/*") ?: [], is_file(...)) as $path) {
                $files[basename($path)] = (string) file_get_contents($path);
            }
            $name = (new KitReader())->read($files)->head->name;
            if (!Kit::query()->where('name', $name)->exists()) {
                $revision = ($this->import)($files, $userId);
                if ($name === 'Frost Bell') {
                    $this->library->load($revision, database_path('demo/library.json'));
                }
                $this->history->play($revision, "{$folder}/history", $userId);
                $this->stock->load($revision, $userId);
                if ($name === 'Frost Bell') {
                    $this->articles->load($revision->kit, $userId);
                }
            }
        }
        $this->offers->load($userId);
        // Letters that nobody has read yet, in the simulated mailbox.
        foreach (glob(database_path('letters/*.eml')) ?: [] as $path) {
            $this->mailbox->put((string) file_get_contents($path));
        }
    }
}
