<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\Mail;
use App\Models\Shop;
use App\Support\FileStore;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A mail of ours as a message: plain text, its thread, a picture where one goes with it. */
final readonly class LetterFile
{
    public function __construct(private FileStore $store) {}

    public function of(Mail $mail): Email
    {
        $shop = Shop::ours();
        $email = (new Email())
            ->from(new Address($shop->email === '' ? 'shop@localhost' : $shop->email, $shop->name))
            ->to(new Address($mail->customer->email ?? 'nobody@localhost', $mail->customer->name))
            ->subject($mail->subject)
            ->date($mail->created_at)
            ->text($mail->body);
        if ($mail->message_id !== '') {
            $email->getHeaders()->addIdHeader('Message-ID', $mail->message_id);
        }
        if ($mail->in_reply_to !== '') {
            $email->getHeaders()->addIdHeader('In-Reply-To', $mail->in_reply_to);
            $email->getHeaders()->addIdHeader('References', $mail->in_reply_to);
        }
        if ($mail->picture !== null) {
            $email->attach($this->store->get($mail->picture), 'picture.png', 'image/png');
        }

        return $email;
    }
}
