<?php

declare(strict_types=1);

namespace App\Problems;

use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Zebrafinch\Core\Refusal;

final class Busy extends Refusal implements HasStatus, HttpExceptionInterface
{
    public static function already(): self
    {
        return new self('Something long is being worked out for you already.', 'Wait until it is done, then try again.');
    }

    public function kind(): string
    {
        return 'busy';
    }

    public function status(): int
    {
        return 429;
    }

    public function getStatusCode(): int
    {
        return $this->status();
    }

    /** @return array<string, string> */
    public function getHeaders(): array
    {
        return ['Retry-After' => '5'];
    }
}
