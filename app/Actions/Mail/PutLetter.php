<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Devices\Mail\SimulatedMailbox;
use App\Models\Mail;
use App\Models\Shop;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A letter arrives in the simulated mailbox, as a customer would have written it. */
final readonly class PutLetter
{
    public function __construct(private SimulatedMailbox $box) {}

    /** @param array{name: string, email: string} $from */
    public function __invoke(array $from, string $subject, string $text, ?Mail $answers = null): void
    {
        $shop = Shop::ours();
        $email = (new Email())
            ->from(new Address($from['email'], $from['name']))
            ->to($shop->email === '' ? 'shop@localhost' : $shop->email)
            ->subject($subject)
            ->text($text);
        if ($answers !== null) {
            $email->getHeaders()->addIdHeader('In-Reply-To', $answers->message_id);
        }
        $this->box->put($email->toString());
    }
}
