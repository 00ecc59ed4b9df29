<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\Mail;
use App\Models\MailSettings;
use App\Models\MailStatus;
use Illuminate\Mail\MailManager;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Sends by the shop's own mail server (RFC 5321), through the framework. */
final readonly class SmtpMail implements MailOut
{
    private const SECONDS = 20;

    public function __construct(private MailManager $manager, private LetterFile $letter) {}

    public function send(Mail $mail): MailStatus
    {
        $settings = MailSettings::ours();
        try {
            $this->manager
                ->createSymfonyTransport([
                    'transport' => 'smtp',
                    'scheme' => $settings->smtp_security === 'tls' ? 'smtps' : 'smtp',
                    'host' => $settings->smtp_host,
                    'port' => $settings->smtp_port,
                    'username' => $settings->smtp_user === '' ? null : $settings->smtp_user,
                    'password' => $settings->smtp_password,
                    'timeout' => self::SECONDS,
                    'require_tls' => $settings->smtp_security === 'starttls',
                    'auto_tls' => $settings->smtp_security !== 'none',
                ])
                ->send($this->letter->of($mail));
        } catch (TransportExceptionInterface $fault) {
            throw MailFailure::send($settings->smtp_host, self::plain($fault->getMessage()));
        }

        return MailStatus::Sent;
    }

    /** No password of ours stands in what a server answers, yet its first line is enough. */
    private static function plain(string $said): string
    {
        return mb_substr(rtrim(trim(explode("\n", mb_scrub($said))[0]), '.'), 0, 160);
    }
}
