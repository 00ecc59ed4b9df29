<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Actions\Sales\KnowCustomer;
use App\Models\Customer;
use Chiralex\Fault\Letter\LetterKind;
use ChiralexAdapters\Mail\ReadMail;

/** Who wrote a letter. Whose head speaks against its sender is taken for nobody we know: what others said and claimed stays theirs. */
final readonly class LetterSender
{
    public function __construct(private KnowCustomer $know) {}

    /** @return ?int the customer; null where no person wrote it, or nobody says who */
    public function of(ReadMail $mail, LetterKind $kind): ?int
    {
        if ($kind !== LetterKind::Letter || $mail->from['email'] === '') {
            return null;
        }
        $name = $mail->from['name'] === '' ? 'A builder' : $mail->from['name'];

        return in_array('from-doubtful', $mail->flags, true)
            ? Customer::query()->create([
                'name' => mb_substr($name, 0, 120),
                'email' => mb_substr($mail->from['email'], 0, 190),
            ])->id
            : ($this->know)($name, $mail->from['email'])->id;
    }
}
