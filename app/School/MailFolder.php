<?php

declare(strict_types=1);

namespace App\School;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Keeps mails as files, for trying what would be sent. */
final class MailFolder extends AbstractTransport
{
    public function __construct(private readonly string $path)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        if (! is_dir($this->path)) {
            mkdir($this->path, 0700, true);
        }
        file_put_contents($this->path.'/'.now()->format('Ymd-His-u').'.eml', $message->toString());
    }

    public function __toString(): string
    {
        return "folder:$this->path";
    }
}
