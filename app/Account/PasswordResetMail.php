<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\House;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Its link opens an account, so it waits in the queue closed. */
final class PasswordResetMail extends Mailable implements ShouldBeEncrypted
{
    use Queueable;

    public function __construct(private readonly string $person, private readonly string $link)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'A new password for '.House::current()->name);
    }

    public function content(): Content
    {
        return new Content(
            text: 'mail.password-reset',
            with: [
                'person' => $this->person,
                'link' => $this->link,
                'minutes' => config()->integer('auth.passwords.users.expire'),
            ],
        );
    }
}
