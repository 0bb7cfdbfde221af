<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** That something waits, and where to sign in. Never who, nor what: mail is read by others. */
final class SomethingWaits extends Mailable
{
    public function envelope(): Envelope
    {
        return new Envelope(subject: 'Something waits for you');
    }

    public function content(): Content
    {
        return new Content(text: 'mail.something-waits', with: ['at' => url('/')]);
    }
}
