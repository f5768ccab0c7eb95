<?php

declare(strict_types=1);

namespace App\Person;

use App\Models\House;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Its link opens an account, so it waits in the queue closed. */
final class InvitationMail extends Mailable implements ShouldBeEncrypted
{
    use Queueable;

    public function __construct(private readonly string $person, private readonly string $link)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'Your account at '.House::current()->name);
    }

    public function content(): Content
    {
        return new Content(
            text: 'mail.invitation',
            with: [
                'person' => $this->person,
                'house' => House::current()->name,
                'link' => $this->link,
                'days' => Invitation::DAYS,
            ],
        );
    }
}
