<?php

declare(strict_types=1);

namespace App\Queries\Shop;

use App\Actions\Shop\PublicAddress;
use App\Models\Shop;
use App\Support\FileStore;
use App\Support\LostFile;
use ChiralexAdapters\QrCode;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Print\Sender;

/** What of the shop stands on prints. It is asked for when a page is printed and kept nowhere. */
final readonly class Printed
{
    public function __construct(private FileStore $store) {}

    /**
     * @return ?PageCode null until the shop has an address that customers reach: no code leads nowhere
     * @throws UnusableProgram when no QR code can be made
     */
    public function code(string $token): ?PageCode
    {
        $page = PublicAddress::ours()?->page($token);

        return $page === null ? null : new PageCode(QrCode::svg($page), PublicAddress::inLetters($page));
    }

    public function sender(): Sender
    {
        $shop = Shop::ours();
        try {
            $logo = $shop->logo === null ? null : $this->store->get($shop->logo);
        } catch (LostFile) {
            $logo = null;
        }

        return new Sender($shop->name, $shop->address, $shop->email, $logo);
    }
}
